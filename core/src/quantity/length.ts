import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

/** Metres per unit, exact by definition (international yard and pound agreement, 1959). */
export const METRES_PER = { m: 1, cm: 0.01, mm: 0.001, ft: 0.3048, in: 0.0254, yd: 0.9144 } as const;
export type LengthUnit = keyof typeof METRES_PER;

/** The unit of a bare length in a unit system. */
export function lengthUnitOf(units: UnitSystem): LengthUnit {
  return units === 'us' ? 'ft' : 'm';
}

/** @example formatLength(3.7084, 'us') // "12.2 ft" */
export function formatLength(metres: number, units: UnitSystem): string {
  return units === 'us' ? `${decimal(metres / METRES_PER.ft, 1)} ft` : `${decimal(metres, 2)} m`;
}

/** Short lengths such as a stand-off: centimetres or inches. */
export function formatStandOff(metres: number, units: UnitSystem): string {
  return units === 'us' ? `${decimal(metres / METRES_PER.in, 0)} in` : `${decimal(metres * 100, 0)} cm`;
}
