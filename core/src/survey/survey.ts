import type Joi from 'joi';
import { choiceSchema } from './choice.ts';
import type { Choice } from './choice.ts';
import { findingSchema } from './finding.ts';
import type { Finding } from './finding.ts';
import { jobDetailSchema } from './job-detail.ts';
import type { JobDetail } from './job-detail.ts';
import { sideSchema } from './side.ts';
import type { Side } from './side.ts';
import { featureSchema, waterPointSchema } from './site.ts';
import type { Feature, WaterPoint } from './site.ts';
import { surfaceSchema } from './surface.ts';
import type { Surface } from './surface.ts';

/** Everything one job knows: its own fields, what lasts of the property, what passes with the job. */
export interface Survey {
  readonly job: JobDetail;
  readonly sides: readonly Side[];
  readonly surfaces: readonly Surface[];
  readonly features: readonly Feature[];
  readonly waterPoints: readonly WaterPoint[];
  readonly findings: readonly Finding[];
  readonly choices: readonly Choice[];
}

/** Kinds of survey entities: the list that holds each, whether it lasts with the property, and what checks it. */
export const ENTITY_KINDS = {
  side: { list: 'sides', lasts: true, schema: sideSchema },
  surface: { list: 'surfaces', lasts: true, schema: surfaceSchema },
  feature: { list: 'features', lasts: true, schema: featureSchema },
  'water-point': { list: 'waterPoints', lasts: true, schema: waterPointSchema },
  finding: { list: 'findings', lasts: false, schema: findingSchema },
  choice: { list: 'choices', lasts: false, schema: choiceSchema },
} as const satisfies Record<string, { list: keyof Survey; lasts: boolean; schema: Joi.ObjectSchema }>;
export type EntityKind = keyof typeof ENTITY_KINDS;
export const JOB_KIND = 'job';

/** One fault of a checked value: where, what was expected, what came. */
export interface SurveyFault {
  readonly path: string;
  readonly message: string;
  readonly value?: unknown;
  /** The entity at fault, where the path counts a list. */
  readonly entity?: string;
}

/**
 * The fields of one entity, checked and completed with defaults.
 * @returns the detail, or every fault with its path
 */
export function checkedDetail(
  kind: EntityKind | typeof JOB_KIND,
  detail: unknown,
):
  | { readonly ok: true; readonly detail: Record<string, unknown> }
  | { readonly ok: false; readonly faults: readonly SurveyFault[] } {
  const schema: Joi.ObjectSchema = kind === JOB_KIND ? jobDetailSchema : ENTITY_KINDS[kind].schema;
  const { value, error } = schema.validate(detail, {
    abortEarly: false,
    convert: false,
    errors: { wrap: { label: false } },
  }) as {
    value: Record<string, unknown>;
    error?: Joi.ValidationError;
  };
  if (!error) return { ok: true, detail: value };
  return {
    ok: false,
    faults: error.details.map((d) => ({
      path: d.path.join('.'),
      message: d.message,
      value: d.context?.value as unknown,
    })),
  };
}
