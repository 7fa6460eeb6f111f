import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { dryMinute, wetLine } from './wet-line.ts';
import { dryOutSeconds, filmSeconds } from './wet-window.ts';
import type { WetFace } from './wet-window.ts';

const RENDER: WetFace = {
  heldKilogramsPerSquareMetre: 0.2,
  evaporation: 0.289,
  sorptivity: 0.008,
  preWetSeconds: 600,
};
const lineOf = (face: WetFace, mists: readonly number[] = [], untilMinute = 60) =>
  wetLine({ face, lie: 'rough-wall', mists, mistKilogramsPerSquareMetre: 0.06, untilMinute });

describe('the wet line', () => {
  it('comes down when the clocks say so', () => {
    const moments = lineOf(RENDER, [], 90);
    expect(dryMinute(moments, 'film')).toBeCloseTo(filmSeconds(RENDER) / 60, 0);
    expect(dryMinute(moments, 'left')).toBeCloseTo(dryOutSeconds(RENDER) / 60, 0);
    expect(dryMinute(lineOf({ ...RENDER, evaporation: -0.1, sorptivity: 0 }), 'left')).toBeNull();
  });

  it('rises with a mist, and only up to what the face retains', () => {
    const moments = lineOf(RENDER, [8]);
    const [before, after] = moments.filter((m) => m.minute === 8);
    expect((after?.film ?? 0) - (before?.film ?? 0)).toBeCloseTo(0.06, 6);
    expect(dryMinute(moments, 'film')).toBeGreaterThan(dryMinute(lineOf(RENDER), 'film') ?? Infinity);
    expect(Math.max(...lineOf(RENDER, [0.25]).map((m) => m.film))).toBeLessThanOrEqual(0.2);
  });

  it('never has more on the face than on it and in it, and never rises by itself', () => {
    const face = fc.record({
      heldKilogramsPerSquareMetre: fc.double({ min: 0.04, max: 0.2, noNaN: true }),
      evaporation: fc.double({ min: -0.2, max: 1.2, noNaN: true }),
      sorptivity: fc.double({ min: 0, max: 0.12, noNaN: true }),
      preWetSeconds: fc.integer({ min: 0, max: 1800 }),
    });
    fc.assert(
      fc.property(face, fc.uniqueArray(fc.integer({ min: 1, max: 29 }), { maxLength: 5 }), (given, mists) => {
        const moments = lineOf(
          given,
          mists.sort((a, b) => a - b),
          30,
        );
        moments.forEach((now, i) => {
          expect(now.film).toBeLessThanOrEqual(now.left + 1e-9);
          const before = moments[i - 1];
          if (before && now.minute > before.minute) expect(now.left).toBeLessThanOrEqual(before.left + 1e-12);
        });
        expect(moments.at(-1)?.minute).toBe(30);
      }),
    );
  });
});
