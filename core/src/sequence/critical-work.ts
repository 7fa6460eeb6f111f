import type { CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import type { Wishes } from './wishes.ts';

/** Who begins so soon after other work may have waited for no more than to change, s. */
const CHANGE_SECONDS = 240;

/**
 * What has to move for a schedule to end sooner: what ends last, and step by step what that waits for: what it is tied to, what its
 * person did right before, and what had its machine.
 */
export class CriticalWork {
  private readonly of: CompiledProblem;
  private readonly clusterOf: Int32Array;
  private readonly byMachine: readonly (readonly CompiledOperation[])[];
  /** By operation, what its person did right before; -1 where that is nothing. */
  private readonly before: Int32Array;
  private readonly order: CompiledOperation[];
  private readonly isSeen: Uint8Array;
  private found: { readonly of: Wishes; readonly clusters: readonly number[] } | null = null;

  constructor(of: CompiledProblem) {
    const { operations, clusters, machines } = of;
    this.of = of;
    this.clusterOf = new Int32Array(operations.length);
    for (const cluster of clusters)
      for (const { index } of cluster.operations) this.clusterOf[index] = cluster.index;
    this.byMachine = machines.map((_count, machine) =>
      operations.filter((operation) => operation.machines.includes(machine)),
    );
    this.before = new Int32Array(operations.length);
    this.order = [...operations];
    this.isSeen = new Uint8Array(operations.length);
  }

  /** The clusters, those that end last first. @param schedule when each operation begins and who does it */
  clusters(schedule: Wishes): readonly number[] {
    if (this.found?.of !== schedule) this.found = { of: schedule, clusters: this.sought(schedule) };
    return this.found.clusters;
  }

  private sought({ keys: start, people }: Wishes): readonly number[] {
    const { operations } = this.of;
    this.linkDays(start, people);
    const end = ({ index, seconds }: CompiledOperation) => (start[index] ?? 0) + seconds;
    let last = 0;
    for (const operation of operations) last = Math.max(last, end(operation));
    const open = operations.filter((operation) => end(operation) === last);
    this.isSeen.fill(0);
    for (const { index } of open) this.isSeen[index] = 1;
    const add = (operation: CompiledOperation | undefined) => {
      if (!operation || this.isSeen[operation.index] === 1) return;
      this.isSeen[operation.index] = 1;
      open.push(operation);
    };
    for (const { index, lags, machines } of open) {
      const at = start[index] ?? 0;
      for (const { from, least } of lags) if ((start[from] ?? 0) + least === at) add(operations[from]);
      const before = operations[this.before[index] ?? -1];
      if (before && at - end(before) <= CHANGE_SECONDS) add(before);
      for (const machine of machines)
        for (const other of this.byMachine[machine] ?? []) if (end(other) === at) add(other);
    }
    return [...new Set(open.map(({ index }) => this.clusterOf[index] ?? 0))];
  }

  private linkDays(start: Float64Array, people: Int32Array): void {
    this.order.sort((a, b) => (start[a.index] ?? 0) - (start[b.index] ?? 0));
    const last = new Int32Array(this.of.people).fill(-1);
    for (const { index } of this.order) {
      const person = people[index] ?? -1;
      this.before[index] = last[person] ?? -1;
      last[person] = index;
    }
  }
}
