import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { kept } from '../quantity/kept.ts';
import { keptList } from '../survey/kept-list.ts';
import type { Surface } from '../survey/surface.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';

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
  return above(keptList(surfaces));
}

const above = kept((surfaces: readonly Surface[]): readonly Above[] => {
  const byId = new Map(surfaces.map((s) => [s.id as string, s]));
  const onto = flowsOnto(surfaces);
  return surfaces.flatMap((upper) =>
    [...reachedFrom(onto, upper.id)].flatMap((lowerId): Above[] => {
      const lower = byId.get(lowerId);
      return lower
        ? [
            {
              upper: upper.id,
              lower: lowerId,
              overhead: upper.topMetres - lower.topMetres > TRADE_DEFAULTS.overheadMetres,
            },
          ]
        : [];
    }),
  );
});
