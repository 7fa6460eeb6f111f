import type { LotUse } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { LotReservationRecord } from './lot-reservation-record.ts';

/** What an issued order takes of a lot, in litres or kilograms. */
export interface LotReservation {
  readonly lot: string;
  readonly job: string;
  readonly jobName: string;
  readonly order: number;
  readonly amount: number;
}

export interface StockStore {
  reservations(context: Context): Promise<readonly LotReservation[]>;
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
  };
}

/** An order takes the place of the earlier ones of its job on the shelf. */
export async function reserveLots(
  trx: Transaction,
  { house }: Pick<Context, 'house'>,
  job: string,
  order: number,
  uses: readonly LotUse[],
): Promise<void> {
  await LotReservationRecord.query(trx).where({ house_id: house, job_id: job }).delete();
  for (const { lot, amount } of uses)
    await LotReservationRecord.query(trx).insert({
      house_id: house,
      lot,
      job_id: job,
      order_number: order,
      amount: String(amount),
    });
}
