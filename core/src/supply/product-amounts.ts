import { say } from '../messages/message.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import type { Product } from '../company/product.ts';
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
  /** What the company calls the product that it takes; null where it names none. */
  readonly called: string | null;
  /** Of all containers, in the money of the company; null where one of them has no price. */
  readonly price: number | null;
  readonly unit: 'L' | 'kg';
  readonly amount: number;
}

/** Stock, powder and surfactant of all mixes added up, in whole containers; in order of name. */
export function productAmounts(
  mixes: readonly PlannedMix[],
  catalogue: CompanyCatalogue,
): readonly ProductAmount[] {
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
        name: say('mix/surfactant'),
        called: null,
        price: null,
        unit: 'L',
        amount,
        ...wholeContainers(amount, SURFACTANT_SIZES_LITRES),
      };
    }
    const agent = catalogue.agent(product);
    const taken = catalogue.product(product);
    const needed = wholeContainers(amount, agent.containers);
    return {
      product,
      name: agent.name,
      called: taken?.name ?? null,
      price: taken && priceOf(needed.containers, taken.packs),
      unit: agent.stock.form === 'powder' ? 'kg' : 'L',
      amount,
      ...needed,
    };
  });
  return amounts.sort((a, b) => (a.name < b.name ? -1 : 1));
}

function priceOf(containers: Containers['containers'], packs: Product['packs']): number | null {
  const prices = containers.map(({ size, count }) => {
    const price = packs.find((pack) => pack.size === size)?.price ?? null;
    return price === null ? null : price * count;
  });
  return prices.reduce<number | null>(
    (sum, price) => (sum === null || price === null ? null : sum + price),
    0,
  );
}
