import { kept } from '../quantity/kept.ts';
import { keptList } from './kept-list.ts';
import { BANDS } from './surface.ts';
import type { Surface } from './surface.ts';

type Draining = Pick<Surface, 'id' | 'side' | 'band' | 'drainsOnto'>;

/** Where water goes next from each place. */
export type Paths = ReadonlyMap<string, ReadonlySet<string>>;

/**
 * Where the water of each surface goes next: onto the surfaces and features that it names; where it names none, onto
 * what stands in a lower band of the same side.
 * @returns ids without loops, given that the survey's run-off has none
 */
export function flowsOnto(surfaces: readonly Draining[]): Paths {
  return flowing(keptList(surfaces));
}

const flowing = kept((surfaces: readonly Draining[]): Paths => {
  const onto = new Map(surfaces.map((s) => [s.id as string, new Set<string>(s.drainsOnto)]));
  for (const upper of surfaces) {
    if (upper.drainsOnto.length > 0 || upper.side === null) continue;
    for (const lower of surfaces) {
      const below = lower.side === upper.side && BANDS.indexOf(lower.band) > BANDS.indexOf(upper.band);
      if (below && !isReached(upper.id, lower.id, onto)) onto.get(upper.id)?.add(lower.id);
    }
  }
  return onto;
});

/** Everything that water from a place comes to, over any number of surfaces; not the place itself, but in a loop. */
export const reachedFrom = kept((onto: Paths, from: string): ReadonlySet<string> => {
  const seen = new Set<string>();
  const open = [...(onto.get(from) ?? [])];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(onto.get(id) ?? []));
  }
  return seen;
});

/** Whether water from one place comes to another, by paths that are still being laid. */
function isReached(place: string, from: string, onto: Paths): boolean {
  const seen = new Set<string>();
  const open = [...(onto.get(from) ?? [])];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (id === place) return true;
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(onto.get(id) ?? []));
  }
  return false;
}

/**
 * Where the water of each surface may come next, for what must never meet: as {@link flowsOnto}, but what stands in a lower band
 * is left out only where it names a way up again. May hold loops: nothing is put in order by it.
 */
export function mayFlowOnto(surfaces: readonly Draining[]): Paths {
  return mayFlow(keptList(surfaces));
}

const mayFlow = kept((surfaces: readonly Draining[]): Paths => {
  const named = new Map(surfaces.map((s) => [s.id as string, new Set<string>(s.drainsOnto)]));
  return new Map(
    surfaces.map((upper) => {
      if (upper.drainsOnto.length > 0 || upper.side === null) return [upper.id, new Set(upper.drainsOnto)];
      const lower = surfaces.filter(
        (s) =>
          s.side === upper.side &&
          BANDS.indexOf(s.band) > BANDS.indexOf(upper.band) &&
          !reachedFrom(named, s.id).has(upper.id),
      );
      return [upper.id, new Set<string>(lower.map((s) => s.id))];
    }),
  );
});

/** Which faces and features share their water: the same word for all whose run-off comes together anywhere. */
export function basins(surfaces: readonly Draining[]): ReadonlyMap<string, string> {
  return basinsOf(keptList(surfaces));
}

const basinsOf = kept((surfaces: readonly Draining[]): ReadonlyMap<string, string> => {
  const root = new Map<string, string>();
  const rootOf = (id: string): string => {
    const up = root.get(id) ?? id;
    if (up === id) return id;
    const top = rootOf(up);
    root.set(id, top);
    return top;
  };
  for (const [id, next] of flowsOnto(surfaces)) for (const other of next) root.set(rootOf(other), rootOf(id));
  return new Map(surfaces.map(({ id }) => [id, rootOf(id)]));
});
