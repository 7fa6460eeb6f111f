import { JOB_KIND, handbookOf, lastsWithProperty, shelfBefore } from '@etappe/core';
import type { JobDetail, PreviousJob, RecordKind, SurveyState, VersionedEntity } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { handbookIn } from '../handbook/handbook-entries.ts';
import { notFound } from '../problems/problem.ts';
import { usesOf } from '../stock/job-uses.ts';
import { PropertyRecord } from '../properties/property-record.ts';
import { EntityRecord } from './entity-record.ts';
import { JobRecord } from './job-record.ts';

/** A job opened for work: what it and its property hold, each with what merging needs. */
export interface OpenJob {
  readonly id: string;
  readonly propertyId: string;
  /** Of the newest change of the property that is in it; later ones are asked for from here. */
  readonly sequence: number;
  readonly handbookRevision: number;
  readonly state: SurveyState;
}

/**
 * A job with its entities inside a transaction or outside; `lock` keeps other writers of the property waiting.
 * @throws Problem 404
 */
export async function openIn(
  connection: Knex | Transaction,
  context: Context,
  id: string,
  lock = false,
): Promise<OpenJob> {
  const job = await jobIn(connection, context, id);
  if (lock) await PropertyRecord.query(connection).findById(job.property_id).forUpdate();
  // Read before the entities: a change that comes between is then asked for once more, never missed.
  const sequence = await newestSequence(connection, job.property_id);
  // Under the lock the job is read again: another writer may just have changed it.
  const current = lock ? await JobRecord.query(connection).findById(id).throwIfNotFound() : job;
  const handbook = await handbookIn(connection, context);
  const written = handbookOf(handbook.records);
  const rows = await EntityRecord.query(connection)
    .where({ property_id: job.property_id })
    .andWhere((query) => {
      void query.whereNull('job_id').orWhere({ job_id: id });
    });
  return {
    id,
    propertyId: job.property_id,
    sequence,
    handbookRevision: handbook.revision,
    state: {
      job: jobEntity(current),
      handbook: { ...written, lots: shelfBefore(written.lots, await usesOf(connection, context, id)) },
      entities: new Map(rows.map((row) => [row.id, entityOf(row)])),
    },
  };
}

/** @throws Problem 404 */
export async function jobIn(
  connection: Knex | Transaction,
  { house }: Context,
  id: string,
): Promise<JobRecord> {
  const job = await JobRecord.query(connection)
    .findById(id)
    .where({ house_id: house })
    .whereNull('deleted_at');
  if (!job) throw notFound('job');
  return job;
}

export async function newestSequence(connection: Knex | Transaction, propertyId: string): Promise<number> {
  const [row] = (await connection('changes')
    .where({ property_id: propertyId })
    .max('sequence as newest')) as [{ newest: string | null }?];
  return Number(row?.newest ?? 0);
}

/** What the job before this one found on the property, newest first; null for the first job. */
export async function previousFindings(
  connection: Knex,
  { house }: Context,
  id: string,
): Promise<PreviousJob | null> {
  const previous = await JobRecord.query(connection)
    .where({ house_id: house })
    .whereNull('deleted_at')
    .whereRaw(
      '(property_id, created_at) IN (SELECT j.property_id, max(o.created_at) FROM jobs j JOIN jobs o ON o.property_id = j.property_id AND o.created_at < j.created_at AND o.deleted_at IS NULL WHERE j.id = ? GROUP BY j.property_id)',
      [id],
    )
    .first();
  if (!previous) return null;
  const rows = await EntityRecord.query(connection)
    .where({ property_id: previous.property_id, job_id: previous.id, kind: 'finding' })
    .orderBy('position');
  const { start } = previous.detail as unknown as JobDetail;
  return {
    id: previous.id,
    name: previous.name,
    start,
    findings: rows.map((row) => row.detail as unknown as PreviousJob['findings'][number]),
  };
}

export function jobEntity(row: JobRecord): VersionedEntity {
  return {
    kind: JOB_KIND,
    id: row.id,
    revision: row.revision,
    fieldRevisions: row.field_revisions,
    position: 0,
    detail: row.detail,
  };
}

export function entityOf(row: EntityRecord): VersionedEntity {
  return {
    kind: row.kind as RecordKind,
    id: row.id,
    revision: row.revision,
    fieldRevisions: row.field_revisions,
    position: row.position,
    detail: row.detail,
  };
}

/** The columns of a job that its detail fills. */
export function jobColumns(job: VersionedEntity) {
  const detail = job.detail as unknown as JobDetail;
  return {
    name: detail.name,
    revision: job.revision,
    field_revisions: { ...job.fieldRevisions },
    detail: { ...job.detail },
  };
}

export function entityRow(entity: VersionedEntity, house: string, propertyId: string, jobId: string) {
  const parent = entity.detail['surface'] ?? entity.detail['side'];
  return {
    property_id: propertyId,
    id: entity.id,
    house_id: house,
    job_id: lastsWithProperty(entity.kind) ? null : jobId,
    kind: entity.kind,
    parent_id: typeof parent === 'string' ? parent : null,
    position: entity.position,
    revision: entity.revision,
    field_revisions: { ...entity.fieldRevisions },
    detail: { ...entity.detail },
  };
}
