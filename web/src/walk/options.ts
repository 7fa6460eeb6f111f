import { BANDS, BAND_NAMES, CATALOGUE, FEATURE_KINDS, LEADS_TO, SHADES } from '@etappe/core';
import type { Option } from '../quantity-fields/choice-field.tsx';

const words = (id: string) => id.charAt(0).toUpperCase() + id.slice(1).replaceAll('-', ' ');

export const MATERIAL_OPTIONS: readonly Option[] = CATALOGUE.materials.map((m) => ({
  value: m.id,
  label: m.name,
  words: m.synonyms,
}));
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
  label: words(kind),
}));
export const LEADS_TO_OPTIONS: readonly Option[] = LEADS_TO.map((to) => ({ value: to, label: words(to) }));
export const SHADE_OPTIONS: readonly Option[] = SHADES.map((shade) => ({
  value: shade,
  label:
    shade === 'open'
      ? 'Open'
      : shade === 'part'
        ? 'Partly shaded'
        : `Shaded by ${shade === 'trees' ? 'trees' : 'buildings'}`,
}));
