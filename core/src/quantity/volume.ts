import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

/** Litres per US gallon and US fluid ounce, exact. */
export const LITRES_PER_US_GALLON = 3.785411784;
export const LITRES_PER_US_FLUID_OUNCE = LITRES_PER_US_GALLON / 128;

/** A flow. @example formatFlow(14, 'us') // "3.7 US gal/min" */
export function formatFlow(litresPerMinute: number, units: UnitSystem): string {
  return units === 'us'
    ? `${decimal(litresPerMinute / LITRES_PER_US_GALLON, 2)} US gal/min`
    : `${decimal(litresPerMinute, 1)} L/min`;
}

/** @example formatVolume(4.8, 'metric') // "4.8 L" */
export function formatVolume(litres: number, units: UnitSystem): string {
  if (units === 'us') {
    return litres < LITRES_PER_US_GALLON / 2
      ? `${decimal(litres / LITRES_PER_US_FLUID_OUNCE, 0)} US fl oz`
      : `${decimal(litres / LITRES_PER_US_GALLON, 2)} US gal`;
  }
  return litres < 0.1 ? `${decimal(litres * 1000, 0)} mL` : `${decimal(litres, 2)} L`;
}
