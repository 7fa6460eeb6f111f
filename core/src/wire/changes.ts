import Joi from 'joi';
import { momentOf } from '../quantity/moment.ts';
import { uuidSchema } from '../quantity/uuid.ts';
import { surveyChangeSchema } from '../survey/change.ts';
import type { SurveyChange } from '../survey/change.ts';
import { entityIdSchema } from '../survey/entity-id.ts';
import type { Acknowledgement } from '../survey/rebase.ts';
import { ENTITY_KINDS, JOB_KIND, PROPERTY_KIND } from '../survey/survey.ts';
import type { RecordKind } from '../survey/survey.ts';
import type { VersionedEntity } from '../survey/survey-state.ts';
import { countSchema, listOf, momentSchema, wordsSchema } from './answer.ts';

const kindSchema = Joi.valid(JOB_KIND, PROPERTY_KIND, ...Object.keys(ENTITY_KINDS)).required();
const detailSchema = Joi.object().unknown().required();

export const versionedEntitySchema = Joi.object<VersionedEntity>({
  kind: kindSchema,
  id: entityIdSchema.required(),
  revision: countSchema,
  fieldRevisions: Joi.object().pattern(Joi.string(), countSchema).required(),
  position: Joi.number().required(),
  detail: detailSchema,
});

/** Room for a list of surfaces that is brought in as one batch, with what was found on each. */
const MOST_CHANGES = 25_000;

export interface ChangesBatch {
  readonly changes: readonly SurveyChange[];
  /** When the device says that the batch was made; its clock may be wrong, so nothing rests on it. */
  readonly deviceAt: string | null;
}

export const changesBatchSchema = Joi.object<ChangesBatch>({
  changes: Joi.array().items(surveyChangeSchema).min(1).max(MOST_CHANGES).unique('id').required(),
  // The clock of a device may be anywhere: a time that cannot be is none.
  deviceAt: Joi.string()
    .isoDate()
    .max(40)
    .custom((at: string) => momentOf(at))
    .allow(null)
    .default(null),
});

const touchedSchema = listOf(
  Joi.object({ id: entityIdSchema.required(), entity: versionedEntitySchema.allow(null).required() }),
);

export const acknowledgementSchema = Joi.object<Acknowledgement>({
  revisions: Joi.object().pattern(uuidSchema, countSchema.allow(null)).required(),
  entities: touchedSchema,
});

/** What came to a job since: the entities that were touched as they stand now, null for those that are gone. */
export interface NewerEntities {
  readonly sequence: number;
  /** Of the company: another one than the device has says that it must be asked for. */
  readonly handbookRevision: number;
  readonly entities: Acknowledgement['entities'];
}

export const newerEntitiesSchema = Joi.object<NewerEntities>({
  sequence: countSchema,
  handbookRevision: countSchema,
  entities: touchedSchema,
});

/** One line of the log: who did what to which entity and when, each field from what to what. */
export interface LoggedChange {
  readonly sequence: number;
  readonly at: string;
  /** When the device says that it was entered, where it said so. */
  readonly deviceAt: string | null;
  readonly by: string;
  readonly kind: RecordKind;
  readonly entity: string;
  readonly op: 'create' | 'patch' | 'delete';
  readonly fields: readonly { readonly field: string; readonly from: unknown; readonly to: unknown }[];
}

export interface ChangesLog {
  readonly changes: readonly LoggedChange[];
}

export const changesLogSchema = Joi.object<ChangesLog>({
  changes: listOf(
    Joi.object<LoggedChange>({
      sequence: countSchema,
      at: momentSchema,
      deviceAt: Joi.string().isoDate().allow(null).required(),
      by: wordsSchema,
      kind: kindSchema,
      entity: entityIdSchema.required(),
      op: Joi.valid('create', 'patch', 'delete').required(),
      fields: listOf(
        Joi.object({
          field: Joi.string().required(),
          from: Joi.any().required(),
          to: Joi.any().required(),
        }),
      ),
    }),
  ),
});
