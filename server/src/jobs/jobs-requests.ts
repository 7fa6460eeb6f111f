import { JOB_KIND, NO_ENTITIES, PROPERTY_KIND, checkedDetail, readJobFile, uuidSchema } from '@etappe/core';
import type { JobDetail, Property, RecordKind } from '@etappe/core';
import type { RequestHandler } from 'express';
import Joi from 'joi';
import { contextOf } from '../context-of.ts';
import { pageKeys } from '../database/page-of.ts';
import { invalid } from '../problems/problem.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import type { OrdersStore } from '../orders/orders-store.ts';
import type { TemplatesStore } from '../templates/templates-store.ts';
import { SORT_KEYS } from './jobs-store.ts';
import type { JobsQuery, JobsStore } from './jobs-store.ts';

const anything = Joi.object().unknown();

interface NewJob {
  readonly id: string;
  readonly propertyId: string;
  readonly job: Readonly<Record<string, unknown>>;
  /** Of a property that is new; a known one is told by its id alone. */
  readonly property?: Readonly<Record<string, unknown>>;
  readonly template?: string;
}

const newJobSchema = Joi.object<NewJob>({
  id: uuidSchema,
  propertyId: uuidSchema,
  job: anything.required(),
  property: anything,
  template: uuidSchema.optional(),
}).with('template', 'property');
const importSchema = Joi.object<{ id: string; propertyId: string; file: unknown }>({
  id: uuidSchema,
  propertyId: uuidSchema,
  file: Joi.any().required(),
});
const copySchema = Joi.object<{ id: string; name: string }>({
  id: uuidSchema,
  name: Joi.string().trim().min(1).max(120).required(),
});
const listSchema = Joi.object<JobsQuery>({
  ...pageKeys,
  sort: Joi.valid(...SORT_KEYS).default('updatedAt'),
});
export const jobIdSchema = uuidSchema.label('job');

type Handled = 'list' | 'create' | 'importFile' | 'duplicate' | 'open' | 'remove';

export function jobsRequests(
  jobs: JobsStore,
  orders: OrdersStore,
  templates: TemplatesStore,
): Record<Handled, RequestHandler> {
  return {
    async list(req, res) {
      res.json(await jobs.list(contextOf(res), validatedQuery(listSchema, req.query)));
    },
    async create(req, res) {
      const body = validated(newJobSchema, req.body);
      const context = contextOf(res);
      const begun = body.template === undefined ? null : await templates.survey(context, body.template);
      const job = checked(JOB_KIND, { ...begun?.job, ...body.job }) as JobDetail;
      if (body.property) {
        const property = checked(PROPERTY_KIND, body.property) as Property;
        await jobs.create(context, body.id, body.propertyId, { ...NO_ENTITIES, ...begun, job, property });
      } else await jobs.createOn(context, body.id, body.propertyId, job);
      res.status(201).location(`/api/v1/jobs/${body.id}`).json({ id: body.id });
    },
    async importFile(req, res) {
      const body = validated(importSchema, req.body);
      const reading = readJobFile(body.file);
      if (!reading.ok) throw invalid(reading.faults);
      await jobs.create(contextOf(res), body.id, body.propertyId, reading.survey);
      res.status(201).location(`/api/v1/jobs/${body.id}`).json({ id: body.id });
    },
    async duplicate(req, res) {
      const of = validatedParam(jobIdSchema, req.params['job']);
      const { id, name } = validated(copySchema, req.body);
      await jobs.duplicate(contextOf(res), of, id, name);
      res.status(201).location(`/api/v1/jobs/${id}`).json({ id });
    },
    async open(req, res) {
      const id = validatedParam(jobIdSchema, req.params['job']);
      const context = contextOf(res);
      const [open, issued] = await Promise.all([jobs.open(context, id), orders.ofJob(context, id)]);
      res.json({
        id: open.id,
        propertyId: open.propertyId,
        sequence: open.sequence,
        handbook: open.state.handbook,
        handbookRevision: open.handbookRevision,
        job: open.state.job,
        entities: [...open.state.entities.values()],
        previous: open.previous,
        orders: issued,
      });
    },
    async remove(req, res) {
      await jobs.remove(contextOf(res), validatedParam(jobIdSchema, req.params['job']));
      res.status(204).end();
    },
  };
}

function checked(kind: RecordKind, detail: unknown): unknown {
  const result = checkedDetail(kind, detail);
  if (!result.ok) throw invalid(result.faults);
  return result.detail;
}
