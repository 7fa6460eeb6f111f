import { EMPTY_HANDBOOK, surveyOf } from '@etappe/core';
import type { Survey, VersionedEntity } from '@etappe/core';
import request from 'supertest';
import type { FreshApp } from './fresh-app.ts';

/** A job as it is opened. */
export interface Opened {
  readonly id: string;
  readonly propertyId: string;
  readonly sequence: number;
  readonly job: VersionedEntity;
  readonly entities: readonly VersionedEntity[];
  readonly previous: { readonly id: string; readonly findings: readonly { contaminant: string }[] } | null;
}

/** A job, asked for by its id. */
export const open = async ({ app }: FreshApp, id: string) =>
  (await request(app).get(`/api/v1/jobs/${id}`)).body as Opened;

/** The survey that it holds. */
export const surveyIn = (opened: Opened): Survey =>
  surveyOf({
    job: opened.job,
    handbook: EMPTY_HANDBOOK,
    entities: new Map(opened.entities.map((e) => [e.id, e])),
  });
