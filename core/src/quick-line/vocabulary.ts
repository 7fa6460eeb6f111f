import { kept } from '../quantity/kept.ts';
import { distance } from 'fastest-levenshtein';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Material } from '../catalogue/material.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { Finish } from '../catalogue/material.ts';
import { GENERIC_MATERIALS } from '../catalogue/data/generic-materials.ts';
import { companyCatalogue } from '../company/company-catalogue.ts';
import { FEATURE_KINDS, FEATURE_NAMES } from '../survey/feature.ts';
import type { FeatureKind } from '../survey/feature.ts';
import type { EntityId } from '../survey/entity-id.ts';
import type { Band, SURROUNDING_FIELDS } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { lowerFirst, upperFirst } from '../quantity/words.ts';
import * as terms from './quick-terms.ts';
import type { QuickWord } from './quick-words.ts';
import { stemsOf } from './quick-words.ts';

/** What a word or phrase can stand for. */
export type Meaning =
  | { readonly kind: 'side'; readonly id: EntityId; readonly name: string }
  | { readonly kind: 'aspect'; readonly degrees: number; readonly name: string }
  | { readonly kind: 'sides'; readonly which: 'all' | 'both' }
  | { readonly kind: 'place'; readonly band: Band }
  | { readonly kind: 'surface'; readonly id: EntityId; readonly name: string }
  | {
      readonly kind: 'material';
      readonly id: string;
      readonly name: string;
      /** What it may be as well, where the word leaves that open. */
      readonly others?: readonly string[];
    }
  | { readonly kind: 'finish'; readonly finish: Finish }
  | { readonly kind: 'condition'; readonly id: string; readonly name: string }
  | { readonly kind: 'contaminant'; readonly id: string; readonly name: string }
  | { readonly kind: 'severity'; readonly severity: Severity }
  | { readonly kind: 'share'; readonly share: number }
  | { readonly kind: 'feature'; readonly id: EntityId; readonly name: string }
  | { readonly kind: 'feature-kind'; readonly feature: FeatureKind }
  | { readonly kind: 'relation'; readonly field: (typeof SURROUNDING_FIELDS)[number] }
  | PlainMeaning;
/** Words that say something by being there. */
type PlainMeaning = { [Kind in Plain]: { readonly kind: Kind } }[Plain];
type Plain =
  | 'removal'
  | 'same'
  | 'out-of-scope'
  | 'nothing'
  | 'maybe'
  | 'or'
  | 'new'
  | 'note'
  | 'high'
  | 'top'
  | 'foot'
  | 'tilt'
  | 'name'
  | 'next';

const CATALOGUE_KINDS: readonly Meaning['kind'][] = ['material', 'contaminant', 'condition'];

export interface Match {
  /** How many words it takes. */
  readonly count: number;
  readonly meanings: readonly Meaning[];
}

interface Phrase {
  readonly stems: readonly string[];
  readonly text: string;
  readonly meanings: readonly Meaning[];
}

/** Words and phrases that a quick line of one survey may hold. */
export class Vocabulary {
  private readonly byFirst: ReadonlyMap<string, readonly Phrase[]>;
  private readonly phrases: readonly Phrase[];
  private readonly nearest = new Map<string, readonly string[]>();

  constructor(entries: readonly (readonly [string, Meaning])[]) {
    const joined = new Map<string, Phrase>();
    for (const [text, meaning] of entries) {
      const stems = stemsOf(text);
      if (stems.length === 0) continue;
      const key = stems.join(' ');
      const entry = joined.get(key);
      const isListed = entry?.meanings.some((m) => JSON.stringify(m) === JSON.stringify(meaning)) ?? false;
      if (!isListed)
        joined.set(key, {
          stems,
          text: entry?.text ?? text.toLowerCase(),
          meanings: [...(entry?.meanings ?? []), meaning],
        });
    }
    this.phrases = [...joined.values()];
    const byFirst = new Map<string, Phrase[]>();
    for (const phrase of this.phrases) {
      const first = phrase.stems[0] ?? '';
      byFirst.set(first, [...(byFirst.get(first) ?? []), phrase]);
    }
    for (const list of byFirst.values()) list.sort((a, b) => b.stems.length - a.stems.length);
    this.byFirst = byFirst;
  }

  /** The longest phrase that begins at a word; of signs only commas may stand within it. */
  matchAt(words: readonly QuickWord[], from: number): Match | null {
    for (const { stems, meanings } of this.byFirst.get(words[from]?.stem ?? '') ?? []) {
      let at = from;
      const fits = stems.every((stem, i) => {
        if (i > 0 && words[at]?.stem === ',') at += 1;
        const fit = words[at]?.stem === stem && words[at]?.kind !== 'quoted';
        at += 1;
        return fit;
      });
      if (fits) return { count: at - from, meanings };
    }
    return null;
  }

  /** All meanings of a text as a whole, for names in quotation marks. */
  meaningsOf(text: string): readonly Meaning[] {
    const key = stemsOf(text).join(' ');
    return this.phrases.find((phrase) => phrase.stems.join(' ') === key)?.meanings ?? [];
  }

  /** Phrases that were perhaps meant, the nearest first, at most three. */
  near(stem: string): readonly string[] {
    const searched = this.nearest.get(stem);
    if (searched) return searched;
    const found = this.search(stem);
    this.nearest.set(stem, found);
    return found;
  }

  private search(stem: string): readonly string[] {
    if (stem.length < 3) return [];
    const slips = stem.length < 5 ? 1 : stem.length < 9 ? 2 : 3;
    const scored = this.phrases.flatMap(({ stems, text, meanings }) => {
      const whole = distance(stem, stems.join(' '));
      if (whole <= slips) return [{ text, score: whole }];
      // A part of a longer phrase of the catalogue, as "render" of "painted render".
      const part = stem.length > 3 && stems.length > 1 && stems.some((s) => distance(s, stem) < 2);
      return part && meanings.some((m) => CATALOGUE_KINDS.includes(m.kind))
        ? [{ text, score: slips + 1 }]
        : [];
    });
    return scored
      .sort((a, b) => a.score - b.score || a.text.length - b.text.length)
      .slice(0, 3)
      .map(({ text }) => text);
  }
}

/** Words of the catalogue with the materials of the company, which are the same over all of its surveys. */
const termsOf = kept(({ materials }: Catalogue): readonly (readonly [string, Meaning])[] => [
  ...materials.flatMap(materialTerms),
  ...GENERIC_TERMS,
  ...CATALOGUE_TERMS,
]);

export const vocabularyOf = kept((survey: Survey): Vocabulary => {
  const words = [...termsOf(companyCatalogue(survey.handbook)), ...PLAIN_TERMS];
  return new Vocabulary([...entitiesOf(survey, words), ...words]);
});

function entitiesOf(
  survey: Survey,
  words: readonly (readonly [string, Meaning])[],
): (readonly [string, Meaning])[] {
  const generic = new Set(words.flatMap(([text]) => stemsOf(text)));
  return [
    ...survey.sides.map(({ id, name }) => [name, { kind: 'side' as const, id, name }] as const),
    ...survey.surfaces.flatMap(({ id, name }) => {
      const meaning = { kind: 'surface' as const, id, name };
      const short = name.split(',')[0] ?? name;
      // "Wall, north" is not called just "wall".
      const own = stemsOf(short).some((stem) => !generic.has(stem));
      return [[name, meaning] as const, ...(short !== name && own ? [[short, meaning] as const] : [])];
    }),
    ...survey.features.map(({ id, name }) => [name, { kind: 'feature' as const, id, name }] as const),
  ];
}

const each = (list: readonly string[], meaning: Meaning): (readonly [string, Meaning])[] =>
  list.map((text) => [text, meaning] as const);

function materialTerms({ id, name, synonyms }: Material): readonly (readonly [string, Meaning])[] {
  // A bare noun for a place ("yard") says where it is, not what it is made of.
  return each(
    [name, ...synonyms].filter(
      (text) => !(text in GENERIC_MATERIALS) && !terms.PLACE_NOUNS.some(([, nouns]) => nouns.includes(text)),
    ),
    { kind: 'material', id, name },
  );
}

/** Sorts of material, by the name of what they may be. */
const GENERIC_TERMS: readonly (readonly [string, Meaning])[] = Object.entries(GENERIC_MATERIALS).map(
  ([word, [id, ...others]]) => {
    const name = [id, ...others].map((own) => lowerFirst(CATALOGUE.material(own).name)).join(' or ');
    return [word, { kind: 'material', id, name: upperFirst(name), others }];
  },
);

const CATALOGUE_TERMS: readonly (readonly [string, Meaning])[] = [
  ...CATALOGUE.contaminants.flatMap(({ id, name, synonyms }) =>
    each([name, ...synonyms], { kind: 'contaminant', id, name }),
  ),
  ...CATALOGUE.conditions.flatMap(({ id, name, synonyms }) =>
    each([name, ...synonyms], { kind: 'condition', id, name }),
  ),
];

const PLAIN_TERMS: readonly (readonly [string, Meaning])[] = [
  ...terms.ASPECT_WORDS.flatMap(([degrees, name, words]) => each(words, { kind: 'aspect', degrees, name })),
  ...terms.PLACE_NOUNS.flatMap(([band, nouns]) => each(nouns, { kind: 'place', band })),
  ...terms.SEVERITY_TERMS.flatMap(([severity, words]) => each(words, { kind: 'severity', severity })),
  ...terms.SHARE_TERMS.flatMap(([share, words]) => each(words, { kind: 'share', share })),
  ...terms.FINISH_TERMS.flatMap(([finish, words]) => each(words, { kind: 'finish', finish })),
  ...terms.RELATION_TERMS.flatMap(([field, words]) => each(words, { kind: 'relation', field })),
  ...FEATURE_KINDS.filter((feature) => feature !== 'other').map(
    (feature) => [FEATURE_NAMES[feature], { kind: 'feature-kind' as const, feature }] as const,
  ),
  ...terms.FEATURE_TERMS.flatMap(([feature, words]) => each(words, { kind: 'feature-kind', feature })),
  ...each(terms.EVERY_SIDE_TERMS, { kind: 'sides', which: 'all' }),
  ...each(terms.BOTH_SIDES_TERMS, { kind: 'sides', which: 'both' }),
  ...each(terms.REMOVAL_TERMS, { kind: 'removal' }),
  ...each(terms.SAME_TERMS, { kind: 'same' }),
  ...each(terms.OUT_OF_SCOPE_TERMS, { kind: 'out-of-scope' }),
  ...each(terms.NOTHING_TERMS, { kind: 'nothing' }),
  ...each(terms.MAYBE_TERMS, { kind: 'maybe' }),
  ...each(['or'], { kind: 'or' }),
  ...each(terms.NEW_TERMS, { kind: 'new' }),
  ...each(terms.NOTE_TERMS, { kind: 'note' }),
  ...each(terms.HIGH_TERMS, { kind: 'high' }),
  ...each(terms.TOP_TERMS, { kind: 'top' }),
  ...each(terms.FOOT_TERMS, { kind: 'foot' }),
  ...each(terms.TILT_TERMS, { kind: 'tilt' }),
  ...each(terms.NAME_TERMS, { kind: 'name' }),
  ...each(['next', 'next one'], { kind: 'next' }),
];
