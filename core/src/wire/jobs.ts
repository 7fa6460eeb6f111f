import Joi from 'joi';
import type { CompanyHandbook } from '../company/company-handbook.ts';
import { uuidSchema } from '../quantity/uuid.ts';
import type { Finding } from '../survey/finding.ts';
import type { JobDetail } from '../survey/job-detail.ts';
import type { Property } from '../survey/property.ts';
import type { VersionedEntity } from '../survey/survey-state.ts';
import { countSchema, listOf, momentSchema, wordsSchema } from './answer.ts';
import type { Made } from './answer.ts';
import { versionedEntitySchema } from './changes.ts';
import { issuedOrderSchema } from './orders.ts';
import type { IssuedOrder } from './orders.ts';
import { pageKeys } from './page.ts';
import type { FoundPage } from './page.ts';

export interface JobSummary {
  readonly id: string;
  readonly name: string;
  readonly customer: string;
  readonly start: string | null;
  readonly surfaces: number;
  /** Number of the newest order; null while there is none. */
  readonly lastOrder: number | null;
  readonly updatedAt: string;
}

export interface JobsPage {
  readonly jobs: readonly JobSummary[];
  readonly total: number;
}

const startSchema = Joi.string().isoDate().allow(null).required();

export const jobsPageSchema = Joi.object<JobsPage>({
  jobs: listOf(
    Joi.object<JobSummary>({
      id: uuidSchema,
      name: wordsSchema,
      customer: wordsSchema,
      start: startSchema,
      surfaces: countSchema,
      lastOrder: countSchema.allow(null),
      updatedAt: momentSchema,
    }),
  ),
  total: countSchema,
});

const JOB_SORTS = ['name', 'customer', 'start', 'updatedAt'] as const;

export interface JobsQuery extends FoundPage {
  readonly sort: (typeof JOB_SORTS)[number];
}

export const jobsQuerySchema = Joi.object<JobsQuery>({
  ...pageKeys,
  sort: Joi.valid(...JOB_SORTS).default('updatedAt'),
});

export const madeSchema = Joi.object<Made>({ id: uuidSchema });

export interface NewJob {
  readonly id: string;
  readonly propertyId: string;
  readonly job: Partial<JobDetail>;
  /** Of a property that is new; a known one is told by its id alone. */
  readonly property?: Partial<Property>;
  /** Of whose surfaces the new property has some. */
  readonly template?: string;
}

const anything = Joi.object().unknown();

/** Job and property are checked by their own schemas, completed with what is usual. */
export const newJobSchema = Joi.object<NewJob>({
  id: uuidSchema,
  propertyId: uuidSchema,
  job: anything.required(),
  property: anything,
  template: uuidSchema.optional(),
}).with('template', 'property');

export interface ImportedJob {
  readonly id: string;
  readonly propertyId: string;
  /** A job file; read by its own reader. */
  readonly file: unknown;
}

export const importedJobSchema = Joi.object<ImportedJob>({
  id: uuidSchema,
  propertyId: uuidSchema,
  file: Joi.any().required(),
});

export interface JobCopy {
  readonly id: string;
  readonly name: string;
}

export const jobCopySchema = Joi.object<JobCopy>({
  id: uuidSchema,
  name: Joi.string().trim().min(1).max(120).required(),
});

/** The job before on the same property, and what it found. */
export interface PreviousJob {
  readonly id: string;
  readonly name: string;
  readonly start: string | null;
  readonly findings: readonly Omit<Finding, 'id' | 'position'>[];
}

export interface OpenedJob {
  readonly id: string;
  readonly propertyId: string;
  /** Of the newest change that is in it. */
  readonly sequence: number;
  /** What the company has made of the catalogue, and how often it has changed that. */
  readonly handbook: CompanyHandbook;
  readonly handbookRevision: number;
  readonly job: VersionedEntity;
  readonly entities: readonly VersionedEntity[];
  readonly previous: PreviousJob | null;
  readonly orders: readonly IssuedOrder[];
}

export const openedJobSchema = Joi.object<OpenedJob>({
  id: uuidSchema,
  propertyId: uuidSchema,
  sequence: countSchema,
  handbook: Joi.object().pattern(Joi.string(), Joi.array()).required(),
  handbookRevision: countSchema,
  job: versionedEntitySchema.required(),
  entities: listOf(versionedEntitySchema),
  previous: Joi.object<PreviousJob>({
    id: uuidSchema,
    name: wordsSchema,
    start: startSchema,
    findings: listOf(anything),
  })
    .allow(null)
    .required(),
  orders: listOf(issuedOrderSchema),
});
