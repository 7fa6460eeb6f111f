import { describe, expect, it } from '@jest/globals';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { stockLitres, wetFilmStrength } from './dilution.ts';

describe('dilution', () => {
  it.each([
    [
      '50 % w/w caustic',
      10,
      40,
      gramsPerLitre({ basis: '% w/w', value: 50, densityKilogramsPerLitre: 1.525 }),
      0.525,
    ],
    [
      '85 % w/w phosphoric',
      10,
      150,
      gramsPerLitre({ basis: '% w/w', value: 85, densityKilogramsPerLitre: 1.685 }),
      1.05,
    ],
    [
      '31 % w/w hydrochloric',
      10,
      100,
      gramsPerLitre({ basis: '% w/w', value: 31, densityKilogramsPerLitre: 1.155 }),
      2.79,
    ],
    ['125 g/L hypochlorite', 20, 30, 125, 4.8],
  ])('of %s', (_, litres, target, stock, expected) => {
    expect(stockLitres(litres, target, stock)).toBeCloseTo(expected, 2);
  });

  it('refuses a target above the stock and names the highest reachable', () => {
    expect(() => stockLitres(10, 130, 125)).toThrow(
      'stock strength 125 g/L is below the target 130 g/L: highest reachable is 125 g/L',
    );
  });

  it('onto a wet film weakens the first coat', () => {
    expect(wetFilmStrength(3, 0.2, 0.15)).toBeCloseTo(1.71, 2);
  });
});

describe('a strength carries its basis', () => {
  it('and is refused when it is no strength', () => {
    expect(gramsPerLitre({ basis: '% w/v', value: 5 })).toBe(50);
    expect(() => gramsPerLitre({ basis: 'g/L', value: Number.NaN })).toThrow('must be 0 or more');
  });
});
