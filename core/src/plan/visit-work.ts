import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { chemistryGuard } from '../protection/chemistry-guard.ts';
import type { ChemistryMeeting } from '../protection/chemistry-guard.ts';
import { faceOrder } from '../protection/face-order.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import { flowsOnto } from '../protection/run-off-paths.ts';
import type { SequenceProblem } from '../sequence/problem.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { JobDetail } from '../survey/job-detail.ts';
import { cycleGroup, untiedGroup } from './cycle-work.ts';
import { footRinse, splashesUp } from './foot-rinse.ts';
import type { RankedFace } from './guarded-faces.ts';
import type { PlannedSurface } from './planned-surface.ts';
import { WorkBuilder } from './work-builder.ts';
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

/** The whole visit as operations and lags: set out, every surface's chain in sections, gravity, clear up. */
export function visitWork(
  surfaces: readonly PlannedSurface[],
  guarded: readonly RankedFace[],
  { house }: Pick<JobDetail, 'house'>,
  protectionSeconds: ProtectionSeconds,
): VisitWork {
  const builder = new WorkBuilder();
  const people = house.crew.map((member) => member.id);
  const groups = new Map<string, readonly Group[]>();
  for (const planned of surfaces) {
    const list = surfaceGroups(builder, planned);
    if (list.length > 0) groups.set(planned.surface.id, list);
  }
  const { apart, footRinses, before } = bindByGravity(builder, surfaces, groups);
  const meetings = keepApart(builder, surfaces, guarded, groups, before);
  if (groups.size > 0) frameVisit(builder, people, groups, footRinses, protectionSeconds);
  return {
    planned: builder.planned,
    meetings,
    problem: {
      operations: builder.operations,
      lags: builder.lags,
      watches: builder.watches,
      dwells: builder.dwells,
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
  groups: ReadonlyMap<string, readonly Group[]>,
  footRinses: readonly string[],
  protectionSeconds: ProtectionSeconds,
): void {
  const seconds = TRADE_DEFAULTS.setOutSeconds + protectionSeconds.before / people.length;
  const all = [...groups.values()].flat();
  const planned = { surface: null, stages: [], cycle: null, section: null, areaSquareMetres: null };
  const setOut = people.map((person) =>
    builder.add(
      { id: `set-out.${person}`, cluster: `set-out.${person}`, seconds, zone: SITE, place: SITE, person },
      { task: 'set-out', ...planned },
    ),
  );
  builder.allAfter(
    all.flatMap((g) => g.first),
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
  const ends = [...groups.values()].flatMap((list) => list.at(-1)?.last ?? []);
  builder.allAfter(clearUp, [...ends, ...footRinses], 'uncover-last');
}

/** The chain of one surface, group after group; each waits for the one before. */
function surfaceGroups(builder: WorkBuilder, planned: PlannedSurface): readonly Group[] {
  if (!planned.treatment || planned.cycles.some((c) => c.unworkable)) return [];
  const zone = planned.surface.side ?? `${SITE}.${planned.surface.id}`;
  const groups: Group[] = [];
  const seen = new Set<number>();
  for (const stage of planned.treatment.stages) {
    if (stage.cycle !== null) {
      if (seen.has(stage.cycle)) continue;
      seen.add(stage.cycle);
      const cycle = planned.cycles.find((c) => c.apply.cycle === stage.cycle);
      if (cycle) groups.push(cycleGroup(builder, cycle, zone));
    } else {
      groups.push(untiedGroup(builder, stage, zone));
    }
    const [before, now] = [groups.at(-2), groups.at(-1)];
    if (before && now)
      builder.allAfter(
        now.first,
        before.last,
        'chain-order',
        stage.kind === 'reading' ? TRADE_DEFAULTS.neutraliserWorksSeconds : 0,
      );
  }
  return groups;
}

/**
 * Upper before lower: the lower one's last rinse follows every wet stage above. A leave-on above waits for the rinses
 * below that could splash it. Washed floors are followed by a rinse of wall feet.
 * @returns as well which face comes before which by all this
 */
function bindByGravity(
  builder: WorkBuilder,
  surfaces: readonly PlannedSurface[],
  groups: ReadonlyMap<string, readonly Group[]>,
): {
  readonly apart: readonly (readonly [string, string])[];
  readonly footRinses: readonly string[];
  readonly before: readonly (readonly [string, string])[];
} {
  const byId = new Map(surfaces.map((p) => [p.surface.id as string, p]));
  const apart: [string, string][] = [];
  const before: [string, string][] = [];
  const footRinses: string[] = [];
  for (const pair of surfacesAbove(surfaces.map((p) => p.surface))) {
    const [above, below] = [byId.get(pair.upper), byId.get(pair.lower)];
    const [upper, lower] = [groups.get(pair.upper), groups.get(pair.lower)];
    if (!above || !below || !lower) continue;
    const lowerEnd = lower.at(-1)?.last ?? [];
    if (splashesUp(above, below)) footRinses.push(footRinse(builder, above, lowerEnd));
    if (!upper) continue;
    if (pair.overhead) apart.push([pair.upper, pair.lower]);
    if (endsOnLeaveOn(above) && !endsOnLeaveOn(below)) {
      builder.allAfter(upper.at(-1)?.first ?? [], lowerEnd, 'leave-on-after-splashes');
      before.push([pair.lower, pair.upper]);
      continue;
    }
    builder.allAfter(lowerEnd, upper.at(-1)?.last ?? [], 'gravity');
    before.push([pair.upper, pair.lower]);
  }
  return { apart, footRinses, before };
}

/** Opposed chemistries that would meet are kept apart in time, by an order that gravity allows. */
function keepApart(
  builder: WorkBuilder,
  surfaces: readonly PlannedSurface[],
  guarded: readonly RankedFace[],
  groups: ReadonlyMap<string, readonly Group[]>,
  before: readonly (readonly [string, string])[],
): readonly ChemistryMeeting[] {
  const faces = new Map(guarded.filter((face) => groups.has(face.id)).map((face) => [face.id, face]));
  const order = faceOrder([...faces.values()], before);
  const inOrder = order.flatMap((id) => faces.get(id) ?? []);
  const guard = chemistryGuard(inOrder, flowsOnto(surfaces.map((p) => p.surface)));
  for (const { then, after, which } of guard.separations) {
    const earlier = groups.get(after);
    const waits = groups.get(then)?.[0]?.first ?? [];
    const until = which === 'end' ? (earlier?.at(-1)?.last ?? []) : (earlier?.[0]?.first.slice(0, 1) ?? []);
    builder.allAfter(waits, until, 'opposed-run-off');
  }
  return guard.meetings;
}

function endsOnLeaveOn(planned: PlannedSurface): boolean {
  return planned.treatment?.stages.at(-1)?.apply?.leaveOn ?? false;
}
