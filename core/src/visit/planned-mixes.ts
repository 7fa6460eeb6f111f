import { plannedMix } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { StockShelf } from '../supply/stock-shelf.ts';
import type { LotUse } from '../supply/stock-shelf.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';
import { plainFilm } from '../wetting/plain-film.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import type { JoinedPhase } from './joined-phases.ts';

/**
 * What is mixed in a visit, in the order of the surfaces, and what that takes of the lots on the shelf. What is worked as one is mixed
 * as one.
 */
export function plannedMixes(
  surfaces: readonly PlannedSurface[],
  joined: readonly JoinedPhase[],
  survey: FacedSurvey,
  date: string | null,
): { readonly mixes: readonly PlannedMix[]; readonly lotUses: readonly LotUse[] } {
  const { wasteShare, sprayerLitres, gear } = survey.job.house;
  const catalogue = survey.catalogue;
  const shared = sharedStages(joined);
  const shelf = new StockShelf(survey.handbook.lots, catalogue, date);
  const mixes = surfaces.flatMap((planned) =>
    (planned.treatment?.stages ?? []).flatMap((stage) => {
      const [first = stage, ...more] = shared.get(stage.id) ?? [stage];
      if (first !== stage) return [];
      const cycle = planned.cycles.find((c) => c.apply.id === stage.id);
      const mix = plannedMix({
        stage,
        more,
        mistPasses: cycle?.front?.mistsEach ?? 0,
        wasteShare,
        gear: { ...gear, sprayerLitres },
        units: survey.job.units,
        catalogue,
        shelf,
        wetFilm: cycle?.preWet ? filmAtFirstCoat(cycle, sorptivityOf(planned.surface, catalogue)) : 0,
      });
      return mix ? [mix] : [];
    }),
  );
  return { mixes, lotUses: shelf.uses() };
}

/** A strip is wetted right before it is applied: half of that has passed at its middle. */
function filmAtFirstCoat({ preWet, clocks, front }: WetCyclePlan, sorptivity: number): number {
  const waited = (60 * (front?.strips.apply ?? 0)) / 2;
  return plainFilm(clocks.lie, sorptivity, 60 * (preWet?.minutes ?? 0), waited);
}

/** Like stages on the surfaces of each joined phase, by the id of each of them. */
function sharedStages(joined: readonly JoinedPhase[]): ReadonlyMap<string, readonly Stage[]> {
  return new Map(
    joined.flatMap(({ phases }) =>
      (phases[0]?.stages ?? []).flatMap((_, i) => {
        const alike = phases.flatMap(({ stages }) => stages[i] ?? []);
        return alike.map((stage) => [stage.id, alike] as const);
      }),
    ),
  );
}
