import { say } from '../messages/message.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { CompanyCatalogue } from '../company/company-catalogue.ts';
import type { StockLot } from '../company/stock-lot.ts';
import { gramsPerLitre } from '../quantity/concentration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { lotStrength } from './lot-strength.ts';
import type { LotStrength } from './lot-strength.ts';

/** What the shelf asks of a company's catalogue. */
export type ShelfCatalogue = Pick<CompanyCatalogue, 'agent' | 'product'>;

/** A lot on the day of the work. */
export interface LotOnDay {
  readonly lot: StockLot;
  /** Null for powders and for what is used as sold. */
  readonly strength: LotStrength | null;
  /** Why it is not taken; null where it may be. */
  readonly unfit: string | null;
}

/** What a plan takes of one lot, in litres or kilograms. */
export interface LotUse {
  readonly lot: string;
  readonly agent: string;
  readonly amount: number;
}

/** Where the stock of one filling comes from. */
export interface StockSource {
  /** Null: none on the shelf suffices, and it is bought by its label. */
  readonly lot: string | null;
  readonly gramsPerLitre: number;
}

/**
 * A lot on a day: how strong it is, and whether it may be used. Mixes are counted by the label of the product in use, and
 * bounded by it: a lot of another product is left on the shelf.
 */
export function lotOnDay(lot: StockLot, catalogue: ShelfCatalogue, on: string | null): LotOnDay {
  const strength = lotStrength(lot, catalogue.agent(lot.agent), on);
  return { lot, strength, unfit: unfitOn(lot, catalogue, on) };
}

function unfitOn(lot: StockLot, catalogue: ShelfCatalogue, on: string | null): string | null {
  const inUse = catalogue.product(lot.agent);
  if (lot.product !== null && lot.product !== inUse?.id)
    return inUse ? say('lot/other-product', { product: inUse.name }) : say('lot/unused-product');
  if (on === null) return null;
  if (lot.boughtOn > on) return say('lot/bought-later', { day: lot.boughtOn });
  if (lot.expiresOn !== null && lot.expiresOn < on) return say('lot/expired', { day: lot.expiresOn });
  return null;
}

/**
 * The stock while a plan draws on it: what expires first is used first, and one filling is made from one lot, for its
 * strength to be known.
 */
export class StockShelf {
  private readonly lots: readonly LotOnDay[];
  private readonly taken = new Map<string, number>();

  constructor(lots: readonly StockLot[], catalogue: ShelfCatalogue, on: string | null) {
    this.lots = lots
      .map((lot) => lotOnDay(lot, catalogue, on))
      .filter(({ unfit }) => unfit === null)
      .sort((a, b) => (keyOf(a.lot) < keyOf(b.lot) ? -1 : 1));
  }

  /**
   * The lot of one filling, and the amount taken off it.
   * @param needed litres or kilograms at a strength of stock, g/L
   */
  take(agent: Agent, needed: (gramsPerLitre: number) => number | null): StockSource {
    if (agent.stock.form === 'powder') return this.takePowder(agent, needed(0) ?? 0);
    const label = gramsPerLitre(agent.stock.strength);
    for (const { lot, strength } of this.lots) {
      if (lot.agent !== agent.id) continue;
      const strong = strength?.gramsPerLitre ?? label;
      const amount = needed(strong);
      if (amount === null || amount > this.leftOf(lot) + 1e-9) continue;
      this.taken.set(lot.id, (this.taken.get(lot.id) ?? 0) + amount);
      return { lot: lot.id, gramsPerLitre: strong };
    }
    return { lot: null, gramsPerLitre: label };
  }

  /** A powder is the same in every lot: one after another is used up, and what is missing is bought. */
  private takePowder(agent: Agent, kilograms: number): StockSource {
    let missing = kilograms;
    let first: string | null = null;
    for (const { lot } of this.lots) {
      const amount = lot.agent === agent.id ? Math.min(missing, this.leftOf(lot)) : 0;
      if (amount <= 1e-9) continue;
      this.taken.set(lot.id, (this.taken.get(lot.id) ?? 0) + amount);
      missing -= amount;
      first ??= lot.id;
    }
    return { lot: missing > 1e-9 ? null : first, gramsPerLitre: 0 };
  }

  /** What was taken of each lot, in the order in which they are used up. */
  uses(): readonly LotUse[] {
    return this.lots.flatMap(({ lot }) => {
      const amount = this.taken.get(lot.id);
      return amount === undefined
        ? []
        : [{ lot: lot.id, agent: lot.agent, amount: roundToStep(amount, 0.001) }];
    });
  }

  private leftOf(lot: StockLot): number {
    return lot.left - (this.taken.get(lot.id) ?? 0);
  }
}

/** What expires first; of equals what is open, then the oldest. */
function keyOf({ openedOn, expiresOn, boughtOn, id }: StockLot): string {
  return [expiresOn ?? '9999', openedOn === null ? '1' : '0', boughtOn, id].join(' ');
}
