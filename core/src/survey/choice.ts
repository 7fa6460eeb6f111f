import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { catalogueOrOwn } from '../company/own-entry.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { nameSchema, noteSchema } from './detail-limits.ts';

/**
 * What a person decided, keyed by meaning (surface and contaminant), never by index.
 * A pick names a method; a reason makes it an override of the rules that forbid it.
 */
export interface Choice {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly contaminant: string;
  readonly method: string;
  /** Why a forbidding rule is set aside; empty for a plain pick. */
  readonly reason: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

export const choiceSchema = Joi.object<Omit<Choice, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  contaminant: Joi.valid(...CATALOGUE.contaminants.map((c) => c.id)).required(),
  method: catalogueOrOwn(CATALOGUE.methods, 'method').required(),
  reason: noteSchema.allow('').default(''),
  by: nameSchema.required(),
  at: momentSchema.required(),
});
