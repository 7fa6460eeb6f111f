import { isMoment, surveyChangeSchema } from '@etappe/core';
import type { SurveyChange } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import type { ChangeLog } from './change-log.ts';
import type { ChangesStore } from './changes-store.ts';

/** Room for a list of surfaces that is brought in as one batch, with what was found on each. */
const MOST_CHANGES = 25_000;
const batchSchema = Joi.object<{ changes: SurveyChange[]; deviceAt: string | null }>({
  changes: Joi.array().items(surveyChangeSchema).min(1).max(MOST_CHANGES).unique('id').required(),
  // The clock of a device may be anywhere: a time that cannot be is none.
  deviceAt: Joi.string()
    .isoDate()
    .max(40)
    .custom((at: string) => (isMoment(at) ? new Date(at).toISOString() : null))
    .allow(null)
    .default(null),
});
const sinceSchema = Joi.object<{ after: number }>({ after: Joi.number().integer().min(0).required() });
const entitySchema = Joi.string().max(100).required().label('entity');

export function changesRequests(
  changes: ChangesStore,
  log: ChangeLog,
): Record<'apply' | 'since' | 'log', RequestHandler> {
  return {
    async apply(req, res) {
      const jobId = validatedParam(jobIdSchema, req.params['job']);
      const batch = validated(batchSchema, req.body);
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
