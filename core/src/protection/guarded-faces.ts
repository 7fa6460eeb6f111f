import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { GuardedFace, Touch } from './chemistry-guard.ts';
import { surfacesAbove } from './gravity.ts';
import { neighboursOf } from '../survey/neighbours.ts';
import { splashesOnto } from './splash.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/**
 * The faces that are treated, each with the agents that come onto it and the faces that it touches otherwise than by its
 * run-off: those beside it, the wall feet that its washing splashes, and in a wind its neighbours on the same side.
 */
export function guardedFaces(
  surfaces: readonly TreatedSurface[],
  windMetresPerSecond: number,
): readonly GuardedFace[] {
  const byId = new Map(surfaces.map((p) => [p.surface.id as string, p]));
  const above = new Map<string, string[]>();
  for (const { upper, lower } of surfacesAbove(surfaces.map((p) => p.surface)))
    above.set(lower, [...(above.get(lower) ?? []), upper]);
  const bySide = sidesOf(surfaces);
  const sameSide = ({ surface }: TreatedSurface) =>
    (bySide.get(surface.side ?? '') ?? []).filter((other) => other.surface !== surface);
  /** Walls that stand at a washed floor: on its side, wherever their own water runs, or above it by their run-off. */
  const splashed = (floor: TreatedSurface): readonly Touch[] => {
    if (!floor.treatment?.stages.some((s) => s.kind === 'wash')) return [];
    const over = (above.get(floor.surface.id) ?? []).flatMap((upper) => byId.get(upper) ?? []);
    return [...new Set([...over, ...sameSide(floor)])]
      .filter((wall) => splashesOnto(wall, floor))
      .map((wall) => ({ face: wall.surface.id, how: 'splash' }));
  };
  const beside = neighboursOf(surfaces.map((p) => p.surface));
  const drifts = windMetresPerSecond > TRADE_DEFAULTS.driftReachMetresPerSecond;
  return surfaces.map((planned) => {
    const { surface } = planned;
    const downwind =
      drifts && isSprayed(planned)
        ? sameSide(planned).map((other): Touch => ({ face: other.surface.id, how: 'drift' }))
        : [];
    return {
      id: surface.id,
      agents: agentsOn(planned).map(CATALOGUE.agent),
      touches: [
        ...[...(beside.get(surface.id) ?? [])].map((face): Touch => ({ face, how: 'beside' })),
        ...splashed(planned),
        ...downwind,
      ],
    };
  });
}

function agentsOn({ treatment }: TreatedSurface): readonly string[] {
  return [...new Set((treatment?.stages ?? []).flatMap((s) => (s.apply ? [s.apply.agent] : [])))];
}

function isSprayed({ treatment }: TreatedSurface): boolean {
  return (treatment?.stages ?? []).some(
    (s) => s.apply && s.tool !== null && CATALOGUE.tool(s.tool).machines.includes('sprayer'),
  );
}

function sidesOf(surfaces: readonly TreatedSurface[]): ReadonlyMap<string, readonly TreatedSurface[]> {
  const sides = new Map<string, TreatedSurface[]>();
  for (const planned of surfaces) {
    const { side } = planned.surface;
    if (side === null) continue;
    const list = sides.get(side);
    if (list) list.push(planned);
    else sides.set(side, [planned]);
  }
  return sides;
}
