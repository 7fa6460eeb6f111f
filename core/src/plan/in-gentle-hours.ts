import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { HourRange } from '../wet-cycle/hour-range.ts';
import type { PlannedSurface, WaysToWork } from '../wet-cycle/planned-surface.ts';
import { decidedFronts, decidedWays } from './decided-fronts.ts';
import type { Derivation } from './derivation.ts';

/**
 * The faces that go so much faster in their gentler hours that it is worth keeping to them, with fronts as large as those bear: the south
 * wall before ten, the east one in the afternoon. Gives way to the caller before each derivation.
 *
 * @returns null where no face does
 */
export function* inGentleHours(
  now: Derivation,
  derivedBy: (ways: WaysToWork) => Derivation,
): Generator<null, Derivation | null> {
  const ways = decidedWays(decidedFronts(now.surfaces));
  const tried = hoursOf(now.surfaces);
  if (tried.size === 0) return null;
  yield null;
  const gentler = new Map(derivedBy({ ...ways, hours: tried }).surfaces.map((p) => [p.surface.id, p]));
  const worthIt = now.surfaces.filter((surface) => {
    const other = gentler.get(surface.surface.id);
    return other && minutes(surface) - minutes(other) >= TRADE_DEFAULTS.gentleGainMinutes;
  });
  if (worthIt.length === 0) return null;
  yield null;
  return derivedBy({ ...ways, hours: hoursOf(worthIt) });
}

function hoursOf(surfaces: readonly PlannedSurface[]): ReadonlyMap<string, HourRange> {
  return new Map(
    surfaces.flatMap(({ cycles, gentle }) =>
      gentle ? cycles.flatMap(({ id, front }) => (front ? [[id, gentle] as const] : [])) : [],
    ),
  );
}

const minutes = ({ cycles }: PlannedSurface) => cycles.reduce((sum, cycle) => sum + cycle.minutes, 0);
