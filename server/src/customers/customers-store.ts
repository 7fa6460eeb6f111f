import type { Customer, CustomerContact } from '@etappe/core';
import type { Knex } from 'knex';
import type { Transaction } from 'objection';
import type { Context } from '../context.ts';
import { notFound } from '../problems/problem.ts';
import { CustomerRecord } from './customer-record.ts';

const NO_CONTACT: CustomerContact = { person: '', phone: '', mail: '', note: '' };

export interface CustomersStore {
  list(context: Context): Promise<readonly Customer[]>;
  setContact(context: Context, id: string, contact: CustomerContact): Promise<Customer>;
}

export function customersStore(database: Knex): CustomersStore {
  return {
    async list({ house }) {
      const rows = await CustomerRecord.query(database).where({ house_id: house }).orderBy('name');
      return rows.map(customerOf);
    },
    async setContact({ house }, id, contact) {
      const [row] = await CustomerRecord.query(database)
        .where({ id, house_id: house })
        .patch({ contact: { ...contact } })
        .returning('*');
      if (!row) throw notFound('customer');
      return customerOf(row);
    },
  };
}

/** The customer of a name, made when the company has none of that name yet; null for no name. */
export async function customerNamed(
  trx: Transaction,
  { house }: Context,
  name: string,
): Promise<string | null> {
  if (name === '') return null;
  const found = async () =>
    CustomerRecord.query(trx).where({ house_id: house }).whereRaw('lower(name) = lower(?)', [name]).first();
  const customer = await found();
  if (customer) return customer.id;
  await trx.raw('INSERT INTO customers (house_id, name) VALUES (?, ?) ON CONFLICT DO NOTHING', [house, name]);
  return (await found())?.id ?? null;
}

function customerOf(row: CustomerRecord): Customer {
  return { id: row.id, name: row.name, ...NO_CONTACT, ...row.contact };
}
