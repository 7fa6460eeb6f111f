import type { LotReservation, LotUse, LotUsed, RecordedUse } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { LotReservationRecord } from './lot-reservation-record.ts';
import { LotUseRecord } from './lot-use-record.ts';
import { usesOf } from './job-uses.ts';
import { recordUse, takeBackUse } from './lot-uses.ts';

export interface StockStore {
  reservations(context: Context): Promise<readonly LotReservation[]>;
  /** What a job has taken of lots. */
  uses(context: Context, job: string): Promise<readonly LotUsed[]>;
  /** Takes what was used off the shelf; a repeat is harmless. @throws Problem 404, 422 */
  record(context: Context, use: RecordedUse & { readonly job: string }): Promise<void>;
  takeBack(context: Context, id: string): Promise<void>;
}

export function stockStore(database: Knex): StockStore {
  return {
    async reservations({ house }) {
      const rows = await LotReservationRecord.query(database)
        .join('jobs', 'jobs.id', 'lot_reservations.job_id')
        .where('lot_reservations.house_id', house)
        .whereNull('jobs.deleted_at')
        .orderBy(['lot', 'order_number'])
        .select('lot', 'job_id', 'order_number', 'amount', 'jobs.name as job_name');
      return rows.map((row) => ({
        lot: row.lot,
        job: row.job_id,
        jobName: row.job_name ?? '',
        order: row.order_number,
        amount: Number(row.amount),
      }));
    },

    uses: (context, job) => usesOf(database, context, job),

    record: (context, use) => LotUseRecord.transaction(database, (trx) => recordUse(trx, context, use)),

    takeBack: (context, id) => LotUseRecord.transaction(database, (trx) => takeBackUse(trx, context, id)),
  };
}

/** An order takes the place of the earlier ones of its job on the shelf; lots of which the use is written down are past it. */
export async function reserveLots(
  trx: Transaction,
  { house }: Pick<Context, 'house'>,
  job: string,
  order: number,
  uses: readonly LotUse[],
): Promise<void> {
  await LotReservationRecord.query(trx).where({ house_id: house, job_id: job }).delete();
  const past = new Set((await usesOf(trx, { house }, job)).map((use) => use.lot));
  for (const { lot, amount } of uses.filter((use) => !past.has(use.lot)))
    await LotReservationRecord.query(trx).insert({
      house_id: house,
      lot,
      job_id: job,
      order_number: order,
      amount: String(amount),
    });
}
