import { called } from '../language/in-language.ts';
import Joi from 'joi';
import type { Schools } from '../catalogue/school.ts';
import { schoolsSchema } from './job-detail.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { FINISHES } from '../catalogue/material.ts';
import type { Finish, Material } from '../catalogue/material.ts';
import { catalogueOrOwn } from '../company/own-entry.ts';
import { pavingSchema } from '../takeoff/joint-sand.ts';
import type { Paving } from '../takeoff/joint-sand.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { entityIdsSchema, heightSchema, nameSchema, openDateSchema, wordsSchema } from './detail-limits.ts';
import { assetPartSchema } from './long-asset.ts';
import type { AssetPart } from './long-asset.ts';
import { RECURRENCES, pastSchema } from './past.ts';
import type { PastTreatment, Recurrence } from './past.ts';

/** Height bands from above to below, the way water runs. */
export const BANDS = ['roof', 'upper-wall', 'wall', 'opening', 'floor'] as const;
export type Band = (typeof BANDS)[number];
export const BAND_NAMES: Readonly<Record<Band, string>> = called({
  roof: 'Roof',
  'upper-wall': 'Upper wall',
  wall: 'Wall',
  opening: 'Openings',
  floor: 'Floor',
});

/** A face of the property that is treated as one. */
export interface Surface {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly side: EntityId | null;
  readonly band: Band;
  readonly material: string;
  /** What else it may be while nobody is sure: the strictest of all limits holds. */
  readonly unsureBetween: readonly string[];
  readonly finish: Finish;
  readonly conditions: readonly string[];
  /** When it was laid, cast or coated new; null for an old one. */
  readonly newSince: string | null;
  /** Tape expression; a bare number is in the job's unit; empty while it is not measured. */
  readonly size: string;
  /** How the size was measured, where it was not by tape: from which photo, by what known length. */
  readonly sizeSource: string;
  /** Tape expression: face on one running metre or on one piece, where `size` is a length or a count. */
  readonly girth: string;
  /** By how much carving or corrugation adds to the flat face, 1 for none. */
  readonly reliefFactor: number;
  readonly footMetres: number;
  readonly topMetres: number;
  /** 90 wall, 0 floor, above 90 overhead. */
  readonly tiltDegrees: number;
  /** How it is laid, measured; null where it is laid as its material usually is, or has no joints of sand. */
  readonly paving: Paving | null;
  /** Rails, posts, ropes: wetted all round and quick to dry. */
  readonly thinMember: boolean;
  /** The stretch of a long asset that it covers. */
  readonly asset: AssetPart | null;
  /** Surfaces and features that its run-off reaches. */
  readonly drainsOnto: readonly EntityId[];
  readonly beside: readonly EntityId[];
  /** What stands below it and is dripped on. */
  readonly below: readonly EntityId[];
  /** What lies behind it and water may reach through it. */
  readonly behind: readonly EntityId[];
  readonly past: readonly PastTreatment[];
  readonly recurring: Recurrence | null;
  /** Ways that are gone on this face otherwise than in the job. */
  readonly schools: Schools;
  readonly note: string;
}

/** Fields of a surface that name what is around it. */
export const SURROUNDING_FIELDS = ['drainsOnto', 'beside', 'below', 'behind'] as const;

const materialSchema = catalogueOrOwn(CATALOGUE.materials, 'material');
const CONDITION_IDS = CATALOGUE.conditions.map((c) => c.id);
const LARGEST_RELIEF = 10;

export const conditionsSchema = Joi.array()
  .items(Joi.valid(...CONDITION_IDS))
  .unique()
  .default([]);
export const sizeSchema = Joi.string().trim().max(500).allow('');

export const surfaceSchema = Joi.object<Omit<Surface, 'id' | 'position'>>({
  name: nameSchema.required(),
  side: entityIdSchema.allow(null).default(null),
  band: Joi.valid(...BANDS).default('wall'),
  material: materialSchema.required(),
  unsureBetween: Joi.array().items(materialSchema).max(6).unique().default([]),
  finish: Joi.valid(...FINISHES).required(),
  conditions: conditionsSchema,
  newSince: openDateSchema,
  size: sizeSchema.required(),
  sizeSource: wordsSchema,
  girth: sizeSchema.default(''),
  reliefFactor: Joi.number().min(1).max(LARGEST_RELIEF).default(1),
  footMetres: heightSchema.default(0),
  topMetres: heightSchema.min(Joi.ref('footMetres')).default(Joi.ref('footMetres')).messages({
    'number.min': 'the top ({#value} m) lies below the foot: swap them or correct one',
  }),
  tiltDegrees: Joi.number().min(0).max(180).default(90),
  paving: pavingSchema.allow(null).default(null),
  thinMember: Joi.boolean().default(false),
  asset: assetPartSchema.allow(null).default(null),
  drainsOnto: entityIdsSchema,
  beside: entityIdsSchema,
  below: entityIdsSchema,
  behind: entityIdsSchema,
  past: pastSchema,
  recurring: Joi.valid(...RECURRENCES)
    .allow(null)
    .default(null),
  schools: schoolsSchema,
  note: wordsSchema,
});

/** Tilt that a band usually has, degrees. */
export function usualTilt(band: Band): number {
  return band === 'floor' ? 0 : band === 'roof' ? 30 : 90;
}

const USUAL_TOP_METRES = 2.5;

/** Height of the top that a new surface of a band is given until it is measured, m: the ground, or one storey. */
export function usualTop(band: Band): number {
  return band === 'floor' ? 0 : USUAL_TOP_METRES;
}

/** Another material on a surface: its finish becomes the usual one, and conditions that it cannot be in are dropped. */
export function ofMaterial(
  material: Material,
  { conditions }: Pick<Surface, 'conditions'>,
): Pick<Surface, 'material' | 'finish' | 'conditions'> {
  return {
    material: material.id,
    finish: material.finishes[0],
    conditions: conditions.filter((condition) => material.conditions.includes(condition)),
  };
}
