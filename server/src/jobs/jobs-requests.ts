import { checkedDetail, JOB_KIND } from '@etappe/core';
import type { JobDetail } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { invalid } from '../problems/problem.ts';
import { validated } from '../problems/validated.ts';
import type { JobsStore } from './jobs-store.ts';
import type { OrdersStore } from '../orders/orders-store.ts';

const newJobSchema = Joi.object<{ id: string; propertyId: string; job: Record<string, unknown> }>({
  id: Joi.string().guid().required(),
  propertyId: Joi.string().guid().required(),
  job: Joi.object().unknown().required(),
});
export const jobIdSchema = Joi.string().guid().required().label('job');

export function jobsRequests(
  jobs: JobsStore,
  orders: OrdersStore,
): Record<'list' | 'create' | 'open' | 'remove', RequestHandler> {
  return {
    async list(_req, res) {
      res.json({ jobs: await jobs.list(contextOf(res)) });
    },
    async create(req, res) {
      const body = validated(newJobSchema, req.body);
      const checked = checkedDetail(JOB_KIND, body.job);
      if (!checked.ok) throw invalid(checked.faults);
      const job = checked.detail as unknown as JobDetail;
      await jobs.create(contextOf(res), body.id, body.propertyId, {
        job,
        sides: [],
        surfaces: [],
        features: [],
        waterPoints: [],
        findings: [],
        choices: [],
      });
      res.status(201).location(`/api/v1/jobs/${body.id}`).json({ id: body.id });
    },
    async open(req, res) {
      const id = validated(jobIdSchema, req.params['job']);
      const [job, issued] = await Promise.all([
        jobs.open(contextOf(res), id),
        orders.ofJob(contextOf(res), id),
      ]);
      res.json({
        id: job.id,
        job: job.state.job,
        entities: [...job.state.entities.values()],
        orders: issued,
      });
    },
    async remove(req, res) {
      await jobs.remove(contextOf(res), validated(jobIdSchema, req.params['job']));
      res.status(204).end();
    },
  };
}
