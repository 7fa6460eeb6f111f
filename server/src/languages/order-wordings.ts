import { ENGINE_VERSION, canonicalHash } from '@etappe/core';
import type { CrewOrder, DecidedVisit, Language, OrderWording, Survey } from '@etappe/core';
import type { Knex } from 'knex';
import { Problem } from '../problems/problem.ts';
import { OrderRecord } from '../orders/order-record.ts';
import type { IssuedWork, OrderWriter } from './order-writer.ts';
import { OrderWordingRecord } from './order-wording-record.ts';

export interface OrderWordings {
  /** Made once, when it is first asked for, and kept with the order; English where it cannot be said so any more. */
  in(language: Language, order: OrderRecord): Promise<OrderWording>;
}

/** @param writer null on threads, which write none */
export function orderWordings(database: Knex, writer: OrderWriter | null): OrderWordings {
  return {
    async in(language, order) {
      const asIssued = wording('en', order.document, order.document_sha256);
      if (language === 'en' || !writer) return asIssued;
      const id = { order_id: order.id, language };
      const kept = await OrderWordingRecord.query(database).findOne(id);
      if (kept) return wording(language, kept.document, kept.document_sha256);
      // Another engine would not say the same order again.
      if (order.engine !== ENGINE_VERSION) return asIssued;
      const before = await orderBefore(database, order, asIssued.document);
      const said = await writer.order(language, { work: workOf(order), before }).catch(unlessBusy);
      if (!said) return asIssued;
      const document = JSON.stringify(said);
      const sha256 = canonicalHash(document);
      await OrderWordingRecord.query(database)
        .insert({ ...id, document, document_sha256: sha256 })
        .onConflict(['order_id', 'language'])
        .ignore();
      return wording(language, document, sha256);
    },
  };
}

/** A crew without its order is worse off than one that reads it in English; whoever had no turn comes again. */
function unlessBusy(error: unknown): null {
  if (error instanceof Problem) throw error;
  return null;
}

const wording = (language: Language, document: string, sha256: string): OrderWording => ({
  language,
  document: JSON.parse(document) as CrewOrder,
  sha256,
});

const workOf = ({ inputs, decided }: Pick<OrderRecord, 'inputs' | 'decided'>): IssuedWork => ({
  inputs: inputs as unknown as Survey,
  decided: decided as unknown as DecidedVisit,
});

/** What the order says that it differs from; null where it says nothing, or where that is of another engine. */
async function orderBefore(
  database: Knex,
  { house_id, job_id }: OrderRecord,
  { changes }: CrewOrder,
): Promise<(IssuedWork & { readonly number: number }) | null> {
  if (!changes) return null;
  const row = await OrderRecord.query(database).findOne({ house_id, job_id, number: changes.since });
  return row?.engine === ENGINE_VERSION ? { ...workOf(row), number: row.number } : null;
}
