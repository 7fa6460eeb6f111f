import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** What lies on a surface in this job. */
export interface Finding {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly contaminant: string;
  readonly severity: Severity;
  /** Share of the surface's area, above 0 to 1. */
  readonly share: number;
}

export const findingSchema = Joi.object<Omit<Finding, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  contaminant: Joi.valid(...CATALOGUE.contaminants.map((c) => c.id)).required(),
  severity: Joi.valid(1, 2, 3, 4).required(),
  share: Joi.number().greater(0).max(1).default(1),
});
