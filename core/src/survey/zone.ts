import { called } from '../language/in-language.ts';
import Joi from 'joi';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { heightSchema, nameSchema, wordsSchema } from './detail-limits.ts';
import { conditionsSchema, sizeSchema } from './surface.ts';

/** Where a zone lies on its surface: run-off of the rest reaches one at the foot, and leaves one at the top. */
export const ZONE_PLACES = ['foot', 'top', 'within'] as const;
export type ZonePlace = (typeof ZONE_PLACES)[number];
export const ZONE_PLACE_NAMES: Readonly<Record<ZonePlace, string>> = called({
  foot: 'Along the foot',
  top: 'Along the top',
  within: 'Within it',
});

/** A part of a surface that differs and may be treated differently: the strip by a door, the foot of a wall. */
export interface Zone {
  readonly id: EntityId;
  readonly position: number;
  readonly surface: EntityId;
  readonly name: string;
  readonly lies: ZonePlace;
  /** Tape expression of an area; it is taken off the rest of the surface. */
  readonly size: string;
  /** Conditions besides those of the surface. */
  readonly conditions: readonly string[];
  /** Heights where they differ from the surface's. */
  readonly footMetres: number | null;
  readonly topMetres: number | null;
  readonly note: string;
}

export const zoneSchema = Joi.object<Omit<Zone, 'id' | 'position'>>({
  surface: entityIdSchema.required(),
  name: nameSchema.required(),
  lies: Joi.valid(...ZONE_PLACES).default('within'),
  size: sizeSchema.default(''),
  conditions: conditionsSchema,
  footMetres: heightSchema.allow(null).default(null),
  topMetres: heightSchema.allow(null).default(null),
  note: wordsSchema,
});
