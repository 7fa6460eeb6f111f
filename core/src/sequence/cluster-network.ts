import type { CompiledCluster } from './compiled-problem.ts';

/** By their places in a cluster: from the start of one operation to that of another at least, s; −∞ where nothing ties them. */
export type ClusterNetwork = readonly (readonly number[])[];

/**
 * The longest ways between all operations of a cluster by all its lags together; the way back is minus what it may take at most.
 * Floyd and Warshall; clusters have a handful of operations.
 */
export function clusterNetwork({ operations }: Pick<CompiledCluster, 'operations'>): ClusterNetwork {
  const place = new Map(operations.map(({ index }, i) => [index, i]));
  const ways = operations.map((_from, i) => operations.map((_to, j) => (i === j ? 0 : -Infinity)));
  const raise = (from: number, to: number, seconds: number) => {
    const row = ways[from];
    if (row) row[to] = Math.max(row[to] ?? -Infinity, seconds);
  };
  const way = (from: number, to: number) => ways[from]?.[to] ?? -Infinity;
  operations.forEach(({ lags }, to) => {
    for (const { from, least, most } of lags) {
      const at = place.get(from);
      if (at === undefined) continue;
      raise(at, to, least);
      if (most < Infinity) raise(to, at, -most);
    }
  });
  const all = operations.map((_, i) => i);
  for (const over of all)
    for (const from of all) for (const to of all) raise(from, to, way(from, over) + way(over, to));
  return ways;
}
