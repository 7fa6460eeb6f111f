import type { Agent } from '../catalogue/agent.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { roundToStep, roundUpToStep } from '../quantity/rounding.ts';
import { LITRES_PER_US_FLUID_OUNCE } from '../quantity/volume.ts';
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
  readonly parts: readonly MixPart[];
}

/** Measures at hand: a jug marked in 0.1 L or US fl oz, a kitchen scale in 10 g, a pipette of 1 mL. */
const SCALE_STEP_GRAMS = 10;
const PIPETTE_STEP_LITRES = 0.001;

export function jugStepLitres(units: UnitSystem): number {
  return units === 'us' ? LITRES_PER_US_FLUID_OUNCE : 0.1;
}

/**
 * The card of one mix, rounded to the jug.
 *
 * @param agent with the stock that it is made from
 * @param litres of finished mix, > 0; rounded up to the jug
 * @param targetGramsPerLitre strength at the surface where the delivery does not dilute
 * @throws RangeError when the stock is too weak
 */
export function mixCard(
  agent: Agent,
  litres: number,
  targetGramsPerLitre: number,
  units: UnitSystem,
): MixCard {
  const step = jugStepLitres(units);
  const volume = roundUpToStep(litres, step);
  const card = { agent: agent.id, litres: volume, targetGramsPerLitre };
  if (agent.stock.form === 'ready') {
    const part: MixPart = {
      what: `${agent.name}, as sold`,
      role: 'ready',
      agent: agent.id,
      litres: volume,
      grams: null,
    };
    return { ...card, strengthGramsPerLitre: targetGramsPerLitre, parts: [part] };
  }
  const surfactantLitres =
    agent.surfactantMillilitresPerLitre === null
      ? 0
      : roundToStep((agent.surfactantMillilitresPerLitre * volume) / 1000, PIPETTE_STEP_LITRES);
  const surfactant: readonly MixPart[] =
    surfactantLitres > 0
      ? [
          {
            what: 'Non-ionic surfactant',
            role: 'surfactant',
            agent: null,
            litres: surfactantLitres,
            grams: null,
          },
        ]
      : [];
  const water = (rest: number): MixPart => ({
    what: 'Water',
    role: 'water',
    agent: null,
    litres: roundToStep(rest, 0.001),
    grams: null,
  });

  if (agent.stock.form === 'powder') {
    const grams = Math.max(SCALE_STEP_GRAMS, roundToStep(targetGramsPerLitre * volume, SCALE_STEP_GRAMS));
    const powder: MixPart = {
      what: `${agent.name}, powder`,
      role: 'powder',
      agent: agent.id,
      litres: null,
      grams,
    };
    return {
      ...card,
      strengthGramsPerLitre: roundToStep(grams / volume, 0.1),
      parts: [water(volume - surfactantLitres), powder, ...surfactant],
    };
  }
  const strength = gramsPerLitre(agent.stock.strength);
  const exact = stockLitres(volume, targetGramsPerLitre, strength);
  // Small amounts are measured by pipette, so that rounding does not double or lose them.
  const stock =
    exact < 5 * step
      ? Math.max(PIPETTE_STEP_LITRES, roundToStep(exact, PIPETTE_STEP_LITRES))
      : roundToStep(exact, step);
  const part: MixPart = { what: agent.name, role: 'stock', agent: agent.id, litres: stock, grams: null };
  return {
    ...card,
    strengthGramsPerLitre: roundToStep((stock * strength) / volume, 0.1),
    parts: [water(volume - stock - surfactantLitres), part, ...surfactant],
  };
}
