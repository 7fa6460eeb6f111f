import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { agedHypochlorite } from './hypochlorite-ageing.ts';

describe('a hypochlorite stock', () => {
  it.each([
    [30, 15, 119.0],
    [30, 25, 102.7],
    [90, 25, 75.7],
    [30, 35, 67.5],
    [60, 35, 46.3],
  ])('of 125 g/L after %p days at %p °C has %p', (days, celsius, expected) => {
    expect(agedHypochlorite(125, [{ days, celsius }])).toBeCloseTo(expected, 1);
  });

  it('has half its strength after 220 days from 100 g/L at 25 °C', () => {
    expect(agedHypochlorite(100, [{ days: 220, celsius: 25 }])).toBeCloseTo(50, 6);
  });

  it('goes on from a measured strength as the fresh stock would have', () => {
    const half = agedHypochlorite(125, [{ days: 15, celsius: 25 }]);
    expect(agedHypochlorite(half, [{ days: 15, celsius: 25 }], 125)).toBeCloseTo(102.7, 1);
  });

  it('never gets stronger: not by age, nor by warmth', () => {
    const storage = fc.record({
      days: fc.double({ min: 0, max: 400, noNaN: true }),
      celsius: fc.double({ min: -5, max: 45, noNaN: true }),
    });
    fc.assert(
      fc.property(fc.double({ min: 1, max: 180, noNaN: true }), storage, storage, (start, one, more) => {
        const now = agedHypochlorite(start, [one]);
        expect(now).toBeLessThanOrEqual(start + 1e-9);
        expect(agedHypochlorite(start, [one, more])).toBeLessThanOrEqual(now + 1e-9);
        expect(agedHypochlorite(start, [{ ...one, celsius: one.celsius + 3 }])).toBeLessThanOrEqual(
          now + 1e-9,
        );
      }),
    );
  });

  it('names value, limit and way out for a slip', () => {
    expect(() => agedHypochlorite(125, [{ days: -3, celsius: 20 }])).toThrow(
      'storage -3 d is outside 0 d to 3650 d',
    );
    expect(() => agedHypochlorite(125, [{ days: 3, celsius: 80 }])).toThrow('storage temperature 80 °C');
    expect(() => agedHypochlorite(0, [])).toThrow('strength of the stock 0 g/L must be above 0 g/L');
  });
});
