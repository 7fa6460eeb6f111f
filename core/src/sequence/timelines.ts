import { Changes } from './changes.ts';
import { IntervalList, crowdedUntil } from './interval-list.ts';
import type { Operation, Placement, SequenceProblem, SetUp } from './problem.ts';

/** A placed operation as its person and its machines see it. */
export interface Busy {
  readonly operation: string;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
  readonly place: string;
  readonly machines: readonly string[];
  readonly begins: SetUp;
  readonly ends: SetUp;
}

/** A machine that stays occupied between two operations. */
interface Held {
  readonly start: number;
  readonly finish: number;
}

interface Watching {
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
  /** Who could watch instead. */
  readonly other: string;
}

const always = () => true;

/** What each person and machine does when: the state of a schedule while it is built. */
export class Timelines {
  private readonly work = new Map<string, IntervalList<Busy>>();
  private readonly watching = new Map<string, IntervalList<Watching>>();
  private readonly machines = new Map<string, IntervalList<Held>>();
  private readonly apart = new Map<string, Set<string>>();
  private readonly changes: Changes;
  private readonly problem: SequenceProblem;

  constructor(problem: SequenceProblem) {
    this.problem = problem;
    this.changes = new Changes(problem);
    for (const person of problem.people) {
      this.work.set(person, new IntervalList());
      this.watching.set(person, new IntervalList());
    }
    for (const machine of Object.keys(problem.machines)) this.machines.set(machine, new IntervalList());
    for (const [a, b] of problem.apart) {
      this.apart.set(a, (this.apart.get(a) ?? new Set()).add(b));
      this.apart.set(b, (this.apart.get(b) ?? new Set()).add(a));
    }
  }

  /**
   * The first start at or after `from` at which the person can do the operation; null when a machine is not there, or the hours in
   * which it may start are over. Each obstacle moves the start to where it ends, so the search takes as many steps as there are
   * obstacles.
   */
  firstStart(person: string, operation: Operation, from: number): number | null {
    if (operation.machines.some((machine) => (this.problem.machines[machine] ?? 0) === 0)) return null;
    let start = startWithin(operation, from);
    while (start !== null) {
      const until = this.obstacle(person, operation, start);
      if (until === null) return start;
      start = startWithin(operation, until);
    }
    return null;
  }

  /** The last start from one time to another at which the person can do the operation; null when there is none. */
  lastStart(person: string, operation: Operation, from: number, to: number): number | null {
    const ends = [...(this.work.get(person)?.before(to + operation.seconds) ?? [])];
    const starts = [to, ...ends.map(({ start }) => start - operation.seconds)];
    for (const start of starts)
      if (start >= from && start <= to && this.obstacle(person, operation, start) === null) return start;
    return null;
  }

  private obstacle(person: string, operation: Operation, start: number): number | null {
    const finish = start + operation.seconds;
    const work = this.work.get(person);
    const busy = work?.find(start, finish, always);
    if (busy) return busy.finish;
    const change = work ? this.changes.obstacle(work, operation, start) : null;
    if (change !== null) return change;
    const [watch, another] = this.watchesLeft(person, operation.zone, start, finish);
    if (watch && (another || !this.canPass(watch, person))) return watch.finish;
    const apart = this.apart.get(operation.place);
    if (apart) {
      for (const [other, list] of this.work) {
        const below = other === person ? undefined : list.find(start, finish, (b) => apart.has(b.place));
        if (below) return below.finish;
      }
    }
    for (const machine of operation.machines) {
      const out = this.machines.get(machine)?.overlapping(start, finish) ?? [];
      const until = crowdedUntil(out, this.problem.machines[machine] ?? 0, start);
      if (until !== null) return until;
    }
    return null;
  }

  /** What a person would leave alone by going to another zone over a span. */
  private watchesLeft(person: string, zone: string, start: number, finish: number): readonly Watching[] {
    const watched = this.watching.get(person)?.overlapping(start, finish) ?? [];
    return watched.filter((watch) => watch.zone !== zone);
  }

  private canPass(watch: Watching, person: string): boolean {
    return watch.other !== person && this.watchObstacle(watch.other, watch) === null;
  }

  /** When a person could watch one more section over a span that begins later; null when it can be watched now. */
  watchObstacle(person: string, { zone, start, finish }: Omit<Watching, 'other'>): number | null {
    const elsewhere = this.work.get(person)?.find(start, finish, (b) => b.zone !== zone);
    if (elsewhere) return elsewhere.finish;
    const overlapping = this.watching.get(person)?.overlapping(start, finish) ?? [];
    const other = overlapping.find((w) => w.zone !== zone);
    if (other) return other.finish;
    return crowdedUntil(overlapping, this.problem.watchesPerPerson, start);
  }

  /** When a machine could be held over a span that begins later; null when it can be held now. */
  holdObstacle(machine: string, start: number, finish: number): number | null {
    const out = this.machines.get(machine)?.overlapping(start, finish) ?? [];
    return crowdedUntil(out, this.problem.machines[machine] ?? 0, start);
  }

  addHold(machine: string, held: Held): void {
    this.machines.get(machine)?.insert(held);
  }

  /** The work of a person that stands for a placement. */
  busyOf({ id }: Operation, { person, start }: Placement): Busy | undefined {
    return this.work.get(person)?.find(start, start + 1, (busy) => busy.operation === id);
  }

  add(operation: Operation, placement: Placement): Busy {
    const { person, start, finish } = placement;
    const busy = {
      operation: operation.id,
      person,
      start,
      finish,
      zone: operation.zone,
      place: operation.place,
      machines: operation.machines,
      begins: operation.begins,
      ends: operation.ends,
    };
    for (const watch of this.watchesLeft(person, operation.zone, start, finish)) {
      if (!this.canPass(watch, person)) continue;
      this.watching.get(person)?.remove(watch);
      this.addWatch(watch.other, { ...watch, other: person });
    }
    this.work.get(person)?.insert(busy);
    for (const machine of operation.machines) this.machines.get(machine)?.insert(busy);
    return busy;
  }

  remove(busy: Busy): void {
    this.work.get(busy.person)?.remove(busy);
    for (const machine of busy.machines) this.machines.get(machine)?.remove(busy);
  }

  addWatch(person: string, watch: Watching): void {
    this.watching.get(person)?.insert(watch);
  }

  /** What a person does last before a time. */
  lastBefore(person: string, time: number): Busy | undefined {
    return this.work.get(person)?.before(time).next().value ?? undefined;
  }

  /** When a person's last work so far ends. */
  lastFinish(person: string): number {
    return this.work.get(person)?.lastFinish() ?? 0;
  }
}

/** The first time from a given one on at which an operation may start by its hours; null when they are over. */
function startWithin({ starts }: Operation, from: number): number | null {
  if (starts === null) return from;
  const next = starts.find((span) => from <= span.to);
  return next ? Math.max(from, next.from) : null;
}
