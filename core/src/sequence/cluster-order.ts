import { lagsToEach } from './lags-to.ts';
import type { Lag, Operation, SequenceProblem } from './problem.ts';

/** Operations tied together, placed as one. */
export interface Cluster {
  readonly id: string;
  readonly operations: readonly Operation[];
  /** Clusters that must stand before it. */
  readonly after: ReadonlySet<string>;
  /** Shortest time in seconds from its start to its end, by its own least lags. */
  readonly length: number;
  /** Longest way in seconds from its start to the end of the visit, by least lags. */
  readonly tail: number;
}

/** A request that no schedule can meet, with the clusters that wait for each other. */
export class CircularWait extends Error {
  readonly clusters: readonly string[];
  constructor(clusters: readonly string[]) {
    super(`these wait for each other, so none can begin: ${clusters.join(', ')}`);
    this.clusters = clusters;
  }
}

/**
 * The clusters of a problem in an order in which each stands after those it waits for.
 * @throws CircularWait when there is none
 */
export function clustersOf(problem: SequenceProblem): readonly Cluster[] {
  const operations = new Map(problem.operations.map((o) => [o.id, o]));
  const members = new Map<string, Operation[]>();
  for (const operation of problem.operations)
    members.set(operation.cluster, [...(members.get(operation.cluster) ?? []), operation]);
  const clusterOf = (id: string) => operations.get(id)?.cluster ?? id;
  const forerunners = new Map<string, Set<string>>([...members.keys()].map((id) => [id, new Set<string>()]));
  const followers = new Map<string, Set<string>>([...members.keys()].map((id) => [id, new Set<string>()]));
  for (const lag of problem.lags) {
    const [from, to] = [clusterOf(lag.from), clusterOf(lag.to)];
    if (from === to) continue;
    forerunners.get(to)?.add(from);
    followers.get(from)?.add(to);
  }
  const order = waitingOrder(forerunners, followers);
  const tails = new Map<string, number>();
  const lagsTo = lagsToEach(problem.lags);
  const own = new Map([...members].map(([id, list]) => [id, ownLength(list, lagsTo)]));
  for (const id of [...order].reverse()) {
    const next = [...(followers.get(id) ?? [])].map((later) => tails.get(later) ?? 0);
    tails.set(id, (own.get(id) ?? 0) + Math.max(0, ...next));
  }
  return order.map((id) => ({
    id,
    operations: members.get(id) ?? [],
    after: forerunners.get(id) ?? new Set(),
    length: own.get(id) ?? 0,
    tail: tails.get(id) ?? 0,
  }));
}

function waitingOrder(
  after: ReadonlyMap<string, ReadonlySet<string>>,
  before: ReadonlyMap<string, ReadonlySet<string>>,
): readonly string[] {
  const waiting = new Map([...after].map(([id, set]) => [id, set.size]));
  const ready = [...waiting].filter(([, count]) => count === 0).map(([id]) => id);
  const order: string[] = [];
  for (let id = ready.shift(); id !== undefined; id = ready.shift()) {
    order.push(id);
    for (const later of before.get(id) ?? []) {
      const count = (waiting.get(later) ?? 0) - 1;
      waiting.set(later, count);
      if (count === 0) ready.push(later);
    }
  }
  if (order.length < after.size)
    throw new CircularWait([...after.keys()].filter((id) => !order.includes(id)));
  return order;
}

/** Shortest time from the start of a cluster to its end, by its own least lags. */
function ownLength(operations: readonly Operation[], lagsTo: ReadonlyMap<string, readonly Lag[]>): number {
  const placed = new Map<string, { readonly start: number; readonly finish: number }>();
  let end = 0;
  for (const operation of operations) {
    let start = 0;
    for (const lag of lagsTo.get(operation.id) ?? []) {
      const from = placed.get(lag.from);
      if (from) start = Math.max(start, (lag.anchor === 'start' ? from.start : from.finish) + lag.minSeconds);
    }
    const finish = start + operation.seconds;
    placed.set(operation.id, { start, finish });
    end = Math.max(end, finish);
  }
  return end;
}
