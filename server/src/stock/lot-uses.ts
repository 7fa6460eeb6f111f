import { lotAfterUse, lotBeforeUse } from '@etappe/core';
import type { RecordedUse, StockLot } from '@etappe/core';
import type { Transaction } from 'objection';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context.ts';
import { changeHandbook, handbookIn } from '../handbook/handbook-entries.ts';
import { jobIn } from '../jobs/open-job.ts';
import { invalid, notFound } from '../problems/problem.ts';
import { LotReservationRecord } from './lot-reservation-record.ts';
import { LotUseRecord } from './lot-use-record.ts';

/**
 * What was used comes off the shelf, and what the job's order had reserved of that lot is free again. A repeat is harmless.
 * @throws Problem 404 without the job or the lot, 422 where it is more than there is
 */
export async function recordUse(
  trx: Transaction,
  context: Context,
  { id, job, lot, amount }: RecordedUse & { readonly job: string },
): Promise<void> {
  const { house, actor } = context;
  await jobIn(trx, context, job);
  await changeLot(trx, context, lot, async (before) => {
    if (await LotUseRecord.query(trx).findById(id)) return null;
    await LotUseRecord.query(trx).insert({
      id,
      house_id: house,
      lot,
      job_id: job,
      amount: String(amount),
      written_by: actor,
    });
    await LotReservationRecord.query(trx).where({ house_id: house, lot, job_id: job }).delete();
    return used(before, amount);
  });
}

/** A use that was written down wrongly goes back onto the shelf; one that is gone is passed over. */
export async function takeBackUse(trx: Transaction, context: Context, id: string): Promise<void> {
  const row = await LotUseRecord.query(trx).findById(id).where({ house_id: context.house });
  if (!row) return;
  await changeLot(trx, context, row.lot, async (after) => {
    const taken = await LotUseRecord.query(trx).deleteById(id);
    return taken === 0 ? null : lotBeforeUse(after, Number(row.amount));
  });
}

/** Under the lock of the handbook; null leaves the lot as it is. @throws Problem 404 */
async function changeLot(
  trx: Transaction,
  context: Context,
  entry: string,
  changed: (lot: StockLot) => Promise<StockLot | null>,
): Promise<void> {
  const { records } = await handbookIn(trx, context, true);
  const record = records.find((r) => r.part === 'lot' && r.id === entry);
  if (!record) throw notFound('lot');
  const after = await changed({ ...(record.detail as unknown as StockLot), id: entry });
  if (!after) return;
  const { id: _, ...detail } = after;
  await changeHandbook(trx, context, [
    { id: uuidv7(), part: 'lot', entry, op: 'put', base: record.revision, detail: { ...detail } },
  ]);
}

function used(lot: StockLot, amount: number): StockLot {
  try {
    return lotAfterUse(lot, amount);
  } catch (error) {
    if (!(error instanceof RangeError)) throw error;
    throw invalid([{ path: 'amount', message: error.message, value: amount }]);
  }
}
