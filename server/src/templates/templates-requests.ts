import { jobFileOf, newTemplateSchema, readJobFile, surveyOf, templateOf, uuidSchema } from '@etappe/core';
import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import type { JobsStore } from '../jobs/jobs-store.ts';
import { invalid } from '../problems/problem.ts';
import { validated, validatedParam } from '../problems/validated.ts';
import type { TemplatesStore } from './templates-store.ts';

const idSchema = uuidSchema.label('template');

export function templatesRequests(
  templates: TemplatesStore,
  jobs: JobsStore,
): Record<'list' | 'save' | 'remove', RequestHandler> {
  return {
    async list(_req, res) {
      res.json({ templates: await templates.list(contextOf(res)) });
    },
    async save(req, res) {
      const { id, name, job } = validated(newTemplateSchema, req.body);
      const context = contextOf(res);
      const file = jobFileOf(templateOf(surveyOf((await jobs.open(context, job)).state)));
      const reading = readJobFile(file);
      if (!reading.ok) throw invalid(reading.faults);
      await templates.save(context, id, name, file);
      res.status(201).json({ id });
    },
    async remove(req, res) {
      await templates.remove(contextOf(res), validatedParam(idSchema, req.params['template']));
      res.status(204).end();
    },
  };
}
