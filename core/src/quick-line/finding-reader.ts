import type { Severity } from '../catalogue/contaminant.ts';
import { decimal } from '../quantity/numbers.ts';
import { meaningOf } from './quick-cursor.ts';
import type { QuickCursor } from './quick-cursor.ts';
import { isMeasured } from './size-run.ts';
import type { Meaning } from './vocabulary.ts';

type Contaminant = Extract<Meaning, { readonly kind: 'contaminant' }>;

/** What was said of a finding besides its name. */
interface Said {
  readonly severity: Severity | null;
  readonly share: number | null;
  readonly maybe: boolean;
  /** First word after all that was said. */
  readonly end: number;
  /** It may as well belong to the next name. */
  readonly whose: boolean;
}

/**
 * Reads what is on a surface: how bad before or after its name, on what share, or that it is gone.
 * @returns whether there was such
 */
export function readFinding(cursor: QuickCursor, from: number): boolean {
  const removal = cursor.match(from);
  if (meaningOf(removal, 'removal')) return readRemoval(cursor, from, from + (removal?.count ?? 0));
  const before = qualifiers(cursor, from, 'before');
  const start = cursor.pastFillers(before.end);
  const match = cursor.match(before.end === from ? from : start);
  const contaminant = meaningOf(match, 'contaminant');
  if (!match || !contaminant) return readLoose(cursor, from, before);
  const nameEnd = (before.end === from ? from : start) + match.count;
  const after = qualifiers(cursor, nameEnd, 'after');
  if (after.whose)
    return cursor.refused(
      from,
      after.end,
      `does “${cursor.textOf(nameEnd, after.end).trim()}” belong to what stands before or after it? Put a comma`,
    );
  return take(cursor, from, contaminant, before, after);
}

function take(
  cursor: QuickCursor,
  from: number,
  { id, name: written }: Contaminant,
  before: Said,
  after: Said,
): true {
  const name = written.toLowerCase();
  const severity = after.severity ?? before.severity;
  const share = after.share ?? before.share;
  if (before.severity !== null && after.severity !== null && before.severity !== after.severity)
    return cursor.refused(
      from,
      after.end,
      `two severities for ${name}: which one?`,
      [before.severity, after.severity].map((s) => cursor.instead(from, after.end, `${name} ${s}`)),
    );
  const confidence = before.maybe || after.maybe ? 0.5 : 1;
  const label = [
    confidence < 1 ? `perhaps ${name}` : name,
    ...(severity === null ? [] : [String(severity)]),
    ...(share === null ? [] : [`on ${decimal(share * 100, 0)} %`]),
  ].join(' ');
  return cursor.understood(
    from,
    after.end,
    { kind: 'finding', contaminant: id, severity, share, confidence },
    label,
  );
}

/** A word of severity or share that belongs to nothing; a number may still be a size. */
function readLoose(cursor: QuickCursor, from: number, said: Said): boolean {
  const word = cursor.words[from];
  if (said.end === from || word === undefined) return false;
  if (word.value !== null && said.share === null) return false;
  return cursor.refused(
    from,
    said.end,
    `“${cursor.textOf(from, said.end)}” of what? Name the dirt beside it, as in heavy algae`,
  );
}

function readRemoval(cursor: QuickCursor, from: number, at: number): boolean {
  const start = cursor.pastFillers(at);
  const match = cursor.match(start);
  const contaminant = meaningOf(match, 'contaminant');
  if (!match || !contaminant) return false;
  const value = { kind: 'removal' as const, contaminant: contaminant.id };
  return cursor.understood(from, start + match.count, value, `no ${contaminant.name.toLowerCase()}`);
}

/** Severities, shares and doubts from a word on; words between that carry nothing are taken only if more follows. */
function qualifiers(cursor: QuickCursor, from: number, where: 'before' | 'after'): Said {
  let said: Said = { severity: null, share: null, maybe: false, end: from, whose: false };
  for (;;) {
    const at = where === 'before' && said.end === from ? from : cursor.pastFillers(said.end);
    const next = qualifierAt(cursor, at, said, where);
    if (next === null) return said;
    if (where === 'after' && meaningOf(cursor.match(cursor.pastFillers(next.end)), 'contaminant')) {
      // "algae, heavy rust": it is the next one's; "algae heavy rust": nobody knows; "algae 3 rust 2" is plain.
      const parted = isParted(cursor, next.end, cursor.pastFillers(next.end));
      if (!parted && isParted(cursor, said.end, at)) return said;
      if (!parted && cursor.words[at]?.value === null) return { ...next, whose: true };
    }
    said = next;
  }
}

/** Whether a comma or an "and" stands among some words. */
function isParted(cursor: QuickCursor, from: number, to: number): boolean {
  return cursor.words.slice(from, to).some(({ stem }) => [',', '.', 'and'].includes(stem));
}

/** What is said so far with the qualifier at a word; null when there is none. */
function qualifierAt(cursor: QuickCursor, at: number, said: Said, where: 'before' | 'after'): Said | null {
  const word = cursor.words[at];
  if (!word) return null;
  if (word.value !== null) {
    if (['%', 'percent'].includes(cursor.stem(at + 1))) {
      const share = word.value / 100;
      return said.share === null && share > 0 && share <= 1 ? { ...said, share, end: at + 2 } : null;
    }
    if (said.severity !== null || !isSeverity(word.value) || isMeasured(cursor.words, at)) return null;
    // Before a name a number says how bad it is only where nothing else can be meant.
    if (where === 'before' && !meaningOf(cursor.match(at + 1), 'contaminant')) return null;
    return { ...said, severity: word.value, end: at + 1 };
  }
  const match = cursor.match(at);
  const end = at + (match?.count ?? 1);
  const severity = meaningOf(match, 'severity');
  if (severity) return said.severity === null ? { ...said, severity: severity.severity, end } : null;
  const share = meaningOf(match, 'share');
  if (share) return said.share === null ? { ...said, share: share.share, end } : null;
  return meaningOf(match, 'maybe') || (where === 'after' && word.stem === '?')
    ? { ...said, maybe: true, end }
    : null;
}

function isSeverity(value: number): value is Severity {
  return value === 1 || value === 2 || value === 3 || value === 4;
}
