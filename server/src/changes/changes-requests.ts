import { changesBatchSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import type { ChangeLog } from './change-log.ts';
import type { ChangesStore } from './changes-store.ts';

const sinceSchema = Joi.object<{ after: number }>({ after: Joi.number().integer().min(0).required() });
const entitySchema = Joi.string().max(100).required().label('entity');

export function changesRequests(
  changes: ChangesStore,
  log: ChangeLog,
): Record<'apply' | 'since' | 'log', RequestHandler> {
  return {
    async apply(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const batch = validated(changesBatchSchema, req.body);
      res.json(await changes.apply(contextOf(res), jobId, batch.changes, batch.deviceAt));
    },
    async since(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const { after } = validatedQuery(sinceSchema, req.query);
      res.json(await changes.since(contextOf(res), jobId, after));
    },
    async log(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const entity = validatedParam(entitySchema, req.params['entity']);
      res.json({ changes: await log.of(contextOf(res), jobId, entity) });
    },
  };
}
