import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { pumpMatch } from './pump-match.ts';
import { jetDose, leastStandOff, tipsWithin } from './stand-off.ts';
import { surfacePressure } from './surface-pressure.ts';

const PUMP = { litresPerMinute: 15, ratedPsi: 2600 };

describe('pump and nozzle', () => {
  it('of 15 L/min through 3.5 open the unloader, through two of 2.5 match', () => {
    const small = pumpMatch(PUMP, 3.5, 'us');
    expect(small).toMatchObject({ standing: 'unloader', psi: 2600, fittingOrifice: 5 });
    expect(small.text).toContain('would need 5128 psi, the pump gives 2600 psi');
    const pair = pumpMatch(PUMP, 5);
    expect(pair.standing).toBe('matched');
    expect(pair.psi).toBeCloseTo(2513, 0);
    expect(pumpMatch(PUMP, 8).standing).toBe('weak');
  });

  it('never run a pump above its rating, nor let more out than it gives', () => {
    const pump = fc.record({
      litresPerMinute: fc.integer({ min: 5, max: 40 }),
      ratedPsi: fc.integer({ min: 500, max: 4500 }),
    });
    fc.assert(
      fc.property(pump, fc.double({ min: 0.5, max: 20, noNaN: true }), (given, orifice) => {
        const match = pumpMatch(given, orifice);
        expect(match.psi).toBeLessThanOrEqual(given.ratedPsi + 1e-6);
        expect(match.litresPerMinute).toBeLessThanOrEqual(given.litresPerMinute + 1e-6);
        expect(pumpMatch(given, match.fittingOrifice).standing).not.toBe('unloader');
      }),
    );
  });

  it('are refused without a flow', () => {
    expect(() => pumpMatch({ ...PUMP, litresPerMinute: 0 }, 3)).toThrow(
      'flow of the pump 0 L/min must be above 0 L/min',
    );
  });
});

describe('distance and tip', () => {
  it('keep a jet within what a face allows, to the centimetre', () => {
    const jet = { orifice: 3.5, nozzles: 1, psi: 2400, fanDegrees: 25 };
    const least = leastStandOff(jet, 22) ?? 0;
    expect(surfacePressure({ ...jet, standOffMetres: least })).toBeLessThanOrEqual(22);
    expect(surfacePressure({ ...jet, standOffMetres: least - 0.01 })).toBeGreaterThan(22);
    expect(leastStandOff({ ...jet, fanDegrees: 0 }, 2.5)).toBeNull();
    expect(() => leastStandOff(jet, 0)).toThrow('jet limit 0 kPa must be above 0 kPa');
  });

  it('grow as the limit falls, whatever the tip', () => {
    const jet = fc.record({
      orifice: fc.constantFrom(2, 3.5, 5),
      nozzles: fc.constant(1),
      psi: fc.integer({ min: 300, max: 3500 }),
      fanDegrees: fc.constantFrom(15, 25, 40),
    });
    fc.assert(
      fc.property(jet, fc.double({ min: 1, max: 200, noNaN: true }), (tip, limit) => {
        const [strict, lax] = [leastStandOff(tip, limit), leastStandOff(tip, limit * 1.5)];
        if (strict !== null) expect(lax ?? Infinity).toBeLessThanOrEqual(strict);
      }),
    );
  });

  it('offer the widest strip first, and nothing where no tip is gentle enough', () => {
    const tips = tipsWithin(3.5, 2400, 60);
    expect(tips.map((t) => t.fanDegrees)).toEqual([40, 25, 15]);
    for (const tip of tips) expect(tip.kilopascal).toBeLessThanOrEqual(60);
    expect(tipsWithin(3.5, 2400, 1)).toEqual([]);
  });

  it('strike harder by a rotating tip than by the mean of its cone, and the dose falls with the pace', () => {
    const cone = { orifice: 3.5, nozzles: 1, psi: 2400, fanDegrees: 20, standOffMetres: 0.3 };
    expect(surfacePressure({ ...cone, rotatingFactor: 12 })).toBeCloseTo(
      12 * surfacePressure({ ...cone, rotatingFactor: 1 }),
      6,
    );
    const fan = { ...cone, fanDegrees: 25, standOffMetres: 0.2 };
    expect(jetDose(fan, 12)).toBeCloseTo(jetDose(fan, 6) / 2, 9);
    expect(jetDose({ ...fan, barMetres: 0.5 }, 12)).toBeLessThan(jetDose(fan, 12));
    // 10.3 L/min at 165 bar are 2.8 kW, over 0.5 m at 12 m/min.
    expect(jetDose({ ...fan, barMetres: 0.5 }, 12)).toBeCloseTo(((10.26 / 60_000) * 165.5e5) / 0.1 / 1000, 0);
    expect(() => jetDose(fan, 0)).toThrow('pace 0 m/min must be above 0 m/min');
  });
});
