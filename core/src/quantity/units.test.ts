import { describe, expect, it } from '@jest/globals';
import { formatFlow, formatLength, formatMass, formatPumpPressure, formatVolume } from './shown-quantity.ts';
import { unitOf } from './units.ts';
import type { Unit } from './units.ts';

const TYPED = ['volume', 'flow', 'length', 'smallLength', 'mass', 'pumpPressure'] as const;

describe('units', () => {
  it('of fields show in metric what is kept, as it is', () => {
    const typed = TYPED.map((measured) => unitOf(measured, 'metric'));
    expect(typed.map(({ unit }) => unit)).toEqual(['L', 'L/min', 'm', 'mm', 'kg', 'bar']);
    expect(typed.map(({ scale }) => scale)).toEqual([1, 1, 1, 1, 1, 1]);
  });

  it('are published conversions in US customary', () => {
    const shown = ({ unit, scale }: Unit, kept: number) => `${(kept * scale).toFixed(3)} ${unit}`;
    expect(shown(unitOf('volume', 'us'), 3.785411784)).toBe('1.000 US gal');
    expect(shown(unitOf('flow', 'us'), 37.85411784)).toBe('10.000 US gal/min');
    expect(shown(unitOf('length', 'us'), 3.048)).toBe('10.000 ft');
    expect(shown(unitOf('smallLength', 'us'), 25.4)).toBe('1.000 in');
    expect(shown(unitOf('mass', 'us'), 0.45359237)).toBe('1.000 lb');
    expect(shown(unitOf('pumpPressure', 'us'), 6.894757293)).toBe('100.000 psi');
  });

  it('of fields are those in which the same figures are told elsewhere', () => {
    const told = [
      [formatVolume(400, 'us'), unitOf('volume', 'us'), 400],
      [formatFlow(15, 'us'), unitOf('flow', 'us'), 15],
      [formatLength(9, 'us'), unitOf('length', 'us'), 9],
      [formatMass(5000, 'us'), unitOf('mass', 'us'), 5],
      [formatPumpPressure(165, 'us'), unitOf('pumpPressure', 'us'), 165],
    ] as const;
    for (const [text, { unit, scale }, kept] of told) {
      expect(text.endsWith(` ${unit}`)).toBe(true);
      const figure = Number(text.slice(0, -unit.length).replace(/[^\d.]/g, ''));
      // Told figures are rounded, to a hundredth of them at most.
      expect(Math.abs(figure - kept * scale)).toBeLessThanOrEqual(0.01 * figure);
    }
  });
});
