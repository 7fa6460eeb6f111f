import { agentById } from '../catalogue/catalogue.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { PlannedMix } from './planned-mix.ts';
import { wholeContainers } from './whole-containers.ts';
import type { Containers } from './whole-containers.ts';

export const SURFACTANT = 'surfactant';
const SURFACTANT_SIZES_LITRES = [1, 5] as const;

/** How much of one product the visit takes: litres, or kilograms for powders. */
export interface ProductAmount extends Containers {
  /** Agent id, or `surfactant`. */
  readonly product: string;
  readonly name: string;
  readonly unit: 'L' | 'kg';
  readonly amount: number;
}

/** Stock, powder and surfactant of all mixes added up, in whole containers; in order of name. */
export function productAmounts(mixes: readonly PlannedMix[]): readonly ProductAmount[] {
  const totals = new Map<string, number>();
  for (const mix of mixes) {
    for (const { count, card } of mix.batches) {
      for (const part of card.parts) {
        if (part.role === 'water') continue;
        const key = part.agent ?? SURFACTANT;
        totals.set(key, (totals.get(key) ?? 0) + count * (part.litres ?? (part.grams ?? 0) / 1000));
      }
    }
  }
  const amounts = [...totals].map(([product, total]): ProductAmount => {
    const amount = roundToStep(total, 0.001);
    if (product === SURFACTANT) {
      return {
        product,
        name: 'Non-ionic surfactant',
        unit: 'L',
        amount,
        ...wholeContainers(amount, SURFACTANT_SIZES_LITRES),
      };
    }
    const agent = agentById(product);
    return {
      product,
      name: agent.name,
      unit: agent.stock.form === 'powder' ? 'kg' : 'L',
      amount,
      ...wholeContainers(amount, agent.containers),
    };
  });
  return amounts.sort((a, b) => (a.name < b.name ? -1 : 1));
}
