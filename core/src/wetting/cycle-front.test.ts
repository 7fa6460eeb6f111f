import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { cycleFront, pairedFront, sharedFront } from './cycle-front.ts';
import type { FrontPace } from './cycle-front.ts';

const pace = (more: Partial<FrontPace> = {}): FrontPace => ({
  areaSquareMetres: 60,
  natural: null,
  lifts: 1,
  squareMetresPerMetre: 5,
  applyRate: 5,
  finishRate: 2.5,
  agitateRate: Infinity,
  preWetRate: null,
  soakMinutes: 0,
  toolChanges: { alone: 2, leader: 0, follower: 0 },
  dwell: { fromMinutes: 8, toMinutes: 15 },
  wetMinutes: 60,
  mixMinutes: Infinity,
  ...more,
});

describe('the front of a cycle', () => {
  it('has the widest strips that hold', () => {
    const front = cycleFront(pace());
    expect(front?.stripCount).toBeLessThan(20);
    expect(front?.minutes).toBeLessThan(60);
    expect(front?.strips.mist).toBeNull();
  });

  it('is cut between the pieces that a surface falls into by itself, and into equal parts of one where it must be', () => {
    const seen = { whole: 0, several: 0, parts: 0 };
    fc.assert(
      fc.property(
        fc.integer({ min: 2, max: 60 }),
        fc.double({ min: 0.3, max: 7.9, noNaN: true }),
        fc.double({ min: 0.2, max: 4, noNaN: true }),
        fc.double({ min: 6, max: 60, noNaN: true }),
        (count, each, finishRate, wetMinutes) => {
          const natural = { what: 'stone', count } as const;
          const front = cycleFront(
            pace({
              areaSquareMetres: count * each,
              natural,
              finishRate,
              wetMinutes,
              dwell: { fromMinutes: 3, toMinutes: 15 },
            }),
          );
          if (!front) return;
          const [even, parts] = [count % front.stripCount === 0, front.stripCount % count === 0];
          expect(even || parts).toBe(true);
          if (front.stripCount === count) seen.whole += 1;
          else if (even) seen.several += 1;
          else seen.parts += 1;
        },
      ),
      { numRuns: 300 },
    );
    for (const of of Object.values(seen)) expect(of).toBeGreaterThan(10);
  });

  it('leaves what must dwell for an hour to itself, and counts no wait as work', () => {
    const front = cycleFront(
      pace({ areaSquareMetres: 12, dwell: { fromMinutes: 60, toMinutes: 180 }, wetMinutes: 1440 }),
    );
    expect(front?.pieces.map(({ leftAlone }) => leftAlone)).toEqual([true]);
    expect(front?.minutes).toBeLessThan(15);
  });

  it('stays with pieces that are not worth coming back to', () => {
    const front = cycleFront(pace({ areaSquareMetres: 12, dwell: { fromMinutes: 5, toMinutes: 30 } }));
    expect(front?.pieces.some(({ leftAlone }) => leftAlone)).toBe(false);
  });

  it('counts scrubbing as contact', () => {
    const scrubbed = { finishRate: 0.25, agitateRate: 0.3 };
    expect(cycleFront(pace(scrubbed))?.strips.from).toBeLessThan(8);
    expect(cycleFront(pace({ ...scrubbed, agitateRate: Infinity }))?.strips.from).toBe(8);
  });

  it('mists where it dries sooner than it must dwell, and cannot be worked where it dries at once', () => {
    expect(cycleFront(pace({ wetMinutes: 6 }))?.mistsEach).toBeGreaterThan(0);
    expect(cycleFront(pace({ wetMinutes: 0.1 }))).toBeNull();
  });

  it('of any pace covers the surface, in pieces of 90 minutes at most but for a single strip', () => {
    let cut = 0;
    const rate = fc.double({ min: 0.1, max: 8, noNaN: true });
    fc.assert(
      fc.property(
        fc.record({
          areaSquareMetres: fc.double({ min: 0.2, max: 900, noNaN: true }),
          squareMetresPerMetre: fc.double({ min: 0.5, max: 9, noNaN: true }),
          applyRate: rate,
          finishRate: rate,
          from: fc.double({ min: 0, max: 40, noNaN: true }),
          more: fc.double({ min: 0, max: 60, noNaN: true }),
          wetMinutes: fc.double({ min: 0.5, max: 100, noNaN: true }),
        }),
        ({ from, more, ...given }) => {
          const front = cycleFront(pace({ ...given, dwell: { fromMinutes: from, toMinutes: from + more } }));
          if (!front) return;
          if (front.pieces.length > 1) cut += 1;
          expect(front.pieces.reduce((sum, piece) => sum + piece.strips, 0)).toBe(front.stripCount);
          expect(front.stripCount * front.stripSquareMetres).toBeCloseTo(given.areaSquareMetres, 6);
          for (const { strips, minutes, front: rhythm } of front.pieces) {
            if (strips > 1) expect(minutes).toBeLessThanOrEqual(90 + 1e-6);
            expect(rhythm.exposure).toBeLessThanOrEqual(front.strips.limit + 1e-6);
          }
        },
      ),
      { numRuns: 800 },
    );
    expect(cut).toBeGreaterThan(10);
  });
});

describe('a front that several work', () => {
  it('as a pair takes hardly longer than its slower one, with whom of the two changing tools counted apart', () => {
    const given = pace({ toolChanges: { alone: 4, leader: 0, follower: 2 } });
    const [alone, pair] = [cycleFront(given), pairedFront(given)];
    expect(pair?.hands).toBe('pair');
    expect(pair?.minutes).toBeLessThan((alone?.minutes ?? 0) - 8);
    expect(pair?.strips.finish).toBeCloseTo((pair?.stripSquareMetres ?? 0) / 2.5 + 0.5);
  });

  it('is no pair where all is applied before anything is finished', () => {
    const slow = { fromMinutes: 60, toMinutes: 180 };
    expect(pairedFront(pace({ areaSquareMetres: 12, dwell: slow, wetMinutes: 1440 }))).toBeNull();
  });

  it('in parts takes each of them as long as they share, and nobody is sent to a corner', () => {
    const parts = sharedFront(pace(), 2);
    expect(parts?.pieces.map(({ strips }) => strips)).toHaveLength(2);
    const [first, second] = parts?.pieces ?? [];
    expect(Math.abs((first?.strips ?? 0) - (second?.strips ?? 0))).toBeLessThanOrEqual(1);
    expect(first?.minutes).toBeLessThan(0.7 * (cycleFront(pace())?.minutes ?? 0));
    expect(sharedFront(pace({ areaSquareMetres: 20 }), 3)?.pieces).toHaveLength(2);
    expect(sharedFront(pace({ areaSquareMetres: 12 }), 2)).toBeNull();
  });
});
