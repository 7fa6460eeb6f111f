import { requirePositive, requireSpan } from '../quantity/span.ts';

/** Available chlorine, g per mol. */
const GRAMS_PER_MOL = 70.906;
const GAS_CONSTANT = 8.314; // J/(mol·K)
const ACTIVATION_ENERGY = 101_800; // J/mol
const REFERENCE_KELVIN = 298.15;
/** Half-life of 220 days at 100 g/L and 25 °C. */
const REFERENCE_HALF_LIFE_DAYS = 220;
const REFERENCE_MOL_PER_LITRE = 100 / GRAMS_PER_MOL;
const IONIC_SLOPE = 0.149;

/** A stretch of storage at one temperature. */
export interface Storage {
  readonly days: number;
  readonly celsius: number;
}

/** Ionic strength stays as the stock began: three of hypochlorite become one of chlorate and two of chloride. */
function ionicStrength(molPerLitre: number): number {
  return 2 * molPerLitre + 0.2;
}

function rateConstant(startMolPerLitre: number, celsius: number): number {
  const kelvin = celsius + 273.15;
  const reference = 1 / (REFERENCE_MOL_PER_LITRE * REFERENCE_HALF_LIFE_DAYS);
  return (
    reference *
    10 ** (IONIC_SLOPE * (ionicStrength(startMolPerLitre) - ionicStrength(REFERENCE_MOL_PER_LITRE))) *
    (kelvin / REFERENCE_KELVIN) *
    Math.exp((-ACTIVATION_ENERGY / GAS_CONSTANT) * (1 / kelvin - 1 / REFERENCE_KELVIN))
  );
}

/**
 * Strength of a hypochlorite stock after storage: second order in concentration, c = c₀/(1 + k·c₀·t). An estimate, ±20 %: a
 * strip or a titration comes before it. Form of the rate after Gordon and Adam's decomposition studies for the water industry.
 *
 * @param startGramsPerLitre available chlorine when the storage began, g/L, > 0
 * @param storage stretches in order; days ≥ 0, −10 to 60 °C
 * @param labelGramsPerLitre of the fresh stock, which sets its ionic strength; the start where it is not known
 * @throws RangeError for days below 0 or a temperature outside its span
 * @example agedHypochlorite(125, [{ days: 30, celsius: 25 }]) // 102.7
 */
export function agedHypochlorite(
  startGramsPerLitre: number,
  storage: readonly Storage[],
  labelGramsPerLitre = startGramsPerLitre,
): number {
  requirePositive('strength of the stock', startGramsPerLitre, 'g/L');
  const start = startGramsPerLitre / GRAMS_PER_MOL;
  const label = labelGramsPerLitre / GRAMS_PER_MOL;
  const inverse = storage.reduce((sum, { days, celsius }) => {
    requireSpan('storage', days, 0, 3650, 'd');
    requireSpan('storage temperature', celsius, -10, 60, '°C');
    return sum + rateConstant(label, celsius) * days;
  }, 1 / start);
  return GRAMS_PER_MOL / inverse;
}
