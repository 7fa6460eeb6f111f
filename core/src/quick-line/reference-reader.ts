import { FEATURE_NAMES } from '../survey/feature.ts';
import type { SURROUNDING_FIELDS } from '../survey/surface.ts';
import { meaningOf, meaningsOf } from './quick-cursor.ts';
import type { QuickCursor } from './quick-cursor.ts';

type Field = (typeof SURROUNDING_FIELDS)[number];
const MOST_OPTIONS = 5;

/**
 * Reads what stands beside, below or behind: an entity of the survey, or a feature that the line makes.
 * @param from where the word of relation begins, if there is one
 * @param to where the thing begins
 * @returns false where no such thing follows: then the word says nothing by itself ("over a third")
 */
export function readSurrounding(cursor: QuickCursor, field: Field, from: number, to: number): boolean {
  const start = cursor.pastFillers(to);
  const word = to > from ? cursor.textOf(from, to).toLowerCase() : 'beside';
  const match = cursor.match(start);
  const end = start + (match?.count ?? 1);
  const quoted =
    cursor.words[start]?.kind === 'quoted' ? cursor.vocabulary.meaningsOf(cursor.stem(start)) : [];
  const [known, other] = [...(match?.meanings ?? []), ...quoted].filter(
    (m) => m.kind === 'feature' || m.kind === 'surface',
  );
  if (known && !other)
    return cursor.understood(from, end, { kind: 'near', field, id: known.id }, `${word} ${known.name}`);
  const feature = meaningOf(match, 'feature-kind')?.feature;
  if (feature === undefined && !meaningOf(match, 'place')) return false;
  const noun = cursor.textOf(start, end).toLowerCase();
  const { surfaces, features } = cursor.survey;
  const there =
    feature === undefined
      ? surfaces.filter((s) => s.name.toLowerCase().includes(noun.replace(/s$/, '')))
      : features.filter((f) => f.kind === feature);
  const [only, another] = there;
  if (only && !another)
    return cursor.understood(from, end, { kind: 'near', field, id: only.id }, `${word} ${only.name}`);
  if (another)
    return cursor.refused(
      from,
      end,
      `several are meant by ${noun}: which one?`,
      there.slice(0, MOST_OPTIONS).map((e) => cursor.instead(start, end, `"${e.name}"`)),
    );
  if (feature === undefined)
    return cursor.refused(from, end, `no surface is called ${noun} yet: add it first, or say it later`);
  const name = FEATURE_NAMES[feature];
  return cursor.understood(
    from,
    end,
    { kind: 'near-new', field, feature, name },
    `${word} ${name.toLowerCase()}, noted as new`,
  );
}

/** Reads "same as north": one surface whose fields and findings are taken over. */
export function readSame(cursor: QuickCursor, from: number, to: number): true {
  const start = cursor.pastFillers(to);
  const match = cursor.match(start);
  const end = Math.min(cursor.words.length, start + (match?.count ?? 1));
  const { surfaces, sides } = cursor.survey;
  const quoted =
    cursor.words[start]?.kind === 'quoted' ? cursor.vocabulary.meaningsOf(cursor.stem(start)) : [];
  const named = [...meaningsOf(match, 'surface'), ...quoted.filter((m) => m.kind === 'surface')];
  const degrees = meaningOf(match, 'aspect')?.degrees;
  const onSides = new Set<string>([
    ...meaningsOf(match, 'side').map((s) => s.id),
    ...sides.filter((s) => degrees !== undefined && s.aspectDegrees === degrees).map((s) => s.id),
  ]);
  const band = cursor.said('place')?.band;
  const there =
    named.length > 0
      ? surfaces.filter((s) => named.some((n) => n.id === s.id))
      : surfaces.filter(
          (s) => s.side !== null && onSides.has(s.side) && (band === undefined || s.band === band),
        );
  const [only, another] = there;
  if (!only) return cursor.refused(from, end, 'no surface is there that it could be like: name one');
  if (another)
    return cursor.refused(
      from,
      end,
      'several surfaces are meant: like which one?',
      there.slice(0, MOST_OPTIONS).map((s) => cursor.instead(start, end, `"${s.name}"`)),
    );
  return cursor.understood(from, end, { kind: 'same', id: only.id }, `same as ${only.name}`);
}
