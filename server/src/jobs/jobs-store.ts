import { JOB_KIND, ENTITY_KINDS, stateOf } from '@etappe/core';
import type { EntityKind, JobDetail, Survey, SurveyState, VersionedEntity } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { EntityRecord } from './entity-record.ts';
import { HouseRecord } from './house-record.ts';
import { JobRecord } from './job-record.ts';
import { PropertyRecord } from './property-record.ts';
import { notFound } from '../problems/problem.ts';

export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly start: string | null;
  readonly surfaces: number;
  readonly lastOrder: number | null;
  readonly updatedAt: string;
}

/** A job opened for work: what it and its property hold, each with what merging needs. */
export interface OpenJob {
  readonly id: string;
  readonly propertyId: string;
  readonly state: SurveyState;
}

interface ListRow {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly updated_at: Date;
  readonly start: string | null;
  readonly surfaces: number;
  readonly last_order: number | null;
}

export interface JobsStore {
  list(context: Context): Promise<readonly JobSummary[]>;
  create(context: Context, id: string, propertyId: string, survey: Survey): Promise<void>;
  open(context: Context, id: string): Promise<OpenJob>;
  remove(context: Context, id: string): Promise<void>;
  firstHouse(): Promise<string>;
  /** Runs once in the life of a house. */
  onceForHouse(house: string, work: () => Promise<void>): Promise<void>;
}

export function jobsStore(database: Knex): JobsStore {
  return {
    async list({ house }) {
      const rows = await database('jobs')
        .where({ 'jobs.house_id': house })
        .whereNull('jobs.deleted_at')
        .orderBy('jobs.updated_at', 'desc')
        .select<ListRow[]>(
          'jobs.id',
          'jobs.name',
          'jobs.customer',
          'jobs.updated_at',
          database.raw(`jobs.detail->>'start' AS start`),
          database.raw(
            `(SELECT count(*) FROM entities e WHERE e.property_id = jobs.property_id AND e.kind = 'surface')::int AS surfaces`,
          ),
          database.raw('(SELECT max(number) FROM orders o WHERE o.job_id = jobs.id) AS last_order'),
        );
      return rows.map((row) => ({
        id: row.id,
        name: row.name,
        customer: row.customer,
        start: row.start,
        surfaces: row.surfaces,
        lastOrder: row.last_order,
        updatedAt: row.updated_at.toISOString(),
      }));
    },

    async create({ house }, id, propertyId, survey) {
      await JobRecord.transaction(database, async (trx) => {
        const existing = await JobRecord.query(trx).findById(id);
        if (existing) return;
        const state = stateOf(id, survey);
        await PropertyRecord.query(trx).insert({ id: propertyId, house_id: house });
        await JobRecord.query(trx).insert({
          id,
          house_id: house,
          property_id: propertyId,
          ...jobColumns(state.job),
        });
        const rows = [...state.entities.values()].map((entity) => entityRow(entity, house, propertyId, id));
        if (rows.length > 0) await EntityRecord.query(trx).insert(rows);
      });
    },

    async open(context, id) {
      return openIn(database, context, id);
    },

    async remove({ house }, id) {
      const count = await JobRecord.query(database)
        .where({ id, house_id: house })
        .whereNull('deleted_at')
        .patch({ deleted_at: new Date().toISOString() });
      if (count === 0) throw notFound('job');
    },

    async firstHouse() {
      const house = await HouseRecord.query(database).orderBy('id').first();
      if (!house) throw new Error('the database has no house: run the migrations');
      return house.id;
    },

    async onceForHouse(house, work) {
      const claimed = await HouseRecord.query(database)
        .where({ id: house })
        .whereNull('demo_given_at')
        .patch({ demo_given_at: database.fn.now() });
      if (claimed > 0) await work();
    },
  };
}

/**
 * A job with its entities inside a transaction or outside; `lock` keeps other writers of the property waiting.
 * @throws Problem 404
 */
export async function openIn(
  connection: Knex | Transaction,
  { house }: Context,
  id: string,
  lock = false,
): Promise<OpenJob> {
  const job = await JobRecord.query(connection)
    .findById(id)
    .where({ house_id: house })
    .whereNull('deleted_at');
  if (!job) throw notFound('job');
  if (lock) await PropertyRecord.query(connection).findById(job.property_id).forUpdate();
  // Under the lock the job is read again: another writer may just have changed it.
  const current = lock ? await JobRecord.query(connection).findById(id).throwIfNotFound() : job;
  const rows = await EntityRecord.query(connection)
    .where({ property_id: job.property_id })
    .andWhere((query) => {
      void query.whereNull('job_id').orWhere({ job_id: id });
    });
  return {
    id,
    propertyId: job.property_id,
    state: {
      job: {
        kind: JOB_KIND,
        id,
        revision: current.revision,
        fieldRevisions: current.field_revisions,
        position: 0,
        detail: current.detail,
      },
      entities: new Map(rows.map((row) => [row.id, entityOf(row)])),
    },
  };
}

function entityOf(row: EntityRecord): VersionedEntity {
  return {
    kind: row.kind as EntityKind,
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
    customer: detail.customer,
    revision: job.revision,
    field_revisions: { ...job.fieldRevisions },
    detail: { ...job.detail },
  };
}

export function entityRow(entity: VersionedEntity, house: string, propertyId: string, jobId: string) {
  const lasts = entity.kind !== JOB_KIND && ENTITY_KINDS[entity.kind].lasts;
  const parent = entity.detail['surface'] ?? entity.detail['side'];
  return {
    property_id: propertyId,
    id: entity.id,
    house_id: house,
    job_id: lasts ? null : jobId,
    kind: entity.kind,
    parent_id: typeof parent === 'string' ? parent : null,
    position: entity.position,
    revision: entity.revision,
    field_revisions: { ...entity.fieldRevisions },
    detail: { ...entity.detail },
  };
}
