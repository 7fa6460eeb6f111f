import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import type { QuickEdit, QuickPart, QuickValue, SideChoice } from './quick-part.ts';

/** What a stretch of a line is about: surfaces that are there, new ones (one a side), or a question. */
export type Target =
  | { readonly kind: 'known'; readonly surfaces: readonly Surface[] }
  | { readonly kind: 'new'; readonly sides: readonly (SideChoice | null)[] }
  | { readonly kind: 'open'; readonly question: QuickPart };

const MOST_OPTIONS = 6;

/** The value of the first part of a kind. */
export function valueOf<Kind extends QuickValue['kind']>(
  parts: readonly QuickPart[],
  kind: Kind,
): Extract<QuickValue, { readonly kind: Kind }> | undefined {
  return parts
    .map((part) => part.value)
    .find((value): value is Extract<QuickValue, { readonly kind: Kind }> => value?.kind === kind);
}

/**
 * Which surface is meant. A surface that is named is that one; a side and a place mean the one that lies there; what
 * gives material and size is a new one; where both may be, a person is asked.
 * @param selected the surface that is open, which a line without a place is about
 */
export function targetOf(parts: readonly QuickPart[], survey: Survey, selected: Surface | null): Target {
  const start = parts[0]?.at ?? 0;
  const named = parts.flatMap(({ value }) => (value?.kind === 'surface' ? [value.id] : []));
  const sides = valueOf(parts, 'sides')?.sides ?? [];
  const place = valueOf(parts, 'place');
  const asNew: Target = { kind: 'new', sides: sides.length > 0 ? sides : [null] };
  if (valueOf(parts, 'new')) return asNew;
  if (new Set(named).size > 1)
    return { kind: 'open', question: question(start, 'Two surfaces are named: put next between them', []) };
  const surfaces = survey.surfaces.filter((s) => named.includes(s.id));
  if (surfaces.length > 0) return { kind: 'known', surfaces };

  const described = valueOf(parts, 'material') ?? valueOf(parts, 'same');
  const measured = valueOf(parts, 'size') ?? valueOf(parts, 'same');
  if (!place && sides.length === 0) {
    if (described && measured) return asNew;
    if (selected) return { kind: 'known', surfaces: [selected] };
    return described ? asNew : { kind: 'open', question: whichSurface(start, survey.surfaces, false) };
  }
  if (described && measured) return asNew;
  const there =
    sides.length > 0 ? sides.map((side) => lyingAt(survey, side, place)) : [lyingAt(survey, null, place)];
  if (there.every((list) => list.length === 0)) return asNew;
  if (
    selected &&
    there.length === 1 &&
    there[0]?.some((s) => s.id === selected.id) &&
    !described &&
    !measured
  )
    return { kind: 'known', surfaces: [selected] };
  const single = there.flatMap((list) => (list.length === 1 ? list : []));
  if (single.length === there.length && !described && !measured) return { kind: 'known', surfaces: single };
  return { kind: 'open', question: whichSurface(start, there.flat(), true) };
}

/** Surfaces on a side (any, for null) in the band of a place; of those with its noun in their name only these. */
function lyingAt(
  survey: Survey,
  side: SideChoice | null,
  place: Extract<QuickValue, { readonly kind: 'place' }> | undefined,
): readonly Surface[] {
  const there = survey.surfaces.filter(
    (s) =>
      (side === null || (side.id !== null && s.side === side.id)) &&
      (place === undefined || s.band === place.band),
  );
  const called = there.filter((s) => place && s.name.toLowerCase().includes(place.noun.replace(/s$/, '')));
  return called.length > 0 ? called : there;
}

function whichSurface(at: number, surfaces: readonly Surface[], maybeNew: boolean): QuickPart {
  return question(at, maybeNew ? 'A new surface, or one that is there?' : 'Which surface is it about?', [
    ...(maybeNew ? [{ label: 'a new one', at, length: 0, text: 'new ' }] : []),
    ...surfaces
      .slice(0, MOST_OPTIONS)
      .map(({ name }) => ({ label: name, at, length: 0, text: `"${name.replaceAll('"', '')}" ` })),
  ]);
}

/** A part that takes no place of its own in the line: something that must be answered. */
export function question(at: number, fault: string, options: readonly QuickEdit[]): QuickPart {
  return { at, length: 0, label: '', value: null, fault, options };
}
