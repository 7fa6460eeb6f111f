import {
  ASSET_PARTS,
  ASSET_PART_NAMES,
  BANDS,
  BAND_NAMES,
  CATALOGUE,
  FEATURE_KINDS,
  FEATURE_NAMES,
  PAST_ACTS,
  PAST_ACT_NAMES,
  PERMISSIONS,
  RECURRENCES,
  RECURRENCE_NAMES,
  SHADES,
  WATER_POINT_KINDS,
  ZONE_PLACES,
  ZONE_PLACE_NAMES,
  idInWords,
  upperFirst,
} from '@etappe/core';
import type { CompanyCatalogue, Shade } from '@etappe/core';
import type { Option } from '../quantity-fields/choice-field.tsx';
import { say } from '../messages/walk.ts';

/** A setting's id in words. */
export const words = (id: string) => upperFirst(idInWords(id));

/** Materials to choose from, those of the company among them. */
export const materialOptions = ({ offeredMaterials }: CompanyCatalogue): readonly Option[] =>
  offeredMaterials.map((m) => ({ value: m.id, label: m.name, words: m.synonyms }));
export const CONTAMINANT_OPTIONS: readonly Option[] = CATALOGUE.contaminants.map((c) => ({
  value: c.id,
  label: c.name,
  words: c.synonyms,
}));
export const BAND_OPTIONS: readonly Option[] = BANDS.map((band) => ({
  value: band,
  label: BAND_NAMES[band],
}));
export const FEATURE_OPTIONS: readonly Option[] = FEATURE_KINDS.map((kind) => ({
  value: kind,
  label: FEATURE_NAMES[kind],
}));
const named = <T extends string>(ids: readonly T[], names: Readonly<Record<T, string>>): readonly Option[] =>
  ids.map((id) => ({ value: id, label: names[id] }));
const worded = (ids: readonly string[]): readonly Option[] =>
  ids.map((id) => ({ value: id, label: words(id) }));

export const ZONE_PLACE_OPTIONS = named(ZONE_PLACES, ZONE_PLACE_NAMES);
export const PAST_ACT_OPTIONS = named(PAST_ACTS, PAST_ACT_NAMES);
export const RECURRENCE_OPTIONS: readonly Option[] = [
  { value: '', label: say('no-or-not-known') },
  ...named(RECURRENCES, RECURRENCE_NAMES),
];
export const ASSET_PART_OPTIONS = named(ASSET_PARTS, ASSET_PART_NAMES);
export const WATER_POINT_OPTIONS = worded(WATER_POINT_KINDS);
export const PERMISSION_OPTIONS = worded(PERMISSIONS);
export const SHADE_NAMES: Readonly<Record<Shade, string>> = {
  open: say('none'),
  part: say('part'),
  trees: say('trees'),
  building: say('house'),
};
export const SHADE_OPTIONS = named(SHADES, SHADE_NAMES);
