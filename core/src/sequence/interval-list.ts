interface Interval {
  readonly start: number;
  readonly finish: number;
}

/**
 * Intervals in order of start, found by the span they overlap without looking at all of them. The search asks it a million times a second:
 * it hands out places in the list, and makes no arrays.
 */
export class IntervalList<I extends Interval> {
  private readonly intervals: I[] = [];
  /** The longest ever held: what starts earlier than that before a span cannot reach into it. */
  private longest = 0;

  clear(): void {
    this.intervals.length = 0;
    this.longest = 0;
  }

  insert(interval: I): void {
    insertAt(this.intervals, this.firstFrom(interval.start + 1e-9), interval);
    this.longest = Math.max(this.longest, interval.finish - interval.start);
  }

  remove(interval: I): void {
    const index = this.intervals.indexOf(interval, this.firstFrom(interval.start));
    if (index >= 0) removeAt(this.intervals, index);
  }

  /** Place of the first that overlaps a span; −1 where none does. */
  first(start: number, finish: number): number {
    if (this.intervals.length === 0) return -1;
    return this.next(this.firstFrom(start - this.longest) - 1, start, finish);
  }

  /** Place of the next that overlaps a span, after one in the list; −1 where none does. */
  next(after: number, start: number, finish: number): number {
    const { intervals } = this;
    for (let i = after + 1; i < intervals.length; i += 1) {
      const interval = intervals[i];
      if (!interval || interval.start >= finish) return -1;
      if (interval.finish > start) return i;
    }
    return -1;
  }

  at(place: number): I | undefined {
    return this.intervals[place];
  }

  /** All that overlap a span, in order of start. */
  overlapping(start: number, finish: number): readonly I[] {
    const found: I[] = [];
    for (let i = this.first(start, finish); i >= 0; i = this.next(i, start, finish)) {
      const interval = this.intervals[i];
      if (interval) found.push(interval);
    }
    return found;
  }

  /**
   * When more than `count` would overlap with one more over the span: the first time one ends; null when there is room.
   * The number in use is greatest at the start of one of the intervals.
   */
  crowdedUntil(count: number, start: number, finish: number): number | null {
    const first = this.first(start, finish);
    let overlapping = 0;
    for (let i = first; i >= 0; i = this.next(i, start, finish)) overlapping += 1;
    if (overlapping < count) return null;
    const until = this.fullUntil(first, count, start, start, finish);
    if (until !== null) return until;
    for (let i = first; i >= 0; i = this.next(i, start, finish)) {
      const from = this.intervals[i]?.start ?? 0;
      if (from <= start) continue;
      const full = this.fullUntil(first, count, from, start, finish);
      if (full !== null) return full;
    }
    return null;
  }

  /** Where so many of those that overlap a span are in use at a time, when the first of them ends. */
  private fullUntil(first: number, count: number, at: number, start: number, finish: number): number | null {
    let inUse = 0;
    let until = Infinity;
    for (let i = first; i >= 0; i = this.next(i, start, finish)) {
      const interval = this.intervals[i];
      if (!interval || interval.start > at || at >= interval.finish) continue;
      inUse += 1;
      if (interval.finish < until) until = interval.finish;
    }
    return inUse >= count ? until : null;
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

/** As `splice`, which makes an array of what it takes out each time. */
export function insertAt<T>(list: T[], at: number, value: T): void {
  list.push(value);
  for (let i = list.length - 1; i > at; i -= 1) {
    const earlier = list[i - 1];
    if (earlier !== undefined) list[i] = earlier;
  }
  list[at] = value;
}

export function removeAt(list: unknown[], at: number): void {
  for (let i = at; i < list.length - 1; i += 1) list[i] = list[i + 1];
  list.pop();
}
