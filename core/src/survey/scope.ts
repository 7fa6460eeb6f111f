import Joi from 'joi';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { noteSchema } from './detail-limits.ts';

/** What one job says of a surface as a whole: whether it belongs to it, and that it was looked at and is clean. */
export interface Scope {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly inScope: boolean;
  /** Why it is out of scope: leaving a part out can be the safe decision. */
  readonly scopeReason: string;
  /** Looked at in this job, and nothing found. */
  readonly nothingFound: boolean;
}

export const scopeSchema = Joi.object<Omit<Scope, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  inScope: Joi.boolean().default(true),
  scopeReason: noteSchema.allow('').default(''),
  nothingFound: Joi.boolean().default(false),
});
