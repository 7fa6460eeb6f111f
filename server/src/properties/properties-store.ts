import type { PropertiesPage, Property, PropertySummary } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { customerNamed } from '../customers/customers-store.ts';
import { likePattern } from '../database/like-pattern.ts';
import { PropertyRecord } from './property-record.ts';

export interface PropertiesStore {
  list(
    context: Context,
    find: string,
    page: { readonly from: number; readonly size: number },
  ): Promise<PropertiesPage>;
}

interface Row {
  readonly id: string;
  readonly name: string;
  readonly customer: string | null;
  readonly customer_id: string | null;
  readonly address: string | null;
  readonly surfaces: number;
  readonly jobs: PropertySummary['jobs'];
  readonly total: string;
}

export function propertiesStore(database: Knex): PropertiesStore {
  return {
    async list({ house }, find, { from, size }) {
      const rows = await database('properties as p')
        .leftJoin('customers as c', 'c.id', 'p.customer_id')
        .where({ 'p.house_id': house })
        .whereRaw('EXISTS (SELECT 1 FROM jobs j WHERE j.property_id = p.id AND j.deleted_at IS NULL)')
        .andWhere((query) => {
          void query
            .whereILike('p.name', likePattern(find))
            .orWhereRaw(`coalesce(c.name, '') ILIKE ?`, [likePattern(find)]);
        })
        .orderByRaw('lower(c.name) NULLS LAST, lower(p.name), p.id')
        .offset(from)
        .limit(size)
        .select<Row[]>(
          'p.id',
          'p.name',
          'p.customer_id',
          'c.name as customer',
          database.raw(
            `(SELECT detail->>'address' FROM entities e WHERE e.property_id = p.id AND e.id = 'property') AS address`,
          ),
          database.raw(
            `(SELECT count(*) FROM entities e WHERE e.property_id = p.id AND e.kind = 'surface')::int AS surfaces`,
          ),
          database.raw(`(SELECT coalesce(jsonb_agg(jsonb_build_object('id', j.id, 'name', j.name, 'start', j.detail->'start') ORDER BY j.created_at DESC), '[]')
             FROM jobs j WHERE j.property_id = p.id AND j.deleted_at IS NULL) AS jobs`),
          database.raw('count(*) OVER () AS total'),
        );
      return {
        properties: rows.map((row) => ({
          id: row.id,
          name: row.name,
          customer: row.customer ?? '',
          customerId: row.customer_id,
          address: row.address ?? '',
          surfaces: row.surfaces,
          jobs: row.jobs,
        })),
        total: Number(rows[0]?.total ?? 0),
      };
    },
  };
}

/** Brings the columns of a property after its own record: its name, and whose it is. */
export async function followProperty(
  trx: Transaction,
  context: Context,
  propertyId: string,
  detail: Pick<Property, 'name' | 'customer'>,
): Promise<void> {
  const customer = await customerNamed(trx, context, detail.customer);
  await PropertyRecord.query(trx).findById(propertyId).patch({ name: detail.name, customer_id: customer });
}
