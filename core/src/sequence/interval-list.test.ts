import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { IntervalList, insertAt, removeAt } from './interval-list.ts';

const interval = fc
  .record({ start: fc.nat(300), length: fc.integer({ min: 1, max: 80 }) })
  .map(({ start, length }) => ({ start, finish: start + length }));
const meet = (a: { start: number; finish: number }, start: number, finish: number) =>
  a.start < finish && start < a.finish;

describe('a list of intervals', () => {
  it('finds just those that overlap a span, whatever was put in and taken out', () => {
    fc.assert(
      fc.property(
        fc.array(interval, { maxLength: 40 }),
        fc.array(fc.nat(39), { maxLength: 20 }),
        interval,
        (all, gone, span) => {
          const list = new IntervalList<{ start: number; finish: number }>();
          for (const i of all) list.insert(i);
          const removed = new Set(gone.map((k) => all[k]).filter((i) => i !== undefined));
          for (const i of removed) list.remove(i);
          const kept = all.filter((i) => !removed.has(i));
          const found = list.overlapping(span.start, span.finish);
          expect(new Set(found)).toEqual(new Set(kept.filter((i) => meet(i, span.start, span.finish))));
          expect(found.map((i) => i.start)).toEqual([...found.map((i) => i.start)].sort((a, b) => a - b));
        },
      ),
    );
  });

  it('does not count those that only touch', () => {
    const list = new IntervalList<{ start: number; finish: number }>();
    list.insert({ start: 10, finish: 20 });
    expect(list.overlapping(20, 30)).toEqual([]);
    expect(list.overlapping(0, 10)).toEqual([]);
  });
});

/** Intervals in a list. */
function listOf(...intervals: readonly { readonly start: number; readonly finish: number }[]) {
  const list = new IntervalList<{ readonly start: number; readonly finish: number }>();
  for (const one of intervals) list.insert(one);
  return list;
}

describe('crowding', () => {
  it('is where as many overlap as there are, until the first of them ends', () => {
    const two = listOf({ start: 0, finish: 50 }, { start: 20, finish: 40 });
    expect(two.crowdedUntil(2, 0, 60)).toBe(40);
    expect(two.crowdedUntil(3, 0, 60)).toBeNull();
    expect(two.crowdedUntil(2, 40, 60)).toBeNull();
  });

  it('is not where they follow each other', () => {
    const turns = listOf({ start: 0, finish: 10 }, { start: 10, finish: 20 });
    expect(turns.crowdedUntil(2, 0, 20)).toBeNull();
    expect(turns.crowdedUntil(1, 0, 20)).toBe(10);
  });

  it('is always where there is none', () => {
    expect(listOf({ start: 5, finish: 9 }).crowdedUntil(1, 5, 9)).toBe(9);
  });

  it('is told apart second by second, whatever overlaps', () => {
    const seen = { crowded: 0, free: 0 };
    fc.assert(
      fc.property(
        fc.array(interval, { maxLength: 12 }),
        interval,
        fc.integer({ min: 1, max: 4 }),
        (all, span, count) => {
          const inUse = (at: number) => all.filter((i) => i.start <= at && at < i.finish);
          const times = Array.from({ length: span.finish - span.start }, (_, i) => span.start + i);
          const full = times.find((at) => inUse(at).length >= count);
          const until = listOf(...all).crowdedUntil(count, span.start, span.finish);
          if (full === undefined) expect(until).toBeNull();
          else expect(until).toBe(Math.min(...inUse(full).map(({ finish }) => finish)));
          seen[full === undefined ? 'free' : 'crowded'] += 1;
        },
      ),
    );
    expect(Math.min(seen.crowded, seen.free)).toBeGreaterThan(10);
  });
});

describe('a list in order', () => {
  it('takes in and gives up at any place what splicing would', () => {
    fc.assert(
      fc.property(fc.array(fc.nat(9), { maxLength: 9 }), fc.nat(9), fc.nat(), (all, value, nth) => {
        const [put, spliced] = [[...all], [...all]];
        const at = nth % (all.length + 1);
        insertAt(put, at, value);
        spliced.splice(at, 0, value);
        expect(put).toEqual(spliced);
        removeAt(put, nth % put.length);
        spliced.splice(nth % spliced.length, 1);
        expect(put).toEqual(spliced);
      }),
    );
  });
});
