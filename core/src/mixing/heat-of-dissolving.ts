import { decimal } from '../quantity/numbers.ts';

/** Caustic soda from solid: ΔH −44.5 kJ/mol over 40 g/mol, into water of 4.18 kJ/(kg·K), gives about this, K per g/L. */
export const CAUSTIC_KELVIN_PER_GRAM_PER_LITRE = 0.28;
/** From this warming on it is dissolved in steps. */
const STEP_KELVIN = 15;
/** Above this nobody makes it from solid. */
const GREATEST_GRAMS_PER_LITRE = 100;

export type Dissolving =
  | { readonly ok: true; readonly kelvin: number; readonly steps: number; readonly text: string }
  | { readonly ok: false; readonly kelvin: number; readonly text: string };

/**
 * How warm a mix gets when solid caustic is dissolved, and how it is done: at once, step by step with cooling, or not at all.
 * @param gramsPerLitre of the finished mix, ≥ 0
 * @example dissolving(40) // 11.2 K, in one step
 */
export function dissolving(gramsPerLitre: number): Dissolving {
  const kelvin = CAUSTIC_KELVIN_PER_GRAM_PER_LITRE * gramsPerLitre;
  const warms = `${decimal(gramsPerLitre, 0)} g/L from solid warms the mix by ${decimal(kelvin, 0)} K`;
  if (gramsPerLitre > GREATEST_GRAMS_PER_LITRE)
    return {
      ok: false,
      kelvin,
      text: `${warms}: above ${GREATEST_GRAMS_PER_LITRE} g/L it may boil and spit, so it is not made from solid. Buy it as a liquid, or use a weaker mix.`,
    };
  const steps = Math.max(1, Math.ceil(kelvin / STEP_KELVIN));
  return {
    ok: true,
    kelvin,
    steps,
    text:
      steps === 1
        ? `${warms}: sprinkle it slowly into the water, stirring; never pour water onto it.`
        : `${warms}: dissolve it in ${steps} parts, and let the mix cool to hand-warm between them; never pour water onto it.`,
  };
}
