import type { Stage } from '../treatment/stage.ts';

/** One person, over all of it. */
export function stageSeconds({ rate, areaSquareMetres, minutes }: Stage): number {
  return rate ? (3600 * areaSquareMetres) / rate.squareMetresPerHour : 60 * (minutes ?? 1);
}
