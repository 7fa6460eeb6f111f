import { describe, expect, it } from '@jest/globals';
import { formatFlow, formatLength, formatMass, formatPumpPressure, formatVolume } from '@etappe/core';
import { flowUnit, lengthUnit, massUnit, pressureUnit, smallLengthUnit, volumeUnit } from './field-units.ts';
import type { FieldUnit } from './field-units.ts';

const ALL = [volumeUnit, flowUnit, lengthUnit, smallLengthUnit, massUnit, pressureUnit];

describe('the units of fields', () => {
  it('show in metric what is kept, as it is', () => {
    expect(ALL.map((unit) => unit('metric').unit)).toEqual(['L', 'L/min', 'm', 'mm', 'kg', 'bar']);
    for (const unit of ALL) expect(unit('metric').scale).toBe(1);
  });

  it('show published conversions in US customary', () => {
    const shown = ({ unit, scale }: FieldUnit, kept: number) => `${(kept * scale).toFixed(3)} ${unit}`;
    expect(shown(volumeUnit('us'), 3.785411784)).toBe('1.000 US gal');
    expect(shown(flowUnit('us'), 37.85411784)).toBe('10.000 US gal/min');
    expect(shown(lengthUnit('us'), 3.048)).toBe('10.000 ft');
    expect(shown(smallLengthUnit('us'), 25.4)).toBe('1.000 in');
    expect(shown(massUnit('us'), 0.45359237)).toBe('1.000 lb');
    expect(shown(pressureUnit('us'), 6.894757293)).toBe('100.000 psi');
  });

  it('are those in which the same figures are told elsewhere', () => {
    const told = [
      [formatVolume(400, 'us'), volumeUnit('us'), 400],
      [formatFlow(15, 'us'), flowUnit('us'), 15],
      [formatLength(9, 'us'), lengthUnit('us'), 9],
      [formatMass(5000, 'us'), massUnit('us'), 5],
      [formatPumpPressure(165, 'us'), pressureUnit('us'), 165],
    ] as const;
    for (const [text, { unit, scale }, kept] of told) {
      expect(text.endsWith(` ${unit}`)).toBe(true);
      const figure = Number(text.slice(0, -unit.length).replace(/[^\d.]/g, ''));
      // Told figures are rounded, to a hundredth of them at most.
      expect(Math.abs(figure - kept * scale)).toBeLessThanOrEqual(0.01 * figure);
    }
  });
});
