import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { IntervalList, crowdedUntil } from './interval-list.ts';

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

describe('crowding', () => {
  it('is where as many overlap as there are, until the first of them ends', () => {
    const two = [
      { start: 0, finish: 50 },
      { start: 20, finish: 40 },
    ];
    expect(crowdedUntil(two, 2, 0)).toBe(40);
    expect(crowdedUntil(two, 3, 0)).toBeNull();
  });

  it('is not where they follow each other', () => {
    const turns = [
      { start: 0, finish: 10 },
      { start: 10, finish: 20 },
    ];
    expect(crowdedUntil(turns, 2, 0)).toBeNull();
    expect(crowdedUntil(turns, 1, 0)).toBe(10);
  });

  it('is always where there is none', () => {
    expect(crowdedUntil([{ start: 5, finish: 9 }], 1, 5)).toBe(9);
  });
});
