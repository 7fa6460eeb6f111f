import { JOB_KIND, applyChange, referenceFaults, surveyOf } from '@etappe/core';
import type { FieldConflict, SurveyChange, SurveyState, VersionedEntity } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { EntityRecord } from '../jobs/entity-record.ts';
import { JobRecord } from '../jobs/job-record.ts';
import { entityRow, jobColumns, openIn } from '../jobs/jobs-store.ts';
import type { OpenJob } from '../jobs/jobs-store.ts';
import { Problem, invalid } from '../problems/problem.ts';
import { ChangeRecord } from './change-record.ts';

/** What a batch did: the entities as they stand now, null for those that are gone. */
export interface AppliedBatch {
  readonly entities: readonly { readonly id: string; readonly entity: VersionedEntity | null }[];
}

export interface ChangesStore {
  /** All of a batch in order, or none of it. Changes that were applied before are passed over. */
  apply(context: Context, jobId: string, changes: readonly SurveyChange[]): Promise<AppliedBatch>;
}

export function changesStore(database: Knex): ChangesStore {
  return {
    async apply(context, jobId, changes) {
      return JobRecord.transaction(database, async (trx) => {
        const open = await openIn(trx, context, jobId, true);
        const known = await ChangeRecord.query(trx).findByIds(changes.map((c) => c.id));
        const foreign = known.find((record) => record.job_id !== jobId);
        if (foreign)
          throw invalid([
            {
              path: 'changes',
              message: `the id ${foreign.id} was used by another job: make a new one`,
              value: foreign.id,
            },
          ]);
        const seen = new Set(known.map((record) => record.id));
        const fresh = changes.filter((change) => !seen.has(change.id));
        const { state, log } = appliedAll(open.state, fresh);
        if (fresh.length > 0) {
          await saveTouched(trx, context, open, state, log);
          await ChangeRecord.query(trx).insert(log.map((entry) => logRow(entry, context, jobId)));
        }
        const touched = [...new Set(changes.map((c) => c.entity))];
        return {
          entities: touched.map((id) => ({
            id,
            entity: id === state.job.id ? state.job : (state.entities.get(id) ?? null),
          })),
        };
      });
    },
  };
}

interface LogEntry {
  readonly change: SurveyChange;
  readonly before: VersionedEntity | null;
  readonly after: VersionedEntity | null;
}

function appliedAll(
  start: SurveyState,
  changes: readonly SurveyChange[],
): { readonly state: SurveyState; readonly log: readonly LogEntry[] } {
  let state = start;
  const log: LogEntry[] = [];
  const conflicts: FieldConflict[] = [];
  for (const change of changes) {
    const outcome = applyChange(state, change);
    if (outcome.ok) {
      state = outcome.state;
      log.push({ change, before: outcome.before, after: outcome.after });
    } else if (outcome.conflicts.length > 0) conflicts.push(...outcome.conflicts);
    else throw invalid(outcome.faults);
  }
  if (conflicts.length > 0) {
    throw new Problem(
      409,
      'conflict',
      'Changed by someone else',
      'Someone else set the same field; choose which value stays.',
      { conflicts },
    );
  }
  // Only faults that these changes brought: an old one elsewhere must not block an edit here.
  const before = new Set(referenceFaults(surveyOf(start)).map((f) => f.message));
  const faults = referenceFaults(surveyOf(state)).filter((f) => !before.has(f.message));
  if (changes.length > 0 && faults.length > 0)
    throw invalid(faults.map((f) => ({ ...f, path: f.path.replace(/^\w+\[\d+\]/, f.entity ?? '') })));
  return { state, log };
}

async function saveTouched(
  trx: Transaction,
  context: Context,
  open: OpenJob,
  state: SurveyState,
  log: readonly LogEntry[],
): Promise<void> {
  const ids = new Set(log.map((entry) => entry.change.entity));
  for (const id of ids) {
    if (id === state.job.id) continue;
    const entity = state.entities.get(id);
    if (!entity) {
      await EntityRecord.query(trx).deleteById([open.propertyId, id]);
      continue;
    }
    const row = entityRow(entity, context.house, open.propertyId, open.id);
    await EntityRecord.query(trx).insert(row).onConflict(['property_id', 'id']).merge();
  }
  const job = log.some((entry) => entry.change.kind === JOB_KIND) ? jobColumns(state.job) : {};
  await JobRecord.query(trx)
    .findById(open.id)
    .patch({ ...job, updated_at: new Date().toISOString() });
}

function logRow({ change, before, after }: LogEntry, context: Context, jobId: string) {
  return {
    id: change.id,
    house_id: context.house,
    job_id: jobId,
    actor: context.actor,
    kind: change.kind,
    entity_id: change.entity,
    op: change.op,
    base: change.base,
    fields: { ...change.fields },
    before: before ? { position: before.position, ...before.detail } : null,
    revision: after?.revision ?? null,
  };
}
