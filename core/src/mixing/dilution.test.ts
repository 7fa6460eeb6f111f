import { describe, expect, it } from '@jest/globals';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { dissolving } from './heat-of-dissolving.ts';
import { mixCard } from './mix-card.ts';
import { catchNeutraliserGrams, neutraliserGrams } from './neutraliser.ts';
import { stockLitres, wetFilmStrength } from './dilution.ts';

const HYPOCHLORITE = CATALOGUE.agent('hypochlorite');

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

describe('a figure that is none', () => {
  it.each<[string, () => unknown, string]>([
    ['a stock of nothing', () => stockLitres(10, 0, 0), 'strength of the stock 0 g/L must be above 0'],
    ['a stock that is no number', () => stockLitres(10, 5, Number.NaN), 'strength of the stock NaN'],
    [
      'a volume that is no number',
      () => stockLitres(Number.NaN, 5, 100),
      'volume of the mix NaN L is outside',
    ],
    ['a volume below nothing', () => stockLitres(-1, 5, 100), 'volume of the mix -1 L'],
    ['a target that is no number', () => stockLitres(10, Number.NaN, 100), 'strength of the mix NaN g/L'],
    ['no coat onto no film', () => wetFilmStrength(3, 0, 0), 'coat 0 kg/m² must be above 0'],
    ['a film below nothing', () => wetFilmStrength(3, 0.2, -0.1), 'film already there -0.1'],
    ['caustic below nothing', () => dissolving(-1), 'strength of the mix -1 g/L'],
    ['caustic that is no number', () => dissolving(Number.NaN), 'strength of the mix NaN g/L'],
    [
      'a film that is no number',
      () => neutraliserGrams(HYPOCHLORITE, 10, Number.NaN),
      'film left on the surface NaN L',
    ],
    ['a tank below nothing', () => catchNeutraliserGrams(HYPOCHLORITE, -1), 'active in the tank -1 g'],
    [
      'a card of no volume',
      () => mixCard(HYPOCHLORITE, 0, 10, 'metric'),
      'volume of the mix 0 L must be above 0',
    ],
    [
      'a card of no strength',
      () => mixCard(HYPOCHLORITE, 5, Number.NaN, 'metric'),
      'strength of the mix NaN g/L',
    ],
  ])('%s is refused, naming it', (_, mixed, message) => {
    expect(mixed).toThrow(message);
  });
});

describe('a strength carries its basis', () => {
  it('and nothing is more than all of it, or weighs nothing', () => {
    const of = (value: number, densityKilogramsPerLitre: number) => () =>
      gramsPerLitre({ basis: '% w/w', value, densityKilogramsPerLitre });
    expect(of(130, 1.5)).toThrow('130 % w/w is not a strength');
    expect(of(50, 0)).toThrow('density 0 kg/L is outside 0.5 kg/L to 3 kg/L');
    expect(of(50, Number.NaN)).toThrow('density NaN kg/L');
    expect(of(100, 1.84)()).toBe(1840);
  });

  it('and is refused when it is no strength', () => {
    expect(gramsPerLitre({ basis: '% w/v', value: 5 })).toBe(50);
    expect(() => gramsPerLitre({ basis: 'g/L', value: Number.NaN })).toThrow('must be 0 or more');
  });
});
