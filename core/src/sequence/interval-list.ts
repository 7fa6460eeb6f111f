interface Interval {
  readonly start: number;
  readonly finish: number;
}

/** Intervals in order of start, found by the span they overlap without looking at all of them. */
export class IntervalList<I extends Interval> {
  private readonly intervals: I[] = [];
  /** The longest ever held: what starts earlier than that before a span cannot reach into it. */
  private longest = 0;

  insert(interval: I): void {
    this.intervals.splice(this.firstFrom(interval.start + 1e-9), 0, interval);
    this.longest = Math.max(this.longest, interval.finish - interval.start);
  }

  remove(interval: I): void {
    const index = this.intervals.indexOf(interval, this.firstFrom(interval.start));
    if (index >= 0) this.intervals.splice(index, 1);
  }

  /** The first overlapping interval that fulfils the test, in order of start. */
  find(start: number, finish: number, test: (interval: I) => boolean): I | undefined {
    for (let i = this.firstFrom(start - this.longest); i < this.intervals.length; i += 1) {
      const interval = this.intervals[i];
      if (!interval || interval.start >= finish) return undefined;
      if (interval.finish > start && test(interval)) return interval;
    }
    return undefined;
  }

  overlapping(start: number, finish: number): readonly I[] {
    const found: I[] = [];
    this.find(start, finish, (interval) => {
      found.push(interval);
      return false;
    });
    return found;
  }

  get size(): number {
    return this.intervals.length;
  }

  /** Index of the first interval that starts at `time` or later. */
  private firstFrom(time: number): number {
    let low = 0;
    let high = this.intervals.length;
    while (low < high) {
      const middle = (low + high) >> 1;
      if ((this.intervals[middle]?.start ?? Infinity) < time) low = middle + 1;
      else high = middle;
    }
    return low;
  }
}

/**
 * When more than `count` would overlap with one more over the span: the first time one ends; null when there is room.
 * The number in use is greatest at the start of one of the intervals.
 */
export function crowdedUntil(overlapping: readonly Interval[], count: number, start: number): number | null {
  if (overlapping.length < count) return null;
  for (const at of [start, ...overlapping.map((i) => i.start).filter((s) => s > start)]) {
    const inUse = overlapping.filter((i) => i.start <= at && at < i.finish);
    if (inUse.length >= count) return Math.min(...inUse.map((i) => i.finish));
  }
  return null;
}
