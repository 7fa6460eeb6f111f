import Joi from 'joi';
import { uuidSchema } from '../quantity/uuid.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { requirePositive } from '../quantity/span.ts';
import type { StockLot } from './stock-lot.ts';

/** What was really taken of a lot for a job, in litres, of powders in kilograms. */
export interface RecordedUse {
  /** UUID, made by the client: a repeat is harmless. */
  readonly id: string;
  readonly lot: string;
  readonly amount: number;
}

export const recordedUseSchema = Joi.object<RecordedUse & { readonly job: string }>({
  id: uuidSchema,
  job: uuidSchema,
  lot: Joi.string().min(1).max(100).required(),
  amount: Joi.number().greater(0).max(20_000).precision(3).required(),
});

/**
 * A lot after something was taken of it.
 * @throws RangeError for nothing, or for more than the shelf says is left
 */
export function lotAfterUse<Lot extends Pick<StockLot, 'left' | 'lot'>>(lot: Lot, amount: number): Lot {
  requirePositive('what was used', amount, '');
  if (amount > lot.left + 1e-9)
    throw new RangeError(
      `${amount} were used, and of lot ${lot.lot || 'without number'} stock shows ${lot.left} left: weigh or dip it and correct the stock first, or record what came from another lot there`,
    );
  return { ...lot, left: roundToStep(Math.max(0, lot.left - amount), 0.001) };
}

/** A lot as it was before something was taken of it. */
export function lotBeforeUse<Lot extends Pick<StockLot, 'left'>>(lot: Lot, amount: number): Lot {
  return { ...lot, left: roundToStep(lot.left + amount, 0.001) };
}

/** The stock as the plan of a job found it: what the job itself has taken since is still there. */
export function shelfBefore(lots: readonly StockLot[], uses: readonly RecordedUse[]): readonly StockLot[] {
  return uses.length === 0
    ? lots
    : lots.map((lot) =>
        uses.reduce((before, use) => (use.lot === lot.id ? lotBeforeUse(before, use.amount) : before), lot),
      );
}
