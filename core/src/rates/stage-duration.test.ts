import { describe, expect, it } from '@jest/globals';
import { plannedRate } from './stage-duration.ts';

const range = { lowSquareMetresPerHour: 15, highSquareMetresPerHour: 25 };

describe('the planned rate', () => {
  it('is the median of the range where nothing slows it', () => {
    const rate = plannedRate(range, { severity: 4, shaded: true, topMetres: 2, dependsOnDirt: false });
    expect(rate.squareMetresPerHour).toBeCloseTo(19.36, 2);
    expect(rate.factors).toEqual([]);
  });

  it('multiplies the time by severity, shade and height', () => {
    const rate = plannedRate(range, { severity: 3, shaded: true, topMetres: 6, dependsOnDirt: true });
    expect(rate.squareMetresPerHour).toBeCloseTo(19.36 / (1.4 * 1.25 * 1.2), 2);
    expect(rate.factors.map((f) => f.factor)).toEqual([1.4, 1.25, 1.2]);
  });
});
