import { surveyChangeSchema } from '@etappe/core';
import type { SurveyChange } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { jobIdSchema } from '../jobs/jobs-requests.ts';
import { validated } from '../problems/validated.ts';
import type { ChangesStore } from './changes-store.ts';

const MOST_CHANGES = 500;
const batchSchema = Joi.object<{ changes: SurveyChange[] }>({
  changes: Joi.array().items(surveyChangeSchema).min(1).max(MOST_CHANGES).unique('id').required(),
});

export function changesRequests(changes: ChangesStore): Record<'apply', RequestHandler> {
  return {
    async apply(req, res) {
      const jobId = validated(jobIdSchema, req.params['job']);
      const batch = validated(batchSchema, req.body);
      res.json(await changes.apply(contextOf(res), jobId, batch.changes));
    },
  };
}
