import { describe, expect, it } from '@jest/globals';
import { coverLitres, coverSum, thinnestCoat } from './coats.ts';

const TWO = { coats: 2, litresPerSquareMetre: 1 / 2.5, nextCoatLitresPerSquareMetre: 1 / 4 };

describe('coats by their own coverage', () => {
  it('adds a second coat by its own: 48 m² at 2.5 then 4 m²/L, a tenth wasted', () => {
    expect((48 * coverLitres(TWO) * 1.1).toFixed(1)).toBe('34.3');
    expect(coverSum(TWO)).toBe('0.4 L/m² + 0.25 L/m²');
  });

  it('takes a further coat like the first where nothing else is said', () => {
    expect(coverLitres({ coats: 3, litresPerSquareMetre: 0.2 })).toBeCloseTo(0.6);
    expect(coverSum({ coats: 3, litresPerSquareMetre: 0.2 })).toBe('3 × 0.2 L/m²');
    expect(coverSum({ ...TWO, coats: 1 })).toBe('1 × 0.4 L/m²');
    expect(coverSum({ ...TWO, coats: 3 })).toBe('0.4 L/m² + 2 × 0.25 L/m²');
  });

  it('knows the thinnest of them, which a single coat is by itself', () => {
    expect(thinnestCoat(TWO)).toBe(0.25);
    expect(thinnestCoat({ ...TWO, coats: 1 })).toBe(0.4);
  });
});
