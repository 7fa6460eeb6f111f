import { clustersOf } from './cluster-order.ts';
import type { Cluster } from './cluster-order.ts';
import { TooManyPieces, placeClusters } from './place-clusters.ts';
import { indexOf } from './problem-index.ts';
import type { ProblemIndex } from './problem-index.ts';
import type { Schedule, SequenceProblem } from './problem.ts';
import { seededRandom } from './seeded-random.ts';

/** Moves that are given up before it is given up altogether. */
const MOVES_IN_VAIN = 2;

export interface SolveOptions {
  /** Same seed, same schedule. */
  readonly seed: number;
  /** Schedules to build at most; the search counts moves, its caller owns the clock. */
  readonly budget: number;
  /** Starts that are tried for one schedule before it is given up. */
  readonly mostTrials?: number | undefined;
}

/**
 * Ever better valid schedules of one visit, the first after one pass; null after a move that brought no better one, and
 * several times within a long one, so that the caller can stop soon. A move that takes too long is given up.
 *
 * Serial placement of clusters by priority: longest way to the end first, then nearest to the end of its wait, then
 * seeded variations. The objective is the finish of the visit; ties keep the earlier found.
 *
 * @throws CircularWait, NoPlace when no schedule exists, TooManyPieces when none was found in the time that is given to it
 */
export function* solve(problem: SequenceProblem, options: SolveOptions): Generator<Schedule | null, void> {
  const clusters = clustersOf(problem);
  const index = indexOf(problem);
  const random = seededRandom(options.seed);
  const place = new Map(clusters.map((c, i) => [c.id, i]));
  const rules: ((cluster: Cluster) => number)[] = [(c) => -c.tail, (c) => place.get(c.id) ?? 0];
  let best = Infinity;
  for (let move = 0; move < Math.max(1, options.budget); move += 1) {
    const rule = rules[move] ?? ((c: Cluster) => -c.tail * (0.75 + 0.5 * random()));
    const schedule = yield* schedulePlaced(index, byPriority(clusters, rule), options.mostTrials);
    if (schedule && schedule.makespan < best) {
      best = schedule.makespan;
      yield schedule;
    } else yield null;
    if (best === Infinity && move >= MOVES_IN_VAIN - 1) throw new TooManyPieces('no move came to its end');
  }
}

/** A whole schedule; null after every so many trials, so that the caller can stop, and in the end where it takes too many. */
function* schedulePlaced(
  index: ProblemIndex,
  order: readonly Cluster[],
  mostTrials: number | undefined,
): Generator<null, Schedule | null> {
  const placing = placeClusters(index, order, mostTrials);
  try {
    let step = placing.next();
    while (!step.done) {
      yield null;
      step = placing.next();
    }
    return step.value;
  } catch (error) {
    if (error instanceof TooManyPieces) return null;
    throw error;
  }
}

/** Clusters with least priority value first, each only after those it waits for. */
function byPriority(clusters: readonly Cluster[], rule: (cluster: Cluster) => number): readonly Cluster[] {
  const value = new Map(clusters.map((c) => [c.id, rule(c)]));
  const waiting = new Map(clusters.map((c) => [c.id, c.after.size]));
  const later = new Map<string, Cluster[]>();
  for (const cluster of clusters)
    for (const forerunner of cluster.after)
      later.set(forerunner, [...(later.get(forerunner) ?? []), cluster]);
  const ready = clusters.filter((c) => c.after.size === 0);
  const order: Cluster[] = [];
  while (ready.length > 0) {
    let next = 0;
    for (let i = 1; i < ready.length; i += 1) {
      if ((value.get(ready[i]?.id ?? '') ?? 0) < (value.get(ready[next]?.id ?? '') ?? 0)) next = i;
    }
    const [cluster] = ready.splice(next, 1);
    if (!cluster) break;
    order.push(cluster);
    for (const follower of later.get(cluster.id) ?? []) {
      const count = (waiting.get(follower.id) ?? 0) - 1;
      waiting.set(follower.id, count);
      if (count === 0) ready.push(follower);
    }
  }
  return order;
}
