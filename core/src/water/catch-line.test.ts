import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { fullAt } from './catch-line.ts';

describe('a catch', () => {
  it('is full whenever as much has come as it holds', () => {
    expect(fullAt([{ from: 0, to: 60, litres: 30 }], 20)).toEqual([40]);
    expect(fullAt([{ from: 0, to: 60, litres: 60 }], 20)).toEqual([20, 40]);
    // Two at once, then one alone.
    const two = [
      { from: 0, to: 10, litres: 10 },
      { from: 5, to: 25, litres: 20 },
    ];
    expect(fullAt(two, 15)).toEqual([10]);
    expect(fullAt([], 15)).toEqual([]);
    // Full to the brim when the work is over: emptied with all the rest.
    const brim = [175, 136, 93, 88, 148, 192].map((litres) => ({ from: 0, to: 1, litres }));
    expect(fullAt([...brim, { from: 0, to: 14, litres: 148 }], 20)).toHaveLength(48);
  });

  it('is emptied as often as all that comes fills it, never before', () => {
    const inflow = fc
      .record({
        from: fc.integer({ min: 0, max: 300 }),
        long: fc.integer({ min: 1, max: 60 }),
        litres: fc.integer({ min: 1, max: 200 }),
      })
      .map(({ from, long, litres }) => ({ from, to: from + long, litres }));
    let often = 0;
    fc.assert(
      fc.property(
        fc.array(inflow, { minLength: 1, maxLength: 12 }),
        fc.integer({ min: 20, max: 400 }),
        (inflows, holds) => {
          const all = inflows.reduce((sum, { litres }) => sum + litres, 0);
          const times = fullAt(inflows, holds);
          expect(Math.abs(times.length - Math.max(0, Math.ceil(all / holds - 1e-6) - 1))).toBeLessThanOrEqual(
            0,
          );
          const comeBy = (time: number) =>
            inflows.reduce(
              (sum, { from, to, litres }) =>
                sum + litres * Math.min(1, Math.max(0, (time - from) / (to - from))),
              0,
            );
          times.forEach((time, i) => {
            expect(comeBy(time)).toBeCloseTo(holds * (i + 1), 6);
          });
          if (times.length > 1) often += 1;
        },
      ),
      { numRuns: 200 },
    );
    expect(often).toBeGreaterThan(50);
  });

  it('that holds nothing is none', () => {
    expect(() => fullAt([], 0)).toThrow('what the catch holds');
  });
});
