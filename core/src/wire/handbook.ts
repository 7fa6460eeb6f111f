import Joi from 'joi';
import { handbookChangeSchema } from '../company/handbook-change.ts';
import type { HandbookChange, HandbookRecord } from '../company/handbook-change.ts';
import { HANDBOOK_PART_NAMES } from '../company/company-handbook.ts';
import type { HandbookPart } from '../company/company-handbook.ts';
import { countSchema, listOf, momentSchema, wordsSchema } from './answer.ts';

const partSchema = Joi.valid(...HANDBOOK_PART_NAMES).required();
const detailSchema = Joi.object().unknown();

export interface StoredHandbook {
  readonly revision: number;
  readonly records: readonly HandbookRecord[];
}

export const storedHandbookSchema = Joi.object<StoredHandbook>({
  revision: countSchema,
  records: listOf(
    Joi.object<HandbookRecord>({
      part: partSchema,
      id: Joi.string().required(),
      revision: countSchema,
      detail: detailSchema.required(),
    }),
  ),
});

export interface HandbookBatch {
  readonly changes: readonly HandbookChange[];
}

const MOST_CHANGES = 200;
export const handbookBatchSchema = Joi.object<HandbookBatch>({
  changes: Joi.array().items(handbookChangeSchema).min(1).max(MOST_CHANGES).unique('id').required(),
});

/** One line of the handbook's log: who did what to which entry and when. */
export interface LoggedHandbookChange {
  readonly sequence: number;
  readonly at: string;
  readonly by: string;
  readonly part: HandbookPart;
  readonly entry: string;
  readonly op: 'put' | 'remove';
  readonly before: Readonly<Record<string, unknown>> | null;
  readonly after: Readonly<Record<string, unknown>> | null;
}

export interface HandbookLog {
  readonly changes: readonly LoggedHandbookChange[];
}

export const handbookLogSchema = Joi.object<HandbookLog>({
  changes: listOf(
    Joi.object<LoggedHandbookChange>({
      sequence: countSchema,
      at: momentSchema,
      by: wordsSchema,
      part: partSchema,
      entry: Joi.string().required(),
      op: Joi.valid('put', 'remove').required(),
      before: detailSchema.allow(null).required(),
      after: detailSchema.allow(null).required(),
    }),
  ),
});
