import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { openDateSchema, wordsSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

export const PATCH_VERDICTS = ['open', 'go', 'no-go'] as const;
export type PatchVerdict = (typeof PATCH_VERDICTS)[number];

/** An agent tried on a small spot before it goes on the whole face; it lasts, since the face stays what it is. */
export interface TestPatch {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly zone: EntityId | null;
  readonly agent: string;
  /** g/L of active at the surface; null where it is used as it is sold. */
  readonly strengthGramsPerLitre: number | null;
  readonly dwellMinutes: number;
  readonly tool: string;
  /** The spot. */
  readonly where: string;
  /** How it looked, wet and dry. */
  readonly result: string;
  /** Open until somebody has looked at it dry. */
  readonly verdict: PatchVerdict;
  readonly doneOn: string | null;
  readonly doneBy: string;
}

export const testPatchSchema = Joi.object<Omit<TestPatch, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  zone: entityIdSchema.allow(null).default(null),
  agent: Joi.valid(...CATALOGUE.agents.map((a) => a.id)).required(),
  strengthGramsPerLitre: Joi.number().positive().max(1000).allow(null).default(null),
  dwellMinutes: Joi.number().min(0).max(2880).required(),
  tool: Joi.valid(...CATALOGUE.tools.map((t) => t.id)).required(),
  where: wordsSchema,
  result: wordsSchema,
  verdict: Joi.valid(...PATCH_VERDICTS).default('open'),
  doneOn: openDateSchema,
  doneBy: wordsSchema,
});
