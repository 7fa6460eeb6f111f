import { Board } from './board.ts';
import type { CompiledCluster, CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import type { Schedule } from './problem.ts';

/** A cluster that finds no place: some of its people or machines are not there at all. */
export class NoPlace extends Error {
  /** Whether no other order would help. */
  readonly isCertain: boolean;
  readonly cluster: number;
  constructor({ id, index }: CompiledCluster, { reason, isCertain }: Missing) {
    super(`no place in time for ${id}: ${reason}`);
    this.isCertain = isCertain;
    this.cluster = index;
  }
}

interface Missing {
  readonly reason: string;
  readonly isCertain: boolean;
}

/** A visit in so many pieces that it cannot be put in order in a time that anybody waits. */
export class TooManyPieces extends Error {}

/** Moves of one cluster's start before the search gives up; each jumps over an obstacle, so it is far above what occurs. */
const MOST_JUMPS = 5000;
/** Starts of clusters that are tried in one go; then the caller may stop. */
const TRIALS_AT_ONCE = 2000;
/** Starts that are tried for one schedule at most: some seconds; a visit of 150 surfaces takes 7,000. */
const MOST_TRIALS = 250_000;

/** Clusters placed one after another, each as early as its lags, people, machines and watches let it. */
export class Decoder {
  readonly board: Board;
  readonly of: CompiledProblem;
  private readonly mostTrials: number;
  private trials = 0;
  private pausedAt = 0;

  constructor(of: CompiledProblem, mostTrials = MOST_TRIALS) {
    this.of = of;
    this.mostTrials = mostTrials;
    this.board = new Board(of);
  }

  /**
   * A schedule of all clusters in the given order, left on the board. Gives way to the caller again and again while it works.
   * @returns when it ends; null once it is seen that it ends after `limit`
   * @throws NoPlace, TooManyPieces
   */
  *place(
    order: readonly CompiledCluster[],
    people: Int32Array,
    limit = Infinity,
  ): Generator<undefined, number | null> {
    this.begin();
    let makespan = 0;
    for (const cluster of order) {
      this.placeWhole(cluster, people);
      const [first] = cluster.operations;
      if (first && (this.board.start[first.index] ?? 0) + cluster.tail > limit) return null;
      makespan = Math.max(makespan, this.board.finishOf(cluster));
      if (this.isPauseDue()) yield;
    }
    return makespan;
  }

  /** An empty board but for what is fixed. */
  begin(): void {
    this.beginAgain();
    this.board.clear();
    this.reserve();
  }

  /** What is tried from now on counts from nothing: for who places one after the other without end. */
  beginAgain(): void {
    this.trials = 0;
    this.pausedAt = 0;
  }

  /** Whether the caller is to be let in now. */
  isPauseDue(): boolean {
    if (this.trials - this.pausedAt < TRIALS_AT_ONCE) return false;
    this.pausedAt = this.trials;
    return true;
  }

  /** One more start is tried. @throws TooManyPieces */
  countTrial(): void {
    this.trials += 1;
    if (this.trials > this.mostTrials) throw new TooManyPieces();
  }

  /** A cluster, where it and what is fixed of it leave it room. @param people who is wanted for each operation @throws NoPlace, TooManyPieces */
  placeWhole(cluster: CompiledCluster, people: Int32Array): void {
    for (const operation of cluster.operations) this.board.release(operation);
    const found = this.best(cluster, people[cluster.operations[0]?.index ?? -1] ?? -1);
    if (!found) throw new NoPlace(cluster, this.missing(cluster));
    this.put(cluster, found);
  }

  private put(cluster: CompiledCluster, { starts, people }: Tried): void {
    cluster.operations.forEach((operation, i) => {
      this.board.add(operation, people[i] ?? 0, starts[i] ?? 0);
    });
    this.board.keepBetween(cluster);
  }

  /** What is on the board, in order of time. */
  schedule(makespan: number): Schedule {
    const { operations, problem } = this.of;
    const placements = operations.map(({ id, seconds, index }) => {
      const start = this.board.start[index] ?? 0;
      const person = problem.people[this.board.person[index] ?? 0] ?? '';
      return { operation: id, person, start, finish: start + seconds };
    });
    placements.sort((a, b) => a.start - b.start || (a.operation < b.operation ? -1 : 1));
    return { placements, makespan };
  }

  private reserve(): void {
    const { pins, people } = this.of.problem;
    for (const { operation: id, person, start } of pins) {
      const operation = this.of.operations.find((own) => own.id === id);
      if (operation && person !== null && start !== null)
        this.board.reserve(operation, people.indexOf(person), start);
    }
  }

  /** The best place of a cluster, whoever begins it; null where there is none. */
  private best(cluster: CompiledCluster, preferred: number): Tried | null {
    const [first] = cluster.operations;
    if (!first) return { starts: [], people: [] };
    if (preferred >= 0 && first.people.includes(preferred)) {
      const tried = this.earliest(cluster, first, preferred, Infinity);
      if (tried) return tried;
    }
    let best: Tried | null = null;
    let score: Score = { finish: Infinity, idle: Infinity };
    const { days } = this.board;
    const free = (person: number) => days[person]?.lastFinish() ?? 0;
    for (const person of first.people.toSorted((a, b) => free(a) - free(b))) {
      // One who stays may end later than the best so far counts for.
      const tried = this.earliest(cluster, first, person, score.finish + 1);
      if (!tried) continue;
      const own = this.scoreOf(cluster, tried);
      if (best && !(own.finish < score.finish || (own.finish === score.finish && own.idle < score.idle)))
        continue;
      best = tried;
      score = own;
    }
    return best;
  }

  /** How well a cluster stands with somebody: finished soon by one who need not come over, of equals by who has just finished. */
  private scoreOf({ operations }: CompiledCluster, { starts, people }: Tried): Score {
    const [first] = operations;
    const [begin = 0] = starts;
    const last = this.board.days[people[0] ?? 0]?.lastBefore(begin) ?? null;
    let finish = 0;
    for (let i = 0; i < operations.length; i += 1)
      finish = Math.max(finish, (starts[i] ?? 0) + (operations[i]?.seconds ?? 0));
    if (!last) return { finish, idle: begin };
    const stays = last.operation.place === first?.place;
    return { finish: finish + (stays ? 0 : this.of.problem.stayingSeconds), idle: begin - last.finish };
  }

  /** The earliest place of a whole cluster whose first operation the person does; null when none ends before `limit`. */
  earliest(cluster: CompiledCluster, first: CompiledOperation, person: number, limit: number): Tried | null {
    const { board } = this;
    const [from, until] = board.window(first);
    let start = from;
    for (let jump = 0; jump < MOST_JUMPS; jump += 1) {
      this.countTrial();
      const free = board.firstStart(person, first, start);
      if (free === null || free > until || free + cluster.length >= limit) return null;
      const mark = board.mark;
      const tried = this.tryAt(cluster, first, person, free);
      board.takeBack(mark);
      if (tried === null || typeof tried === 'object') return tried;
      start = free + Math.max(1, tried);
    }
    return null;
  }

  /** All operations of a cluster with the first at `start`; else by how much later to try, null where that is no use. */
  private tryAt(
    { operations, ...cluster }: CompiledCluster,
    first: CompiledOperation,
    owner: number,
    start: number,
  ): Tried | number | null {
    const { board } = this;
    const starts = [start];
    const people = [owner];
    board.add(first, owner, start);
    for (let i = 1; i < operations.length; i += 1) {
      const operation = operations[i];
      if (!operation) break;
      const [from, until] = board.window(operation);
      if (from > until) return from - until;
      const found = this.whoAndWhen(operation, owner, from, until);
      if (!found) return null;
      if (found.start > until) return found.start - until;
      board.add(operation, found.person, found.start);
      starts.push(found.start);
      people.push(found.person);
    }
    const blocked = board.obstaclesBetween({ operations, ...cluster });
    return blocked === null ? { starts, people } : blocked - start;
  }

  /** Whoever can within the window, first who began the cluster; else whoever can soonest. */
  private whoAndWhen(
    operation: CompiledOperation,
    owner: number,
    from: number,
    until: number,
  ): { readonly person: number; readonly start: number } | null {
    let best: { readonly person: number; readonly start: number } | null = null;
    const { people } = operation;
    const isAble = people.includes(owner);
    for (let i = isAble ? -1 : 0; i < people.length; i += 1) {
      const person = i < 0 ? owner : (people[i] ?? 0);
      if (i >= 0 && isAble && person === owner) continue;
      const start = this.board.firstStart(person, operation, from);
      if (start === null) continue;
      if (start <= until) return { person, start };
      if (!best || start < best.start) best = { person, start };
    }
    return best;
  }

  private missing({ operations }: CompiledCluster): Missing {
    const certain = (reason: string) => ({ reason, isCertain: true });
    const absent = operations.flatMap((operation) => operation.absent);
    if (absent.length > 0) return certain(`there is no ${[...new Set(absent)].join(', ')}`);
    const unmanned = operations.find(({ people }) => people.length === 0);
    if (unmanned) return certain(`nobody of the crew may do ${unmanned.id}`);
    const fixed = new Set(this.of.problem.pins.map(({ operation }) => operation));
    const isFixed = operations.some(({ id, starts }) => starts !== null || fixed.has(id));
    const reason = isFixed ? 'nobody is free where it is fixed or in its hours' : 'its lags cannot be met';
    return { reason, isCertain: false };
  }
}

/** When each operation of a cluster starts, and who does it. */
interface Tried {
  readonly starts: readonly number[];
  readonly people: readonly number[];
}

interface Score {
  readonly finish: number;
  readonly idle: number;
}
