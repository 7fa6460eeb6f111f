import { decimal } from '../quantity/numbers.ts';

/**
 * Litres of liquid stock for a mix: V·t/s.
 *
 * @param mixLitres volume of finished mix, L, > 0
 * @param targetGramsPerLitre strength of the mix
 * @param stockGramsPerLitre strength of the stock
 * @throws RangeError when the target is above the stock; names the highest reachable
 * @example stockLitres(20, 30, 125) // 4.8
 */
export function stockLitres(
  mixLitres: number,
  targetGramsPerLitre: number,
  stockGramsPerLitre: number,
): number {
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
 * @param film already there, kg/m²
 * @example wetFilmStrength(3, 0.2, 0.15) // 1.71
 */
export function wetFilmStrength(strength: number, coat: number, film: number): number {
  return (strength * coat) / (coat + film);
}
