import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Way } from '../sequence/problem.ts';
import type { Side } from '../survey/side.ts';

/**
 * What it takes to go over from one side of the property to another with hose and tools, where both ways from the vehicle were paced: put
 * down and taken up, and carried the shorter way, round the property in walking order or past the vehicle. Sides that nobody has paced
 * are no stop on the way.
 * @param overSeconds the company's time for a side whose way is not known
 * @example sideWays([{ id: 'front', routeMetres: 5, … }, { id: 'back', routeMetres: 30, … }], 120) // 60 s and 25 m at 0.5 m/s: 110 s
 */
export function sideWays(
  sides: readonly Pick<Side, 'id' | 'position' | 'routeMetres'>[],
  overSeconds: number,
): readonly Way[] {
  const paced = [...sides]
    .sort((a, b) => a.position - b.position)
    .flatMap(({ id, routeMetres }) => (routeMetres === null ? [] : [{ id: id, metres: routeMetres }]));
  const { carriedMetresPerSecond, takenOverShare } = TRADE_DEFAULTS;
  return paced.flatMap((from, i) =>
    paced.slice(i + 1).map((to, k): Way => {
      const between = paced.slice(i, i + k + 2);
      const rest = [...paced.slice(i + k + 1), ...paced.slice(0, i + 1)];
      const metres = Math.min(from.metres + to.metres, walked(between), walked(rest));
      const seconds = Math.round(takenOverShare * overSeconds + metres / carriedMetresPerSecond);
      return { between: [from.id, to.id], seconds };
    }),
  );
}

/** From side to side: as much as their ways from the vehicle differ, m. */
function walked(sides: readonly { readonly metres: number }[]): number {
  return sides.slice(1).reduce((sum, { metres }, i) => sum + Math.abs(metres - (sides[i]?.metres ?? 0)), 0);
}
