import type { Knex } from 'knex';

/**
 * Keeps others who make the same thing waiting until this transaction has ended, so that they find it made: the same request
 * may come several times at once, from a device that heard no answer.
 * @param id of what is made; there is no row of it yet that could be locked
 */
export async function oneAtATime(trx: Knex, id: string): Promise<void> {
  await trx.raw('SELECT pg_advisory_xact_lock(hashtextextended(?, 0))', [id]);
}
