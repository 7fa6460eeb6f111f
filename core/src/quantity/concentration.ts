import { decimal } from './numbers.ts';

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
  const fault = strengthFault(strength);
  if (fault !== null) throw new RangeError(fault);
  switch (strength.basis) {
    case 'g/L':
      return strength.value;
    case '% w/v':
      return 10 * strength.value;
    case '% w/w':
      return 10 * strength.value * strength.densityKilogramsPerLitre;
  }
}

/** Why something written as a strength is none, with the value and the limit; null where it is one. */
export function strengthFault(strength: Strength): string | null {
  const { value, basis } = strength;
  if (!Number.isFinite(value) || value < 0)
    return `a strength of ${value} ${basis} is not a strength: it must be 0 or more`;
  if (basis !== '% w/w') return null;
  const { densityKilogramsPerLitre: density } = strength;
  if (value > 100)
    return `a strength of ${value} % w/w is not a strength: nothing is more than 100 % of itself`;
  return density >= LIGHTEST && density <= HEAVIEST
    ? null
    : `density ${density} kg/L is outside ${LIGHTEST} kg/L to ${HEAVIEST} kg/L: check the reading`;
}

/** @example formatGramsPerLitre(10) // "10 g/L (1 % w/v)" */
export function formatGramsPerLitre(value: number): string {
  return `${decimal(value, 1)} g/L (${decimal(value / 10, 2)} % w/v)`;
}
