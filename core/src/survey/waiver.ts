import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { nameSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** Somebody answers for it that an agent goes on a face in this job without the test patch that it needs. */
export interface Waiver {
  readonly id: EntityId;
  readonly position: number;
  /** The surface or the zone. */
  readonly surface: EntityId;
  readonly agent: string;
  readonly reason: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

export const waiverSchema = Joi.object<Omit<Waiver, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  agent: Joi.valid(...CATALOGUE.agents.map((a) => a.id)).required(),
  reason: Joi.string().trim().min(1).max(2000).required(),
  by: nameSchema.required(),
  at: momentSchema.required(),
});
