import {
  JOB_KIND,
  NO_ENTITIES,
  PROPERTY_KIND,
  checkedDetail,
  importedJobSchema,
  jobCopySchema,
  jobsQuerySchema,
  newJobSchema,
  readJobFile,
  uuidSchema,
} from '@etappe/core';
import type { JobDetail, OpenedJob, Property, RecordKind } from '@etappe/core';
import type { RequestHandler } from 'express';
import { contextOf } from '../context-of.ts';
import { invalid } from '../problems/problem.ts';
import { validated, validatedParam, validatedQuery } from '../problems/validated.ts';
import type { OrdersStore } from '../orders/orders-store.ts';
import type { TemplatesStore } from '../templates/templates-store.ts';
import type { JobsStore } from './jobs-store.ts';

export const jobIdSchema = uuidSchema.label('job');

type Handled = 'list' | 'create' | 'importFile' | 'duplicate' | 'open' | 'remove';

export function jobsRequests(
  jobs: JobsStore,
  orders: OrdersStore,
  templates: TemplatesStore,
): Record<Handled, RequestHandler> {
  return {
    async list(req, res) {
      res.json(await jobs.list(contextOf(res), validatedQuery(jobsQuerySchema, req.query)));
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
      const body = validated(importedJobSchema, req.body);
      const reading = readJobFile(body.file);
      if (!reading.ok) throw invalid(reading.faults);
      await jobs.create(contextOf(res), body.id, body.propertyId, reading.survey);
      res.status(201).location(`/api/v1/jobs/${body.id}`).json({ id: body.id });
    },
    async duplicate(req, res) {
      const of = validatedParam(jobIdSchema, req.params['job']);
      const { id, name } = validated(jobCopySchema, req.body);
      await jobs.duplicate(contextOf(res), of, id, name);
      res.status(201).location(`/api/v1/jobs/${id}`).json({ id });
    },
    async open(req, res) {
      const id = validatedParam(jobIdSchema, req.params['job']);
      const context = contextOf(res);
      const [open, issued] = await Promise.all([jobs.open(context, id), orders.ofJob(context, id)]);
      const opened: OpenedJob = {
        id: open.id,
        propertyId: open.propertyId,
        sequence: open.sequence,
        handbook: open.state.handbook,
        handbookRevision: open.handbookRevision,
        job: open.state.job,
        entities: [...open.state.entities.values()],
        previous: open.previous,
        orders: issued,
      };
      res.json(opened);
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
