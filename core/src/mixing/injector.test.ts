import { describe, expect, it } from '@jest/globals';
import { drawnFraction, injection } from './injector.ts';

describe('an injector', () => {
  it('draws a fraction of what it delivers, by a test with a bucket', () => {
    expect(drawnFraction(1.2, 12)).toBeCloseTo(0.1, 9);
    expect(() => drawnFraction(12, 12)).toThrow('drawn 12 L is not less than the delivered 12 L');
    expect(() => drawnFraction(0, 12)).toThrow('drawn 0 L must be above 0 L');
  });

  it('reaches a tenth of the stock at a tenth, and no more', () => {
    expect(injection(12.5, 0.1, 125)).toEqual({ ok: true, tankGramsPerLitre: 125 });
    expect(injection(5, 0.1, 125)).toEqual({ ok: true, tankGramsPerLitre: 50 });
  });

  it('names the ways out of a strength that it cannot reach, and no stronger tank among them', () => {
    const refused = injection(20, 0.1, 125);
    expect(refused).toMatchObject({ ok: false, reachableGramsPerLitre: 12.5 });
    if (refused.ok) throw new Error('20 g/L cannot be reached');
    expect(refused.text).toContain(
      'from 125 g/L in the tank at most 12.5 g/L reach the surface, and 20 are needed',
    );
    const ways = refused.text.split('Ways out: ')[1];
    expect(ways?.split('; ')).toHaveLength(3);
    expect(ways).not.toMatch(/tank/);
    expect(() => injection(20, 1.5, 125)).toThrow('drawn fraction 1.5 is outside 0 to 1');
  });
});
