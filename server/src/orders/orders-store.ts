import {
  CATALOGUE_VERSION,
  canonicalHash,
  catalogueEntriesOf,
  crewOrder,
  inputsHash,
  orderChanges,
  planAround,
  surveyOf,
} from '@etappe/core';
import type {
  CrewOrder,
  IssueRequest,
  IssuedOrder,
  Language,
  OrderDocument,
  OrderWording,
} from '@etappe/core';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import type { OrderWordings } from '../languages/order-wordings.ts';
import { HouseRecord } from '../jobs/house-record.ts';
import { openIn } from '../jobs/open-job.ts';
import { oneAtATime } from '../database/one-at-a-time.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { reserveLots } from '../stock/stock-store.ts';
import { unsoundToday } from './earlier-rules.ts';
import { askFor } from '../papers/order-pdfs-store.ts';
import { OrderRecord } from './order-record.ts';

export interface OrdersStore {
  ofJob(context: Context, jobId: string): Promise<readonly IssuedOrder[]>;
  /** Derives anew, checks the decided schedule and keeps the order for good; never solves. A repeat is harmless. */
  issue(context: Context, jobId: string, request: IssueRequest): Promise<IssuedOrder>;
  document(context: Context, jobId: string, number: number): Promise<OrderDocument>;
  /** The same as it reads in a language; in English where it cannot be said in that any more. */
  wording(context: Context, jobId: string, number: number, language: Language): Promise<OrderWording>;
}

export function ordersStore(database: Knex, wordings: OrderWordings): OrdersStore {
  return {
    async ofJob({ house }, jobId) {
      const rows = await OrderRecord.query(database)
        .where({ house_id: house, job_id: jobId })
        .orderBy('number', 'desc')
        .select('id', 'number', 'issued_at', 'issued_by', 'inputs_hash');
      return rows.map(issuedOf);
    },

    async issue(context, jobId, request) {
      return OrderRecord.transaction(database, async (trx) => {
        await oneAtATime(trx, request.id);
        const earlier = await OrderRecord.query(trx)
          .findById(request.id)
          .where({ house_id: context.house, job_id: jobId });
        if (earlier) return issuedOf(earlier);
        const survey = surveyOf((await openIn(trx, context, jobId, true)).state);
        const hash = inputsHash(survey);
        if (hash !== request.inputsHash) {
          throw new Problem(
            409,
            'stale',
            'The survey has changed',
            'The survey changed after this plan was made. Look at the new plan, then issue it.',
          );
        }
        const { plan, violations } = planAround(survey, request.decided);
        if (violations.length > 0) {
          throw new Problem(
            422,
            'schedule-refused',
            'The schedule was refused',
            `${violations[0]?.text ?? ''}.`,
            { violations },
          );
        }
        const stops = plan.warnings.filter((w) => w.severity === 'stop');
        if (stops.length > 0) {
          throw new Problem(422, 'plan-stopped', 'This plan cannot be issued', stops[0]?.text ?? '', {
            stops,
          });
        }
        const order = crewOrder(plan, survey);
        const before = await lastOfVisit(trx, context, jobId, order);
        const document = JSON.stringify(
          before ? { ...order, changes: orderChanges(order, before.document, before.number) } : order,
        );
        const house = await HouseRecord.query(trx).findById(context.house).forUpdate().throwIfNotFound();
        await HouseRecord.query(trx)
          .findById(context.house)
          .patch({ next_order_number: house.next_order_number + 1 });
        const record = await OrderRecord.query(trx)
          .insert({
            id: request.id,
            house_id: context.house,
            job_id: jobId,
            number: house.next_order_number,
            issued_by: context.actor,
            engine: plan.engine,
            catalogue_version: CATALOGUE_VERSION,
            inputs_hash: hash,
            inputs: { ...survey },
            catalogue: catalogueEntriesOf(plan, survey),
            decided: { ...request.decided },
            document,
            document_sha256: canonicalHash(document),
          })
          .returning('*');
        await askFor(trx, record.id, context.house);
        await reserveLots(trx, context, jobId, record.number, plan.lotUses);
        return issuedOf(record);
      });
    },

    async wording(context, jobId, number, language) {
      return wordings.in(language, await orderAt(database, context, jobId, number));
    },

    async document(context, jobId, number) {
      const row = await orderAt(database, context, jobId, number);
      return {
        ...issuedOf(row),
        document: JSON.parse(row.document) as CrewOrder,
        sha256: row.document_sha256,
        unsoundToday: unsoundToday(row),
      };
    },
  };
}

async function orderAt(
  database: Knex,
  { house }: Context,
  jobId: string,
  number: number,
): Promise<OrderRecord> {
  const row = await OrderRecord.query(database).findOne({ house_id: house, job_id: jobId, number });
  if (!row) throw notFound('order');
  return row;
}

/** The order that the crew may have in hand: the last one of the same visit. */
async function lastOfVisit(
  trx: Knex.Transaction,
  { house }: Context,
  jobId: string,
  { visit }: CrewOrder,
): Promise<{ readonly number: number; readonly document: CrewOrder } | null> {
  const rows = await OrderRecord.query(trx)
    .where({ house_id: house, job_id: jobId })
    .orderBy('number', 'desc')
    .limit(MOST_LOOKED_BACK)
    .select('number', 'document');
  for (const row of rows) {
    const document = JSON.parse(row.document) as CrewOrder;
    if ((document.visit?.number ?? 1) === (visit?.number ?? 1)) return { number: row.number, document };
  }
  return null;
}

/** Orders of a job before this one among which the last of the same visit is looked for. */
const MOST_LOOKED_BACK = 20;

function issuedOf(row: OrderRecord): IssuedOrder {
  return {
    id: row.id,
    number: row.number,
    issuedAt: row.issued_at.toISOString(),
    issuedBy: row.issued_by,
    inputsHash: row.inputs_hash,
  };
}
