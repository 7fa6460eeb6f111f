import { clustersOf } from './cluster-order.ts';
import type { Cluster } from './cluster-order.ts';
import { indexOf, placeClusters } from './place-clusters.ts';
import type { Schedule, SequenceProblem } from './problem.ts';
import { seededRandom } from './seeded-random.ts';

export interface SolveOptions {
  /** Same seed, same schedule. */
  readonly seed: number;
  /** Schedules to build at most; the search counts moves, its caller owns the clock. */
  readonly budget: number;
}

/**
 * Ever better valid schedules of one visit, the first after one pass; null after a move that brought no better one, so
 * that the caller can stop between any two moves.
 *
 * Serial placement of clusters by priority: longest way to the end first, then nearest to the end of its wait, then
 * seeded variations. The objective is the finish of the visit; ties keep the earlier found.
 *
 * @throws CircularWait, NoPlace when no schedule exists
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
    const schedule = placeClusters(index, byPriority(clusters, rule));
    if (schedule.makespan < best) {
      best = schedule.makespan;
      yield schedule;
    } else yield null;
  }
}

/** Clusters with least priority value first, each only after those it waits for. */
function byPriority(clusters: readonly Cluster[], rule: (cluster: Cluster) => number): readonly Cluster[] {
  const value = new Map(clusters.map((c) => [c.id, rule(c)]));
  const waiting = new Map(clusters.map((c) => [c.id, c.after.size]));
  const later = new Map<string, Cluster[]>();
  for (const cluster of clusters)
    for (const before of cluster.after) later.set(before, [...(later.get(before) ?? []), cluster]);
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
