import type { Survey } from '../survey/survey.ts';
import { readFinding } from './finding-reader.ts';
import { readHeights, readSize, readTilt } from './measure-reader.ts';
import { QuickCursor, meaningOf, meaningsOf } from './quick-cursor.ts';
import type { QuickPart } from './quick-part.ts';
import { FILLERS } from './quick-terms.ts';
import { stemOf } from './quick-words.ts';
import type { QuickWord } from './quick-words.ts';
import { readSame, readSurrounding } from './reference-reader.ts';
import { readSides } from './side-reader.ts';
import { isMeasured } from './size-run.ts';
import type { Match, Meaning } from './vocabulary.ts';

const MOST_PROPOSALS = 4;

/** Reads the words of one surface's stretch of a line, part by part; only words that carry nothing are passed over. */
export function readParts(line: string, words: readonly QuickWord[], survey: Survey): readonly QuickPart[] {
  const cursor = new QuickCursor(line, words, survey);
  while (cursor.at < words.length) step(cursor);
  return joinedUnknown(cursor.parts, line);
}

function step(cursor: QuickCursor): void {
  const from = cursor.at;
  const word = cursor.words[from];
  if (!word) return;
  if (word.kind === 'quoted') {
    readQuoted(cursor, word);
    return;
  }
  const match = cursor.match(from);
  const read =
    readFinding(cursor, from) ||
    readSize(cursor, from) ||
    readSides(cursor, from) ||
    (match !== null && readMatch(cursor, from, match));
  if (read) return;
  if (FILLERS.has(word.stem)) cursor.at += 1;
  else readUnknown(cursor, from, word);
}

function readQuoted(cursor: QuickCursor, word: QuickWord): void {
  const surface = cursor.vocabulary.meaningsOf(word.stem).find((m) => m.kind === 'surface');
  if (surface) cursor.understood(cursor.at, cursor.at + 1, { kind: 'surface', id: surface.id }, surface.name);
  else cursor.understood(cursor.at, cursor.at + 1, { kind: 'name', name: word.stem }, `name: ${word.stem}`);
}

function readMatch(cursor: QuickCursor, from: number, match: Match): boolean {
  const to = from + match.count;
  const [surface, other] = meaningsOf(match, 'surface');
  if (other)
    return cursor.refused(
      from,
      to,
      'several surfaces are called that: which one?',
      meaningsOf(match, 'surface').map((s) => cursor.instead(from, to, `"${s.name}"`)),
    );
  if (surface) return cursor.understood(from, to, { kind: 'surface', id: surface.id }, surface.name);
  return match.meanings.some((meaning) => readMeaning(cursor, meaning, from, to));
}

function readMeaning(cursor: QuickCursor, meaning: Meaning, from: number, to: number): boolean {
  switch (meaning.kind) {
    case 'place':
      return readPlace(cursor, meaning, from, to);
    case 'material':
      return readMaterial(cursor, meaning, from, to);
    case 'finish':
      return cursor.understood(from, to, { kind: 'finish', finish: meaning.finish }, meaning.finish);
    case 'condition':
      return cursor.understood(from, to, { kind: 'condition', id: meaning.id }, meaning.name);
    case 'feature':
    case 'feature-kind':
      return readSurrounding(cursor, 'beside', from, from);
    case 'relation':
      return readSurrounding(cursor, meaning.field, from, to);
    case 'same':
      return readSame(cursor, from, to);
    case 'new':
      return cursor.understood(from, to, { kind: 'new' }, 'a new surface');
    case 'nothing':
      return cursor.understood(from, to, { kind: 'nothing' }, 'nothing found');
    case 'out-of-scope':
      return readOutOfScope(cursor, from, to);
    case 'note':
      return readNote(cursor, from, to);
    case 'name':
      return readName(cursor, from, to);
    case 'top':
    case 'foot':
      return readHeights(cursor, meaning.kind, from, to);
    case 'tilt':
      return readTilt(cursor, from, to);
    case 'side':
    case 'sides':
    case 'aspect':
    case 'surface':
    case 'contaminant':
    case 'severity':
    case 'share':
    case 'removal':
    case 'maybe':
    case 'or':
    case 'high':
    case 'next':
      return false;
  }
}

function readPlace(
  cursor: QuickCursor,
  { band }: Extract<Meaning, { readonly kind: 'place' }>,
  from: number,
  to: number,
): boolean {
  const noun = cursor.textOf(from, to).toLowerCase();
  const place = cursor.said('place');
  const again = place && stemOf(place.noun) === stemOf(noun) && cursor.parts.at(-1)?.value?.kind === 'sides';
  if (!place || again) return cursor.understood(from, to, { kind: 'place', band, noun }, noun);
  if (meaningOf(cursor.match(from), 'feature-kind')) return readSurrounding(cursor, 'beside', from, from);
  return cursor.refused(
    from,
    to,
    `a second place besides ${place.noun}: put next between two surfaces, or say how it lies, as in drains to ${noun}`,
  );
}

function readMaterial(
  cursor: QuickCursor,
  { id, name, others = [] }: Extract<Meaning, { readonly kind: 'material' }>,
  from: number,
  to: number,
): boolean {
  const next = meaningOf(cursor.match(to), 'or') ? cursor.match(to + 1) : null;
  const other = meaningOf(next, 'material');
  if (next && other)
    return cursor.understood(
      from,
      to + 1 + next.count,
      { kind: 'material', ids: [...new Set([id, ...others, other.id, ...(other.others ?? [])])] },
      `${name} or ${other.name.toLowerCase()}, unsure`,
    );
  if (cursor.said('material')) {
    // "glass" after "larch boards" is what is beside, not what it is made of.
    if (meaningOf(cursor.match(from), 'feature-kind')) return readSurrounding(cursor, 'beside', from, from);
    return cursor.refused(
      from,
      to,
      'a second material: write or between two that you are unsure of, or next between two surfaces',
    );
  }
  const said = others.length > 0 ? `${name}, unsure` : name;
  return cursor.understood(from, to, { kind: 'material', ids: [id, ...others] }, said);
}

/** The rest after "because" is the reason. */
function readOutOfScope(cursor: QuickCursor, from: number, to: number): boolean {
  const because = ['because', 'reason', 'since'].includes(cursor.stem(to));
  const end = because ? cursor.words.length : to;
  const reason = because ? cursor.textOf(to + 1, end) : '';
  return cursor.understood(
    from,
    end,
    { kind: 'scope', reason },
    reason === '' ? 'left out' : `left out: ${reason}`,
  );
}

function readNote(cursor: QuickCursor, from: number, to: number): boolean {
  const start = cursor.pastFillers(to);
  const end = cursor.words.length;
  if (start >= end) return false;
  const text = cursor.textOf(start, end);
  return cursor.understood(from, end, { kind: 'note', text }, `note: ${text}`);
}

/** The words up to the next comma are the name. */
function readName(cursor: QuickCursor, from: number, to: number): boolean {
  let end = to;
  while (end < cursor.words.length && cursor.stem(end) !== ',') end += 1;
  if (end === to) return false;
  const name = cursor.textOf(to, end).replace(/^["“„]|["”]$/g, '');
  return cursor.understood(from, end, { kind: 'name', name }, `name: ${name}`);
}

function readUnknown(cursor: QuickCursor, from: number, word: QuickWord): void {
  const near = word.kind === 'word' ? cursor.vocabulary.near(word.stem) : [];
  const whole = word.kind === 'word' ? withWordBefore(cursor, from) : [];
  const text = cursor.textOf(from, from + 1);
  // "soap 3": the figure belongs to the word that is not known.
  const figure = cursor.words[from + 1]?.kind === 'number' && !isMeasured(cursor.words, from + 1);
  cursor.refused(
    from,
    figure ? from + 2 : from + 1,
    near.length + whole.length > 0 ? `“${text}” is not known: was one of these meant?` : unknown(text),
    [
      ...whole.map((phrase) => cursor.instead(from - 1, from + 1, phrase)),
      ...near.filter((p) => !whole.includes(p)).map((phrase) => cursor.instead(from, from + 1, phrase)),
    ].slice(0, MOST_PROPOSALS),
  );
}

/** "painted rendr": a slip within a phrase whose first word was read for itself. */
function withWordBefore(cursor: QuickCursor, from: number): readonly string[] {
  const word = cursor.words[from - 1];
  return word?.kind === 'word' ? cursor.vocabulary.near(`${word.stem} ${cursor.stem(from)}`) : [];
}

function unknown(text: string): string {
  return `“${text}” is not known: leave it out, or write it after note`;
}

/** Neighbours that nothing is proposed for are one stretch. */
function joinedUnknown(parts: readonly QuickPart[], line: string): readonly QuickPart[] {
  const joined: QuickPart[] = [];
  const plain = (part: QuickPart | undefined) => part?.fault === unknown(part?.label ?? '');
  for (const part of parts) {
    const last = joined.at(-1);
    if (!last || !plain(last) || !plain(part)) {
      joined.push(part);
      continue;
    }
    const text = line.slice(last.at, part.at + part.length);
    joined[joined.length - 1] = { ...last, length: text.length, label: text, fault: unknown(text) };
  }
  return joined;
}
