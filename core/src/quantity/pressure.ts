import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

/** Pascals per pound-force per square inch. */
export const PASCALS_PER_PSI = 6894.757;

export const BAR_PER_PSI = PASCALS_PER_PSI / 100_000;

/** Pressure of a pump or in a hose. @example formatPumpPressure(165, 'us') // "2393 psi" */
export function formatPumpPressure(bar: number, units: UnitSystem): string {
  return units === 'us' ? `${decimal(bar / BAR_PER_PSI, 0)} psi` : `${decimal(bar, 0)} bar`;
}

/** Mean pressure of a jet on the surface. @example formatJetPressure(2.5, 'us') // "0.36 psi" */
export function formatJetPressure(kilopascals: number, units: UnitSystem): string {
  return units === 'us'
    ? `${decimal((kilopascals * 1000) / PASCALS_PER_PSI, 2)} psi`
    : `${decimal(kilopascals, 1)} kPa`;
}
