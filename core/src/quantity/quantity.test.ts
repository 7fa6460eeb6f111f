import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { lengthUnitOf } from './length.ts';
import {
  formatArea,
  formatAreaRate,
  formatFlow,
  formatJetPressure,
  formatLength,
  formatMass,
  formatStandOff,
  formatVolume,
} from './shown-quantity.ts';
import { formatGramsPerLitre } from './concentration.ts';
import { clockTime, formatDuration, secondOfDay } from './duration.ts';
import { decimal } from './numbers.ts';
import { roundToStep, roundUpToStep } from './rounding.ts';

describe('figures are shown with their unit', () => {
  it.each([
    [formatArea(43.5, 'metric'), '43.5 m²'],
    [formatArea(43.5, 'us'), '468 sq ft'],
    [formatAreaRate(100, 'metric'), '100 m²/h'],
    [formatLength(3.7084, 'us'), '12.2 ft'],
    [formatLength(3.7084, 'metric'), '3.71 m'],
    [formatStandOff(0.2, 'metric'), '20 cm'],
    [formatStandOff(0.2, 'us'), '8 in'],
    [formatVolume(4.8, 'metric'), '4.8 L'],
    [formatVolume(0.031, 'metric'), '31 mL'],
    [formatVolume(20, 'us'), '5.28 US gal'],
    [formatVolume(0.12, 'us'), '4 US fl oz'],
    [formatFlow(14, 'metric'), '14 L/min'],
    [formatFlow(14, 'us'), '3.7 US gal/min'],
    [formatMass(990, 'metric'), '990 g'],
    [formatMass(1250, 'metric'), '1.25 kg'],
    [formatMass(990, 'us'), '2.18 lb'],
    [formatMass(100, 'us'), '3.5 oz'],
    [formatJetPressure(2.5, 'metric'), '2.5 kPa'],
    [formatJetPressure(2.5, 'us'), '0.36 psi'],
    [formatGramsPerLitre(10), '10 g/L (1 % w/v)'],
  ])('%s', (shown, expected) => {
    expect(shown).toBe(expected);
  });

  it('in the unit that the job counts in', () => {
    expect([lengthUnitOf('metric'), lengthUnitOf('us')]).toEqual(['m', 'ft']);
  });
});

describe('times', () => {
  it.each([
    [20, 'under 1 min'],
    [45, '1 min'],
    [0, '0 min'],
    [60, '1 min'],
    [5400, '1 h 30 min'],
    [7200, '2 h'],
    [3599, '1 h'],
  ])('%p s is %s', (seconds, expected) => {
    expect(formatDuration(seconds)).toBe(expected);
  });

  it('of day count on past midnight, so that an overlong day shows', () => {
    expect(clockTime(29_400)).toBe('08:10:00');
    expect(clockTime(90_600)).toBe('25:10:00');
    expect(clockTime(secondOfDay('06:30'))).toBe('06:30:00');
  });
});

describe('rounding to a declared step', () => {
  it('leaves no binary dust', () => {
    expect(roundToStep(0.1 + 0.2, 0.1)).toBe(0.3);
    expect(roundToStep(34.3199, 0.1)).toBe(34.3);
    expect(roundToStep(-2.5, 1)).toBe(-3);
    expect(roundToStep(985, 10)).toBe(990);
  });

  it('upwards always suffices and never by a whole step', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1e4, noNaN: true }),
        fc.constantFrom(0.1, 0.01, 1, 5),
        (value, step) => {
          const rounded = roundUpToStep(value, step);
          expect(rounded).toBeGreaterThanOrEqual(value - 1e-6);
          expect(rounded - value).toBeLessThan(step + 1e-6);
        },
      ),
    );
  });

  it('is the same whichever last bit a machine computes', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.001, max: 1e4, noNaN: true }), (value) => {
        const near = value * (1 + Number.EPSILON);
        fc.pre(Math.abs((value / 0.1) % 1) < 0.49 || Math.abs((value / 0.1) % 1) > 0.51);
        expect(roundToStep(near, 0.1)).toBe(roundToStep(value, 0.1));
      }),
    );
  });

  it('short decimals drop what says nothing', () => {
    expect([decimal(10, 2), decimal(0.5, 2), decimal(1.005, 1), decimal(100, 0)]).toEqual([
      '10',
      '0.5',
      '1',
      '100',
    ]);
  });
});
