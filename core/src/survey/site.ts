import Joi from 'joi';
import type { EntityId } from './entity-id.ts';
import { nameSchema } from './detail-limits.ts';

export const FEATURE_KINDS = ['plant-bed', 'lawn', 'pond', 'stream', 'drain', 'gap', 'electrics', 'glass', 'bare-metal', 'vehicle', 'furniture', 'nest', 'footway', 'other'] as const; // prettier-ignore
export type FeatureKind = (typeof FEATURE_KINDS)[number];
export const LEADS_TO = ['unknown', 'foul-sewer', 'storm-drain', 'watercourse', 'soakaway'] as const;
export type LeadsTo = (typeof LEADS_TO)[number];

/** Something next to or below the surfaces that the work must heed. */
export interface Feature {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly kind: FeatureKind;
  /** Where a drain leads; null for all else. */
  readonly leadsTo: LeadsTo | null;
}

export const featureSchema = Joi.object<Omit<Feature, 'id' | 'position'>>({
  name: nameSchema.required(),
  kind: Joi.valid(...FEATURE_KINDS).required(),
  leadsTo: Joi.valid(...LEADS_TO).allow(null).default(null),
}); // prettier-ignore

/** Run-off that gets here harms water life. */
export function isOpenWater(feature: Feature): boolean {
  return (
    feature.kind === 'pond' ||
    feature.kind === 'stream' ||
    (feature.kind === 'drain' && (feature.leadsTo === 'watercourse' || feature.leadsTo === 'storm-drain'))
  );
}

export const WATER_POINT_KINDS = ['tap', 'hydrant', 'tank', 'truck'] as const;
/** Where water is drawn. */
export interface WaterPoint {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  readonly kind: (typeof WATER_POINT_KINDS)[number];
  readonly flowLitresPerMinute: number | null;
  readonly distanceMetres: number | null;
}

export const waterPointSchema = Joi.object<Omit<WaterPoint, 'id' | 'position'>>({
  name: nameSchema.required(),
  kind: Joi.valid(...WATER_POINT_KINDS).default('tap'),
  flowLitresPerMinute: Joi.number().greater(0).max(500).allow(null).default(null),
  distanceMetres: Joi.number().min(0).max(1000).allow(null).default(null),
});
