import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

/** Pascals per pound-force per square inch. */
export const PASCALS_PER_PSI = 6894.757;

/** Mean pressure of a jet on the surface. @example formatJetPressure(2.5, 'us') // "0.36 psi" */
export function formatJetPressure(kilopascals: number, units: UnitSystem): string {
  return units === 'us'
    ? `${decimal((kilopascals * 1000) / PASCALS_PER_PSI, 2)} psi`
    : `${decimal(kilopascals, 1)} kPa`;
}
