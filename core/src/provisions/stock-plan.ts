import type { StockLot } from '../company/stock-lot.ts';
import type { Plan } from '../plan/plan.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { formatStock } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { lotOnDay } from '../supply/stock-shelf.ts';
import type { LotStrength } from '../supply/lot-strength.ts';
import { SURFACTANT } from '../supply/product-amounts.ts';
import { wholeContainers } from '../supply/whole-containers.ts';
import type { Containers } from '../supply/whole-containers.ts';

/** One lot as a visit finds and leaves it. */
export interface LotLine {
  readonly lot: StockLot;
  readonly strength: LotStrength | null;
  readonly unfit: string | null;
  /** By the plan. */
  readonly used: number;
  /** Written down afterwards: it takes the place of what was planned; 0 while nothing is. */
  readonly recorded: number;
  /** By the orders of other jobs. */
  readonly reserved: number;
  /** Below 0 where orders together take more than there is. */
  readonly after: number;
}

/** Nobody else has reserved, nothing is used. */
export const UNTOUCHED_SHELF: ShelfState = { reserved: new Map(), recorded: new Map() };

/** What a visit takes of one product, from stock and from the shop. */
export interface StockLine {
  readonly product: string;
  readonly name: string;
  readonly called: string | null;
  readonly unit: 'L' | 'kg';
  readonly needed: number;
  readonly fromLots: number;
  /** In whole packs; empty where the shelf suffices. */
  readonly toBuy: Containers;
  readonly buyPrice: number | null;
  readonly lots: readonly LotLine[];
  readonly text: string;
}

/** Amounts by the id of a lot. */
export type ByLot = ReadonlyMap<string, number>;

/** What is known of the lots beside the shelf itself. */
export interface ShelfState {
  /** By the orders of other jobs. */
  readonly reserved: ByLot;
  /** Really taken by this job. */
  readonly recorded: ByLot;
}

const NOTHING: Containers = { containers: [], leftOver: 0 };

/** Products of a visit against the shelf: which lots, how much is left of them, and what must be bought in whole packs. */
export function stockPlan(
  plan: Plan,
  survey: FacedSurvey,
  { reserved, recorded }: ShelfState,
): readonly StockLine[] {
  const { catalogue } = survey;
  const used = new Map(plan.lotUses.map((u) => [u.lot, u.amount]));
  return plan.products.map((p) => {
    const lots =
      p.product === SURFACTANT
        ? []
        : survey.handbook.lots
            .filter((lot) => lot.agent === p.product)
            .map((lot) =>
              lotLine(
                lot,
                {
                  used: used.get(lot.id) ?? 0,
                  recorded: recorded.get(lot.id) ?? 0,
                  reserved: reserved.get(lot.id) ?? 0,
                },
                plan,
                survey,
              ),
            );
    const fromLots = roundToStep(
      lots.reduce((sum, l) => sum + l.used, 0),
      0.001,
    );
    const overdrawn = lots.reduce((sum, l) => sum + Math.max(0, -l.after), 0);
    const short = roundToStep(Math.max(0, p.amount - fromLots) + overdrawn, 0.001);
    const sizes =
      p.product === SURFACTANT ? p.containers.map((c) => c.size) : catalogue.agent(p.product).containers;
    const toBuy = short > 0.0005 ? wholeContainers(short, sizes) : NOTHING;
    const packs = catalogue.product(p.product)?.packs ?? [];
    const prices = toBuy.containers.map(({ size, count }) => {
      const price = packs.find((pack) => pack.size === size)?.price ?? null;
      return price === null ? null : price * count;
    });
    const line = { unit: p.unit, needed: p.amount, fromLots, toBuy, lots };
    return {
      ...line,
      product: p.product,
      name: p.name,
      called: p.called,
      buyPrice: prices.includes(null) ? null : prices.reduce<number>((sum, price) => sum + (price ?? 0), 0),
      text: inWords(line, survey.job.units),
    };
  });
}

function lotLine(
  lot: StockLot,
  taken: Pick<LotLine, 'used' | 'recorded' | 'reserved'>,
  plan: Plan,
  survey: FacedSurvey,
): LotLine {
  const { strength, unfit } = lotOnDay(lot, survey.catalogue, plan.date);
  const own = taken.recorded > 0 ? taken.recorded : taken.used;
  return { lot, strength, unfit, ...taken, after: roundToStep(lot.left - own - taken.reserved, 0.001) };
}

/** "2 × 5 L + 1 × 20 L" */
export function packsInWords({ containers }: Containers, unit: StockLine['unit']): string {
  return containers
    .map(({ count, size }) => say('stock/pack', { count, size: decimal(size, 1), unit }))
    .join(' + ');
}

function inWords(
  line: Pick<StockLine, 'unit' | 'needed' | 'fromLots' | 'toBuy' | 'lots'>,
  units: UnitSystem,
): string {
  const { unit, toBuy } = line;
  const needed = formatStock(line.needed, unit, units);
  if (toBuy.containers.length === 0) return say('stock/enough', { needed });
  const packs = packsInWords(toBuy, unit);
  if (line.lots.length === 0) return say('stock/none', { packs });
  return say('stock/not-enough', { stock: formatStock(line.fromLots, unit, units), needed, packs });
}
