import type { Board } from './board.ts';
import type { CompiledCluster, CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import type { Decoder } from './decode.ts';
import { fewestRounds } from './fewest-rounds.ts';
import { headsAndTails } from './heads-tails.ts';
import type { Schedule } from './problem.ts';

/** So few operations have orders that can all be gone through, or as good as. */
const MOST_OPERATIONS = 30;
/** Given up after so many placements for each operation. */
const MOST_ROUNDS = 30_000;

/** Whether going through every order of the operations is worth beginning. */
export const isSmall = ({ operations, problem }: CompiledProblem) =>
  operations.length <= MOST_OPERATIONS && problem.pins.length === 0;

/** Hands or machines that some of the work needs. */
interface Load {
  readonly count: number;
  readonly needs: (operation: CompiledOperation) => boolean;
  /** Whether what a person does takes them up. */
  readonly occupies: (operation: CompiledOperation, person: number) => boolean;
  /** Work that needs them and is not placed, s. */
  left: number;
}

interface Last {
  readonly start: number;
  readonly index: number;
  readonly makespan: number;
}

interface Candidate {
  readonly cluster: CompiledCluster;
  readonly operation: CompiledOperation;
  readonly person: number;
  readonly start: number;
}

/**
 * The orders of a few operations, each by everybody who may, one at a time in order of their starts, each as early as may be, or as early
 * as all that is tied to it lets it; without those of which nothing better can come: by the longest way to the end, by the work that is
 * left for the crew, for those who alone may do it and for the machines, and by the fewest rounds that there can be.
 */
export class EveryOrder {
  /** Whether all were gone through. Where nothing is tied and nothing is changed between, what stood is the best then. */
  isThrough = false;
  private readonly of: CompiledProblem;
  private readonly decoder: Decoder;
  /** By cluster, how many of its operations stand. */
  private readonly standing: Int32Array;
  /** By operation, from its start to the end of the visit, s. */
  private readonly tails: Int32Array;
  private readonly loads: readonly Load[];
  /** The longest way to the end first. */
  private readonly byTail: readonly CompiledOperation[];
  private readonly roundSeconds: number;
  private placed = 0;

  constructor(of: CompiledProblem, decoder: Decoder) {
    this.of = of;
    this.decoder = decoder;
    this.standing = new Int32Array(of.clusters.length);
    this.loads = loadsOf(of);
    this.roundSeconds = of.problem.roundWorthSeconds * fewestRounds(of.operations);
    const after = new Map(headsAndTails(of.problem).map(({ operation, tail }) => [operation.id, tail]));
    this.tails = Int32Array.from(of.operations, ({ id, seconds }) => seconds + (after.get(id) ?? 0));
    this.byTail = of.operations.toSorted((a, b) => (after.get(b.id) ?? 0) - (after.get(a.id) ?? 0));
  }

  /**
   * Gives way after as many placements as there are operations, and at each schedule that may be better: that stands on the board then.
   * @param best what a schedule is judged by so far, s
   */
  *goThrough(best: () => number): Generator<Board | null, void> {
    const { length } = this.of.operations;
    const { board } = this.decoder;
    board.clear();
    let yielded = 0;
    for (const isWhole of this.from({ start: 0, index: -1, makespan: 0 }, best)) {
      if (isWhole) yield board;
      if (this.placed < yielded + length) continue;
      if (this.placed > MOST_ROUNDS * length) return;
      yielded = this.placed;
      yield null;
    }
    this.isThrough = true;
  }

  /** What is on the board, in order of time. */
  schedule(makespan: number): Schedule {
    return this.decoder.schedule(makespan);
  }

  /** True where everything stands, false after each placement. */
  private *from(last: Last, best: () => number): Generator<boolean, void> {
    const least = this.least(last);
    if (least + this.roundSeconds >= best()) return;
    if (this.standing.every((count, i) => count === this.of.clusters[i]?.operations.length)) {
      yield true;
      return;
    }
    const { board } = this.decoder;
    for (const { cluster, operation, person, start } of this.next(last)) {
      if (start + (this.tails[operation.index] ?? 0) + this.roundSeconds >= best()) continue;
      const mark = board.mark;
      board.add(operation, person, start);
      this.count(cluster, operation, 1);
      const isWhole = this.standing[cluster.index] === cluster.operations.length;
      const isKept = !isWhole || board.obstaclesBetween(cluster) === null;
      if (isWhole && isKept) board.keepBetween(cluster);
      this.placed += 1;
      yield false;
      const makespan = Math.max(last.makespan, start + operation.seconds);
      if (isKept) yield* this.from({ start, index: operation.index, makespan }, best);
      board.takeBack(mark);
      this.count(cluster, operation, -1);
    }
  }

  /** What may come next, in order of start; not what begins only once something else could have ended. */
  private next(last: Last): readonly Candidate[] {
    const { board } = this.decoder;
    this.decoder.beginAgain();
    const candidates: Candidate[] = [];
    let soonest = Infinity;
    const isLater = (start: number, index: number) =>
      start > last.start || (start === last.start && index > last.index);
    for (const cluster of this.of.clusters) {
      const standing = this.standing[cluster.index] ?? 0;
      const operation = cluster.operations[standing];
      if (!operation?.lags.every((lag) => (board.start[lag.from] ?? -1) >= 0)) continue;
      const [from, until] = board.window(operation);
      const isLast = standing === cluster.operations.length - 1;
      for (const person of operation.people) {
        const start = board.firstStart(person, operation, from);
        if (start === null || start > until) continue;
        if (isLast) soonest = Math.min(soonest, start + operation.seconds);
        const again = isLater(start, operation.index)
          ? start
          : board.firstStart(person, operation, last.start);
        if (again !== null && again <= until && isLater(again, operation.index))
          candidates.push({ cluster, operation, person, start: again });
        if (standing > 0 || isLast) continue;
        const whole = this.decoder.earliest(cluster, operation, person, Infinity)?.starts[0] ?? start;
        if (whole !== again && isLater(whole, operation.index))
          candidates.push({ cluster, operation, person, start: whole });
      }
    }
    return candidates
      .filter(({ start }) => start < soonest)
      .sort(
        (a, b) =>
          a.start - b.start || (this.tails[b.operation.index] ?? 0) - (this.tails[a.operation.index] ?? 0),
      );
  }

  /** An operation stands now, or no more. */
  private count({ index }: CompiledCluster, operation: CompiledOperation, by: 1 | -1): void {
    this.standing[index] = (this.standing[index] ?? 0) + by;
    for (const load of this.loads) if (load.needs(operation)) load.left -= by * operation.seconds;
  }

  /** No schedule that goes on from here ends before this: nothing that is left begins before what came last, s. */
  private least(last: Last): number {
    const { board } = this.decoder;
    let least = last.makespan;
    for (const operation of this.of.operations) {
      if ((board.start[operation.index] ?? -1) >= 0) continue;
      const [from, until] = board.window(operation);
      if (until < last.start) return Infinity;
      least = Math.max(least, Math.max(from, last.start) + (this.tails[operation.index] ?? 0));
    }
    for (const load of this.loads) if (load.left > 0) least = Math.max(least, this.leastBy(load, last.start));
    return least;
  }

  /**
   * What is left of all work whose way to the end is as long as a given one, shared by all who may do it, and that way, s; for the way of
   * each. What came last is the earliest that anything more begins.
   */
  private leastBy({ count, needs, occupies }: Load, from: number): number {
    const { start, person } = this.decoder.board;
    let least = 0;
    let seconds = 0;
    for (const operation of this.byTail) {
      const at = start[operation.index] ?? -1;
      if (at < 0) {
        if (!needs(operation)) continue;
        seconds += operation.seconds;
      } else {
        if (at + operation.seconds <= from || !occupies(operation, person[operation.index] ?? -1)) continue;
        seconds += at + operation.seconds - Math.max(at, from);
      }
      const tail = (this.tails[operation.index] ?? 0) - operation.seconds;
      least = Math.max(least, from + Math.ceil(seconds / count) + tail);
    }
    return least;
  }
}

function loadsOf({ operations, people, machines }: CompiledProblem): readonly Load[] {
  const load = (count: number, needs: Load['needs'], occupies: Load['occupies']): Load => ({
    count,
    needs,
    occupies,
    left: operations.reduce((sum, operation) => sum + (needs(operation) ? operation.seconds : 0), 0),
  });
  const everybody = load(
    people,
    () => true,
    () => true,
  );
  const each = Array.from({ length: people }, (_, person) =>
    load(
      1,
      (operation) => operation.people.length === 1 && operation.people[0] === person,
      (_own, by) => by === person,
    ),
  );
  const ofMachines = machines.map((count, machine) => {
    const needs = (operation: CompiledOperation) => operation.machines.includes(machine);
    return load(count, needs, needs);
  });
  return [everybody, ...each, ...ofMachines];
}
