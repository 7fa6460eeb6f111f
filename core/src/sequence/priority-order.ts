import type { CompiledCluster } from './compiled-problem.ts';

/** Clusters whose first operation has the least key first, each only after those that it waits for. */
export function byPriority(
  clusters: readonly CompiledCluster[],
  keys: Float64Array,
): readonly CompiledCluster[] {
  const waiting = Int32Array.from(clusters, ({ waitsFor }) => waitsFor);
  const ready = clusters.filter(({ waitsFor }) => waitsFor === 0);
  const order: CompiledCluster[] = [];
  while (ready.length > 0) {
    let next = 0;
    let least = Infinity;
    for (let i = 0; i < ready.length; i += 1) {
      const key = keys[ready[i]?.operations[0]?.index ?? -1] ?? 0;
      if (key < least) {
        least = key;
        next = i;
      }
    }
    const [cluster] = ready.splice(next, 1);
    if (!cluster) break;
    order.push(cluster);
    for (const follower of cluster.before) {
      const count = (waiting[follower] ?? 0) - 1;
      waiting[follower] = count;
      const own = clusters[follower];
      if (count === 0 && own) ready.push(own);
    }
  }
  return order;
}
