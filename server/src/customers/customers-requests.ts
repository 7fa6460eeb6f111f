import { uuidSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { CustomerContact, CustomersStore } from './customers-store.ts';

const words = Joi.string().trim().max(500).allow('').required();
const contactSchema = Joi.object<CustomerContact>({ person: words, phone: words, mail: words, note: words });
const idSchema = uuidSchema.label('customer');

export function customersRequests(customers: CustomersStore): Record<'list' | 'setContact', RequestHandler> {
  return {
    async list(_req, res) {
      res.json({ customers: await customers.list(contextOf(res)) });
    },
    async setContact(req, res) {
      const id = validatedParam(idSchema, req.params['customer']);
      res.json(await customers.setContact(contextOf(res), id, validated(contactSchema, req.body)));
    },
  };
}
