import type { Operation, Placement, SequenceProblem } from './problem.ts';

interface Busy {
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
  readonly place: string;
}
interface Watching {
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
}

/** What each person and machine does when: the state of a schedule while it is built. */
export class Timelines {
  private readonly work = new Map<string, Busy[]>();
  private readonly watching = new Map<string, Watching[]>();
  private readonly machines = new Map<string, Busy[]>();
  private readonly apart = new Map<string, Set<string>>();
  private readonly problem: SequenceProblem;

  constructor(problem: SequenceProblem) {
    this.problem = problem;
    for (const person of problem.people) {
      this.work.set(person, []);
      this.watching.set(person, []);
    }
    for (const [a, b] of problem.apart) {
      this.apart.set(a, (this.apart.get(a) ?? new Set()).add(b));
      this.apart.set(b, (this.apart.get(b) ?? new Set()).add(a));
    }
  }

  /**
   * The first start at or after `from` at which the person can do the operation; null when it is past `until`.
   * Each obstacle moves the start to where it ends, so the search takes as many steps as there are obstacles.
   */
  firstStart(person: string, operation: Operation, from: number, until: number): number | null {
    let start = from;
    while (start <= until) {
      const blockedUntil = this.obstacle(person, operation, start);
      if (blockedUntil === null) return start;
      start = blockedUntil;
    }
    return null;
  }

  private obstacle(person: string, operation: Operation, start: number): number | null {
    const finish = start + operation.seconds;
    for (const busy of this.work.get(person) ?? []) if (overlaps(busy, start, finish)) return busy.finish;
    for (const watch of this.watching.get(person) ?? []) {
      if (watch.zone !== operation.zone && overlaps(watch, start, finish)) return watch.finish;
    }
    const apart = this.apart.get(operation.place);
    if (apart) {
      for (const [other, list] of this.work) {
        if (other === person) continue;
        for (const busy of list)
          if (apart.has(busy.place) && overlaps(busy, start, finish)) return busy.finish;
      }
    }
    for (const machine of operation.machines) {
      const free = this.machineFree(machine, start, finish);
      if (free !== null) return free;
    }
    return null;
  }

  /** When too many of a machine are out during the span: the first time one comes back; null when one is free. */
  private machineFree(machine: string, start: number, finish: number): number | null {
    const overlapping = (this.machines.get(machine) ?? []).filter((busy) => overlaps(busy, start, finish));
    const count = this.problem.machines[machine] ?? 0;
    if (overlapping.length < count) return null;
    // The number in use is greatest at the start of one of the intervals.
    for (const at of [start, ...overlapping.map((b) => b.start).filter((s) => s > start)]) {
      const inUse = overlapping.filter((b) => b.start <= at && at < b.finish);
      if (inUse.length >= count) return Math.min(...inUse.map((b) => b.finish));
    }
    return null;
  }

  /** Whether a person can watch one more section over a span; otherwise when to try again. */
  watchObstacle(person: string, zone: string, start: number, finish: number): number | null {
    for (const busy of this.work.get(person) ?? []) {
      if (busy.zone !== zone && overlaps(busy, start, finish)) return busy.finish;
    }
    const overlapping = (this.watching.get(person) ?? []).filter((w) => overlaps(w, start, finish));
    for (const watch of overlapping) if (watch.zone !== zone) return watch.finish;
    for (const at of [start, ...overlapping.map((w) => w.start).filter((s) => s > start)]) {
      const together = overlapping.filter((w) => w.start <= at && at < w.finish);
      if (together.length >= this.problem.watchesPerPerson) return Math.min(...together.map((w) => w.finish));
    }
    return null;
  }

  add(operation: Operation, placement: Placement): void {
    const busy = {
      start: placement.start,
      finish: placement.finish,
      zone: operation.zone,
      place: operation.place,
    };
    insertInOrder(this.work, placement.person, busy);
    for (const machine of operation.machines) insertInOrder(this.machines, machine, busy);
  }

  remove(operation: Operation, placement: Placement): void {
    const same = (b: Busy) =>
      b.start === placement.start && b.place === operation.place && b.finish === placement.finish;
    for (const [map, key] of [
      [this.work, placement.person] as const,
      ...operation.machines.map((m) => [this.machines, m] as const),
    ]) {
      const list = map.get(key) ?? [];
      const index = list.findIndex(same);
      if (index >= 0) list.splice(index, 1);
    }
  }

  addWatch(person: string, watch: Watching): void {
    this.watching.get(person)?.push(watch);
  }

  /** When a person's last work so far ends. */
  lastFinish(person: string): number {
    return (this.work.get(person) ?? []).at(-1)?.finish ?? 0;
  }
}

function overlaps(
  span: { readonly start: number; readonly finish: number },
  start: number,
  finish: number,
): boolean {
  return span.start < finish && start < span.finish;
}

function insertInOrder(map: Map<string, Busy[]>, key: string, busy: Busy): void {
  const list = map.get(key) ?? [];
  if (!map.has(key)) map.set(key, list);
  let index = list.length;
  while (index > 0 && (list[index - 1]?.start ?? 0) > busy.start) index -= 1;
  list.splice(index, 0, busy);
}
