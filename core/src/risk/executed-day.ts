import type { Schedule, SequenceProblem } from '../sequence/problem.ts';
import { seededRandom } from '../sequence/seeded-random.ts';
import { compiledDay } from './compiled-day.ts';
import type { DayReading, Step } from './compiled-day.ts';

/** How a decided day turns out, many times. */
export interface ExecutedDays {
  /** When each ends, s, from the earliest to the latest. */
  readonly finishes: Float64Array;
  /** By operation, on how many days the end hung on it. */
  readonly critical: ReadonlyMap<string, number>;
  /** On how many days something came later than it may, by what may not: a lag's later operation, or a front. */
  readonly late: ReadonlyMap<string, number>;
  /** By operation, on how many days it does not begin in the hours that it is planned in, and waits for the next. */
  readonly missed: ReadonlyMap<string, number>;
  readonly runs: number;
}

export interface ExecutionOptions extends Partial<DayReading> {
  readonly runs: number;
  /** Same seed, same days: two ways of working meet the same luck. */
  readonly seed: number;
  /** Standard deviation of the logarithm of how long an operation takes; 0 for what takes as long as it takes. */
  readonly spreadOf: (operation: string) => number;
  /** The same of all operations of a day together. */
  readonly daySpread: number;
  /** The same of how long things stay wet, of a day together; left out for weather as it was expected. */
  readonly weatherSpread?: number;
  /** So much of its time an operation takes where something is done about it; 1 for all others. */
  readonly factorOf?: (operation: string) => number;
}

/**
 * A decided day as a crew works it: everybody does their work in its order and begins the next thing when they are free, what it waits
 * for is done and its machine is back; nothing is put on before whoever finishes it can be there in time, as it looks then, and what
 * dwells is finished no sooner than it may be. How long things take is log-normal about what is planned, each by itself and all of a day
 * together. Where nothing differs the day ends no later than planned.
 *
 * @throws RangeError for a schedule that lacks an operation
 */
export function executedDays(
  problem: SequenceProblem,
  schedule: Schedule,
  {
    runs,
    seed,
    spreadOf,
    daySpread,
    weatherSpread = 0,
    factorOf = () => 1,
    isPause = () => false,
    graceShare = 0,
    counts = () => true,
  }: ExecutionOptions,
): ExecutedDays {
  const { steps, latest, dwelling } = compiledDay(problem, schedule, { isPause, graceShare, counts });
  const count = steps.length;
  const normal = normals(seed);
  const spreads = steps.map(({ id }) => spreadOf(id));
  const factors = steps.map(({ id }) => factorOf(id));
  const [start, finish, pace] = [new Float64Array(count), new Float64Array(count), new Float64Array(count)];
  const bound = new Int32Array(count);
  const isDone = new Uint8Array(count);
  const missed = new Int32Array(count);
  const free = new Float64Array(problem.people.length);
  const lastOf = new Int32Array(problem.people.length);
  const finishes = new Float64Array(runs);
  const critical = new Int32Array(count);
  const late = new Map<string, number>();
  const lateToday = new Set<string>();
  for (let run = 0; run < runs; run += 1) {
    const day = Math.exp(daySpread * normal());
    const wet = Math.exp(weatherSpread * normal());
    let last = 0;
    isDone.fill(0);
    free.fill(0);
    lastOf.fill(-1);
    for (let i = 0; i < count; i += 1) {
      const step = steps[i];
      if (!step) continue;
      const spread = spreads[i] ?? 0;
      const own = Math.exp(spread * normal());
      pace[i] = (spread > 0 ? own * day : 1) * (factors[i] ?? 1);
      if (isDone[i] === 1) continue;
      const { person } = step;
      let at = step.notBefore;
      let by = -1;
      const ready = (free[person] ?? 0) + step.changeSeconds;
      if (ready > at) {
        at = ready;
        by = lastOf[person] ?? -1;
      }
      for (const { person: other, seconds } of step.comers) {
        const inTime = (free[other] ?? 0) + seconds;
        if (inTime <= at) continue;
        at = inTime;
        by = lastOf[other] ?? -1;
      }
      for (const { from, isFromStart, seconds } of step.arcs) {
        const ready = ((isFromStart ? start[from] : finish[from]) ?? 0) + seconds;
        if (ready <= at) continue;
        at = ready;
        by = from;
      }
      const pause = step.pause;
      if (pause >= 0 && isDone[pause] === 0 && withinHours(step, at) > at + problem.roundPauseSeconds) {
        // Held up by its hours: the pause comes first.
        const meanwhile = steps[pause];
        const begin = meanwhile ? withinHours(meanwhile, free[person] ?? 0) : Infinity;
        if (meanwhile && begin <= at + problem.roundPauseSeconds) {
          [start[pause], finish[pause], isDone[pause]] = [begin, begin + meanwhile.seconds, 1];
          [bound[pause], pace[pause]] = [lastOf[person] ?? -1, 1];
          [free[person], lastOf[person]] = [begin + meanwhile.seconds, pause];
          if (begin + meanwhile.seconds > at) [at, by] = [begin + meanwhile.seconds, pause];
        }
      }
      const seconds = step.seconds * (pace[i] ?? 1);
      start[i] = withinHours(step, at);
      finish[i] = step.isTied ? (start[i] ?? 0) + seconds : doneInHours(step, start[i] ?? 0, seconds);
      bound[i] = by;
      [free[person], lastOf[person], isDone[i]] = [finish[i] ?? 0, i, 1];
      if ((start[i] ?? 0) > step.lastInTime) missed[i] = (missed[i] ?? 0) + 1;
      if ((finish[i] ?? 0) > (finish[last] ?? 0)) last = i;
    }
    finishes[run] = finish[last] ?? 0;
    for (let i = last; i >= 0; i = bound[i] ?? -1) critical[i] = (critical[i] ?? 0) + 1;
    lateToday.clear();
    for (const { key, from, isFromStart, to, most } of latest)
      if ((start[to] ?? 0) - ((isFromStart ? start[from] : finish[from]) ?? 0) > most * (1 + graceShare) + 1)
        lateToday.add(key);
    for (const { key, at, mostFactor, dryFactor } of dwelling)
      if ((pace[at] ?? 1) > Math.min(mostFactor, dryFactor * wet)) lateToday.add(key);
    for (const key of lateToday) late.set(key, (late.get(key) ?? 0) + 1);
  }
  finishes.sort();
  const counted = (counts: Int32Array) => new Map(steps.map(({ id }, i) => [id, counts[i] ?? 0]));
  return { finishes, late, runs, critical: counted(critical), missed: counted(missed) };
}

/** Of sorted values that which so large a share does not exceed. */
export function quantile(sorted: Float64Array, share: number): number {
  return sorted[Math.min(sorted.length - 1, Math.max(0, Math.ceil(share * sorted.length) - 1))] ?? 0;
}

/** In the first of its hours that is not over; after the last of them all the same, as nobody leaves it undone. */
function withinHours({ starts, isTied, seconds }: Step, at: number): number {
  const next = starts?.find(({ to }) => at <= (isTied ? to : to + seconds));
  return next ? Math.max(at, next.from) : at;
}

/** Untied work that its hours end in rests until the next of them. */
function doneInHours({ starts, seconds: planned }: Step, start: number, seconds: number): number {
  let at = start;
  let left = seconds;
  for (const { from, to } of starts ?? []) {
    const end = to + planned;
    if (end <= at) continue;
    at = Math.max(at, from);
    if (at + left <= end) return at + left;
    left -= end - at;
    at = end;
  }
  return at + left;
}

/** Standard normal numbers, by Box and Muller. */
function normals(seed: number): () => number {
  const random = seededRandom(seed);
  let spare: number | null = null;
  return () => {
    if (spare !== null) {
      const ready = spare;
      spare = null;
      return ready;
    }
    const radius = Math.sqrt(-2 * Math.log(1 - random()));
    const angle = 2 * Math.PI * random();
    spare = radius * Math.sin(angle);
    return radius * Math.cos(angle);
  };
}
