import {
  JOB_KIND,
  PROPERTY_ID,
  PROPERTY_KIND,
  applyChanges,
  entityIn,
  referenceFaults,
  surveyOf,
} from '@etappe/core';
import type {
  Acknowledgement,
  AppliedChange,
  NewerEntities,
  Property,
  SurveyChange,
  SurveyState,
  VersionedEntity,
} from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { EntityRecord } from '../jobs/entity-record.ts';
import { saveEntities } from '../jobs/entity-rows.ts';
import { JobRecord } from '../jobs/job-record.ts';
import {
  entityOf,
  entityRow,
  jobColumns,
  jobEntity,
  jobIn,
  newestSequence,
  openIn,
} from '../jobs/open-job.ts';
import type { OpenJob } from '../jobs/open-job.ts';
import { handbookRevisionOf } from '../handbook/handbook-entries.ts';
import { Problem, invalid } from '../problems/problem.ts';
import { followProperty } from '../properties/properties-store.ts';
import { ChangeRecord } from './change-record.ts';

export interface ChangesStore {
  /**
   * All of a batch in order, or none of it. Changes that were applied before are passed over, and answered as then.
   * @param deviceAt when the device says that the batch was made; its clock may be wrong, so nothing rests on it
   */
  apply(
    context: Context,
    jobId: string,
    changes: readonly SurveyChange[],
    deviceAt: string | null,
  ): Promise<Acknowledgement>;
  since(context: Context, jobId: string, sequence: number): Promise<NewerEntities>;
}

export function changesStore(database: Knex): ChangesStore {
  return {
    async apply(context, jobId, changes, deviceAt) {
      return JobRecord.transaction(database, async (trx) => {
        const open = await openIn(trx, context, jobId, true);
        const logged = await ChangeRecord.query(trx).findByIds(changes.map((c) => c.id));
        const foreign = logged.find((record) => record.job_id !== jobId);
        if (foreign)
          throw invalid([
            {
              path: 'changes',
              message: `the id ${foreign.id} was used by another job: make a new one`,
              value: foreign.id,
            },
          ]);
        const revisions = new Map(logged.map((record) => [record.id, record.revision]));
        const fresh = changes.filter((change) => !revisions.has(change.id));
        const { state, applied } = appliedAll(open.state, await goingOnCounting(trx, open, fresh));
        if (fresh.length > 0) {
          await saveTouched(trx, context, open, state, applied);
          await logChanges(trx, applied, context, open, deviceAt);
        }
        for (const { change, after } of applied) revisions.set(change.id, after?.revision ?? null);
        return {
          revisions: Object.fromEntries(revisions),
          entities: [...new Set(changes.map((c) => c.entity))].map((id) => ({
            id,
            entity: entityIn(state, id),
          })),
        };
      });
    },

    async since(context, jobId, sequence) {
      const job = await jobIn(database, context, jobId);
      const newest = await newestSequence(database, job.property_id);
      const handbookRevision = await handbookRevisionOf(database, context);
      const touched = await ChangeRecord.query(database)
        .where({ property_id: job.property_id })
        .where('sequence', '>', sequence)
        .distinct('entity_id', 'kind');
      const ids = touched.filter((t) => t.kind !== JOB_KIND).map((t) => t.entity_id);
      const rows = await EntityRecord.query(database)
        .where({ property_id: job.property_id })
        .whereIn('id', ids);
      const here = new Map(rows.map((row) => [row.id, row]));
      const entities = ids.flatMap((id) => {
        const row = here.get(id);
        // What passes with another job on the property is not of this one.
        if (row && row.job_id !== null && row.job_id !== jobId) return [];
        return [{ id, entity: row ? entityOf(row) : null }];
      });
      const own = touched.some((t) => t.entity_id === jobId) ? [{ id: jobId, entity: jobEntity(job) }] : [];
      return { sequence: newest, handbookRevision, entities: [...entities, ...own] };
    },
  };
}

/** What is created again after a deletion rests on the last revision that it had: the log knows it. */
async function goingOnCounting(
  trx: Transaction,
  open: OpenJob,
  changes: readonly SurveyChange[],
): Promise<readonly SurveyChange[]> {
  const created = changes.filter((change) => change.op === 'create').map((change) => change.entity);
  if (created.length === 0) return changes;
  const rows: unknown = await ChangeRecord.query(trx)
    .where({ property_id: open.propertyId })
    .whereIn('entity_id', created)
    .groupBy('entity_id')
    .select('entity_id', trx.raw('max(greatest(base, coalesce(revision, 0))) AS last'));
  const last = new Map(
    (rows as { entity_id: string; last: number }[]).map((row) => [row.entity_id, row.last]),
  );
  return changes.map((change) =>
    change.op === 'create' ? { ...change, base: last.get(change.entity) ?? 0 } : change,
  );
}

function appliedAll(
  start: SurveyState,
  changes: readonly SurveyChange[],
): { readonly state: SurveyState; readonly applied: readonly AppliedChange[] } {
  const outcome = applyChanges(start, changes);
  if (!outcome.ok) {
    if (outcome.faults.length > 0) throw invalid(outcome.faults);
    throw new Problem(
      409,
      'conflict',
      'Changed by someone else',
      'Someone else set the same field; choose which value stays.',
      { conflicts: outcome.conflicts },
    );
  }
  // Only faults that these changes brought: an old one elsewhere must not block an edit here.
  const oldFaults = new Set(referenceFaults(surveyOf(start)).map((f) => f.message));
  const faults = referenceFaults(surveyOf(outcome.state)).filter((f) => !oldFaults.has(f.message));
  if (changes.length > 0 && faults.length > 0)
    throw invalid(faults.map((f) => ({ ...f, path: f.path.replace(/^\w+\[\d+\]/, f.entity ?? '') })));
  return outcome;
}

async function saveTouched(
  trx: Transaction,
  context: Context,
  open: OpenJob,
  state: SurveyState,
  applied: readonly AppliedChange[],
): Promise<void> {
  const touched = [...new Set(applied.map(({ change }) => change.entity))].filter((id) => id !== open.id);
  const standing = touched.flatMap((id) => state.entities.get(id) ?? []);
  const gone = touched.filter((id) => !state.entities.has(id));
  await saveEntities(
    trx,
    open.id,
    standing.map((entity) => entityRow(entity, context.house, open.propertyId, open.id)),
  );
  if (gone.length > 0)
    await EntityRecord.query(trx).where({ property_id: open.propertyId }).whereIn('id', gone).delete();
  const property = state.entities.get(PROPERTY_ID);
  if (property && applied.some(({ change }) => change.kind === PROPERTY_KIND))
    await followProperty(trx, context, open.propertyId, property.detail as unknown as Property);
  const job = applied.some(({ change }) => change.kind === JOB_KIND) ? jobColumns(state.job) : {};
  await JobRecord.query(trx)
    .findById(open.id)
    .patch({ ...job, updated_at: new Date().toISOString() });
}

/** What is created later goes on counting from the log: a revision that was never made here does not get into it. */
function knownBase(
  { base }: SurveyChange,
  before: VersionedEntity | null,
  after: VersionedEntity | null,
): number {
  if (before) return Math.min(base, before.revision);
  return after ? base : 0;
}

const ROWS_AT_ONCE = 500;

async function logChanges(
  trx: Transaction,
  applied: readonly AppliedChange[],
  context: Context,
  open: OpenJob,
  deviceAt: string | null,
): Promise<void> {
  const rows = applied.map(({ change, before, after }) => ({
    id: change.id,
    house_id: context.house,
    property_id: open.propertyId,
    job_id: open.id,
    actor: context.actor,
    device_at: deviceAt,
    kind: change.kind,
    entity_id: change.entity,
    op: change.op,
    base: knownBase(change, before, after),
    fields: { ...change.fields },
    before: before ? { position: before.position, ...before.detail } : null,
    revision: after?.revision ?? null,
  }));
  for (let i = 0; i < rows.length; i += ROWS_AT_ONCE)
    await ChangeRecord.query(trx).insert(rows.slice(i, i + ROWS_AT_ONCE));
}
