import { LANGUAGES, issueSchema } from '@etappe/core';
import type { Language } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { OrdersStore } from './orders-store.ts';

export const orderNumberSchema = Joi.string()
  .pattern(/^\d{1,9}$/, 'a number')
  .required()
  .label('order');

const languageSchema = Joi.string()
  .valid(...LANGUAGES)
  .required()
  .label('language');

export function ordersRequests(
  orders: OrdersStore,
): Record<'issue' | 'document' | 'wording', RequestHandler> {
  return {
    async issue(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const order = await orders.issue(contextOf(res), jobId, validated(issueSchema, req.body));
      res.status(201).location(`/api/v1/jobs/${jobId}/orders/${order.number}`).json(order);
    },
    async document(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(orderNumberSchema, req.params['number']));
      res.json(await orders.document(contextOf(res), jobId, number));
    },
    async wording(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(orderNumberSchema, req.params['number']));
      const language = validatedParam(languageSchema, req.params['language']) as Language;
      res.json(await orders.wording(contextOf(res), jobId, number, language));
    },
  };
}
