import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { fewestStrengths, strengthFor } from './fewest-strengths.ts';
import type { WantedStrength } from './fewest-strengths.ts';

const band = fc
  .record({
    wanted: fc.integer({ min: 1, max: 40 }),
    below: fc.integer({ min: 0, max: 12 }),
    above: fc.integer({ min: 0, max: 12 }),
    litres: fc.integer({ min: 1, max: 30 }),
  })
  .map(({ wanted, below, above, litres }): WantedStrength => ({
    wanted,
    weakest: Math.max(1, wanted - below),
    strongest: wanted + above,
    litres,
  }));

const costOf = (all: readonly WantedStrength[], strengths: readonly number[]) =>
  all.reduce((sum, one) => {
    const chosen = strengthFor(one, strengths);
    return chosen === null ? Infinity : sum + (one.litres * Math.abs(chosen - one.wanted)) / one.wanted;
  }, 0);

/** Every set of so many whole strengths, one by one. */
function* sets(count: number, from = 1): Generator<readonly number[]> {
  if (count === 0) {
    yield [];
    return;
  }
  for (let strength = from; strength <= 52; strength += 1)
    for (const rest of sets(count - 1, strength + 1)) yield [strength, ...rest];
}

/** Up to two strengths, by trying all; null where it takes more. */
function byTrying(all: readonly WantedStrength[]): { readonly count: number; readonly cost: number } | null {
  for (const count of [1, 2]) {
    const cost = Math.min(...[...sets(count)].map((strengths) => costOf(all, strengths)));
    if (cost < Infinity) return { count, cost };
  }
  return null;
}

describe('the fewest strengths', () => {
  it('are as few, and as near to what is wanted, as trying all of them finds', () => {
    const seen = { shared: 0, several: 0 };
    fc.assert(
      fc.property(fc.array(band, { minLength: 1, maxLength: 5 }), (all) => {
        const best = byTrying(all);
        const strengths = fewestStrengths(all);
        if (!best) {
          expect(strengths.length).toBeGreaterThan(2);
          return;
        }
        expect(strengths).toHaveLength(best.count);
        expect(costOf(all, strengths)).toBeCloseTo(best.cost, 9);
        if (strengths.length < new Set(all.map(({ wanted }) => wanted)).size) seen.shared += 1;
        if (strengths.length > 1) seen.several += 1;
      }),
      { numRuns: 150 },
    );
    expect(seen.shared).toBeGreaterThan(20);
    expect(seen.several).toBeGreaterThan(20);
  });

  it('take the strength that changes the least of what is put on', () => {
    const wall = { wanted: 8, weakest: 6.4, strongest: 10 };
    const parapet = { wanted: 10, weakest: 8, strongest: 12.5 };
    expect(
      fewestStrengths([
        { ...wall, litres: 20 },
        { ...parapet, litres: 2 },
      ]),
    ).toEqual([8]);
    expect(
      fewestStrengths([
        { ...wall, litres: 2 },
        { ...parapet, litres: 20 },
      ]),
    ).toEqual([10]);
    expect(
      fewestStrengths([
        { ...wall, litres: 1 },
        { wanted: 20, weakest: 16, strongest: 25, litres: 1 },
      ]),
    ).toEqual([8, 20]);
    expect(fewestStrengths([])).toEqual([]);
  });

  it('refuse a strength outside its own band', () => {
    expect(() => fewestStrengths([{ wanted: 5, weakest: 6, strongest: 8, litres: 1 }])).toThrow(
      '5 g/L lies outside its band of 6 to 8 g/L',
    );
  });
});
