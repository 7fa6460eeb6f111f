import { isMadeOnce } from '../mixing/mix-lasts.ts';
import { plannedMix } from '../supply/planned-mix.ts';
import type { MixUse, PlannedMix } from '../supply/planned-mix.ts';
import { StockShelf } from '../supply/stock-shelf.ts';
import type { LotUse } from '../supply/stock-shelf.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';
import { plainFilm } from '../wetting/plain-film.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { Stage } from '../treatment/stage.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { visitHours } from './visit-hours.ts';
import type { JoinedPhase } from './joined-phases.ts';
import { mixKind } from './mix-kind.ts';

/**
 * What is mixed in a visit, in the order of the surfaces, and what that takes of the lots on the shelf: of a kind and a strength one mix.
 * What lasts the day is made once; all else for each application, or for those that are worked as one.
 */
export function plannedMixes(
  surfaces: readonly PlannedSurface[],
  joined: readonly JoinedPhase[],
  survey: FacedSurvey,
  date: string | null,
): { readonly mixes: readonly PlannedMix[]; readonly lotUses: readonly LotUse[] } {
  const { wasteShare, sprayerLitres, gear } = survey.job.house;
  const hours = visitHours(surfaces, survey.job.house);
  const catalogue = survey.catalogue;
  const shelf = new StockShelf(survey.handbook.lots, catalogue, date);
  const together = firstOfJoined(joined);
  const shared = new Map<string, Map<string, MixUse[]>>();
  for (const planned of surfaces)
    for (const stage of planned.treatment?.stages ?? []) {
      if (!stage.apply) continue;
      const cycle = planned.cycles.find((c) => c.apply.id === stage.id);
      const use: MixUse = {
        stage,
        mistPasses: cycle?.front?.mistsEach ?? 0,
        wetFilm: cycle?.preWet ? filmAtFirstCoat(cycle, sorptivityOf(planned.surface, catalogue)) : 0,
      };
      const mix = `${mixKind(stage) ?? ''} ${stage.apply.strengthGramsPerLitre}`;
      const isOnce = isMadeOnce(catalogue.agent(stage.apply.agent), hours);
      const making = isOnce ? '' : (together.get(stage.id) ?? stage.id);
      const makings = shared.get(mix) ?? new Map<string, MixUse[]>();
      shared.set(mix, makings.set(making, [...(makings.get(making) ?? []), use]));
    }
  const mixes = [...shared.values()].flatMap(
    (makings) =>
      plannedMix({
        makings: [...makings.values()],
        wasteShare,
        gear: { ...gear, sprayerLitres },
        units: survey.job.units,
        catalogue,
        shelf,
      }) ?? [],
  );
  return { mixes, lotUses: shelf.uses() };
}

/** A strip is wetted right before it is applied: half of that has passed at its middle. */
function filmAtFirstCoat({ preWet, clocks, front }: WetCyclePlan, sorptivity: number): number {
  const waited = (60 * (front?.strips.apply ?? 0)) / 2;
  return plainFilm(clocks.lie, sorptivity, 60 * (preWet?.minutes ?? 0), waited);
}

/** Of stages that are done as one over several surfaces, the first. */
function firstOfJoined(joined: readonly JoinedPhase[]): ReadonlyMap<string, string> {
  return new Map(
    joined.flatMap(({ phases }) =>
      (phases[0]?.stages ?? []).flatMap((first: Stage, i) =>
        phases.flatMap(({ stages }) => (stages[i] ? [[stages[i].id, first.id] as const] : [])),
      ),
    ),
  );
}
