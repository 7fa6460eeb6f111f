import { keepBetween, obstaclesBetween } from './between.ts';
import type { Cluster } from './cluster-order.ts';
import type { Operation, Placement, Schedule } from './problem.ts';
import { mayDo } from './problem-index.ts';
import type { ProblemIndex } from './problem-index.ts';
import { Timelines } from './timelines.ts';
import type { Busy } from './timelines.ts';

/** A cluster that finds no place: some of its people or machines are not there at all. */
export class NoPlace extends Error {
  constructor(cluster: string, reason: string) {
    super(`no place in time for ${cluster}: ${reason}`);
  }
}

/** Moves of one cluster's start before the search gives up; each jumps over an obstacle, so it is far above what occurs. */
const MOST_JUMPS = 5000;

/** Starts of clusters that are tried in one go; then the caller may stop. A tenth of a second on a slow machine. */
const TRIALS_AT_ONCE = 2000;
/** Starts that are tried for one schedule at most: some seconds; a visit of 150 surfaces takes 7,000. */
const MOST_TRIALS = 250_000;

/** A visit in so many pieces that it cannot be put in order in a time that anybody waits. */
export class TooManyPieces extends Error {}

/**
 * Clusters placed one after another in the given order, each as early as its lags, people, machines and watches let it.
 * Gives way to the caller again and again while it works.
 * @throws NoPlace, TooManyPieces
 */
export function* placeClusters(
  index: ProblemIndex,
  order: readonly Cluster[],
  mostTrials = MOST_TRIALS,
): Generator<undefined, Schedule> {
  let trials = 0;
  const timelines = new Timelines(index.problem);
  const placed = new Map<string, Placement>();
  const reserved = reservations(index, timelines);
  for (const cluster of order) {
    for (const operation of cluster.operations) {
      const own = reserved.get(operation.id);
      if (own) timelines.remove(own);
    }
    const [first] = cluster.operations;
    let best: { readonly placements: readonly Placement[]; readonly score: Score } | null = null;
    for (const person of firstPeople(index, cluster, timelines)) {
      // One who stays may end later than the best so far counts for.
      const limit = best ? best.score.finish + 1 : Infinity;
      const trying = earliest(index, cluster, person, timelines, placed, limit);
      let step = trying.next();
      while (!step.done) {
        trials += 1;
        if (trials > mostTrials) throw new TooManyPieces();
        if (trials % TRIALS_AT_ONCE === 0) yield;
        step = trying.next();
      }
      const tried = step.value;
      if (!tried || !first) continue;
      const score = scoreOf(tried, first, timelines, index.problem.stayingSeconds);
      if (!best || isBetter(score, best.score)) best = { placements: tried, score };
    }
    if (!best) throw new NoPlace(cluster.id, missing(index, cluster));
    for (const [i, placement] of best.placements.entries()) {
      const operation = cluster.operations[i];
      if (!operation) continue;
      timelines.add(operation, placement);
      placed.set(operation.id, placement);
    }
    keepBetween(index, cluster, placed, timelines);
  }
  const placements = [...placed.values()].sort(
    (a, b) => a.start - b.start || (a.operation < b.operation ? -1 : 1),
  );
  return { placements, makespan: Math.max(0, ...placements.map((p) => p.finish)) };
}

/** What is fixed to a person and a time is kept free for it until its turn comes. */
function reservations({ problem, pins }: ProblemIndex, timelines: Timelines): ReadonlyMap<string, Busy> {
  const reserved = new Map<string, Busy>();
  for (const operation of problem.operations) {
    const { person = null, start = null } = pins.get(operation.id) ?? {};
    if (person === null || start === null) continue;
    const finish = start + operation.seconds;
    reserved.set(operation.id, timelines.add(operation, { operation: operation.id, person, start, finish }));
  }
  return reserved;
}

/** How well a cluster stands with somebody: finished soon by one who need not come over, of equals by who has just finished. */
interface Score {
  readonly finish: number;
  readonly idle: number;
}

function scoreOf(
  placements: readonly Placement[],
  first: Operation,
  timelines: Timelines,
  stayingSeconds: number,
): Score {
  const [begin] = placements;
  const last = begin && timelines.lastBefore(begin.person, begin.start);
  const finish = Math.max(...placements.map((p) => p.finish));
  if (!begin || !last) return { finish, idle: begin?.start ?? 0 };
  return {
    finish: finish + (last.place === first.place ? 0 : stayingSeconds),
    idle: begin.start - last.finish,
  };
}

const isBetter = (one: Score, other: Score) =>
  one.finish < other.finish || (one.finish === other.finish && one.idle < other.idle);

/** Who may begin a cluster, the one who is free first at the front; ties in the order of the crew. */
function firstPeople(index: ProblemIndex, cluster: Cluster, timelines: Timelines): readonly string[] {
  const [first] = cluster.operations;
  if (!first) return [];
  return mayDo(index, first).toSorted((a, b) => timelines.lastFinish(a) - timelines.lastFinish(b));
}

function missing(index: ProblemIndex, cluster: Cluster): string {
  const absent = cluster.operations
    .flatMap((o) => o.machines)
    .filter((m) => (index.problem.machines[m] ?? 0) === 0);
  if (absent.length > 0) return `there is no ${[...new Set(absent)].join(', ')}`;
  const unmanned = cluster.operations.find((operation) => mayDo(index, operation).length === 0);
  if (unmanned) return `nobody of the crew may do ${unmanned.id}`;
  const isFixed = cluster.operations.some(({ id, starts }) => starts !== null || index.pins.has(id));
  return isFixed ? 'nobody is free where it is fixed or in its hours' : 'its lags cannot be met';
}

interface Window {
  readonly from: number;
  readonly until: number;
}

function windowOf(
  operation: Operation,
  index: ProblemIndex,
  placed: ReadonlyMap<string, Placement>,
  own: ReadonlyMap<string, Placement>,
): Window {
  let from = 0;
  let until = Infinity;
  for (const lag of index.lagsTo.get(operation.id) ?? []) {
    const anchor = own.get(lag.from) ?? placed.get(lag.from);
    if (!anchor) continue;
    const at = lag.anchor === 'start' ? anchor.start : anchor.finish;
    from = Math.max(from, at + lag.minSeconds);
    if (lag.maxSeconds !== null) until = Math.min(until, at + lag.maxSeconds);
  }
  const fixed = index.pins.get(operation.id)?.start ?? null;
  if (fixed === null) return { from, until };
  return { from: Math.max(from, fixed), until: Math.min(until, fixed) };
}

/**
 * The earliest placement of a whole cluster whose first operation the person does; null when none ends before `limit`. Gives
 * way after every start that was tried in vain.
 */
function* earliest(
  index: ProblemIndex,
  cluster: Cluster,
  person: string,
  timelines: Timelines,
  placed: ReadonlyMap<string, Placement>,
  limit: number,
): Generator<undefined, readonly Placement[] | null> {
  const [first] = cluster.operations;
  if (!first) return [];
  const window = windowOf(first, index, placed, new Map());
  let start = window.from;
  for (let jump = 0; jump < MOST_JUMPS; jump += 1) {
    const free = timelines.firstStart(person, first, start);
    if (free === null || free > window.until || free + cluster.length >= limit) return null;
    const tried = tryAt(index, cluster, person, free, timelines, placed);
    if (tried.placements) return tried.placements;
    if (tried.later === null) return null;
    start = free + Math.max(1, tried.later);
    yield;
  }
  return null;
}

type Trial =
  | { readonly placements: readonly Placement[] }
  | { readonly placements: null; readonly later: number | null };

/** All operations of a cluster with the first at `start`; or by how much later to try. */
function tryAt(
  index: ProblemIndex,
  cluster: Cluster,
  owner: string,
  start: number,
  timelines: Timelines,
  placed: ReadonlyMap<string, Placement>,
): Trial {
  const own = new Map<string, Placement>();
  const done: Busy[] = [];
  const undo = () => {
    for (const busy of done) timelines.remove(busy);
  };
  for (const [i, operation] of cluster.operations.entries()) {
    const window = i === 0 ? { from: start, until: start } : windowOf(operation, index, placed, own);
    if (window.from > window.until) {
      undo();
      return { placements: null, later: window.from - window.until };
    }
    const found = i === 0 ? { person: owner, start } : whoAndWhen(index, operation, owner, window, timelines);
    if (!found || found.start > window.until) {
      undo();
      return { placements: null, later: found ? found.start - window.until : null };
    }
    const placement = {
      operation: operation.id,
      person: found.person,
      start: found.start,
      finish: found.start + operation.seconds,
    };
    own.set(operation.id, placement);
    done.push(timelines.add(operation, placement));
  }
  undo();
  const placements = [...own.values()];
  const blocked = obstaclesBetween(index, cluster, own, timelines);
  return blocked === null ? { placements } : { placements: null, later: blocked - start };
}

function whoAndWhen(
  index: ProblemIndex,
  operation: Operation,
  owner: string,
  window: Window,
  timelines: Timelines,
): { person: string; start: number } | null {
  const able = mayDo(index, operation);
  const people = able.includes(owner) ? [owner, ...able.filter((p) => p !== owner)] : able;
  let best: { person: string; start: number } | null = null;
  for (const person of people) {
    const start = timelines.firstStart(person, operation, window.from);
    if (start !== null && start <= window.until) return { person, start };
    if (start !== null && (!best || start < best.start)) best = { person, start };
  }
  return best;
}
