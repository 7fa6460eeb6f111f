import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Act, EarlierWork, JudgedPlace, LogEntry, Unsound } from '../judge/day-log.ts';
import { judgedDay } from '../judge/day-judge.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Placement, Schedule } from '../sequence/problem.ts';
import { machineCounts } from '../survey/job-detail.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Stage } from '../treatment/stage.ts';
import type { Derivation } from './derivation.ts';
import { shareVessels } from '../visit/vessels.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import type { PlannedOperation } from '../visit/work-builder.ts';

const ACTS: Readonly<Record<Stage['kind'], Act>> = {
  clear: 'clear',
  'pre-wet': 'pre-wet',
  apply: 'apply',
  agitate: 'agitate',
  wash: 'wash',
  rinse: 'rinse',
  fill: 'fill',
  neutralise: 'neutralise',
  reading: 'read',
};

/** A schedule told as a flat log of what is done when, for who judges the day. */
export function dayLog(
  { surfaces, work }: Pick<Derivation, 'surfaces' | 'work'>,
  schedule: Schedule,
  survey: FacedSurvey,
): readonly LogEntry[] {
  const vessels = shareVessels(surfaces, machineCounts(survey.job.house).sprayer);
  const stages = new Map<string, { readonly stage: Stage; readonly step: number }>();
  for (const { treatment } of surfaces)
    (treatment?.stages ?? []).forEach((stage, step) => stages.set(stage.id, { stage, step }));
  const cycles = new Map(surfaces.flatMap((p) => p.cycles.map((cycle) => [cycle.id, cycle] as const)));
  const planned = new Map(work.planned.map((operation) => [operation.id, operation]));
  return schedule.placements.flatMap((placement) => {
    const operation = planned.get(placement.operation);
    if (!operation) return [];
    const own = operation.stages.flatMap((id) => stages.get(id) ?? []);
    const cycle = cycles.get(operation.cycle ?? '') ?? null;
    return entriesOf({ placement, operation, own, cycle, vessels });
  });
}

interface Told {
  readonly placement: Placement;
  readonly operation: PlannedOperation;
  readonly own: readonly { readonly stage: Stage; readonly step: number }[];
  readonly cycle: WetCyclePlan | null;
  readonly vessels: ReadonlyMap<string, string>;
}

function entriesOf(told: Told): readonly LogEntry[] {
  const { placement, operation, own, cycle } = told;
  const [first] = own;
  const common = plainEntry(told);
  switch (operation.task) {
    case 'set-out':
    case 'clear-up':
      return [common];
    case 'foot-rinse':
      return [{ ...common, act: 'rinse', wets: true }];
    case 'mix':
      return [
        { ...common, act: 'mix', agent: first?.stage.apply?.agent ?? null, mix: first?.stage.id ?? null },
      ];
    case 'mist':
      return first ? [{ ...stageEntry(told, first), act: 'mist' }] : [];
    case 'apply':
      return first ? [{ ...stageEntry(told, first), dwell: dwellOf(cycle) }] : [];
    case 'pre-wet':
    case 'work':
    case 'finish':
    case 'hands-on': {
      // Several stages of one operation follow each other in its time, each as long as its share of the work.
      const weights = own.map(({ stage }) => 1 / (stage.rate?.squareMetresPerHour ?? 1));
      const all = weights.reduce((sum, weight) => sum + weight, 0);
      const length = placement.finish - placement.start;
      let at = placement.start;
      return own.map((item, i) => {
        const to = i === own.length - 1 ? placement.finish : at + (length * (weights[i] ?? 0)) / all;
        const entry = { ...stageEntry(told, item), from: at, to };
        at = to;
        return entry;
      });
    }
  }
}

function plainEntry({ placement, operation }: Told): LogEntry {
  return {
    from: placement.start,
    to: placement.finish,
    people: [placement.person],
    surfaces: operation.surface === null ? [] : [operation.surface],
    share: operation.share,
    act: 'other',
    agent: null,
    mix: null,
    vessel: null,
    wets: false,
    step: null,
    cycle: operation.cycle,
    method: null,
    neutralises: [],
    dwell: null,
  };
}

function stageEntry(told: Told, { stage, step }: Told['own'][number]): LogEntry {
  const { apply, tool } = stage;
  const sprayed = apply !== null && tool !== null && CATALOGUE.tool(tool).machines.includes('sprayer');
  return {
    ...plainEntry(told),
    act: ACTS[stage.kind],
    agent: apply?.agent ?? null,
    mix: apply ? stage.id : null,
    vessel: sprayed ? (told.vessels.get(apply.agent) ?? null) : null,
    wets: isWet(stage) || stage.kind === 'apply',
    step,
    method: stage.method,
    neutralises: stage.neutralises,
  };
}

function dwellOf(cycle: WetCyclePlan | null): LogEntry['dwell'] {
  if (!cycle?.dwell || !cycle.window || cycle.mode !== 'watched') return null;
  return {
    leastSeconds: Math.floor(60 * cycle.dwell.fromMinutes),
    mostSeconds: Math.ceil(60 * cycle.dwell.latestMinutes),
    strips: cycle.window.strips,
  };
}

/**
 * Judges schedules of one derivation.
 * @returns for a schedule what is wrong with its day, the most dangerous first
 */
export function scheduleJudge(
  derivation: Pick<Derivation, 'surfaces' | 'work' | 'visits' | 'visitNumber'>,
  survey: FacedSurvey,
): (schedule: Schedule) => readonly Unsound[] {
  const place = judgedPlace(derivation, survey);
  return (schedule) => judgedDay(dayLog(derivation, schedule, survey), place);
}

/** What the day is judged by: the survey, and what was wetted on the visits before. */
export function judgedPlace(
  { visits, visitNumber }: Pick<Derivation, 'visits' | 'visitNumber'>,
  survey: FacedSurvey,
): JudgedPlace {
  const today = visits[visitNumber - 1]?.fromDay ?? 0;
  const earlier = visits
    .slice(0, visitNumber - 1)
    .flatMap(({ fromDay, parts }) =>
      parts.flatMap(({ surface, stages }) =>
        stages
          .filter(isWet)
          .map((stage): EarlierWork => ({ daysBefore: today - fromDay, surface, act: ACTS[stage.kind] })),
      ),
    );
  return {
    faces: survey.surfaces,
    windMetresPerSecond: survey.job.weather.windMetresPerSecond,
    catalogue: survey.catalogue,
    dayStartSeconds: secondOfDay(survey.job.house.dayStart),
    earlier,
  };
}
