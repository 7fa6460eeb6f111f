import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import type { Severity } from '../catalogue/contaminant.ts';
import { dwellOn } from './dwell-guidance.ts';

const severity = fc.constantFrom<Severity>(1, 2, 3, 4);
const span = fc
  .tuple(fc.double({ min: 0.5, max: 30, noNaN: true }), fc.double({ min: 0, max: 60, noNaN: true }))
  .map(([from, more]) => ({ from, to: from + more }));
const celsius = fc.double({ min: -10, max: 45, noNaN: true });

describe('a dwell', () => {
  it('is looked at from half of it on, and done sooner or later by dirt and day', () => {
    expect(dwellOn({ from: 8, to: 15 }, 3, 18)).toEqual({
      fromMinutes: 8,
      toMinutes: 15,
      usefulMinutes: 15,
      lookFromMinutes: 4,
      expectedMinutes: 11.5,
    });
    expect(dwellOn({ from: 8, to: 15 }, 1, 18).expectedMinutes).toBe(8);
    expect(dwellOn({ from: 8, to: 15 }, 4, 8).expectedMinutes).toBe(15);
  });

  it('is done when it does no more good, though it may stay on longer', () => {
    expect(dwellOn({ from: 8, useful: 10, to: 30 }, 4, 8)).toMatchObject({
      usefulMinutes: 10,
      expectedMinutes: 10,
      toMinutes: 30,
    });
    // A shorter bound, as the label gives it, comes before.
    expect(dwellOn({ from: 8, useful: 20, to: 15 }, 4, 8).usefulMinutes).toBe(15);
  });

  it('is expected within its bounds, never sooner for worse dirt, never later for a warmer day', () => {
    fc.assert(
      fc.property(span, severity, severity, celsius, celsius, (bounds, a, b, cold, warm) => {
        const [mild, bad] = a <= b ? [a, b] : [b, a];
        const [cooler, warmer] = cold <= warm ? [cold, warm] : [warm, cold];
        const { expectedMinutes } = dwellOn(bounds, mild, cooler);
        expect(expectedMinutes).toBeGreaterThanOrEqual(bounds.from);
        expect(expectedMinutes).toBeLessThanOrEqual(bounds.to);
        expect(dwellOn(bounds, bad, cooler).expectedMinutes).toBeGreaterThanOrEqual(expectedMinutes);
        expect(dwellOn(bounds, mild, warmer).expectedMinutes).toBeLessThanOrEqual(expectedMinutes);
      }),
    );
  });
});
