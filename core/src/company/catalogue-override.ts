import Joi from 'joi';
import { momentSchema } from '../quantity/moment.ts';
import { CHANGED_KINDS } from './handbook-value.ts';
import type { ChangedKind } from './handbook-value.ts';
import type { Setting } from './setting.ts';

/** A value of the catalogue that a company has set otherwise, and what it took the place of. */
export interface CatalogueOverride {
  readonly id: string;
  readonly kind: ChangedKind;
  /** Id of the entry of the catalogue. */
  readonly entry: string;
  readonly path: string;
  readonly value: Setting;
  /** The default of the catalogue when it was set: a newer catalogue that has another one is told by it. */
  readonly replaced: Setting;
  readonly reason: string;
  readonly by: string;
  /** Date and time, ISO 8601. */
  readonly at: string;
}

/** One value is set once: its override is called by what it is about. */
export function overrideId({
  kind,
  entry,
  path,
}: Pick<CatalogueOverride, 'kind' | 'entry' | 'path'>): string {
  return `${kind}.${entry}.${path}`;
}

const setting = Joi.alternatives(Joi.number(), Joi.boolean(), Joi.string().max(40)).required();

export const catalogueOverrideSchema = Joi.object<Omit<CatalogueOverride, 'id'>>({
  kind: Joi.valid(...CHANGED_KINDS).required(),
  entry: Joi.string().max(100).required(),
  path: Joi.string().max(100).required(),
  value: setting,
  replaced: setting,
  reason: Joi.string().trim().min(3).max(2000).required(),
  by: Joi.string().trim().min(1).max(120).required(),
  at: momentSchema.required(),
});
