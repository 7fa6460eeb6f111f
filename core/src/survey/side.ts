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
}

export const sideSchema = Joi.object<Omit<Side, 'id' | 'position'>>({
  name: nameSchema.required(),
  aspectDegrees: Joi.number().min(0).less(360).allow(null).default(null),
  shade: Joi.valid(...SHADES).default('open'),
  routeMetres: wayMetresSchema,
});

const COMPASS = ['N', 'NE', 'E', 'SE', 'S', 'SW', 'W', 'NW'] as const;

/** @example aspectName(350) // "N" */
export function aspectName(degrees: number | null): string {
  return degrees === null ? 'aspect open' : (COMPASS[Math.round(degrees / 45) % 8] ?? 'N');
}

/** North and shaded sides grow more and dry slower. */
export function isShadySide(side: Side): boolean {
  const north = side.aspectDegrees !== null && Math.cos((side.aspectDegrees * Math.PI) / 180) > 0.5;
  return north || side.shade === 'trees' || side.shade === 'building';
}
