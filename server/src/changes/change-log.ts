import { ENTITY_KINDS, fieldIn } from '@etappe/core';
import type { LoggedChange, RecordKind } from '@etappe/core';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import { jobIn } from '../jobs/open-job.ts';
import { ChangeRecord } from './change-record.ts';

const LONGEST_LOG = 200;
const HANGS_ON_SURFACE = Object.keys(ENTITY_KINDS);

export interface ChangeLog {
  /** What was done to an entity and to all that hangs on it, newest first. */
  of(context: Context, jobId: string, entity: string): Promise<readonly LoggedChange[]>;
}

export function changeLog(database: Knex): ChangeLog {
  return {
    async of(context, jobId, entity) {
      const job = await jobIn(database, context, jobId);
      const rows = await ChangeRecord.query(database)
        .where({ property_id: job.property_id })
        .andWhere((query) => {
          void query.where({ entity_id: entity }).orWhere((hanging) => {
            void hanging
              .whereIn('kind', HANGS_ON_SURFACE)
              .whereIn(
                'entity_id',
                ChangeRecord.query(database)
                  .where({ property_id: job.property_id })
                  .whereRaw(`(fields->>'surface' = ? OR before->>'surface' = ?)`, [entity, entity])
                  .select('entity_id'),
              );
          });
        })
        .orderBy('sequence', 'desc')
        .limit(LONGEST_LOG);
      return rows.map(loggedOf);
    },
  };
}

function loggedOf(row: ChangeRecord): LoggedChange {
  const before = row.before ?? {};
  const names = row.op === 'delete' ? Object.keys(before) : Object.keys(row.fields);
  const fields = names
    .map((field) => ({
      field,
      from: fieldIn(before, field) ?? null,
      to: row.op === 'delete' ? null : row.fields[field],
    }))
    .filter(({ field, from, to }) => field !== 'position' && JSON.stringify(from) !== JSON.stringify(to));
  return {
    sequence: Number(row.sequence),
    at: row.made_at.toISOString(),
    deviceAt: row.device_at === null ? null : new Date(row.device_at).toISOString(),
    by: row.actor,
    kind: row.kind as RecordKind,
    entity: row.entity_id,
    op: row.op as LoggedChange['op'],
    fields,
  };
}
