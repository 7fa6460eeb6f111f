import { IntervalList, crowdedUntil } from './interval-list.ts';
import type { Operation, Placement, SequenceProblem } from './problem.ts';

/** A placed operation as its person and its machines see it. */
export interface Busy {
  readonly person: string;
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
  readonly place: string;
  readonly machines: readonly string[];
}
interface Watching {
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
}

const always = () => true;

/** What each person and machine does when: the state of a schedule while it is built. */
export class Timelines {
  private readonly work = new Map<string, IntervalList<Busy>>();
  private readonly watching = new Map<string, IntervalList<Watching>>();
  private readonly machines = new Map<string, IntervalList<Busy>>();
  private readonly apart = new Map<string, Set<string>>();
  private readonly problem: SequenceProblem;

  constructor(problem: SequenceProblem) {
    this.problem = problem;
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
   * The first start at or after `from` at which the person can do the operation; null when a machine is not there.
   * Each obstacle moves the start to where it ends, so the search takes as many steps as there are obstacles.
   */
  firstStart(person: string, operation: Operation, from: number): number | null {
    if (operation.machines.some((machine) => (this.problem.machines[machine] ?? 0) === 0)) return null;
    let start = from;
    for (
      let until = this.obstacle(person, operation, start);
      until !== null;
      until = this.obstacle(person, operation, start)
    ) {
      start = until;
    }
    return start;
  }

  private obstacle(person: string, operation: Operation, start: number): number | null {
    const finish = start + operation.seconds;
    const busy = this.work.get(person)?.find(start, finish, always);
    if (busy) return busy.finish;
    const watch = this.watching.get(person)?.find(start, finish, (w) => w.zone !== operation.zone);
    if (watch) return watch.finish;
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

  /** When a person could watch one more section over a span that begins later; null when it can be watched now. */
  watchObstacle(person: string, zone: string, start: number, finish: number): number | null {
    const elsewhere = this.work.get(person)?.find(start, finish, (b) => b.zone !== zone);
    if (elsewhere) return elsewhere.finish;
    const overlapping = this.watching.get(person)?.overlapping(start, finish) ?? [];
    const other = overlapping.find((w) => w.zone !== zone);
    if (other) return other.finish;
    return crowdedUntil(overlapping, this.problem.watchesPerPerson, start);
  }

  add(operation: Operation, placement: Placement): Busy {
    const { person, start, finish } = placement;
    const busy = {
      person,
      start,
      finish,
      zone: operation.zone,
      place: operation.place,
      machines: operation.machines,
    };
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

  /** When a person's last work so far ends. */
  lastFinish(person: string): number {
    return this.work.get(person)?.lastFinish() ?? 0;
  }
}
