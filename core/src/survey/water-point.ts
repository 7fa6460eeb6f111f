import Joi from 'joi';
import type { EntityId } from './entity-id.ts';
import { figureSchema } from './figure-spans.ts';
import { nameSchema, wayMetresSchema, wordsSchema, yesNoSchema } from './detail-limits.ts';
import type { YesNoUnknown } from './detail-limits.ts';

export const WATER_POINT_KINDS = ['tap', 'hydrant', 'tank', 'truck'] as const;
export type WaterPointKind = (typeof WATER_POINT_KINDS)[number];
export const PERMISSIONS = ['unknown', 'not-needed', 'asked', 'granted', 'refused'] as const;
export type Permission = (typeof PERMISSIONS)[number];

/** A bucket filled under the tap: litres in seconds. */
export interface TimedBucket {
  readonly litres: number;
  readonly seconds: number;
}

/** Where water is drawn. */
export interface WaterPoint {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly kind: WaterPointKind;
  /** Flow as told or guessed; buckets that were timed come before it. */
  readonly flowLitresPerMinute: number | null;
  readonly buckets: readonly TimedBucket[];
  readonly pressureBar: number | null;
  /** Way to the vehicle's stand. */
  readonly distanceMetres: number | null;
  readonly permission: Permission;
  /** Whether a meter and a backflow connection are there. */
  readonly backflow: YesNoUnknown;
  readonly note: string;
}

export const waterPointSchema = Joi.object<Omit<WaterPoint, 'id' | 'position'>>({
  name: nameSchema.required(),
  kind: Joi.valid(...WATER_POINT_KINDS).default('tap'),
  flowLitresPerMinute: figureSchema('tapLitresPerMinute').allow(null).default(null),
  buckets: Joi.array()
    .items(
      Joi.object<TimedBucket>({
        litres: Joi.number().greater(0).max(1000).required(),
        seconds: Joi.number().greater(0).max(3600).required(),
      }),
    )
    .max(10)
    .default([]),
  pressureBar: Joi.number().min(0).max(25).allow(null).default(null),
  distanceMetres: wayMetresSchema,
  permission: Joi.valid(...PERMISSIONS).default('unknown'),
  backflow: yesNoSchema,
  note: wordsSchema,
});

/**
 * The flow to plan with: all litres of the timed buckets over all their seconds, or else what was told.
 * @returns L/min and whether it was measured; null while nothing is known
 * @example waterFlow({ buckets: [{ litres: 10, seconds: 43 }], flowLitresPerMinute: 20 }) // 13.95 L/min, measured
 */
export function waterFlow(
  point: Pick<WaterPoint, 'buckets' | 'flowLitresPerMinute'>,
): { readonly litresPerMinute: number; readonly measured: boolean } | null {
  const litres = point.buckets.reduce((sum, b) => sum + b.litres, 0);
  const seconds = point.buckets.reduce((sum, b) => sum + b.seconds, 0);
  if (seconds > 0) return { litresPerMinute: Number(((litres / seconds) * 60).toFixed(2)), measured: true };
  return point.flowLitresPerMinute === null
    ? null
    : { litresPerMinute: point.flowLitresPerMinute, measured: false };
}

/** Hydrants and other people's water are drawn with permission only. */
export function needsPermission(point: Pick<WaterPoint, 'kind' | 'permission'>): boolean {
  return point.kind === 'hydrant' && point.permission !== 'granted' && point.permission !== 'not-needed';
}
