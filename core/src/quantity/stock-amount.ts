import { formatMass } from './mass.ts';
import type { UnitSystem } from './unit-system.ts';
import { formatVolume } from './volume.ts';

/** An amount of a product: litres of a liquid, kilograms of a powder. @example formatStock(0.54, 'kg', 'metric') // "540 g" */
export function formatStock(amount: number, unit: 'L' | 'kg', units: UnitSystem): string {
  return unit === 'L' ? formatVolume(amount, units) : formatMass(1000 * amount, units);
}
