// Past 300 lines because it is one state: whatever changes it stands beside how that is taken back.

import type { CompiledCluster, CompiledOperation, CompiledProblem } from './compiled-problem.ts';
import { IntervalList } from './interval-list.ts';
import { PersonDay } from './person-day.ts';
import { Watches } from './watches.ts';
import type { Span, Watching } from './watches.ts';

/** What is kept from an operation on, while not all of its cluster stands: who watches, and what is held. */
interface Kept {
  readonly watching: { readonly by: number; readonly watch: Watching } | null;
  readonly holds: readonly { readonly machine: number; readonly span: Span }[];
}

/** A place at which an operation stands, or that is kept free for it. */
interface Place {
  readonly person: number;
  readonly start: number;
  readonly spans: readonly Span[];
}

/** What each person and machine does when: the state of a schedule while it is built. All that is done to it can be taken back. */
export class Board {
  /** By operation; -1 where it is not placed. */
  readonly start: Int32Array;
  readonly person: Int32Array;
  readonly days: readonly PersonDay[];
  private readonly watches: Watches;
  private readonly machines: readonly IntervalList<Span>[];
  /** By operation, where it stands, what is kept free for it, and what is kept open after it. */
  private readonly places: (Place | null)[];
  private readonly reserved: (Place | null)[];
  private readonly kept: (Kept | null)[];
  /** How each thing that was done is taken back. */
  private readonly undo: (() => void)[] = [];
  private readonly of: CompiledProblem;
  private clearings = 0;

  constructor(of: CompiledProblem) {
    this.of = of;
    this.start = new Int32Array(of.operations.length).fill(-1);
    this.person = new Int32Array(of.operations.length).fill(-1);
    this.days = Array.from({ length: of.people }, () => new PersonDay(of.changes));
    this.watches = new Watches(of, this.days);
    this.machines = of.machines.map(() => new IntervalList());
    this.places = of.operations.map(() => null);
    this.reserved = of.operations.map(() => null);
    this.kept = of.operations.map(() => null);
  }

  clear(): void {
    this.start.fill(-1);
    this.person.fill(-1);
    for (const day of this.days) day.clear();
    this.watches.clear();
    for (const machine of this.machines) machine.clear();
    this.places.fill(null);
    this.reserved.fill(null);
    this.kept.fill(null);
    this.undo.length = 0;
    this.clearings += 1;
  }

  /** How often it was cleared: what stands since then is still known to whoever remembers it. */
  get turn(): number {
    return this.clearings;
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
    const left = this.watches.leftUntil(person, operation.zone, start, finish);
    if (left !== null) return left;
    const { apart, machines } = operation;
    if (apart) {
      for (let other = 0; other < this.days.length; other += 1) {
        const below = other === person ? null : this.days[other]?.busyAt(start, finish, apart);
        if (below !== null && below !== undefined) return below;
      }
    }
    for (const machine of machines) {
      const until = this.machineObstacle(machine, start, finish);
      if (until !== null) return until;
    }
    return null;
  }

  /** When a machine could be had over a span that begins later; null when it can be had now. */
  private machineObstacle(machine: number, start: number, finish: number): number | null {
    return this.machines[machine]?.crowdedUntil(this.of.machines[machine] ?? 0, start, finish) ?? null;
  }

  add(operation: CompiledOperation, person: number, start: number): void {
    const finish = start + operation.seconds;
    for (const passed of this.watches.passable(person, operation.zone, start, finish)) {
      this.removeWatch(person, passed);
      this.insertWatch(passed.other, { ...passed, other: person });
    }
    const place = { person, start, spans: this.occupy(operation, start) };
    this.stand(operation, place);
    this.undo.push(() => this.leave(operation, place));
  }

  private stand(operation: CompiledOperation, place: Place): void {
    const { person, start } = place;
    this.start[operation.index] = start;
    this.person[operation.index] = person;
    this.places[operation.index] = place;
    this.days[person]?.add(operation, start);
  }

  private leave(operation: CompiledOperation, { person, start }: Place): void {
    this.days[person]?.remove(operation, start);
    this.start[operation.index] = -1;
    this.person[operation.index] = -1;
  }

  /** Takes one operation away again, whatever was placed after it. @returns whether there is still time to change for what comes after */
  takeOut(operation: CompiledOperation): boolean {
    const place = this.places[operation.index];
    if (!place || (this.start[operation.index] ?? -1) < 0) return true;
    this.leave(operation, place);
    this.undo.push(() => this.stand(operation, place));
    this.vacate(operation, place.spans);
    return this.days[place.person]?.canChangeFrom(place.start) ?? true;
  }

  /** When the last of a cluster that stands ends. */
  finishOf({ operations }: CompiledCluster): number {
    let latest = 0;
    for (const { index, seconds } of operations)
      latest = Math.max(latest, (this.start[index] ?? 0) + seconds);
    return latest;
  }

  /**
   * What dwells from an operation on is watched, and what is held is held, for as long as it must be at least.
   * @param leastTo from its start to that of another, s
   * @param other who watches where its own person cannot; −1 where nobody is wanted
   */
  keepOpen(operation: CompiledOperation, other: number, leastTo: (to: number) => number): void {
    const { index, watch, holds } = operation;
    if (!watch && holds.length === 0) return;
    const start = this.start[index] ?? 0;
    let watching: Kept['watching'] = null;
    if (watch) {
      const span = { start, finish: start + leastTo(watch.to), zone: watch.zone };
      const owner = this.person[index] ?? -1;
      const by = [owner, other].find((who) => who >= 0 && this.watches.obstacle(who, span) === null);
      if (by !== undefined) {
        // Nobody else can watch it, so that it is not passed on.
        watching = { by, watch: { ...span, other: by } };
        this.insertWatch(by, watching.watch);
      }
    }
    const held = holds.flatMap(({ to, machine }) => {
      const span = { start: start + operation.seconds, finish: start + leastTo(to) };
      if (span.finish <= span.start) return [];
      this.insertSpan(machine, span);
      return [{ machine, span }];
    });
    this.setKept(index, { watching, holds: held });
  }

  /** What is kept from an operation on is kept no more. */
  letGo({ index }: CompiledOperation): void {
    const kept = this.kept[index];
    if (!kept) return;
    if (kept.watching) this.removeWatch(kept.watching.by, kept.watching.watch);
    for (const { machine, span } of kept.holds) this.removeSpan(machine, span);
    this.setKept(index, null);
  }

  private setKept(index: number, kept: Kept | null): void {
    const before = this.kept[index] ?? null;
    this.kept[index] = kept;
    this.undo.push(() => {
      this.kept[index] = before;
    });
  }

  /** Keeps a time free for what is fixed to it, until its turn comes. */
  reserve(operation: CompiledOperation, person: number, start: number): void {
    this.days[person]?.add(operation, start);
    this.reserved[operation.index] = { person, start, spans: this.occupy(operation, start) };
  }

  release(operation: CompiledOperation): void {
    const own = this.reserved[operation.index];
    if (!own) return;
    this.reserved[operation.index] = null;
    this.days[own.person]?.remove(operation, own.start);
    this.undo.push(() => {
      this.reserved[operation.index] = own;
      this.days[own.person]?.add(operation, own.start);
    });
    this.vacate(operation, own.spans);
  }

  private occupy({ machines, seconds }: CompiledOperation, start: number): readonly Span[] {
    if (machines.length === 0) return NOTHING;
    return machines.map((machine) => {
      const span = { start, finish: start + seconds };
      this.insertSpan(machine, span);
      return span;
    });
  }

  private vacate({ machines }: CompiledOperation, spans: readonly Span[]): void {
    for (let i = 0; i < machines.length; i += 1) {
      const span = spans[i];
      if (span) this.removeSpan(machines[i] ?? -1, span);
    }
  }

  private insertSpan(machine: number, span: Span): void {
    this.machines[machine]?.insert(span);
    this.undo.push(() => this.machines[machine]?.remove(span));
  }

  private removeSpan(machine: number, span: Span): void {
    this.machines[machine]?.remove(span);
    this.undo.push(() => this.machines[machine]?.insert(span));
  }

  private insertWatch(by: number, watch: Watching): void {
    this.watches.insert(by, watch);
    this.undo.push(() => this.watches.remove(by, watch));
  }

  private removeWatch(by: number, watch: Watching): void {
    this.watches.remove(by, watch);
    this.undo.push(() => this.watches.insert(by, watch));
  }

  /** Up to where it was done: what is done from now on may be taken back. */
  get mark(): number {
    return this.undo.length;
  }

  takeBack(mark: number): void {
    while (this.undo.length > mark) this.undo.pop()?.();
  }

  /** When the watches of a placed cluster could be kept and its machines held; null when all can now. */
  obstaclesBetween({ operations }: CompiledCluster): number | null {
    for (const operation of operations) {
      const { watch, holds } = operation;
      const start = this.start[operation.index] ?? 0;
      if (watch) {
        const span = { start, finish: this.start[watch.to] ?? 0, zone: watch.zone };
        const first = this.watches.obstacle(this.person[operation.index] ?? -1, span);
        const second = first === null ? null : this.watches.obstacle(this.person[watch.to] ?? -1, span);
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
        const isKept = this.watches.obstacle(first, span) === null;
        const [keeper, other] = isKept ? [first, second] : [second, first];
        this.insertWatch(keeper, { ...span, other });
      }
      for (const { to, machine } of holds)
        this.insertSpan(machine, { start: start + operation.seconds, finish: this.start[to] ?? 0 });
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
