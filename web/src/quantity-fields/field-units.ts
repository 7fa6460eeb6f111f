import { GRAMS_PER_OUNCE, LITRES_PER_US_GALLON, METRES_PER, PASCALS_PER_PSI } from '@etappe/core';
import type { UnitSystem } from '@etappe/core';

/** How a field shows what is kept in SI: shown value = kept value × scale. */
export interface FieldUnit {
  readonly unit: string;
  readonly scale: number;
}

const PASCALS_PER_BAR = 100_000;

/** Kept in litres. */
export function volumeUnit(units: UnitSystem): FieldUnit {
  return units === 'us' ? { unit: 'US gal', scale: 1 / LITRES_PER_US_GALLON } : { unit: 'L', scale: 1 };
}

/** Kept in litres per minute. */
export function flowUnit(units: UnitSystem): FieldUnit {
  const { unit, scale } = volumeUnit(units);
  return { unit: `${unit}/min`, scale };
}

/** Kept in metres. */
export function lengthUnit(units: UnitSystem): FieldUnit {
  return units === 'us' ? { unit: 'ft', scale: 1 / METRES_PER.ft } : { unit: 'm', scale: 1 };
}

/** Kept in millimetres. */
export function smallLengthUnit(units: UnitSystem): FieldUnit {
  return units === 'us' ? { unit: 'in', scale: METRES_PER.mm / METRES_PER.in } : { unit: 'mm', scale: 1 };
}

const OUNCES_PER_POUND = 16;

/** Kept in kilograms. */
export function massUnit(units: UnitSystem): FieldUnit {
  return units === 'us'
    ? { unit: 'lb', scale: 1000 / GRAMS_PER_OUNCE / OUNCES_PER_POUND }
    : { unit: 'kg', scale: 1 };
}

/** Kept in bar. */
export function pressureUnit(units: UnitSystem): FieldUnit {
  return units === 'us'
    ? { unit: 'psi', scale: PASCALS_PER_BAR / PASCALS_PER_PSI }
    : { unit: 'bar', scale: 1 };
}
