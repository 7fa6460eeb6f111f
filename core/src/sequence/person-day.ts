import type { ChangeTable, CompiledOperation } from './compiled-problem.ts';
import { insertAt, removeAt } from './interval-list.ts';

/** What one person does when, in the order of time, and what they have to change between. */
export class PersonDay {
  readonly work: CompiledOperation[] = [];
  private readonly starts: number[] = [];
  private readonly changes: readonly ChangeTable[];
  private readonly state: number[];
  /** By kind of change, whether what was left before still stands; of `lacksTime` alone. */
  private readonly still: boolean[];

  constructor(changes: readonly ChangeTable[]) {
    this.changes = changes;
    this.state = changes.map(() => -1);
    this.still = changes.map(() => false);
  }

  clear(): void {
    this.work.length = 0;
    this.starts.length = 0;
  }

  add(operation: CompiledOperation, start: number): void {
    const at = this.firstFrom(start + 1);
    insertAt(this.work, at, operation);
    insertAt(this.starts, at, start);
  }

  remove(operation: CompiledOperation, start: number): void {
    const at = this.work.indexOf(operation, this.firstFrom(start));
    removeAt(this.work, at);
    removeAt(this.starts, at);
  }

  /** When they are through with what they would be at over a span, or with a change for it; null when they are free. */
  obstacle(operation: CompiledOperation, start: number): number | null {
    const at = this.firstFrom(start);
    const finish = start + operation.seconds;
    const last = this.work[at - 1];
    const lastFinish = last ? (this.starts[at - 1] ?? 0) + last.seconds : 0;
    if (last && lastFinish > start) return lastFinish;
    const next = this.starts[at];
    if (next !== undefined && next < finish) return next + (this.work[at]?.seconds ?? 0);
    return this.changes.length === 0 ? null : this.change(operation, start, at, last ? lastFinish : null);
  }

  /** The first work over a span that is outside a zone: when it ends. */
  busyOutside(start: number, finish: number, zone: number): number | null {
    for (let at = this.firstOver(start); at < this.work.length; at += 1) {
      const operation = this.work[at];
      const from = this.starts[at] ?? 0;
      if (!operation || from >= finish) return null;
      if (operation.zone !== zone) return from + operation.seconds;
    }
    return null;
  }

  /** The first work over a span that is at one of some places: when it ends. */
  busyAt(start: number, finish: number, places: ReadonlySet<number>): number | null {
    for (let at = this.firstOver(start); at < this.work.length; at += 1) {
      const operation = this.work[at];
      const from = this.starts[at] ?? 0;
      if (!operation || from >= finish) return null;
      if (places.has(operation.place)) return from + operation.seconds;
    }
    return null;
  }

  /** Index of the first work that is not over at a time. */
  private firstOver(time: number): number {
    const at = this.firstFrom(time);
    return at > 0 && (this.starts[at - 1] ?? 0) + (this.work[at - 1]?.seconds ?? 0) > time ? at - 1 : at;
  }

  lastFinish(): number {
    const last = this.work.length - 1;
    return last < 0 ? 0 : (this.starts[last] ?? 0) + (this.work[last]?.seconds ?? 0);
  }

  /** What they do last before a time, and when it ends. */
  lastBefore(time: number): { readonly operation: CompiledOperation; readonly finish: number } | null {
    const at = this.firstFrom(time) - 1;
    const operation = this.work[at];
    return operation ? { operation, finish: (this.starts[at] ?? 0) + operation.seconds } : null;
  }

  /** How many rounds their work makes: the same, or at one place, one after the other without a long pause. */
  rounds(pauseSeconds: number): number {
    let count = 0;
    let last: CompiledOperation | null = null;
    let finish = 0;
    for (let i = 0; i < this.work.length; i += 1) {
      const operation = this.work[i];
      const start = this.starts[i] ?? 0;
      if (!operation) break;
      const isAlike = last && (last.round === operation.round || last.place === operation.place);
      if (!isAlike || start - finish > pauseSeconds) count += 1;
      last = operation;
      finish = start + operation.seconds;
    }
    return count;
  }

  /** Whether there is time for all changes after a time: what was taken out there may have been what was changed to. */
  canChangeFrom(time: number): boolean {
    const at = this.firstFrom(time);
    const last = this.work[at - 1];
    if (!last || this.changes.length === 0) return true;
    this.stateBefore(at);
    return this.lacksTime(at, (this.starts[at - 1] ?? 0) + last.seconds, []) === null;
  }

  private change(
    operation: CompiledOperation,
    start: number,
    at: number,
    lastFinish: number | null,
  ): number | null {
    this.stateBefore(at);
    const needed = this.needed(operation.begins);
    if (lastFinish !== null && start - lastFinish < needed) return lastFinish + needed;
    this.takeUp(operation.ends);
    return this.lacksTime(at, start + operation.seconds, operation.ends);
  }

  /**
   * When the first work from a place in the day on for which there is no time to change ends; null where there is for all.
   * @param finish of what comes before it, s
   * @param changed what that left; once later work has changed all of it, nothing depends on it any more
   */
  private lacksTime(from: number, finish: number, changed: readonly number[]): number | null {
    if (from >= this.work.length) return null;
    const { still } = this;
    let open = 0;
    for (let k = 0; k < still.length; k += 1) {
      still[k] = (changed[k] ?? -1) >= 0;
      if (still[k]) open += 1;
    }
    let before = finish;
    for (let i = from; i < this.work.length; i += 1) {
      const next = this.work[i];
      const start = this.starts[i] ?? 0;
      if (!next) break;
      if (start - before < this.needed(next.begins)) return start + next.seconds;
      this.takeUp(next.ends);
      for (let k = 0; k < still.length; k += 1)
        if (still[k] && (next.ends[k] ?? -1) >= 0) {
          still[k] = false;
          open -= 1;
        }
      // What comes later changes from what was there before.
      if (open === 0 && changed.length > 0) return null;
      before = start + next.seconds;
    }
    return null;
  }

  /** What they hold and where they stand before the work at a place in the day. */
  private stateBefore(at: number): void {
    const { state } = this;
    state.fill(-1);
    let missing = state.length;
    for (let i = at - 1; i >= 0 && missing > 0; i -= 1) {
      const ends = this.work[i]?.ends ?? NOTHING;
      for (let k = 0; k < state.length; k += 1) {
        const set = ends[k] ?? -1;
        if (set < 0 || state[k] !== -1) continue;
        state[k] = set;
        missing -= 1;
      }
    }
  }

  private needed(begins: readonly number[]): number {
    let sum = 0;
    for (let k = 0; k < this.state.length; k += 1) {
      const [now, next] = [this.state[k] ?? -1, begins[k] ?? -1];
      const table = this.changes[k];
      if (table && now >= 0 && next >= 0) sum += table.seconds[now * table.classes + next] ?? 0;
    }
    return sum;
  }

  private takeUp(ends: readonly number[]): void {
    for (let k = 0; k < this.state.length; k += 1) {
      const set = ends[k] ?? -1;
      if (set >= 0) this.state[k] = set;
    }
  }

  /** Index of the first work that starts at a time or later. */
  private firstFrom(time: number): number {
    let low = 0;
    let high = this.starts.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.starts[middle] ?? Infinity) < time) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

const NOTHING: readonly number[] = [];
