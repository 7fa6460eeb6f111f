import Joi from 'joi';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { openDateSchema, wordsSchema } from './detail-limits.ts';

/** Existing damage: dated and shown to the customer, so that nobody argues later. */
export interface Damage {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId | null;
  readonly what: string;
  /** Where on the surface or the property. */
  readonly where: string;
  readonly foundOn: string | null;
  readonly shownOn: string | null;
  /** To whom it was shown. */
  readonly shownTo: string;
}

export const damageSchema = Joi.object<Omit<Damage, 'id' | 'position'>>({
  surface: entityIdSchema.allow(null).default(null),
  what: Joi.string().trim().min(1).max(500).required(),
  where: wordsSchema,
  foundOn: openDateSchema,
  shownOn: openDateSchema,
  shownTo: wordsSchema,
});
