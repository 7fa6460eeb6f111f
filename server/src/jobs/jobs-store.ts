import { JOB_KIND, duplicateOf, freshEntities, freshRecord, stateOf, surveyOf } from '@etappe/core';
import type { JobDetail, JobsPage, JobsQuery, PreviousJob, Survey } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import { v7 as uuidv7 } from 'uuid';
import type { Context } from '../context.ts';
import { oneAtATime } from '../database/one-at-a-time.ts';
import { likePattern } from '../database/like-pattern.ts';
import { takeOwnEntries } from '../handbook/handbook-entries.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { followProperty } from '../properties/properties-store.ts';
import { PropertyRecord } from '../properties/property-record.ts';
import { HouseRecord } from './house-record.ts';
import { JobRecord } from './job-record.ts';
import { insertEntities } from './entity-rows.ts';
import { entityRow, jobColumns, openIn, previousFindings } from './open-job.ts';
import type { OpenJob } from './open-job.ts';

export interface JobsStore {
  list(context: Context, query: JobsQuery): Promise<JobsPage>;
  /** A job with its property as a survey has them. A repeat with the same id is harmless. */
  create(context: Context, id: string, propertyId: string, survey: Survey): Promise<void>;
  /** A job on a property that is known: what lasts is there, what passes is to be asked. */
  createOn(context: Context, id: string, propertyId: string, job: JobDetail): Promise<void>;
  /** A job like another on the same property. */
  duplicate(context: Context, of: string, id: string, name: string): Promise<void>;
  open(context: Context, id: string): Promise<OpenJob & { readonly previous: PreviousJob | null }>;
  remove(context: Context, id: string): Promise<void>;
  firstHouse(): Promise<string>;
  /** Runs once in the life of a company. */
  onceForHouse(house: string, work: () => Promise<void>): Promise<void>;
}

interface ListRow {
  readonly id: string;
  readonly name: string;
  readonly customer: string | null;
  readonly updated_at: Date;
  readonly start: string | null;
  readonly surfaces: number;
  readonly last_order: number | null;
  readonly total: string;
}

const ORDER_BY: Readonly<Record<JobsQuery['sort'], string>> = {
  name: 'lower(j.name), j.id',
  customer: 'lower(c.name) NULLS LAST, lower(j.name), j.id',
  start: `j.detail->>'start' NULLS LAST, j.id`,
  updatedAt: 'j.updated_at DESC, j.id',
};

export function jobsStore(database: Knex): JobsStore {
  return {
    async list({ house }, { find, sort, from, size }) {
      const query = database('jobs as j')
        .join('properties as p', 'p.id', 'j.property_id')
        .leftJoin('customers as c', 'c.id', 'p.customer_id')
        .where({ 'j.house_id': house })
        .whereNull('j.deleted_at');
      if (find !== '')
        void query.andWhere((either) => {
          void either.whereILike('j.name', likePattern(find)).orWhereILike('c.name', likePattern(find));
        });
      const rows = await query
        .orderByRaw(ORDER_BY[sort])
        .offset(from)
        .limit(size)
        .select<ListRow[]>(
          'j.id',
          'j.name',
          'j.updated_at',
          'c.name as customer',
          database.raw(`j.detail->>'start' AS start`),
          database.raw(
            `(SELECT count(*) FROM entities e WHERE e.property_id = j.property_id AND e.kind = 'surface')::int AS surfaces`,
          ),
          database.raw('(SELECT max(number) FROM orders o WHERE o.job_id = j.id) AS last_order'),
          database.raw('count(*) OVER () AS total'),
        );
      return {
        jobs: rows.map((row) => ({
          id: row.id,
          name: row.name,
          customer: row.customer ?? '',
          start: row.start,
          surfaces: row.surfaces,
          lastOrder: row.last_order,
          updatedAt: row.updated_at.toISOString(),
        })),
        total: Number(rows[0]?.total ?? 0),
      };
    },

    async create(context, id, propertyId, survey) {
      await JobRecord.transaction(database, async (trx) => {
        if (await isMade(trx, id)) return;
        const state = stateOf(id, survey);
        await oneAtATime(trx, propertyId);
        if (await PropertyRecord.query(trx).findById(propertyId))
          throw new Problem(
            409,
            'taken',
            'The property is there already',
            'This property is already here: start the job on it without describing it again, or give the new one its own id.',
          );
        await takeOwnEntries(trx, context, survey.handbook);
        await PropertyRecord.query(trx).insert({ id: propertyId, house_id: context.house });
        await followProperty(trx, context, propertyId, survey.property);
        await JobRecord.query(trx).insert({
          id,
          house_id: context.house,
          property_id: propertyId,
          ...jobColumns(state.job),
        });
        await insertEntities(
          trx,
          [...state.entities.values()].map((entity) => entityRow(entity, context.house, propertyId, id)),
        );
      });
    },

    async createOn({ house }, id, propertyId, job) {
      await JobRecord.transaction(database, async (trx) => {
        if (await isMade(trx, id)) return;
        const property = await PropertyRecord.query(trx).findById(propertyId).where({ house_id: house });
        if (!property) throw notFound('property');
        await JobRecord.query(trx).insert({
          id,
          house_id: house,
          property_id: propertyId,
          ...jobColumns(freshRecord(JOB_KIND, id, job)),
        });
      });
    },

    async duplicate(context, of, id, name) {
      await JobRecord.transaction(database, async (trx) => {
        if (await isMade(trx, id)) return;
        const { propertyId, state } = await openIn(trx, context, of, true);
        const { job, ...passing } = duplicateOf(surveyOf(state), name, uuidv7);
        await JobRecord.query(trx).insert({
          id,
          house_id: context.house,
          property_id: propertyId,
          ...jobColumns(freshRecord(JOB_KIND, id, job)),
        });
        await insertEntities(
          trx,
          freshEntities(passing).map((e) => entityRow(e, context.house, propertyId, id)),
        );
      });
    },

    async open(context, id) {
      const [open, previous] = await Promise.all([
        openIn(database, context, id),
        previousFindings(database, context, id),
      ]);
      return { ...open, previous };
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

/** Whether a job was made already, by a request that came before or comes at once. */
async function isMade(trx: Transaction, id: string): Promise<boolean> {
  await oneAtATime(trx, id);
  return (await JobRecord.query(trx).findById(id)) !== undefined;
}
