import { decimal } from '../quantity/numbers.ts';
import { requirePositive, requireSpan } from '../quantity/span.ts';

/** More than any mix holds, L and g/L: a slip, not a mix. */
const MOST_LITRES = 1e6;
const MOST_GRAMS_PER_LITRE = 3000;

/**
 * Litres of liquid stock for a mix: V·t/s.
 *
 * @param mixLitres volume of finished mix, L, > 0
 * @param targetGramsPerLitre strength of the mix, ≥ 0
 * @param stockGramsPerLitre strength of the stock, > 0
 * @throws RangeError when the target is above the stock, naming the highest reachable; for figures that are none
 * @example stockLitres(20, 30, 125) // 4.8
 */
export function stockLitres(
  mixLitres: number,
  targetGramsPerLitre: number,
  stockGramsPerLitre: number,
): number {
  requireSpan('volume of the mix', mixLitres, 0, MOST_LITRES, 'L');
  requireSpan('strength of the mix', targetGramsPerLitre, 0, MOST_GRAMS_PER_LITRE, 'g/L');
  requirePositive('strength of the stock', stockGramsPerLitre, 'g/L');
  if (targetGramsPerLitre > stockGramsPerLitre) {
    throw new RangeError(
      `stock strength ${decimal(stockGramsPerLitre, 1)} g/L is below the target ${decimal(targetGramsPerLitre, 1)} g/L: highest reachable is ${decimal(stockGramsPerLitre, 1)} g/L`,
    );
  }
  return (mixLitres * targetGramsPerLitre) / stockGramsPerLitre;
}

/**
 * Strength of a first coat on a face that is already wet: t·a/(a + w).
 * @param coat applied, kg/m²
 * @param film already there, kg/m², ≥ 0
 * @throws RangeError where no coat is put on, or a figure is none
 * @example wetFilmStrength(3, 0.2, 0.15) // 1.71
 */
export function wetFilmStrength(strength: number, coat: number, film: number): number {
  requireSpan('strength of the coat', strength, 0, MOST_GRAMS_PER_LITRE, 'g/L');
  requirePositive('coat', coat, 'kg/m²');
  requireSpan('film already there', film, 0, 100, 'kg/m²');
  return (strength * coat) / (coat + film);
}
