import { SET_UP_KINDS } from '../sequence/problem.ts';
import type {
  Operation,
  Schedule,
  SequenceProblem,
  StripSpan,
  TimeSpan,
  WorkedFront,
} from '../sequence/problem.ts';
import { setUpChange } from '../sequence/set-up-change.ts';

/** What an operation waits for: so long after the start or the end of another. */
interface Arc {
  readonly from: number;
  readonly isFromStart: boolean;
  readonly seconds: number;
}

export interface Step {
  readonly id: string;
  readonly seconds: number;
  readonly arcs: readonly Arc[];
  /** What must follow it in time is not begun so early that it would be missed, s. */
  readonly notBefore: number;
  readonly starts: readonly TimeSpan[] | null;
  /** Something follows it in time, or it follows something: it is not left for a pause. */
  readonly isTied: boolean;
  readonly person: number;
  /** Who comes to what must follow it in time: it is not begun earlier than so long after they are free, or before it where that is less. */
  readonly comers: readonly { readonly person: number; readonly seconds: number }[];
  /** From what its person does before it. */
  readonly changeSeconds: number;
  /** A later pause of its person, which may come first; -1 where there is none. */
  readonly pause: number;
  /** The last start in the hours that it is planned in, s. */
  readonly lastInTime: number;
}

interface Latest {
  readonly key: string;
  readonly from: number;
  readonly isFromStart: boolean;
  readonly to: number;
  readonly most: number;
}

/** A strip that is applied and finished within one operation: how much slower that may be before it dwells too long, or dries. */
interface Dwelling {
  readonly key: string;
  readonly at: number;
  readonly mostFactor: number;
  /** As long as the weather is as expected; in one that dries twice as fast, half of it. */
  readonly dryFactor: number;
}

/** A decided day as what waits for what, in the order of its starts. */
export interface CompiledDay {
  readonly steps: readonly Step[];
  readonly latest: readonly Latest[];
  readonly dwelling: readonly Dwelling[];
}

/** How a day is read. */
export interface DayReading {
  /** What somebody does earlier where they would otherwise wait: a lunch. */
  readonly isPause: (operation: string) => boolean;
  /** By their rules, the lags that count where they are overrun. */
  readonly counts: (rule: string) => boolean;
  /** By so large a share of its time something may be later before it counts as late. */
  readonly graceShare: number;
}

/** @throws RangeError for a schedule that lacks an operation, or has one that is not known */
export function compiledDay(
  problem: SequenceProblem,
  { placements }: Schedule,
  { isPause, graceShare, counts }: DayReading,
): CompiledDay {
  const byId = new Map(problem.operations.map((operation) => [operation.id, operation]));
  const placed = [...placements].sort((a, b) => a.start - b.start || a.finish - b.finish);
  if (placed.length < problem.operations.length) throw new RangeError('an operation is not placed');
  const index = new Map(placed.map(({ operation }, i) => [operation, i]));
  const own = placed.map(({ operation: id, ...placement }) => {
    const operation = byId.get(id);
    if (!operation) throw new RangeError(`"${id}" is placed and not known`);
    return { ...placement, operation };
  });
  const arcs = own.map((): Arc[] => []);
  const wait = (to: number, from: number, seconds = 0, isFromStart = false) => {
    // What starts together stands in the order of the list: only what comes before can be waited for.
    if (from < to) arcs[to]?.push({ from, isFromStart, seconds });
  };
  for (const { from, anchor, to, minSeconds } of problem.lags) {
    const [a, b] = [index.get(from), index.get(to)];
    if (a !== undefined && b !== undefined) wait(b, a, minSeconds, anchor === 'start');
  }
  const changes = own.map(() => 0);
  const pauses = own.map(() => -1);
  for (const person of problem.people) {
    const theirs = own.flatMap((one, i) => (one.person === person ? [i] : []));
    const before = theirs.map((i) => own[i]?.operation ?? null);
    theirs.forEach((to, k) => {
      if (k > 0) changes[to] = changeSeconds(problem, before.slice(0, k + 1));
      pauses[to] = theirs.slice(k + 1).find((i) => isPause(own[i]?.operation.id ?? '')) ?? -1;
    });
  }
  machineArcs(problem, own, index, wait);
  const apart = new Set(problem.apart.flatMap(([a, b]) => [`${a} ${b}`, `${b} ${a}`]));
  if (apart.size > 0)
    own.forEach((later, to) => {
      own.slice(0, to).forEach((earlier, from) => {
        const isApart = apart.has(`${earlier.operation.place} ${later.operation.place}`);
        if (isApart && earlier.person !== later.person) wait(to, from);
      });
    });
  const notBefore = own.map(() => 0);
  const people = own.map(({ person }) => problem.people.indexOf(person));
  const comers = own.map((): { person: number; seconds: number }[] => []);
  const latest: Latest[] = [];
  for (const { from, anchor, to, maxSeconds, rule } of problem.lags) {
    const [a, b] = [index.get(from), index.get(to)];
    if (maxSeconds === null || a === undefined || b === undefined) continue;
    const isFromStart = anchor === 'start';
    const since = (isFromStart ? own[a]?.start : own[a]?.finish) ?? 0;
    const room = maxSeconds - ((own[b]?.start ?? 0) - since);
    notBefore[a] = Math.max(notBefore[a] ?? 0, (own[a]?.start ?? 0) - room);
    const other = people[b] ?? -1;
    if (other !== people[a]) {
      // With what they still do before that.
      const between = own
        .slice(a + 1, b)
        .reduce((sum, one, k) => sum + (people[a + 1 + k] === other ? one.operation.seconds : 0), 0);
      const ownSeconds = isFromStart ? 0 : (own[a]?.operation.seconds ?? 0);
      comers[a]?.push({ person: other, seconds: between - maxSeconds - ownSeconds });
    }
    if (counts(rule)) latest.push({ key: to, from: a, isFromStart, to: b, most: maxSeconds });
  }
  const dwelling = problem.fronts.flatMap((front) => dwellingIn(front, index, graceShare));
  const tied = new Set([
    ...problem.lags.flatMap(({ from, to, maxSeconds }) => (maxSeconds === null ? [] : [from, to])),
    ...problem.fronts.flatMap(({ strips }) =>
      strips.flatMap(({ apply, finish }) => [...apply, ...finish].map(({ operation }) => operation)),
    ),
  ]);
  const steps = own.map(({ operation: { id, seconds, starts } }, i): Step => ({
    id,
    seconds,
    starts,
    isTied: tied.has(id),
    person: people[i] ?? -1,
    comers: comers[i] ?? [],
    changeSeconds: changes[i] ?? 0,
    pause: pauses[i] ?? -1,
    lastInTime: starts?.find((span) => isWithin(span, own[i]?.start ?? 0))?.to ?? Infinity,
    arcs: arcs[i] ?? [],
    notBefore: notBefore[i] ?? 0,
  }));
  return { steps, latest, dwelling };
}

/**
 * Slower hands use up the waits of a front first: a strip dwells too long once the work between its first drop and its last rinse takes
 * all of the time, or its own work all that the least dwell leaves.
 */
function dwellingIn(
  { id, leastSeconds, mostSeconds, dryAfterSeconds, strips }: WorkedFront,
  index: ReadonlyMap<string, number>,
  graceShare: number,
): readonly Dwelling[] {
  const spans = strips.flatMap(({ apply, finish, mists }) => [...apply, ...finish, ...mists]);
  const length = (some: readonly StripSpan[]) => some.reduce((sum, { from, to }) => sum + to - from, 0);
  return strips.flatMap(({ apply, finish, mists }): Dwelling[] => {
    const [first, last] = [apply[0], finish.at(-1)];
    const at = index.get(first?.operation ?? '');
    if (!first || last?.operation !== first.operation || at === undefined) return [];
    const within = spans.filter(
      ({ operation, from, to }) => operation === first.operation && from >= first.from && to <= last.to,
    );
    const own = Math.max(1, length(apply) + length(finish));
    const most = mostSeconds * (1 + graceShare);
    const mostFactor = Math.min(most / Math.max(1, length(within)), (most - leastSeconds) / own);
    const dryFactor =
      dryAfterSeconds === null
        ? Infinity
        : (dryAfterSeconds * (1 + graceShare)) / Math.max(1, longestDry([...apply, ...mists], finish));
    return [{ key: id, at, mostFactor, dryFactor }];
  });
}

/** The longest that a strip stands between what wets it and the next of that, or its finish, s. */
function longestDry(wetted: readonly StripSpan[], finish: readonly StripSpan[]): number {
  const inOrder = [...wetted].sort((a, b) => a.from - b.from);
  const ends = [...inOrder.slice(1), ...finish.slice(0, 1)];
  return Math.max(0, ...inOrder.map(({ to }, i) => (ends[i]?.from ?? to) - to));
}

interface PlacedOperation {
  readonly operation: Operation;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
}

/** Whoever takes a machine waits for whoever has it in the plan: until it is put down, or until what it is held for begins. */
function machineArcs(
  { machines, holds }: SequenceProblem,
  own: readonly PlacedOperation[],
  index: ReadonlyMap<string, number>,
  wait: (to: number, from: number, seconds?: number, isFromStart?: boolean) => void,
): void {
  for (const machine of Object.keys(machines)) {
    const heldFor = new Map(
      holds.flatMap((hold) => (hold.machine === machine ? [[hold.from, hold.to] as const] : [])),
    );
    const units: { free: number; last: number; isUntilStart: boolean }[] = [];
    own.forEach(({ operation, start, finish }, i) => {
      if (!operation.machines.includes(machine)) return;
      const until = index.get(heldFor.get(operation.id) ?? '');
      const free = until === undefined ? finish : (own[until]?.start ?? finish);
      const unit = units.filter((one) => one.free <= start).sort((a, b) => b.free - a.free)[0];
      if (unit) wait(i, unit.last, 0, unit.isUntilStart);
      const taken = { free, last: until ?? i, isUntilStart: until !== undefined };
      if (unit) Object.assign(unit, taken);
      else units.push(taken);
    });
  }
}

/** From the last but one of what a person does to the last. */
function changeSeconds(problem: SequenceProblem, work: readonly (Operation | null)[]): number {
  const next = work.at(-1);
  const before = work.slice(0, -1);
  return SET_UP_KINDS.reduce((sum, kind) => {
    const now = next?.begins[kind] ?? null;
    const was = before.findLast((one) => (one?.ends[kind] ?? null) !== null)?.ends[kind] ?? null;
    return sum + setUpChange(problem, kind, was, now);
  }, 0);
}

const isWithin = ({ from, to }: TimeSpan, at: number) => from <= at && at <= to;
