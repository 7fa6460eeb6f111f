import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { wordsSchema } from './detail-limits.ts';

/** What lies on a surface, or on one zone of it, in this job. */
export interface Finding {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly zone: EntityId | null;
  readonly contaminant: string;
  readonly severity: Severity;
  /** Share of the area of the surface or zone, above 0 to 1. */
  readonly share: number;
  /** How sure the surveyor is of what it is, 0 to 1. */
  readonly confidence: number;
  readonly note: string;
}

/**
 * The share of a surface that a finding lies on where nobody said: what is usual of it; a zone is drawn around what lies there.
 * @returns above 0, to 1
 */
export function usualShare({
  contaminant,
  severity,
  zone,
}: Pick<Finding, 'contaminant' | 'severity' | 'zone'>): number {
  const usual = CATALOGUE.contaminants.find((c) => c.id === contaminant)?.usualShare;
  return zone === null ? (usual?.[severity - 1] ?? 1) : 1;
}

export const findingSchema = Joi.object<Omit<Finding, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  zone: entityIdSchema.allow(null).default(null),
  contaminant: Joi.valid(...CATALOGUE.contaminants.map((c) => c.id)).required(),
  severity: Joi.valid(1, 2, 3, 4).required(),
  share: Joi.number().greater(0).max(1).default(usualShare),
  confidence: Joi.number().min(0).max(1).default(1),
  note: wordsSchema,
});
