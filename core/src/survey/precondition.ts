import Joi from 'joi';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { openDateSchema, wordsSchema } from './detail-limits.ts';

/** Something that others must do before the work: containers moved, cars away, a loose board repaired. */
export interface Precondition {
  readonly id: EntityId;
  readonly position: number;
  readonly what: string;
  readonly who: string;
  readonly by: string | null;
  readonly met: boolean;
  readonly surface: EntityId | null;
}

export const preconditionSchema = Joi.object<Omit<Precondition, 'id' | 'position'>>({
  what: Joi.string().trim().min(1).max(500).required(),
  who: wordsSchema,
  by: openDateSchema,
  met: Joi.boolean().default(false),
  surface: entityIdSchema.allow(null).default(null),
});
