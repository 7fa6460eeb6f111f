import type { MakeId } from '../survey/carried-over.ts';
import type { DraftChange } from '../survey/change.ts';
import type { Survey } from '../survey/survey.ts';
import { checkedParts } from './quick-checks.ts';
import { DraftWriter } from './quick-drafts.ts';
import type { QuickEdit, QuickPart } from './quick-part.ts';
import { readParts } from './quick-reader.ts';
import { targetOf } from './quick-target.ts';
import type { QuickWord } from './quick-words.ts';
import { quickWords } from './quick-words.ts';
import { vocabularyOf } from './vocabulary.ts';

/** What one stretch of a line says of one surface, or of one on each of several sides. */
export interface QuickSurface {
  /** Names of the surfaces that are added or changed; empty while that is open. */
  readonly names: readonly string[];
  readonly adds: boolean;
  readonly parts: readonly QuickPart[];
}

export interface QuickReading {
  readonly surfaces: readonly QuickSurface[];
  /** The changes of the whole line; null while anything in it is not understood or not answered. */
  readonly drafts: readonly DraftChange[] | null;
  /** The first surface that it is about; null while there is none. */
  readonly first: string | null;
}

export interface QuickOptions {
  /** The surface that is open. */
  readonly selected: string | null;
  readonly makeId: MakeId;
}

/** Longest line that is read; a dictation of twenty surfaces has some 2000 characters. */
export const LONGEST_QUICK_LINE = 5000;

/**
 * Reads one typed or dictated line: which surfaces it adds or changes, and what it says of each. Word order is free;
 * "next", a semicolon or a new line begins another surface. Nothing is guessed: what is not known or may mean two
 * things is a part with its reason and its proposals.
 *
 * @param line at most {@link LONGEST_QUICK_LINE} characters
 * @example readQuickLine('north wall, painted render, 12x6 - 4(1.2x1.4), algae 3, above pond', survey, options)
 */
export function readQuickLine(
  line: string,
  survey: Survey,
  { selected, makeId }: QuickOptions,
): QuickReading {
  if (line.length > LONGEST_QUICK_LINE) return tooLong(line);
  const writer = new DraftWriter(survey, makeId);
  const open = survey.surfaces.find((s) => s.id === selected) ?? null;
  let first: string | null = null;
  const surfaces = stretches(line, survey).map((words): QuickSurface => {
    const parts = withSides(withNames(readParts(line, words, survey), line));
    const target = targetOf(parts, survey, open);
    const last = words.at(-1);
    const checked = checkedParts(parts, target, survey, last ? last.at + last.length : line.length);
    const adds = target.kind === 'new';
    if (target.kind === 'open' || checked.some((part) => part.fault !== null)) {
      return {
        names: target.kind === 'known' ? target.surfaces.map((s) => s.name) : [],
        adds,
        parts: checked,
      };
    }
    const written = writer.write(target, checked);
    first ??= written.first;
    return { names: written.names, adds, parts: checked };
  });
  return {
    surfaces,
    drafts:
      surfaces.length > 0 &&
      surfaces.every((s) => s.names.length > 0 && s.parts.every((p) => p.fault === null))
        ? writer.drafts
        : null,
    first,
  };
}

/** The line with an answer or proposal written into it. */
export function withQuickEdit(line: string, { at, length, text }: QuickEdit): string {
  return `${line.slice(0, at)}${text}${line.slice(at + length)}`;
}

/** The words of each surface, without the word that parts them. */
function stretches(line: string, survey: Survey): readonly (readonly QuickWord[])[] {
  const vocabulary = vocabularyOf(survey);
  const words = quickWords(line);
  const all: QuickWord[][] = [[]];
  for (let i = 0; i < words.length; i += 1) {
    const word = words[i];
    if (!word) continue;
    const match = vocabulary.matchAt(words, i);
    const parts =
      word.kind !== 'quoted' &&
      (word.stem === ';' || word.stem === '\n' || match?.meanings[0]?.kind === 'next');
    if (parts) {
      all.push([]);
      i += (match?.count ?? 1) - 1;
    } else {
      // A phrase stays whole: the "next" of "next to" begins nothing.
      const count = match?.count ?? 1;
      all.at(-1)?.push(...words.slice(i, i + count));
      i += count - 1;
    }
  }
  return all.filter((stretch) => stretch.length > 0);
}

/** An unknown word right before the noun of a place belongs to its name: "herb garden wall". */
function withNames(parts: readonly QuickPart[], line: string): readonly QuickPart[] {
  const named: QuickPart[] = [];
  for (const part of parts) {
    const last = named.at(-1);
    const gap = last ? line.slice(last.at + last.length, part.at) : '';
    const place = part.value?.kind === 'place' ? part.value : null;
    const belongs =
      place !== null &&
      last?.value === null &&
      last.options.length === 0 &&
      /^\p{L}[\p{L} '’-]*$/u.test(last.label) &&
      last.label.split(' ').length <= 3 &&
      gap === ' ';
    if (!last || place === null || !belongs) {
      named.push(part);
      continue;
    }
    const noun = line.slice(last.at, part.at + part.length);
    named[named.length - 1] = {
      ...part,
      at: last.at,
      length: noun.length,
      label: noun,
      value: { ...place, noun: noun.toLowerCase() },
    };
  }
  return named;
}

/** "North wall and south wall" is one stretch about two sides; any other second side is asked about. */
function withSides(parts: readonly QuickPart[]): readonly QuickPart[] {
  const [sides, place, others, again, ...rest] = parts;
  const same = (noun: string) => noun.replace(/s$/, '');
  if (
    sides?.value?.kind === 'sides' &&
    place?.value?.kind === 'place' &&
    others?.value?.kind === 'sides' &&
    again?.value?.kind === 'place' &&
    same(place.value.noun) === same(again.value.noun)
  ) {
    const both = { kind: 'sides' as const, sides: [...sides.value.sides, ...others.value.sides] };
    const label = `${sides.label} and ${others.label}`;
    const length = others.at + others.length - sides.at;
    return withSides([{ ...sides, length, label, value: both }, again, ...rest]);
  }
  let seen = false;
  return parts.map((part) => {
    if (part.value?.kind !== 'sides') return part;
    const second = seen;
    seen = true;
    return second
      ? {
          ...part,
          value: null,
          fault: 'a second side: write and between sides, or next between two surfaces',
        }
      : part;
  });
}

function tooLong(line: string): QuickReading {
  const fault = `${line.length} characters are more than the ${LONGEST_QUICK_LINE} that a line may have: take it in two`;
  return {
    surfaces: [
      {
        names: [],
        adds: false,
        parts: [{ at: 0, length: line.length, label: '', value: null, fault, options: [] }],
      },
    ],
    drafts: null,
    first: null,
  };
}
