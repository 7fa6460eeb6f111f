import type { CompiledProblem } from './compiled-problem.ts';
import { IntervalList } from './interval-list.ts';
import type { PersonDay } from './person-day.ts';

export interface Span {
  readonly start: number;
  readonly finish: number;
}

/** From when until when somebody watches what dwells in a zone. */
export interface Watching extends Span {
  readonly zone: number;
  /** Who could watch instead. */
  readonly other: number;
}

/** What dwells, and who watches it: nobody leaves a zone while what they watch dwells there, unless somebody else can watch it. */
export class Watches {
  private readonly byPerson: readonly IntervalList<Watching>[];
  private readonly days: readonly PersonDay[];
  private readonly perPerson: number;

  constructor(of: CompiledProblem, days: readonly PersonDay[]) {
    this.days = days;
    this.byPerson = days.map(() => new IntervalList());
    this.perPerson = of.problem.watchesPerPerson;
  }

  clear(): void {
    for (const watched of this.byPerson) watched.clear();
  }

  insert(person: number, watching: Watching): void {
    this.byPerson[person]?.insert(watching);
  }

  remove(person: number, watching: Watching): void {
    this.byPerson[person]?.remove(watching);
  }

  /**
   * When what a person would leave alone by going to another zone over a span is done with; null where that is nothing, or one that
   * somebody else can watch.
   */
  leftUntil(person: number, zone: number, start: number, finish: number): number | null {
    const watched = this.byPerson[person];
    if (!watched) return null;
    let left: Watching | null = null;
    for (let i = watched.first(start, finish); i >= 0; i = watched.next(i, start, finish)) {
      const watch = watched.at(i);
      if (!watch || watch.zone === zone) continue;
      if (left) return left.finish;
      left = watch;
    }
    return left && !this.canPass(left, person) ? left.finish : null;
  }

  /** What a person would leave alone by going to another zone over a span, and somebody else can watch. */
  passable(person: number, zone: number, start: number, finish: number): readonly Watching[] {
    const watched = this.byPerson[person];
    if (!watched || watched.first(start, finish) < 0) return NOTHING;
    return watched
      .overlapping(start, finish)
      .filter((watch) => watch.zone !== zone && this.canPass(watch, person));
  }

  private canPass(watch: Watching, person: number): boolean {
    return watch.other !== person && this.obstacle(watch.other, watch) === null;
  }

  /** When a person could watch one more section over a span that begins later; null when it can be watched now. */
  obstacle(person: number, { zone, start, finish }: Omit<Watching, 'other'>): number | null {
    const elsewhere = this.days[person]?.busyOutside(start, finish, zone) ?? null;
    if (elsewhere !== null) return elsewhere;
    const watched = this.byPerson[person];
    if (!watched) return null;
    for (let i = watched.first(start, finish); i >= 0; i = watched.next(i, start, finish)) {
      const other = watched.at(i);
      if (other && other.zone !== zone) return other.finish;
    }
    return watched.crowdedUntil(this.perPerson, start, finish);
  }
}

const NOTHING: readonly never[] = [];
