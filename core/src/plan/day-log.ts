import { kept } from '../quantity/kept.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Act, EarlierWork, JudgedPlace, LogEntry, Unsound } from '../judge/day-log.ts';
import { judgedDay } from '../judge/day-judge.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Placement, Schedule, StripSpan, WorkedFront } from '../sequence/problem.ts';
import { machineCounts } from '../survey/job-detail.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Stage } from '../treatment/stage.ts';
import type { Derivation } from './derivation.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import { stageSeconds } from '../visit/stage-seconds.ts';
import { makingTimes } from '../visit/making-times.ts';
import type { PersonShare } from '../visit/share-out.ts';
import { sprayerLoads, sprayerUse } from '../visit/sprayer-loads.ts';
import { WHOLE } from '../visit/work-builder.ts';
import type { OperationPart, PlannedOperation } from '../visit/work-builder.ts';

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
  { surfaces, work, mixes }: Pick<Derivation, 'surfaces' | 'work' | 'mixes'>,
  schedule: Schedule,
  survey: FacedSurvey,
): readonly LogEntry[] {
  const { names: vessels } = sprayerLoads(
    { surfaces, mixes, work },
    schedule,
    machineCounts(survey.job.house).sprayer,
  );
  const shares = new Map(work.shares.map((share) => [share.person, share]));
  const stages = new Map<string, StageStep>();
  for (const { treatment } of surfaces)
    (treatment?.stages ?? []).forEach((stage, step) => stages.set(stage.id, { stage, step }));
  const mixOf = new Map(
    mixes.flatMap((mix) => applicationsOf(mix).map(({ stage }) => [stage, mix.stage] as const)),
  );
  const planned = new Map(work.planned.map((operation) => [operation.id, operation]));
  const placed = new Map(schedule.placements.map((placement) => [placement.operation, placement]));
  const told = kept((id: string): readonly Told[] => {
    const [operation, placement] = [planned.get(id), placed.get(id)];
    if (!operation || !placement) return [];
    const own = operation.stages.flatMap((stage) => stages.get(stage) ?? []);
    const common = { placement, operation, mixOf, vessels, share: shares.get(placement.person) ?? null };
    if (operation.parts.length === 0) return [{ ...common, part: null, own }];
    return operation.parts.map((part) => ({
      ...common,
      part,
      own: own.filter(({ stage }) => stage.surface === part.surface),
    }));
  });
  const fronts = work.problem.fronts.flatMap((front) => frontEntries(front, told));
  return [...schedule.placements.flatMap(({ operation }) => entriesOf(told(operation))), ...fronts];
}

/** A front as it is worked: each strip applied, misted and finished by whoever is at it then. */
function frontEntries(
  front: WorkedFront,
  toldOf: (operation: string) => readonly Told[],
): readonly LogEntry[] {
  const partOf = (operation: string) => toldOf(operation).find(({ part }) => part?.cycle === front.cycle);
  const [first] = front.strips;
  const whole = partOf(first?.apply[0]?.operation ?? '')?.part?.share;
  if (!whole) return [];
  const width = (whole.to - whole.from) / front.strips.length;
  return front.strips.flatMap((strip, i) => {
    const share = { from: whole.from + i * width, to: whole.from + (i + 1) * width };
    const told = (spans: readonly StripSpan[], wanted: (stage: Stage) => boolean): readonly LogEntry[] => {
      const one = partOf(spans[0]?.operation ?? '');
      if (!one?.part) return [];
      const own = one.own.filter(({ stage }) => wanted(stage));
      const at = one.placement.start;
      return inTurn(
        { ...one, own, part: { ...one.part, share } },
        spans.map(({ from, to }) => ({ from: at + from, to: at + to })),
      );
    };
    const isApplied = ({ kind }: Stage) => kind === 'apply' || kind === 'pre-wet';
    const dwell = { leastSeconds: front.leastSeconds, mostSeconds: front.mostSeconds, strips: 1 };
    return [
      ...told(strip.apply, isApplied).map((entry) => (entry.act === 'apply' ? { ...entry, dwell } : entry)),
      ...strip.mists.flatMap((mist) =>
        told([mist], ({ kind }) => kind === 'apply').map((entry): LogEntry => ({ ...entry, act: 'mist' })),
      ),
      ...told(strip.finish, (stage) => !isApplied(stage)),
    ];
  });
}

/** Several stages on one piece follow each other in its time, each as long as its share of the work; a reading ends it. */
function inTurn(
  told: Told,
  spans: readonly { readonly from: number; readonly to: number }[],
): readonly LogEntry[] {
  const { own } = told;
  const weights = own.map(({ stage }) => stageSeconds(stage));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  const length = spans.reduce((sum, { from, to }) => sum + to - from, 0);
  let done = 0;
  return own.flatMap((item, i) => {
    const until = i === own.length - 1 ? length : done + (length * (weights[i] ?? 0)) / all;
    const entries = cut(spans, done, until).map((span) => ({ ...stageEntry(told, item), ...span }));
    done = until;
    return entries;
  });
}

/** What lies between two amounts of work in spans that follow each other. */
function cut(
  spans: readonly { readonly from: number; readonly to: number }[],
  done: number,
  until: number,
): readonly { readonly from: number; readonly to: number }[] {
  let passed = 0;
  return spans.flatMap(({ from, to }) => {
    const [begins, ends] = [Math.max(from, from + done - passed), Math.min(to, from + until - passed)];
    passed += to - from;
    return ends > begins ? [{ from: begins, to: ends }] : [];
  });
}

interface StageStep {
  readonly stage: Stage;
  readonly step: number;
}

/** What an operation does on one of its surfaces. */
interface Told {
  readonly placement: Placement;
  readonly operation: PlannedOperation;
  /** Null for the whole site. */
  readonly part: OperationPart | null;
  readonly own: readonly StageStep[];
  readonly mixOf: ReadonlyMap<string, string>;
  /** What the person sets out, makes and clears up. */
  readonly share: PersonShare | null;
  readonly vessels: ReadonlyMap<string, string>;
}

/** All but fronts. */
function entriesOf(parts: readonly Told[]): readonly LogEntry[] {
  const [told] = parts;
  if (!told) return [];
  const { placement, operation, own } = told;
  const common = plainEntry(told);
  switch (operation.task) {
    case 'set-out':
      return setOutEntries(told, common);
    case 'clear-up':
    case 'lunch':
    case 'stand':
      return [common];
    case 'foot-rinse':
    case 'clear-rinse':
      return [{ ...common, act: 'rinse', wets: true }];
    case 'mix': {
      const stage = own[0]?.stage;
      const surfaces = parts.flatMap(({ part }) => part?.surface ?? []);
      const [mix = null] = operation.mixes ?? [];
      return [{ ...common, surfaces, act: 'mix', agent: stage?.apply?.agent ?? null, mix }];
    }
    case 'work':
      return oneAfterTheOther(parts, placement);
    case 'apply':
    case 'finish':
    case 'front':
    case 'lead':
    case 'follow':
      return [];
  }
}

/** Setting out, and at its end what lasts the day is made. */
function setOutEntries({ placement, share }: Told, common: LogEntry): readonly LogEntry[] {
  const made = share ? makingTimes(share, placement) : [];
  return [
    { ...common, to: made[0]?.from ?? common.to },
    ...made.map(({ mix, from, to }): LogEntry => ({
      ...common,
      from,
      to,
      act: 'mix',
      agent: mix.agent,
      mix: mix.stage,
    })),
  ];
}

/** Surfaces in their turn, each for as long as its share of the work. */
function oneAfterTheOther(parts: readonly Told[], { start, finish }: Placement): readonly LogEntry[] {
  const weights = parts.map(({ own }) => own.reduce((sum, { stage }) => sum + stageSeconds(stage), 0));
  const all = weights.reduce((sum, weight) => sum + weight, 0);
  let from = start;
  return parts.flatMap((told, i) => {
    const to = i === parts.length - 1 ? finish : from + ((finish - start) * (weights[i] ?? 0)) / all;
    const entries = inTurn(told, [{ from, to }]);
    from = to;
    return entries;
  });
}

function plainEntry({ placement, part }: Told): LogEntry {
  return {
    from: placement.start,
    to: placement.finish,
    people: [placement.person],
    surfaces: part === null ? [] : [part.surface],
    share: part?.share ?? WHOLE,
    act: 'other',
    agent: null,
    mix: null,
    vessel: null,
    wets: false,
    step: null,
    cycle: part?.cycle ?? null,
    method: null,
    neutralises: [],
    dwell: null,
  };
}

function stageEntry(told: Told, { stage, step }: StageStep): LogEntry {
  const { apply, tool } = stage;
  const sprayed = apply !== null && tool !== null && CATALOGUE.tool(tool).machines.includes('sprayer');
  return {
    ...plainEntry(told),
    act: ACTS[stage.kind],
    agent: apply?.agent ?? null,
    mix: apply ? (told.mixOf.get(stage.id) ?? null) : null,
    vessel: sprayed ? (told.vessels.get(sprayerUse(told.operation.id, apply.agent)) ?? null) : null,
    wets: isWet(stage) || stage.kind === 'apply',
    step,
    method: stage.method,
    neutralises: stage.neutralises,
  };
}

/**
 * Judges schedules of one derivation.
 * @returns for a schedule what is wrong with its day, the most dangerous first
 */
export function scheduleJudge(
  derivation: Pick<Derivation, 'surfaces' | 'work' | 'mixes' | 'visits' | 'visitNumber'>,
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
