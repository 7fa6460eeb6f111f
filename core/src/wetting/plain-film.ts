import { RETAINED } from './wet-window.ts';
import type { Lie } from './wet-window.ts';

const KINEMATIC_VISCOSITY = 1e-6; // m²/s, water at 20 °C
const GRAVITY = 9.81; // m/s²
const WATER_DENSITY = 1000; // kg/m³
/** Height at which the thinning film of a wall is looked at, m. */
const HEIGHT_METRES = 1;

/**
 * Plain water that still stands on a face some time after it was wetted: what it retains, less what the pores took; on a
 * smooth wall it thins as √(νz/gt).
 * @param preWetSeconds how long it was wetted, s
 * @param seconds since, s
 * @returns kg/m²
 * @example plainFilm('smooth-wall', 0, 0, 300) // 0.018
 */
export function plainFilm(lie: Lie, sorptivity: number, preWetSeconds: number, seconds: number): number {
  const smooth = lie === 'smooth-wall' || lie === 'smooth-wall-clinging';
  const start = smooth ? RETAINED['smooth-wall'] : RETAINED[lie];
  const thinned =
    smooth && seconds > 0
      ? WATER_DENSITY * Math.sqrt((KINEMATIC_VISCOSITY * HEIGHT_METRES) / (GRAVITY * seconds))
      : Infinity;
  const drunk = sorptivity * (Math.sqrt(preWetSeconds + seconds) - Math.sqrt(preWetSeconds));
  return Math.max(0, Math.min(start, thinned) - drunk);
}
