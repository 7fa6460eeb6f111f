import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Surface } from '../survey/surface.ts';

/** Steeper than this and no steeper than its counterpart a surface is worked standing before it. */
const WALL_DEGREES = { from: 60, to: 120 } as const;
/** Flatter than this water stays about where it is put. */
const SLOPE_DEGREES = 2;

/** How the strips of a surface lie. */
export interface StripLay {
  /** Of a strip that is one metre wide. */
  readonly squareMetresPerMetre: number;
  /**
   * How many strips stand one above the other: the rinse of the upper runs over the lower, so they are worked from the low end up and
   * rinsed clear in the end. One where they lie side by side.
   */
  readonly lifts: number;
}

/**
 * Walls in strips of full height, side by side; floors and roofs in strips as long as one goes at once. Where a slope is longer than
 * that they come one above the other.
 *
 * @example stripLay(roof of 35°, foot 3 m, top 7 m, 60 m²) // { squareMetresPerMetre: 3.5, lifts: 2 }: the slope is 7 m long
 */
export function stripLay(
  { tiltDegrees, topMetres, footMetres }: Pick<Surface, 'tiltDegrees' | 'topMetres' | 'footMetres'>,
  areaSquareMetres: number,
): StripLay {
  const height = topMetres - footMetres;
  const isWall = tiltDegrees >= WALL_DEGREES.from && tiltDegrees <= WALL_DEGREES.to;
  if (isWall && height > 0) return { squareMetresPerMetre: height, lifts: 1 };
  const { longestFloorStripMetres: longest } = TRADE_DEFAULTS;
  const square = Math.sqrt(areaSquareMetres);
  if (isWall || tiltDegrees < SLOPE_DEGREES || tiltDegrees > WALL_DEGREES.to)
    return { squareMetresPerMetre: Math.min(longest, square), lifts: 1 };
  const slope = height > 0 ? height / Math.sin((tiltDegrees * Math.PI) / 180) : square;
  const lifts = Math.max(1, Math.ceil(slope / longest - 1e-6));
  return { squareMetresPerMetre: slope / lifts, lifts };
}
