import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

export const GRAMS_PER_OUNCE = 28.349523125;

/** @example formatMass(1250, 'metric') // "1.25 kg" */
export function formatMass(grams: number, units: UnitSystem): string {
  if (units === 'us') {
    return grams < GRAMS_PER_OUNCE * 16
      ? `${decimal(grams / GRAMS_PER_OUNCE, 1)} oz`
      : `${decimal(grams / GRAMS_PER_OUNCE / 16, 2)} lb`;
  }
  return grams < 1000 ? `${decimal(grams, 0)} g` : `${decimal(grams / 1000, 2)} kg`;
}
