import { customerContactSchema, uuidSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { CustomersStore } from './customers-store.ts';

const idSchema = uuidSchema.label('customer');

export function customersRequests(customers: CustomersStore): Record<'list' | 'setContact', RequestHandler> {
  return {
    async list(_req, res) {
      res.json({ customers: await customers.list(contextOf(res)) });
    },
    async setContact(req, res) {
      const id = validatedParam(idSchema, req.params['customer']);
      res.json(await customers.setContact(contextOf(res), id, validated(customerContactSchema, req.body)));
    },
  };
}
