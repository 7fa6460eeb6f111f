import { decimal } from './numbers.ts';
import { requireSpan } from './span.ts';

/** What liquids of any use weigh, kg/L. */
const LIGHTEST = 0.5;
const HEAVIEST = 3;

/**
 * What a strength is a percentage or a mass *of*; part of the value, never an assumption.
 * "w/v" is g per 100 mL of finished mix; "w/w" needs the density of the stock.
 */
export type Strength =
  | { readonly basis: 'g/L'; readonly value: number }
  | { readonly basis: '% w/v'; readonly value: number }
  | { readonly basis: '% w/w'; readonly value: number; readonly densityKilogramsPerLitre: number };

/**
 * Grams of active per litre of liquid.
 *
 * @param strength value ≥ 0 in its basis, of % w/w up to 100; density in kg/L for w/w (g/L = 10·%·ρ), 0.5 to 3
 * @throws RangeError outside these, naming value and limit
 * @example gramsPerLitre({ basis: '% w/w', value: 50, densityKilogramsPerLitre: 1.525 }) // 762.5
 */
export function gramsPerLitre(strength: Strength): number {
  if (!Number.isFinite(strength.value) || strength.value < 0) {
    throw new RangeError(
      `a strength of ${strength.value} ${strength.basis} is not a strength: it must be 0 or more`,
    );
  }
  switch (strength.basis) {
    case 'g/L':
      return strength.value;
    case '% w/v':
      return 10 * strength.value;
    case '% w/w':
      if (strength.value > 100)
        throw new RangeError(
          `a strength of ${strength.value} % w/w is not a strength: nothing is more than 100 % of itself`,
        );
      requireSpan('density', strength.densityKilogramsPerLitre, LIGHTEST, HEAVIEST, 'kg/L');
      return 10 * strength.value * strength.densityKilogramsPerLitre;
  }
}

/** @example formatGramsPerLitre(10) // "10 g/L (1 % w/v)" */
export function formatGramsPerLitre(value: number): string {
  return `${decimal(value, 1)} g/L (${decimal(value / 10, 2)} % w/v)`;
}
