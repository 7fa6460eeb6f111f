import type { LotUsed } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { LotUseRecord } from './lot-use-record.ts';

/** What a job has taken of lots, the first first. */
export async function usesOf(
  connection: Knex | Transaction,
  { house }: Pick<Context, 'house'>,
  job: string,
): Promise<readonly LotUsed[]> {
  const rows = await LotUseRecord.query(connection)
    .where({ house_id: house, job_id: job })
    .orderBy(['written_at', 'id']);
  return rows.map(({ id, lot, amount, written_by, written_at }) => ({
    id,
    lot,
    amount: Number(amount),
    by: written_by,
    at: written_at.toISOString(),
  }));
}
