import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { requireSpan } from '../quantity/span.ts';

/** Caustic soda from solid: ΔH −44.5 kJ/mol over 40 g/mol, into water of 4.18 kJ/(kg·K), gives about this, K per g/L. */
export const CAUSTIC_KELVIN_PER_GRAM_PER_LITRE = 0.28;
/** From this warming on it is dissolved in steps. */
const STEP_KELVIN = 15;
/** Above this nobody makes it from solid. */
const GREATEST_GRAMS_PER_LITRE = 100;
/** More caustic than there is in a litre of the solid. */
const MOST_GRAMS_PER_LITRE = 2130;

export type Dissolving =
  | { readonly ok: true; readonly kelvin: number; readonly steps: number; readonly text: string }
  | { readonly ok: false; readonly kelvin: number; readonly text: string };

/**
 * How warm a mix gets when solid caustic is dissolved, and how it is done: at once, step by step with cooling, or not at all.
 * @param gramsPerLitre of the finished mix, ≥ 0
 * @throws RangeError where it is no strength
 * @example dissolving(40) // 11.2 K, in one step
 */
export function dissolving(gramsPerLitre: number): Dissolving {
  requireSpan('strength of the mix', gramsPerLitre, 0, MOST_GRAMS_PER_LITRE, 'g/L');
  const kelvin = CAUSTIC_KELVIN_PER_GRAM_PER_LITRE * gramsPerLitre;
  const facts = { strength: decimal(gramsPerLitre, 0), kelvin: decimal(kelvin, 0) };
  if (gramsPerLitre > GREATEST_GRAMS_PER_LITRE)
    return {
      ok: false,
      kelvin,
      text: say('solid/too-strong', { ...facts, limit: GREATEST_GRAMS_PER_LITRE }),
    };
  const steps = Math.max(1, Math.ceil(kelvin / STEP_KELVIN));
  return {
    ok: true,
    kelvin,
    steps,
    text: steps === 1 ? say('solid/at-once', facts) : say('solid/in-steps', { ...facts, steps }),
  };
}
