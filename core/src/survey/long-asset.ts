import { called } from '../language/in-language.ts';
import Joi from 'joi';
import { formatLength } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';
import { nameSchema, wordsSchema } from './detail-limits.ts';

/** Parts of a dock or fence that are measured and treated apart. */
export const ASSET_PARTS = ['top', 'left', 'right', 'underside'] as const;
export type AssetPartKind = (typeof ASSET_PARTS)[number];
export const ASSET_PART_NAMES: Readonly<Record<AssetPartKind, string>> = called({
  top: 'Top',
  left: 'Left side',
  right: 'Right side',
  underside: 'Underside',
});

const chainageSchema = Joi.number().min(0).max(50_000);

/** Something long that is surveyed and done by chainage: a dock, a fence, a wall along a road. */
export interface LongAsset {
  readonly id: EntityId;
  readonly position: number;
  readonly name: string;
  /** Where its zero lies and which way it counts. */
  readonly zeroAt: string;
  readonly lengthMetres: number;
}

export const longAssetSchema = Joi.object<Omit<LongAsset, 'id' | 'position'>>({
  name: nameSchema.required(),
  zeroAt: wordsSchema,
  lengthMetres: chainageSchema.greater(0).required(),
});

/** A stretch of one part of a long asset, by chainage in metres. */
export interface AssetPart {
  readonly asset: EntityId;
  readonly part: AssetPartKind;
  readonly fromMetres: number;
  readonly toMetres: number;
}

export const assetPartSchema = Joi.object<AssetPart>({
  asset: entityIdSchema.required(),
  part: Joi.valid(...ASSET_PARTS).required(),
  fromMetres: chainageSchema.required(),
  toMetres: chainageSchema
    .greater(Joi.ref('fromMetres'))
    .required()
    .messages({ 'number.greater': 'the stretch ends at {#value} m, before it begins: swap the two' }),
});

/**
 * The size of a stretch in the tape language, its sum visible.
 * @param widthMetres width of the top, or height of a side
 * @example stretchSize({ fromMetres: 40, toMetres: 100 }, 2.4) // "(100m - 40m) x 2.4m"
 */
export function stretchSize(
  { fromMetres, toMetres }: Pick<AssetPart, 'fromMetres' | 'toMetres'>,
  widthMetres: number,
): string {
  return `(${toMetres}m - ${fromMetres}m) x ${widthMetres}m`;
}

/** @example stretchInWords({ part: 'top', fromMetres: 40, toMetres: 100, … }, 'metric') // "top, 40 m to 100 m" */
export function stretchInWords({ part, fromMetres, toMetres }: AssetPart, units: UnitSystem): string {
  return `${ASSET_PART_NAMES[part].toLowerCase()}, ${formatLength(fromMetres, units)} to ${formatLength(toMetres, units)}`;
}
