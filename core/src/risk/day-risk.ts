import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { roundsInWords } from '../order/rounds-in-words.ts';
import type { NamedRound } from '../order/rounds-in-words.ts';
import type { Plan } from '../plan/plan.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { workingDay } from '../visit/working-day.ts';
import { executedDays, quantile } from './executed-day.ts';

/** How sure a planned day is. All times in s from its start. */
export interface DayRisk {
  readonly runs: number;
  readonly plannedSeconds: number;
  /** By then half of all such days have ended, and nine in ten. */
  readonly likelySeconds: number;
  readonly cautiousSeconds: number;
  /** Of such days those that take longer than the working day, 0 to 1. */
  readonly tooLongChance: number;
  readonly daySeconds: number;
  /** Ends of days in equal steps of time: where each step begins, and the share of days that end in it. */
  readonly spread: readonly { readonly from: number; readonly to: number; readonly share: number }[];
  /** On what the end of the day hangs most, the most first; on how many of the days. */
  readonly hangsOn: readonly { readonly round: NamedRound; readonly share: number }[];
  /** Surfaces that are rinsed or misted late on more than one day in a hundred. */
  readonly late: readonly { readonly surface: string; readonly name: string; readonly chance: number }[];
  /** What is planned before hours in which it may not go on, and on so many of the days comes too late for that and waits. */
  readonly missed: readonly {
    readonly round: NamedRound;
    readonly chance: number;
    readonly lastStart: number;
  }[];
  /** Where another pair of hands moves the cautious end most; null where that is less than a few minutes. */
  readonly help: { readonly round: NamedRound; readonly earlierSeconds: number } | null;
}

const RUNS = 2000;
const SEED = 1;
const STEPS = 32;
const MOST_SHOWN = 5;

/** The day of a plan worked many times, with how far the company's work strays from its times; null where it has no visit. */
export function dayRisk(plan: Plan, survey: Survey): DayRisk | null {
  const { visit, work } = plan;
  if (!visit) return null;
  const { catalogue } = faced(survey);
  const share = (weight: string) => catalogue.weight(weight).value / 100;
  const tasks = new Map(work.planned.map(({ id, task }) => [id, task]));
  const [own, frame] = [share('spread-work'), share('spread-frame')];
  const spreadOf = (id: string): number => {
    const task = tasks.get(id);
    if (task === 'lunch') return 0;
    return task === 'set-out' || task === 'clear-up' ? frame : own;
  };
  // A neutraliser that stands some minutes longer is as good.
  const counts = (rule: string) => rule !== 'mix-before-apply';
  const isPause = (id: string) => tasks.get(id) === 'lunch';
  const options = {
    runs: RUNS,
    seed: SEED,
    spreadOf,
    daySpread: share('spread-day'),
    weatherSpread: share('spread-weather'),
    isPause,
    counts,
    graceShare: TRADE_DEFAULTS.lateGraceShare,
  };
  const days = executedDays(work.problem, visit.schedule, options);
  const cautious = quantile(days.finishes, 0.9);
  const { to: daySeconds } = workingDay(survey);
  const hangsOn = roundsInWords(plan)
    .map((round) => ({ round, share: shareOf(round, days.critical, RUNS) }))
    .filter((one) => one.share > 0)
    .sort((a, b) => b.share - a.share)
    .slice(0, MOST_SHOWN);
  const helped = hangsOn
    .filter(({ round }) => round.operations.some(({ task }) => task !== 'lunch'))
    .map(({ round }) => {
      const ids = new Set(round.operations.map(({ id }) => id));
      const factorOf = (id: string) => (ids.has(id) ? TRADE_DEFAULTS.helpedFactor : 1);
      const { finishes } = executedDays(work.problem, visit.schedule, { ...options, factorOf });
      return { round, earlierSeconds: cautious - quantile(finishes, 0.9) };
    })
    .sort((a, b) => b.earlierSeconds - a.earlierSeconds);
  const [help = null] = helped;
  return {
    runs: RUNS,
    plannedSeconds: visit.schedule.makespan,
    likelySeconds: quantile(days.finishes, 0.5),
    cautiousSeconds: cautious,
    tooLongChance: days.finishes.filter((at) => at > daySeconds).length / RUNS,
    daySeconds,
    spread: spreadOver(days.finishes),
    hangsOn,
    late: lateSurfaces(plan, days.late, RUNS),
    missed: missedHours(plan, days.missed, RUNS),
    help: help && help.earlierSeconds >= TRADE_DEFAULTS.helpfulSeconds ? help : null,
  };
}

function shareOf({ operations }: NamedRound, critical: ReadonlyMap<string, number>, runs: number): number {
  return Math.max(0, ...operations.map(({ id }) => critical.get(id) ?? 0)) / runs;
}

/** Rounds that hold something with hours of its own, by how often it comes too late for them. */
function missedHours(plan: Plan, missed: ReadonlyMap<string, number>, runs: number): DayRisk['missed'] {
  const operations = new Map(plan.work.problem.operations.map((operation) => [operation.id, operation]));
  const placed = new Map(plan.visit?.schedule.placements.map((one) => [one.operation, one.start]));
  return roundsInWords(plan)
    .flatMap((round) => {
      const [worst] = round.operations
        .filter(({ task }) => task === 'work' || task === 'front' || task === 'finish' || task === 'follow')
        .map(({ id }) => ({ id, chance: (missed.get(id) ?? 0) / runs }))
        .sort((a, b) => b.chance - a.chance);
      if (!worst || worst.chance <= TRADE_DEFAULTS.lateWorthTelling) return [];
      const start = placed.get(worst.id) ?? 0;
      const hours = operations.get(worst.id)?.starts?.find(({ from, to }) => from <= start && start <= to);
      return [{ round, chance: worst.chance, lastStart: hours?.to ?? start }];
    })
    .sort((a, b) => b.chance - a.chance);
}

/** By surface, the greatest chance of what is worked there. */
function lateSurfaces(
  { work, surfaces }: Plan,
  late: ReadonlyMap<string, number>,
  runs: number,
): DayRisk['late'] {
  const partsOf = new Map(work.planned.map(({ id, parts }) => [id, parts.map(({ surface }) => surface)]));
  const ofFront = new Map(
    work.problem.fronts.map(({ id, strips }) => [
      id,
      partsOf.get(strips[0]?.apply[0]?.operation ?? '') ?? [],
    ]),
  );
  const chances = new Map<string, number>();
  for (const [key, count] of late)
    for (const surface of ofFront.get(key) ?? partsOf.get(key) ?? [])
      chances.set(surface, Math.max(chances.get(surface) ?? 0, count / runs));
  return surfaces
    .flatMap(({ surface }) => {
      const chance = chances.get(surface.id) ?? 0;
      return chance > TRADE_DEFAULTS.lateWorthTelling
        ? [{ surface: surface.id, name: surface.name, chance }]
        : [];
    })
    .sort((a, b) => b.chance - a.chance);
}

/** Between the first and the last hundredth. */
function spreadOver(finishes: Float64Array): DayRisk['spread'] {
  const [from, to] = [quantile(finishes, 0.005), quantile(finishes, 0.995)];
  const width = Math.max(1, (to - from) / STEPS);
  const counts = Array.from({ length: STEPS }, () => 0);
  for (const at of finishes) {
    const step = Math.floor((at - from) / width);
    if (step >= 0 && step < STEPS) counts[step] = (counts[step] ?? 0) + 1;
  }
  return counts.map((count, i) => ({
    from: from + i * width,
    to: from + (i + 1) * width,
    share: count / finishes.length,
  }));
}
