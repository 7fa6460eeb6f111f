import type { Agent } from '../catalogue/agent.ts';
import { say } from '../messages/message.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { roundToStep, roundUpToStep } from '../quantity/rounding.ts';
import { requirePositive } from '../quantity/span.ts';
import { LITRES_PER_US_FLUID_OUNCE } from '../quantity/units.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { stockLitres } from './dilution.ts';

export interface MixPart {
  readonly what: string;
  readonly role: 'water' | 'stock' | 'powder' | 'surfactant' | 'ready';
  /** Catalogue id of the agent for stock, powder and ready-to-use parts; null for water and surfactant. */
  readonly agent: string | null;
  readonly litres: number | null;
  readonly grams: number | null;
}

/** One mix, in the order of adding: water first, stock or powder, surfactant last. */
export interface MixCard {
  readonly agent: string;
  readonly litres: number;
  readonly targetGramsPerLitre: number;
  /** Strength after rounding to the measure at hand. */
  readonly strengthGramsPerLitre: number;
  /** What its stock was counted at, and the lot on the shelf; not on cards from before lots were counted. */
  readonly stock?: MixStock | null;
  readonly parts: readonly MixPart[];
}

/** The stock of a mix; a lot of null is bought by its label. */
export interface MixStock {
  readonly lot: string | null;
  readonly gramsPerLitre: number;
}

/** Measures at hand: a jug marked in 0.1 L or US fl oz, a kitchen scale in 10 g, of little in 5 g, a pipette of 1 mL. */
const SCALE_STEP_GRAMS = 10;
const LITTLE_GRAMS = 100;
const SCALE_STEP_OF_LITTLE_GRAMS = 5;
const PIPETTE_STEP_LITRES = 0.001;

export function jugStepLitres(units: UnitSystem): number {
  return units === 'us' ? LITRES_PER_US_FLUID_OUNCE : 0.1;
}

/** What a mix is made from, and how strong it may get. */
export interface MixFrom {
  readonly stock: MixStock;
  /** Rounding never takes the mix above it, g/L. */
  readonly greatestGramsPerLitre: number;
  /** It brings another agent to rest: never less of it than that takes. */
  readonly mustSuffice?: boolean;
}

/** By the label, and as strong as it comes. */
function byLabel(agent: Agent): MixFrom {
  const { stock } = agent;
  const strength = stock.form === 'powder' ? 0 : gramsPerLitre(stock.strength);
  return { stock: { lot: null, gramsPerLitre: strength }, greatestGramsPerLitre: Infinity };
}

/**
 * The card of one mix, rounded to the measure at hand: water first, so that acid and caustic always go into water, the
 * surfactant last.
 *
 * @param agent what is mixed
 * @param litres of finished mix, > 0; rounded up to the jug
 * @param targetGramsPerLitre strength at the surface where the delivery does not dilute
 * @throws RangeError when the stock is too weak, or the volume or the strength is none
 */
export function mixCard(
  agent: Agent,
  litres: number,
  targetGramsPerLitre: number,
  units: UnitSystem,
  from: MixFrom = byLabel(agent),
): MixCard {
  requirePositive('volume of the mix', litres, 'L');
  requirePositive('strength of the mix', targetGramsPerLitre, 'g/L');
  const volume = roundUpToStep(litres, jugStepLitres(units));
  const card = { agent: agent.id, litres: volume, targetGramsPerLitre, stock: from.stock };
  const part = (what: string, role: MixPart['role'], amount: Pick<MixPart, 'litres' | 'grams'>): MixPart => ({
    what,
    role,
    agent: role === 'water' || role === 'surfactant' ? null : agent.id,
    ...amount,
  });
  const liquid = (amount: number) => ({ litres: roundToStep(amount, PIPETTE_STEP_LITRES), grams: null });
  if (agent.stock.form === 'ready')
    return {
      ...card,
      strengthGramsPerLitre: targetGramsPerLitre,
      parts: [part(say('mix/ready', { agent: agent.name }), 'ready', { litres: volume, grams: null })],
    };
  const surfactant = roundToStep(
    ((agent.surfactantMillilitresPerLitre ?? 0) * volume) / 1000,
    PIPETTE_STEP_LITRES,
  );
  const last = surfactant > 0 ? [part(say('mix/surfactant'), 'surfactant', liquid(surfactant))] : [];
  const greatest = Math.max(targetGramsPerLitre, from.greatestGramsPerLitre);
  if (agent.stock.form === 'powder') {
    const exact = targetGramsPerLitre * volume;
    const step = exact < LITTLE_GRAMS ? SCALE_STEP_OF_LITTLE_GRAMS : SCALE_STEP_GRAMS;
    const grams =
      from.mustSuffice || agent.class === 'neutraliser'
        ? roundUpToStep(exact, step)
        : rounded(exact, step, greatest * volume);
    return {
      ...card,
      strengthGramsPerLitre: roundToStep(grams / volume, 0.1),
      parts: [
        part(say('mix/water'), 'water', liquid(volume - surfactant)),
        part(say('mix/powder', { agent: agent.name }), 'powder', { litres: null, grams }),
        ...last,
      ],
    };
  }
  const strength = from.stock.gramsPerLitre;
  const stock = measuredStock(
    stockLitres(volume, targetGramsPerLitre, strength),
    (greatest * volume) / strength,
    units,
  );
  return {
    ...card,
    strengthGramsPerLitre: roundToStep((stock * strength) / volume, 0.1),
    parts: [
      part(say('mix/water'), 'water', liquid(volume - stock - surfactant)),
      part(agent.name, 'stock', { litres: stock, grams: null }),
      ...last,
    ],
  };
}

/** By the jug; small amounts by pipette, so that rounding does not double or lose them. */
function measuredStock(exact: number, most: number, units: UnitSystem): number {
  const jug = jugStepLitres(units);
  return rounded(exact, exact < 5 * jug ? PIPETTE_STEP_LITRES : jug, most);
}

/** To the nearest step, down where the nearest would be too much, and never to nothing. */
function rounded(exact: number, step: number, most: number): number {
  const nearest = roundToStep(exact, step);
  const down = roundToStep(Math.floor(exact / step + 1e-9) * step, step);
  return Math.max(step, nearest > most + 1e-9 ? down : nearest);
}

/** What one mix of a stock takes of it: litres, of powders kilograms; null where the stock is too weak. */
export function stockTaken(
  agent: Agent,
  litres: number,
  targetGramsPerLitre: number,
  units: UnitSystem,
  from: MixFrom,
): number | null {
  const weak = agent.stock.form === 'liquid' && from.stock.gramsPerLitre < targetGramsPerLitre;
  if (weak) return null;
  const { parts } = mixCard(agent, litres, targetGramsPerLitre, units, from);
  return parts.reduce((sum, p) => (p.agent === null ? sum : sum + (p.litres ?? (p.grams ?? 0) / 1000)), 0);
}
