import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { entityIdsSchema, nameSchema } from './detail-limits.ts';
import { sha256Schema } from '../quantity/sha256.ts';
import type { EntityId } from './entity-id.ts';

/** The customer has seen the damage that was there before the work, and signed for it. */
export interface DamageAcknowledgement {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
  /** Who showed it. */
  readonly shownBy: string;
  readonly damages: readonly EntityId[];
  /** Hash of the sheet as it was shown: damage that is changed or added later is not signed for. */
  readonly sheetSha256: string;
  /** The signature as drawn: an SVG path on a field of 300 by 100. */
  readonly signature: string;
}

const LONGEST_PATH = 40_000;

export const acknowledgementSchema = Joi.object<Omit<DamageAcknowledgement, 'id' | 'position'>>({
  name: nameSchema.required(),
  at: momentSchema.required(),
  shownBy: nameSchema.required(),
  damages: entityIdsSchema.max(500),
  sheetSha256: sha256Schema,
  signature: Joi.string()
    .max(LONGEST_PATH)
    .pattern(/^M[\d. ,MLC-]+$/, 'an SVG path of M, L and C')
    .required(),
});
