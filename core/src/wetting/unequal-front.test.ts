import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { soloFront } from './front.ts';
import { unequalFront } from './unequal-front.ts';
import type { UnequalStrip } from './unequal-front.ts';

const minutes = (min: number, max: number) => fc.double({ min, max, noNaN: true });

describe('a front over strips of different sizes', () => {
  it('is the eager front where all are alike', () => {
    const strips = { strips: 10, apply: 1, finish: 3, from: 10, limit: 24, mist: null };
    const found = unequalFront(Array.from({ length: 10 }, () => strips));
    expect(found?.front).toMatchObject({ mode: 'eager', out: 4, duration: soloFront(strips)?.duration });
  });

  it('is never on for too short or too long, with nobody at two strips at once; nor slower than one after the other', () => {
    let flowing = 0;
    const strip = fc.record({
      apply: minutes(0.1, 5),
      finish: minutes(0.1, 8),
      from: minutes(0, 30),
      limit: minutes(20, 90),
    });
    fc.assert(
      fc.property(fc.array(strip, { minLength: 1, maxLength: 20 }), (strips) => {
        const found = unequalFront(strips);
        const alone = strips.every(({ apply, from, finish, limit }) => apply + from + finish <= limit);
        if (!found) {
          expect(alone).toBe(false);
          return;
        }
        if (found.front.out > 1 && found.front.out < strips.length) flowing += 1;
        const acts = found.strips.flatMap(({ apply, finish }) => [...apply, ...finish]);
        acts.sort((a, b) => a.from - b.from);
        acts.slice(1).forEach((act, i) => {
          expect(act.from).toBeGreaterThanOrEqual((acts[i]?.to ?? 0) - 1e-9);
        });
        found.strips.forEach(({ apply, finish }, i) => {
          const own: UnequalStrip = strips[i] ?? { apply: 0, finish: 0, from: 0, limit: 0 };
          expect((finish[0]?.from ?? 0) - (apply[0]?.to ?? 0)).toBeGreaterThanOrEqual(own.from - 1e-9);
          expect((finish[0]?.to ?? 0) - (apply[0]?.from ?? 0)).toBeLessThanOrEqual(
            own.limit - found.spare + 1e-9,
          );
        });
        expect(found.front.duration).toBeCloseTo(acts.at(-1)?.to ?? 0, 9);
        if (alone)
          expect(found.front.duration).toBeLessThanOrEqual(
            strips.reduce((sum, s) => sum + s.apply + s.from + s.finish, 0) + 1e-9,
          );
      }),
      { numRuns: 600 },
    );
    expect(flowing).toBeGreaterThan(50);
  });

  it('is refused without strips and for times that are none', () => {
    expect(() => unequalFront([])).toThrow(RangeError);
    expect(() => unequalFront([{ apply: -1, finish: 1, from: 0, limit: 9 }])).toThrow(RangeError);
  });
});
