import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { ChemistryMeeting } from '../protection/chemistry-guard.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import type { Above } from '../protection/gravity.ts';
import { phaseId, phasesOf } from '../protection/work-phase.ts';
import type { WorkPhase } from '../protection/work-phase.ts';
import type { SequenceProblem } from '../sequence/problem.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { JobDetail } from '../survey/job-detail.ts';
import { cycleGroup, together, untiedGroup } from './cycle-work.ts';
import { footRinse } from './foot-rinse.ts';
import { splashesUp } from '../protection/splash.ts';
import type { KeptApart } from '../protection/kept-apart.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import { WHOLE, WorkBuilder } from './work-builder.ts';
import type { Group, PlannedOperation } from './work-builder.ts';

export interface VisitWork {
  readonly problem: SequenceProblem;
  readonly planned: readonly PlannedOperation[];
  /** Chemistries that would meet, and are kept apart. */
  readonly meetings: readonly ChemistryMeeting[];
}

const SITE = 'site';

/** Work of the crew for what stands beside the faces. */
export interface ProtectionSeconds {
  readonly before: number;
  readonly after: number;
}

/** The whole visit as operations and lags: set out, every surface's chain in fronts, gravity, clear up. */
export function visitWork(
  surfaces: readonly PlannedSurface[],
  kept: Pick<KeptApart, 'rules' | 'guardOf'>,
  { house, units }: Pick<JobDetail, 'house' | 'units'>,
  protectionSeconds: ProtectionSeconds,
): VisitWork {
  const builder = new WorkBuilder(units);
  const people = house.crew.map((member) => member.id);
  const phases = new Map<string, PhaseGroups>();
  for (const planned of surfaces)
    for (const phase of surfacePhases(builder, planned)) phases.set(phaseId(phase.phase), phase);
  for (const { first, then, rule } of kept.rules) {
    const [before, after] = [phases.get(phaseId(first)), phases.get(phaseId(then))];
    if (before && after) builder.allAfter(after.waits, before.ends, rule);
  }
  const above = surfacesAbove(surfaces.map((p) => p.surface));
  const footRinses = wallFeet(builder, surfaces, phases, above);
  const guard = kept.guardOf((phase) => phases.has(phase));
  for (const { then, after, which } of guard.separations) {
    const earlier = phases.get(after);
    const until = which === 'end' ? earlier?.ends : earlier?.waits.slice(0, 1);
    builder.allAfter(phases.get(then)?.waits ?? [], until ?? [], 'opposed-run-off');
  }
  const places = new Set(builder.operations.map((operation) => operation.place));
  const apart = above.flatMap(({ upper, lower, overhead }): [string, string][] =>
    overhead && places.has(upper) && places.has(lower) ? [[upper, lower]] : [],
  );
  if (phases.size > 0) frameVisit(builder, people, [...phases.values()], footRinses, protectionSeconds);
  return {
    planned: builder.planned,
    meetings: guard.meetings,
    problem: {
      operations: builder.operations,
      lags: builder.lags,
      watches: builder.watches,
      fronts: builder.fronts,
      apart,
      people,
      machines: machineCounts(house),
      watchesPerPerson: TRADE_DEFAULTS.watchesPerPerson,
    },
  };
}

function frameVisit(
  builder: WorkBuilder,
  people: readonly string[],
  phases: readonly PhaseGroups[],
  footRinses: readonly string[],
  protectionSeconds: ProtectionSeconds,
): void {
  const seconds = TRADE_DEFAULTS.setOutSeconds + protectionSeconds.before / people.length;
  const planned = {
    surface: null,
    stages: [],
    cycle: null,
    section: null,
    share: WHOLE,
    areaSquareMetres: null,
  };
  const setOut = people.map((person) =>
    builder.add(
      { id: `set-out.${person}`, cluster: `set-out.${person}`, seconds, zone: SITE, place: SITE, person },
      { task: 'set-out', ...planned },
    ),
  );
  builder.allAfter(
    phases.flatMap(({ groups }) => groups.flatMap((g) => g.first)),
    setOut,
    'protections-first',
  );
  const clearUp = people.map((person) =>
    builder.add(
      {
        id: `clear-up.${person}`,
        cluster: `clear-up.${person}`,
        seconds: TRADE_DEFAULTS.clearUpSeconds + protectionSeconds.after / people.length,
        zone: SITE,
        place: SITE,
        person,
      },
      { task: 'clear-up', ...planned },
    ),
  );
  const ends = phases.flatMap((phase) => phase.ends);
  builder.allAfter(clearUp, [...ends, ...footRinses], 'uncover-last');
}

/** A phase of the work on one face as groups that follow each other. */
interface PhaseGroups {
  readonly phase: WorkPhase;
  readonly groups: readonly Group[];
  /** What waits where the phase waits for others: its first wet work; dry work may come before. */
  readonly waits: readonly string[];
  readonly ends: readonly string[];
}

/** The chain of one surface in its phases, group after group; each waits for the one before. */
function surfacePhases(builder: WorkBuilder, planned: PlannedSurface): readonly PhaseGroups[] {
  if (!planned.treatment || planned.cycles.some((c) => c.unworkable)) return [];
  const zone = planned.surface.side ?? `${SITE}.${planned.surface.id}`;
  const phases = phasesOf(planned.treatment.stages);
  let before: Group | null = null;
  return (['wet', 'stays'] as const).flatMap((part): PhaseGroups[] => {
    const groups: Group[] = [];
    const seen = new Set<number>();
    for (const stages of together(phases[part])) {
      const [stage] = stages;
      const number = stage?.cycle ?? null;
      const cycle = planned.cycles.find((c) => number !== null && c.apply.cycle === number);
      // The stages of a cycle are one front.
      if (!stage || (number !== null && (!cycle || seen.has(number)))) continue;
      if (number !== null) seen.add(number);
      const now = cycle ? cycleGroup(builder, cycle, zone) : untiedGroup(builder, stages, zone);
      const works = stage.kind === 'reading' ? TRADE_DEFAULTS.neutraliserWorksSeconds : 0;
      if (before) builder.allAfter(now.first, before.last, 'chain-order', works);
      groups.push(now);
      before = now;
    }
    const last = groups.at(-1);
    if (!last) return [];
    const waits = (groups.find((group) => group.wet) ?? (part === 'stays' ? groups[0] : last) ?? last).first;
    return [{ phase: { face: planned.surface.id, part }, groups, waits, ends: last.last }];
  });
}

/**
 * Washed floors are followed by a rinse of the feet of walls that they splash: one a wall, after all wet work below it, and
 * before anything that must stay dry there.
 */
function wallFeet(
  builder: WorkBuilder,
  surfaces: readonly PlannedSurface[],
  phases: ReadonlyMap<string, PhaseGroups>,
  above: readonly Above[],
): readonly string[] {
  const byId = new Map(surfaces.map((p) => [p.surface.id as string, p]));
  const belowOf = new Map<string, string[]>();
  for (const { upper, lower } of above) {
    const below = belowOf.get(upper);
    if (below) below.push(lower);
    else belowOf.set(upper, [lower]);
  }
  return surfaces.flatMap((wall) => {
    const below = belowOf.get(wall.surface.id) ?? [];
    const splashed = below.some((id) => {
      const floor = byId.get(id);
      return floor && phases.has(id) && splashesUp(wall, floor);
    });
    if (!splashed) return [];
    const over = [...below, wall.surface.id as string];
    const wet = over.flatMap((id) => phases.get(phaseId({ face: id, part: 'wet' }))?.ends ?? []);
    const foot = footRinse(builder, wall, wet);
    const dry = over.flatMap((id) => phases.get(phaseId({ face: id, part: 'stays' }))?.waits ?? []);
    builder.allAfter(dry, [foot], 'stays-dry');
    return [foot];
  });
}
