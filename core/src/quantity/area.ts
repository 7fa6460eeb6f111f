import { METRES_PER } from './length.ts';
import { decimal } from './rounding.ts';
import type { UnitSystem } from './unit-system.ts';

const SQUARE_METRES_PER_SQUARE_FOOT = METRES_PER.ft ** 2;

/** @example formatArea(43.5, 'metric') // "43.5 m²" */
export function formatArea(squareMetres: number, units: UnitSystem): string {
  return units === 'us'
    ? `${decimal(squareMetres / SQUARE_METRES_PER_SQUARE_FOOT, 0)} sq ft`
    : `${decimal(squareMetres, 1)} m²`;
}

/** An area rate given per hour. @example formatAreaRate(100, 'metric') // "100 m²/h" */
export function formatAreaRate(squareMetresPerHour: number, units: UnitSystem): string {
  return `${formatArea(squareMetresPerHour, units)}/h`;
}
