import type { HandbookChange, HandbookRecord, LoggedHandbookChange, StoredHandbook } from '@etappe/core';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import { HandbookChangeRecord } from './handbook-record.ts';
import { changeHandbook, handbookIn } from './handbook-entries.ts';

export interface HandbookStore {
  read(context: Context): Promise<StoredHandbook>;
  /** All of a batch or none of it; a repeat is harmless. Gives the handbook as it is then. */
  change(context: Context, changes: readonly HandbookChange[]): Promise<StoredHandbook>;
  /** The newest first. */
  log(context: Context, from: number, size: number): Promise<readonly LoggedHandbookChange[]>;
}

export function handbookStore(database: Knex): HandbookStore {
  return {
    read: (context) => handbookIn(database, context),

    async change(context, changes) {
      return HandbookChangeRecord.transaction(database, async (trx) => {
        await changeHandbook(trx, context, changes);
        return handbookIn(trx, context);
      });
    },

    async log({ house }, from, size) {
      const rows = await HandbookChangeRecord.query(database)
        .where({ house_id: house })
        .orderBy('sequence', 'desc')
        .offset(from)
        .limit(size);
      return rows.map((row) => ({
        sequence: Number(row.sequence),
        at: row.made_at.toISOString(),
        by: row.actor,
        part: row.part as HandbookRecord['part'],
        entry: row.entry_id,
        op: row.op as LoggedHandbookChange['op'],
        before: row.before,
        after: row.after,
      }));
    },
  };
}
