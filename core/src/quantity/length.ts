import type { UnitSystem } from './unit-system.ts';

/** Metres per unit, exact by definition (international yard and pound agreement, 1959). */
export const METRES_PER = { m: 1, cm: 0.01, mm: 0.001, ft: 0.3048, in: 0.0254, yd: 0.9144 } as const;
export type LengthUnit = keyof typeof METRES_PER;

/** The unit of a bare length in a unit system. */
export function lengthUnitOf(units: UnitSystem): LengthUnit {
  return units === 'us' ? 'ft' : 'm';
}
