import type { Transaction } from 'objection';
import { invalid } from '../problems/problem.ts';
import { EntityRecord } from './entity-record.ts';
import type { entityRow } from './open-job.ts';

type EntityRow = ReturnType<typeof entityRow>;

/** Rows of one statement: PostgreSQL takes 65,535 values in one. */
const ROWS_AT_ONCE = 500;

export async function insertEntities(trx: Transaction, rows: readonly EntityRow[]): Promise<void> {
  for (const some of inParts(rows)) await EntityRecord.query(trx).insert([...some]);
}

/**
 * Entities as they now stand, new or not.
 * @throws Problem 422 when an id belongs to another job on the same property
 */
export async function saveEntities(
  trx: Transaction,
  jobId: string,
  rows: readonly EntityRow[],
): Promise<void> {
  for (const some of inParts(rows)) {
    const foreign = await EntityRecord.query(trx)
      .whereIn(
        ['property_id', 'id'],
        some.map((row) => [row.property_id, row.id]),
      )
      .whereNotNull('job_id')
      .whereNot({ job_id: jobId })
      .first();
    if (foreign)
      throw invalid([
        {
          path: foreign.id,
          message: `the id "${foreign.id}" belongs to another job on this property: make a new one`,
          value: foreign.id,
        },
      ]);
    await EntityRecord.query(trx)
      .insert([...some])
      .onConflict(['property_id', 'id'])
      .merge();
  }
}

function* inParts(rows: readonly EntityRow[]): Generator<readonly EntityRow[]> {
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE) yield rows.slice(i, i + ROWS_AT_ONCE);
}
