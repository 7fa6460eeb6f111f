import { say } from '../messages/message.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { CircularWait } from '../sequence/cluster-order.ts';
import { Contradiction } from '../sequence/contradiction.ts';
import { lowerBound } from '../sequence/lower-bound.ts';
import type { LowerBound } from '../sequence/lower-bound.ts';
import { NoPlace, TooManyPieces } from '../sequence/decode.ts';
import { FIRST_SCHEDULES, solve } from '../sequence/solve.ts';
import type { SolveOptions } from '../sequence/solve.ts';
import type { Schedule } from '../sequence/problem.ts';
import { listed } from '../quantity/words.ts';
import { machineCounts } from '../survey/job-detail.ts';
import { sprayerLoads } from '../visit/sprayer-loads.ts';
import { refillNotes, tooLongStops } from '../warnings/day-warnings.ts';
import { lateLeaverWarnings } from '../warnings/crew-warnings.ts';
import { lateNeutraliserWarnings } from '../warnings/neutraliser-warnings.ts';
import { rinsedSprayerWarnings } from '../warnings/sprayer-warnings.ts';
import { faced } from '../survey/face.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import type { Unsound } from '../judge/day-log.ts';
import { scheduleJudge } from './day-log.ts';
import { coverWarnings } from '../visit/protections.ts';
import { workingDay } from '../visit/working-day.ts';
import { refilledDay } from '../visit/refilled-day.ts';
import { visitWater } from '../visit/visit-water.ts';
import { waterWarnings } from '../visit/water-ways-out.ts';
import { warning } from '../warnings/warning.ts';
import type { Warning } from '../warnings/warning.ts';
import { ALONE_ALL_DAY } from '../wet-cycle/planned-surface.ts';
import type { WaysToWork } from '../wet-cycle/planned-surface.ts';
import { contradictionInWords } from './contradiction-words.ts';
import { decidedFronts, decidedWays, frontFaults } from './decided-fronts.ts';
import { derivationOf, derived } from './derivation.ts';
import type { DecidedVisit, Derivation } from './derivation.ts';
import { inGentleHours } from './in-gentle-hours.ts';
import { moreHands } from './more-hands.ts';

/** Better schedules follow each other fast: one is planned around once nothing better has come for so many moves. */
const MOVES_UNBETTERED = 40;

export interface Plan extends Derivation {
  readonly visit: (DecidedVisit & { readonly lowerBound: LowerBound; readonly gap: number }) | null;
}

export interface PlanOptions extends SolveOptions {
  /** The moment the plan speaks of, ISO 8601; the core has no clock. */
  readonly asOf: string;
}

/**
 * Ever better plans, the first as soon as there is a valid schedule; null after a move that brought no better one. The
 * caller owns the clock and may stop at any.
 * A survey that has nothing to order, or cannot be ordered, gives one plan without a visit.
 */
export function* betterPlans(survey: Survey, options: PlanOptions): Generator<Plan | null, void> {
  const faces = faced(survey);
  let isPlanned = false;
  let none: Plan | null = null;
  for (const candidate of plansFor(derivationOf(faces), faces, options)) {
    if (candidate && !candidate.visit) none ??= candidate;
    else isPlanned ||= candidate !== null;
    yield candidate?.visit ? candidate : null;
  }
  if (none && !isPlanned) yield stoppedByPins(none, survey, options);
}

/** Where there is a sequence without what is fixed, that is what it is stopped by. */
function stoppedByPins(stopped: Plan, survey: Survey, options: PlanOptions): Plan {
  const { house } = survey.job;
  const pins = house.pins ?? [];
  const isUnordered = stopped.warnings.some(({ rule }) => rule === 'no-sequence');
  if (!isUnordered || pins.length === 0) return stopped;
  const free = { ...survey, job: { ...survey.job, house: { ...house, pins: [] } } };
  if (!plan(free, { ...options, budget: 1 }).visit) return stopped;
  const fixed = warning('no-sequence/fixed', 'stop', { fixed: listed(pins.map(({ name }) => name)) });
  return { ...stopped, warnings: [...stopped.warnings.filter(({ rule }) => rule !== 'no-sequence'), fixed] };
}

/** The best plan found within the budget. */
export function plan(survey: Survey, options: PlanOptions): Plan {
  const found = [...betterPlans(survey, options)].findLast((candidate) => candidate !== null);
  if (!found) throw new Error('every survey gives a plan, if only one without a visit');
  return found;
}

/** Other ways to work a visit: null where they bring nothing. */
type OtherWay = (
  now: Derivation,
  derivedBy: (ways: WaysToWork) => Derivation,
) => Generator<null, Derivation | null>;
const OTHER_WAYS: readonly OtherWay[] = [moreHands, inGentleHours];

/**
 * With every front worked by one person at any hour, but where it is fixed otherwise, then by more, then in gentler hours, where the day gets shorter by it; which of them
 * it is their first schedules decide, and only that is searched on.
 */
function* plansFor(
  derivedBy: (ways?: WaysToWork) => Derivation,
  survey: FacedSurvey,
  options: PlanOptions,
): Generator<Plan | null, void> {
  const fixed = (survey.job.house.pins ?? []).flatMap(({ hands = [] }) => hands);
  const hands = new Map(fixed.map((one) => [one.cycle, one.hands]));
  let derivation = derivedBy({ ...ALONE_ALL_DAY, hands });
  let search = plansOf(derivation, survey, options);
  let best = yield* taken(search, FIRST_SCHEDULES);
  for (const otherWay of OTHER_WAYS) {
    const other = best?.visit ? yield* otherWay(derivation, derivedBy) : null;
    if (!other) continue;
    const searched = plansOf(other, survey, options);
    const found = yield* taken(searched, FIRST_SCHEDULES, best?.visit?.schedule.makespan ?? null);
    if (found) [derivation, search, best] = [other, searched, found];
  }
  yield* search;
}

/** The first so many moves of a search, of which only plans of days shorter than another are better, where there is one. @returns the best of them */
function* taken(
  search: Generator<Plan | null, void>,
  moves: number,
  shorterThan: number | null = null,
): Generator<Plan | null, Plan | null> {
  let best: Plan | null = null;
  for (let move = 0; move < moves; move += 1) {
    const { done, value: found } = search.next();
    if (done) break;
    // One that is stopped is no shorter day than one that was found.
    const isBetter =
      found !== null &&
      (shorterThan === null || (found.visit !== null && found.visit.schedule.makespan < shorterThan));
    if (isBetter) best = found;
    yield isBetter ? found : null;
  }
  return best;
}

function* plansOf(
  derivation: Derivation,
  survey: FacedSurvey,
  options: PlanOptions,
): Generator<Plan | null, void> {
  const { work, warnings } = derivation;
  if (work.problem.operations.length === 0 || warnings.some((w) => w.rule === 'drain-loop')) {
    yield { ...derivation, visit: null };
    return;
  }
  const stopped = (stop: Warning): Plan => ({
    ...derivation,
    warnings: [...derivation.warnings, stop],
    visit: null,
  });
  const judge = scheduleJudge(derivation, survey);
  const fronts = decidedFronts(derivation.surfaces);
  const unsound: Unsound[] = [];
  try {
    const bound = lowerBound(work.problem);
    const day = workingDay(survey);
    let shortest = Infinity;
    const planned = (searched: Schedule): Plan | null => {
      const water = visitWater(derivation, searched, survey);
      const { schedule, refills } = refilledDay(work.problem, searched, water, survey.job.house, day);
      const [fault] = judge(schedule);
      if (fault) unsound.push(fault);
      // What is shorter without its refills may be longer with them.
      if (fault || (refills.length > 0 && schedule.makespan >= shortest)) return null;
      shortest = schedule.makespan;
      const decided = refills.length > 0 ? { fronts, schedule, refills } : { fronts, schedule };
      return withSchedule(derivation, decided, bound, survey);
    };
    let move = 0;
    let better: { readonly schedule: Schedule; readonly move: number } | null = null;
    for (const schedule of solve(work.problem, options)) {
      move += 1;
      if (schedule) better = { schedule, move };
      if (better && (move <= FIRST_SCHEDULES || move - better.move >= MOVES_UNBETTERED)) {
        yield planned(better.schedule);
        better = null;
      } else yield null;
    }
    if (better) yield planned(better.schedule);
  } catch (error) {
    if (error instanceof TooManyPieces) {
      yield stopped(tooManyPieces(derivation));
      return;
    }
    const isUnsolvable = [NoPlace, CircularWait, Contradiction].some((kind) => error instanceof kind);
    if (!(error instanceof Error) || !isUnsolvable) throw error;
    const why = contradictionInWords(derivation, survey.job.house.dayStart);
    yield stopped(
      why === null
        ? warning('no-sequence', 'stop', { why: error.message })
        : warning('no-sequence/contradicts', 'stop', { why }),
    );
  }
  // Asked for only where no schedule was sound: one that was is the better plan.
  const [fault] = unsound;
  if (fault) yield stopped(unsoundStop(fault));
}

/** What falls into the most pieces, and why, with the way out. */
function tooManyPieces({ surfaces, work }: Derivation): Warning {
  const [worst] = surfaces
    .flatMap(({ surface, cycles }) =>
      cycles.map(({ front }) => ({ surface, sections: front?.pieces.length ?? 1 })),
    )
    .sort((a, b) => b.sections - a.sections);
  const pieces = work.problem.operations.length;
  return worst
    ? warning('too-many-pieces/worst', 'stop', {
        pieces,
        sections: worst.sections,
        place: worst.surface.name,
      })
    : warning('too-many-pieces', 'stop', { pieces });
}

/** The stop where no schedule was sound, with the way out. */
function unsoundStop({ rule, text: why }: Unsound): Warning {
  return warning(rule === 'mix' ? 'mix-outlived' : 'unsafe-sequence', 'stop', { why });
}

function withSchedule(
  derivation: Derivation,
  decided: DecidedVisit,
  bound: LowerBound,
  survey: FacedSurvey,
): Plan {
  const { makespan } = decided.schedule;
  return {
    ...derivation,
    warnings: [
      ...derivation.warnings,
      ...fewSprayers(derivation, decided.schedule, survey),
      ...lateLeaverWarnings(decided.schedule, survey.job.house),
      ...lateNeutraliserWarnings(derivation.work, decided.schedule, survey),
      ...coverWarnings(derivation, decided.schedule, survey),
      ...refillNotes(decided.refills ?? [], survey.job.house),
      ...waterWarnings(visitWater(derivation, decided.schedule, survey), survey),
      ...tooLongStops(makespan, workingDay(survey), survey.job.house),
    ],
    visit: { ...decided, lowerBound: bound, gap: bound.seconds > 0 ? makespan / bound.seconds - 1 : 0 },
  };
}

/** Of too few sprayers, where they are not too few already for what may never meet in one. */
function fewSprayers(derivation: Derivation, schedule: Schedule, { job }: FacedSurvey): readonly Warning[] {
  if (derivation.warnings.some(({ rule }) => rule === 'sprayer-opposed')) return [];
  const loads = sprayerLoads(derivation, schedule, machineCounts(job.house).sprayer);
  return rinsedSprayerWarnings(loads, derivation.surfaces, job.house);
}

/**
 * A plan around a schedule that was decided before: derived anew, judged and checked, never solved again.
 * @returns the plan and every rule that the schedule breaks now, the judge's first, each in words without a full stop
 */
export function planAround(
  survey: Survey,
  decided: DecidedVisit,
): { readonly plan: Plan; readonly violations: readonly { readonly rule: string; readonly text: string }[] } {
  const faces = faced(survey);
  const derivation = derived(faces, decidedWays(decided.fronts));
  const violations = [
    ...scheduleJudge(
      derivation,
      faces,
    )(decided.schedule).map(({ rule, text }) => ({
      rule,
      text: say('sequence/unsafe', { why: text }),
    })),
    ...[
      ...frontFaults(decided.fronts, derivation.surfaces),
      ...scheduleViolations(derivation.work.problem, decided.schedule),
    ].map(({ rule, text }) => ({ rule, text: say('sequence/broken', { why: text }) })),
  ];
  return { plan: withSchedule(derivation, decided, lowerBound(derivation.work.problem), faces), violations };
}
