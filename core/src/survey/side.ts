import { word } from '../language/in-language.ts';
import Joi from 'joi';
import type { EntityId } from './entity-id.ts';
import { nameSchema, wayMetresSchema } from './detail-limits.ts';

export const SHADES = ['open', 'part', 'trees', 'building'] as const;
export type Shade = (typeof SHADES)[number];

/** One side of the property in walking order. */
export interface Side {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  /** Direction that it faces, degrees clockwise from north; null while unknown or for a roof seen whole. */
  readonly aspectDegrees: number | null;
  readonly shade: Shade;
  /** Way of the hose from the vehicle's stand to this side, metres; null while it is not paced. */
  readonly routeMetres: number | null;
  /** Narrowest place on the way, or beside the faces, that a tower or a lift must pass and stand in; null while nobody has measured it. */
  readonly gapMetres: number | null;
}

const GREATEST_GAP_METRES = 100;

export const sideSchema = Joi.object<Omit<Side, 'id' | 'position'>>({
  name: nameSchema.required(),
  aspectDegrees: Joi.number().min(0).less(360).allow(null).default(null),
  shade: Joi.valid(...SHADES).default('open'),
  routeMetres: wayMetresSchema,
  gapMetres: Joi.number().greater(0).max(GREATEST_GAP_METRES).allow(null).default(null),
});

const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;

/** @example aspectName(350) // "N" */
export function aspectName(degrees: number | null): string {
  return degrees === null ? word('aspect open') : word(COMPASS[Math.round(degrees / 45) % 8] ?? 'N');
}

/**
 * Sides turned from the sun and shaded ones grow more and dry slower.
 * @param latitude degrees north; south of the equator the south side is the shady one
 */
export function isShadySide(side: Side, latitude: number): boolean {
  const fromSun = latitude < 0 ? -0.5 : 0.5;
  const toNorth = side.aspectDegrees === null ? 0 : Math.cos((side.aspectDegrees * Math.PI) / 180);
  return (
    (fromSun > 0 ? toNorth > fromSun : toNorth < fromSun) ||
    side.shade === 'trees' ||
    side.shade === 'building'
  );
}
