import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { BANDS } from '../survey/surface.ts';
import type { Surface } from '../survey/surface.ts';

/** An upper surface whose water runs over a lower one. */
export interface Above {
  readonly upper: string;
  readonly lower: string;
  /** Work on the upper is overhead for whoever stands at the lower. */
  readonly overhead: boolean;
}

/**
 * Which surface stands above which: along run-off over any number of surfaces, and by height band on one side where a
 * surface does not say where it drains.
 * @returns pairs without loops, given that run-off has none
 */
export function surfacesAbove(surfaces: readonly Surface[]): readonly Above[] {
  const byId = new Map(surfaces.map((s) => [s.id as string, s]));
  const onto = new Map(
    surfaces.map((s) => [s.id as string, new Set(s.drainsOnto.filter((id) => byId.has(id)) as string[])]),
  );
  for (const upper of surfaces) {
    if (upper.drainsOnto.length > 0 || upper.side === null) continue;
    for (const lower of surfaces) {
      const below = lower.side === upper.side && BANDS.indexOf(lower.band) > BANDS.indexOf(upper.band);
      if (below && !runsDownTo(onto, lower.id, upper.id)) onto.get(upper.id)?.add(lower.id);
    }
  }
  return surfaces.flatMap((upper) =>
    [...reached(onto, upper.id)].map((lowerId): Above => {
      const lower = byId.get(lowerId);
      return {
        upper: upper.id,
        lower: lowerId,
        overhead: upper.topMetres - (lower?.topMetres ?? 0) > TRADE_DEFAULTS.overheadMetres,
      };
    }),
  );
}

function reached(onto: ReadonlyMap<string, ReadonlySet<string>>, from: string): ReadonlySet<string> {
  const seen = new Set<string>();
  const open = [...(onto.get(from) ?? [])];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(onto.get(id) ?? []));
  }
  return seen;
}

function runsDownTo(onto: ReadonlyMap<string, ReadonlySet<string>>, from: string, to: string): boolean {
  return reached(onto, from).has(to);
}
