import type { CompiledCluster, CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import { IntervalList, crowdedUntil } from './interval-list.ts';
import { PersonDay } from './person-day.ts';

export interface Span {
  readonly start: number;
  readonly finish: number;
}

export interface Watching extends Span {
  readonly zone: number;
  /** Who could watch instead. */
  readonly other: number;
}

/** What was done to a board, so that it can be taken back. */
type Done =
  | { readonly added: CompiledOperation; readonly person: number; readonly spans: readonly Span[] }
  | { readonly passed: Watching; readonly by: number; readonly as: Watching }
  | { readonly kept: Watching; readonly by: number }
  | { readonly held: Span; readonly machine: number };

/** What each person and machine does when: the state of a schedule while it is built. */
export class Board {
  /** By operation; -1 where it is not placed. */
  readonly start: Int32Array;
  readonly person: Int32Array;
  readonly days: readonly PersonDay[];
  private readonly watching: IntervalList<Watching>[] = [];
  private readonly machines: IntervalList<Span>[] = [];
  private readonly done: Done[] = [];
  private readonly reserved = new Map<
    number,
    { readonly person: number; readonly start: number; readonly spans: readonly Span[] }
  >();
  private readonly of: CompiledProblem;

  constructor(of: CompiledProblem) {
    this.of = of;
    this.start = new Int32Array(of.operations.length).fill(-1);
    this.person = new Int32Array(of.operations.length).fill(-1);
    this.days = Array.from({ length: of.people }, () => new PersonDay(of.changes));
    this.clear();
  }

  clear(): void {
    this.start.fill(-1);
    this.person.fill(-1);
    for (const day of this.days) day.clear();
    this.watching.length = 0;
    this.machines.length = 0;
    for (const _day of this.days) this.watching.push(new IntervalList());
    for (const _count of this.of.machines) this.machines.push(new IntervalList());
    this.done.length = 0;
    this.reserved.clear();
  }

  /** The earliest and latest start of an operation by its lags from what is placed. */
  window({ lags, fixedStart }: CompiledOperation): readonly [from: number, until: number] {
    let from = 0;
    let until = Infinity;
    for (const lag of lags) {
      const at = this.start[lag.from] ?? -1;
      if (at < 0) continue;
      if (at + lag.least > from) from = at + lag.least;
      if (at + lag.most < until) until = at + lag.most;
    }
    if (fixedStart === null) return [from, until];
    return [Math.max(from, fixedStart), Math.min(until, fixedStart)];
  }

  /**
   * The first start at or after `from` at which the person can do the operation; null when the hours in which it may start are over.
   * Each obstacle moves the start to where it ends, so the search takes as many steps as there are obstacles.
   */
  firstStart(person: number, operation: CompiledOperation, from: number): number | null {
    if (operation.absent.length > 0) return null;
    let start = startWithin(operation, from);
    while (start !== null) {
      const until = this.obstacle(person, operation, start);
      if (until === null) return start;
      if (until === Infinity) return null;
      start = startWithin(operation, until);
    }
    return null;
  }

  private obstacle(person: number, operation: CompiledOperation, start: number): number | null {
    const finish = start + operation.seconds;
    const there = this.of.hours[person];
    if (there && start < there.from) return there.from;
    if (there && finish > there.to) return Infinity;
    const busy = this.days[person]?.obstacle(operation, start) ?? null;
    if (busy !== null) return busy;
    const [watch, another] = this.watchesLeft(person, operation.zone, start, finish);
    if (watch && (another || !this.canPass(watch, person))) return watch.finish;
    const { apart } = operation;
    if (apart) {
      for (let other = 0; other < this.days.length; other += 1) {
        const below =
          other === person ? null : this.days[other]?.busyUntil(start, finish, (o) => apart.has(o.place));
        if (below !== null && below !== undefined) return below;
      }
    }
    for (const machine of operation.machines) {
      const until = this.machineObstacle(machine, start, finish);
      if (until !== null) return until;
    }
    return null;
  }

  /** When a machine could be had over a span that begins later; null when it can be had now. */
  private machineObstacle(machine: number, start: number, finish: number): number | null {
    const out = this.machines[machine]?.overlapping(start, finish) ?? [];
    return crowdedUntil(out, this.of.machines[machine] ?? 0, start);
  }

  /** What a person would leave alone by going to another zone over a span. */
  private watchesLeft(person: number, zone: number, start: number, finish: number): readonly Watching[] {
    const watched = this.watching[person];
    if (!watched || watched.size === 0) return NOTHING;
    return watched.overlapping(start, finish).filter((watch) => watch.zone !== zone);
  }

  private canPass(watch: Watching, person: number): boolean {
    return watch.other !== person && this.watchObstacle(watch.other, watch) === null;
  }

  /** When a person could watch one more section over a span that begins later; null when it can be watched now. */
  private watchObstacle(person: number, { zone, start, finish }: Omit<Watching, 'other'>): number | null {
    const elsewhere = this.days[person]?.busyUntil(start, finish, (o) => o.zone !== zone) ?? null;
    if (elsewhere !== null) return elsewhere;
    const overlapping = this.watching[person]?.overlapping(start, finish) ?? [];
    const other = overlapping.find((watch) => watch.zone !== zone);
    if (other) return other.finish;
    return crowdedUntil(overlapping, this.of.problem.watchesPerPerson, start);
  }

  add(operation: CompiledOperation, person: number, start: number): void {
    const finish = start + operation.seconds;
    for (const watch of this.watchesLeft(person, operation.zone, start, finish)) {
      if (!this.canPass(watch, person)) continue;
      const as = { ...watch, other: person };
      this.watching[person]?.remove(watch);
      this.watching[watch.other]?.insert(as);
      this.done.push({ passed: watch, by: person, as });
    }
    this.start[operation.index] = start;
    this.person[operation.index] = person;
    this.days[person]?.add(operation, start);
    this.done.push({ added: operation, person, spans: this.occupy(operation, start) });
  }

  /** Takes one operation away again, whatever was placed after it. @returns whether there is still time to change for what comes after */
  takeOut(operation: CompiledOperation): boolean {
    const start = this.start[operation.index] ?? 0;
    const at = this.done.findLastIndex((done) => 'added' in done && done.added === operation);
    const own = this.done[at];
    if (!own || !('added' in own)) return true;
    this.done.splice(at, 1);
    this.remove(operation, own.person, own.spans);
    return this.days[own.person]?.canChangeFrom(start) ?? true;
  }

  /** When the last of a cluster that stands ends. */
  finishOf({ operations }: CompiledCluster): number {
    return operations.reduce(
      (latest, { index, seconds }) => Math.max(latest, (this.start[index] ?? 0) + seconds),
      0,
    );
  }

  /** Somebody watches over a span, and cannot pass it on; null where they could not. */
  openWatch(person: number, span: Span & { readonly zone: number }): Watching | null {
    if (this.watchObstacle(person, span) !== null) return null;
    const watching = { ...span, other: person };
    this.watching[person]?.insert(watching);
    return watching;
  }

  closeWatch(watching: Watching): void {
    this.watching[watching.other]?.remove(watching);
  }

  openHold(machine: number, span: Span): void {
    this.machines[machine]?.insert(span);
  }

  closeHold(machine: number, span: Span): void {
    this.machines[machine]?.remove(span);
  }

  /** Keeps a time free for what is fixed to it, until its turn comes. */
  reserve(operation: CompiledOperation, person: number, start: number): void {
    this.days[person]?.add(operation, start);
    const spans = this.occupy(operation, start);
    this.reserved.set(operation.index, { person, start, spans });
  }

  release(operation: CompiledOperation): void {
    const own = this.reserved.get(operation.index);
    if (!own) return;
    this.reserved.delete(operation.index);
    this.days[own.person]?.remove(operation, own.start);
    this.vacate(operation, own.spans);
  }

  private occupy({ machines, seconds }: CompiledOperation, start: number): readonly Span[] {
    return machines.map((machine) => {
      const span = { start, finish: start + seconds };
      this.machines[machine]?.insert(span);
      return span;
    });
  }

  private vacate({ machines }: CompiledOperation, spans: readonly Span[]): void {
    machines.forEach((machine, i) => {
      const span = spans[i];
      if (span) this.machines[machine]?.remove(span);
    });
  }

  /** Up to where it was done: what is done from now on may be taken back. */
  get mark(): number {
    return this.done.length;
  }

  takeBack(mark: number): void {
    while (this.done.length > mark) {
      const last = this.done.pop();
      if (!last) return;
      if ('added' in last) this.remove(last.added, last.person, last.spans);
      else if ('kept' in last) this.watching[last.by]?.remove(last.kept);
      else if ('held' in last) this.machines[last.machine]?.remove(last.held);
      else {
        this.watching[last.passed.other]?.remove(last.as);
        this.watching[last.by]?.insert(last.passed);
      }
    }
  }

  private remove(operation: CompiledOperation, person: number, spans: readonly Span[]): void {
    this.days[person]?.remove(operation, this.start[operation.index] ?? 0);
    this.start[operation.index] = -1;
    this.person[operation.index] = -1;
    this.vacate(operation, spans);
  }

  /** When the watches of a placed cluster could be kept and its machines held; null when all can now. */
  obstaclesBetween({ operations }: CompiledCluster): number | null {
    for (const operation of operations) {
      const { watch, holds } = operation;
      const start = this.start[operation.index] ?? 0;
      if (watch) {
        const span = { start, finish: this.start[watch.to] ?? 0, zone: watch.zone };
        const first = this.watchObstacle(this.person[operation.index] ?? -1, span);
        const second = first === null ? null : this.watchObstacle(this.person[watch.to] ?? -1, span);
        if (first !== null && second !== null) return Math.min(first, second);
      }
      for (const { to, machine } of holds) {
        const until = this.machineObstacle(machine, start + operation.seconds, this.start[to] ?? 0);
        if (until !== null) return until;
      }
    }
    return null;
  }

  /** What dwells in a cluster that stands has somebody who watches it, and what is held is held. */
  keepBetween({ operations }: CompiledCluster): void {
    for (const operation of operations) {
      const { watch, holds } = operation;
      const start = this.start[operation.index] ?? 0;
      if (watch) {
        const span = { start, finish: this.start[watch.to] ?? 0, zone: watch.zone };
        const [first, second] = [this.person[operation.index] ?? -1, this.person[watch.to] ?? -1];
        const isKept = this.watchObstacle(first, span) === null;
        const [keeper, other] = isKept ? [first, second] : [second, first];
        const watching = { ...span, other };
        this.watching[keeper]?.insert(watching);
        this.done.push({ kept: watching, by: keeper });
      }
      for (const { to, machine } of holds) {
        const span = { start: start + operation.seconds, finish: this.start[to] ?? 0 };
        this.machines[machine]?.insert(span);
        this.done.push({ held: span, machine });
      }
    }
  }
}

const NOTHING: readonly never[] = [];

/** The first time from a given one on at which an operation may start by its hours; null when they are over. */
function startWithin({ starts }: CompiledOperation, from: number): number | null {
  if (starts === null) return from;
  const next = starts.find((span) => from <= span.to);
  return next ? Math.max(from, next.from) : null;
}
