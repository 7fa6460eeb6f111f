import { uuidSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { IssueRequest, OrdersStore } from './orders-store.ts';

const LONGEST_VISIT_SECONDS = 7 * 86_400;
const second = Joi.number().integer().min(0).max(LONGEST_VISIT_SECONDS).required();
const operationId = Joi.string().max(400).required();
const issueSchema = Joi.object<IssueRequest>({
  id: uuidSchema,
  inputsHash: Joi.string().hex().length(64).required(),
  decided: Joi.object({
    sectionFactor: Joi.number().greater(0).max(1).required(),
    schedule: Joi.object({
      placements: Joi.array().items(Joi.object({ operation: operationId, person: Joi.string().max(32).required(), start: second, finish: second })).max(20_000).required(),
      makespan: second,
    }).required(),
  }).required(),
}); // prettier-ignore
const numberSchema = Joi.string()
  .pattern(/^\d{1,9}$/, 'a number')
  .required()
  .label('order');

export function ordersRequests(orders: OrdersStore): Record<'issue' | 'document', RequestHandler> {
  return {
    async issue(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const order = await orders.issue(contextOf(res), jobId, validated(issueSchema, req.body));
      res
        .status(201)
        .location(`/api/v1/jobs/${jobId}/orders/${String(order.number)}`)
        .json(order);
    },
    async document(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const number = Number(validatedParam(numberSchema, req.params['number']));
      res.json(await orders.document(contextOf(res), jobId, number));
    },
  };
}
