import Joi from 'joi';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FINISHES } from '../catalogue/material.ts';
import type { Finish } from '../catalogue/material.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { heightSchema, nameSchema, noteSchema } from './detail-limits.ts';

/** Height bands from above to below, the way water runs. */
export const BANDS = ['roof', 'upper-wall', 'wall', 'opening', 'floor'] as const;
export type Band = (typeof BANDS)[number];
export const BAND_NAMES: Readonly<Record<Band, string>> = {
  roof: 'Roof',
  'upper-wall': 'Upper wall',
  wall: 'Wall',
  opening: 'Openings',
  floor: 'Floor',
};

/** A face of the property that is treated as one. */
export interface Surface {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly side: EntityId | null;
  readonly band: Band;
  readonly material: string;
  readonly finish: Finish;
  readonly conditions: readonly string[];
  /** Tape expression; a bare number is in the job's unit; empty while it is not measured. */
  readonly size: string;
  readonly footMetres: number;
  readonly topMetres: number;
  /** 90 wall, 0 floor, above 90 overhead. */
  readonly tiltDegrees: number;
  /** Surfaces and features that its run-off reaches. */
  readonly drainsOnto: readonly EntityId[];
  readonly beside: readonly EntityId[];
  readonly inScope: boolean;
  readonly scopeReason: string;
}

const MATERIAL_IDS = CATALOGUE.materials.map((m) => m.id);
const CONDITION_IDS = CATALOGUE.conditions.map((c) => c.id);
const entityIds = Joi.array().items(entityIdSchema).max(50).unique().default([]);

export const surfaceSchema = Joi.object<Omit<Surface, 'id' | 'position'>>({
  name: nameSchema.required(),
  side: entityIdSchema.allow(null).default(null),
  band: Joi.valid(...BANDS).default('wall'),
  material: Joi.valid(...MATERIAL_IDS).required(),
  finish: Joi.valid(...FINISHES).required(),
  conditions: Joi.array().items(Joi.valid(...CONDITION_IDS)).unique().default([]),
  size: Joi.string().trim().max(500).allow('').required(),
  footMetres: heightSchema.default(0),
  topMetres: heightSchema.min(Joi.ref('footMetres')).default(Joi.ref('footMetres')).messages({
    'number.min': 'the top ({#value} m) lies below the foot: swap them or correct one',
  }),
  tiltDegrees: Joi.number().min(0).max(180).default(90),
  drainsOnto: entityIds,
  beside: entityIds,
  inScope: Joi.boolean().default(true),
  scopeReason: noteSchema.allow('').default(''),
}); // prettier-ignore

/** Tilt that a band usually has, degrees. */
export function usualTilt(band: Band): number {
  return band === 'floor' ? 0 : band === 'roof' ? 30 : 90;
}

const USUAL_TOP_METRES = 2.5;

/** Height of the top that a new surface of a band is given until it is measured, m: the ground, or one storey. */
export function usualTop(band: Band): number {
  return band === 'floor' ? 0 : USUAL_TOP_METRES;
}
