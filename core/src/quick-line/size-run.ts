import type { UnitSystem } from '../quantity/unit-system.ts';
import { takeOffArea, takeOffLength } from '../takeoff/take-off.ts';
import type { QuickWord } from './quick-words.ts';

/** A measurement that begins at a word. */
export type SizeReading =
  | { readonly kind: 'area'; readonly text: string; readonly squareMetres: number; readonly count: number }
  | { readonly kind: 'length'; readonly text: string; readonly metres: number; readonly count: number }
  | { readonly kind: 'number'; readonly value: number; readonly count: number }
  | { readonly kind: 'fault'; readonly message: string; readonly count: number };

/** Words of the tape language, and what people say for them. Not "yard" and "in": those are mostly something else. */
const TAPE_WORDS: Readonly<Record<string, string>> = {
  x: 'x',
  by: 'x',
  time: 'x',
  plus: '+',
  minus: '-',
  less: '-',
  m: 'm',
  metre: 'm',
  cm: 'cm',
  mm: 'mm',
  ft: 'ft',
  feet: 'ft',
  foot: 'ft',
  inch: 'in',
  yd: 'yd',
  m2: 'm2',
  'm²': 'm2',
  ft2: 'sqft',
  sqm: 'm2',
  sqft: 'sqft',
  mx: 'm x',
  ftx: 'ft x',
  cmx: 'cm x',
  mmx: 'mm x',
  deg: 'deg',
  degree: 'deg',
  pc: 'pcs',
  piece: 'pcs',
  tri: 'tri',
  circle: 'circle',
  gable: 'gable',
};
const TAPE_SIGNS = new Set(['+', '-', '−', '–', '*', '×', '(', ')', '@', ':', '°', "'", '"', '′', '″']);
const SQUARE: Readonly<Record<string, string>> = {
  m: 'm2',
  metre: 'm2',
  ft: 'sqft',
  feet: 'sqft',
  foot: 'sqft',
};
const SHAPES = new Set(['tri', 'circle', 'gable']);
/** Longer runs are no measurement of one surface. */
const MOST_WORDS = 80;
const MOST_FACTORS = 6;

/**
 * The longest measurement that begins at a word: an area, a length, or a mere number.
 * @example sizeAt(quickWords('twelve by six'), 0, 'metric') // { kind: 'area', text: '12 x 6', squareMetres: 72, count: 3 }
 */
export function sizeAt(words: readonly QuickWord[], from: number, units: UnitSystem): SizeReading | null {
  const run = runAt(words, from);
  const first = words[from];
  if (first?.stem === '(' && !run.some((token) => /\d/.test(token))) return null;
  for (let count = run.length; count > 0;) {
    const text = run.slice(0, count).join(' ').replace(/\s+/g, ' ').trim();
    if (count === 1 && first && first.value !== null)
      return wholeFault(run, units) ?? { kind: 'number', value: first.value, count };
    if (run[count - 1] === '' || !isBalanced(run, count)) {
      count -= 1;
      continue;
    }
    const area = takeOffArea(text, units);
    if (area.ok) return { kind: 'area', text: tidy(text), squareMetres: area.squareMetres, count };
    const length = takeOffLength(text, units);
    if (length.ok) return { kind: 'length', text: tidy(text), metres: length.metres, count };
    // Nothing that goes on past the fault can be read either.
    count = Math.min(count - 1, Math.max(1, wordsBefore(run, count, area.fault.position)));
  }
  return null;
}

function isBalanced(run: readonly string[], count: number): boolean {
  let open = 0;
  for (const token of run.slice(0, count)) open += token === '(' ? 1 : token === ')' ? -1 : 0;
  return open === 0;
}

/** How many words end before a place of their joined text; all but one where that tells nothing. */
function wordsBefore(run: readonly string[], count: number, position: number): number {
  if (position === 0) return count - 1;
  let end = 0;
  for (let i = 0; i < count; i += 1) {
    end += (run[i]?.length ?? 0) + (run[i] === '' ? 0 : 1);
    if (end > position) return i;
  }
  return count - 1;
}

/** What is wrong with a run that multiplies and yet measures nothing, as in 0x3. */
function wholeFault(run: readonly string[], units: UnitSystem): SizeReading | null {
  if (!run.includes('x')) return null;
  const whole = takeOffArea(run.join(' '), units);
  return whole.ok ? null : { kind: 'fault', message: whole.fault.message, count: run.length };
}

/** Whether a number belongs to a measurement of more than itself. */
export function isMeasured(words: readonly QuickWord[], at: number): boolean {
  const word = words[at];
  const next = words[at + 1];
  if (!word || !next) return false;
  // "3x2" and "2m" stand together; "algae 3 x" is a slip that shows.
  if (next.at === word.at + word.length && next.kind === 'word') return true;
  return (
    tapeToken(next, word, words[at + 2], false) !== undefined &&
    !['-', '–', '−', ':', ')'].includes(next.stem) &&
    next.value === null
  );
}

/** What each word from here on is in the tape language, for as long as there is one; empty for one that only opens a pair. */
function runAt(words: readonly QuickWord[], from: number): readonly string[] {
  const run: string[] = [];
  let open = 0;
  let inShape = false;
  let factors = 0;
  for (let i = from; i < words.length && run.length < MOST_WORDS; i += 1) {
    const word = words[i];
    const token = word && tapeToken(word, words[i - 1], words[i + 1], inShape && open > 0);
    if (token === undefined) break;
    if (run.length === 0 && !opens(word)) break;
    // Two numbers side by side are two things, unless the second is a fraction: 6 1/2.
    if (word?.value !== null && words[i - 1]?.value !== null && run.length > 0 && !token.includes('/')) break;
    factors = token === 'x' || token === '*' ? factors + 1 : token === '+' || token === '-' ? 0 : factors;
    if (factors > MOST_FACTORS) break;
    if (token === '(') {
      open += 1;
      inShape ||= SHAPES.has(words[i - 1]?.stem ?? '');
    }
    if (token === ')') {
      open -= 1;
      if (open < 0) break;
      inShape &&= open > 0;
    }
    run.push(token);
  }
  return run;
}

function opens(word: QuickWord | undefined): boolean {
  return word !== undefined && (word.value !== null || word.stem === '(' || SHAPES.has(word.stem));
}

function tapeToken(
  word: QuickWord,
  before: QuickWord | undefined,
  after: QuickWord | undefined,
  inShape: boolean,
): string | undefined {
  if (word.value !== null) {
    // 12x6 50%: the percent is no measurement.
    return after?.stem === '%' ? undefined : word.kind === 'number' ? word.stem : String(word.value);
  }
  if (word.kind === 'sign')
    return TAPE_SIGNS.has(word.stem) || (inShape && word.stem === ',') ? word.stem : undefined;
  if (word.kind !== 'word') return undefined;
  if (word.stem === 'square' || word.stem === 'sq')
    return before?.value !== null && SQUARE[after?.stem ?? ''] !== undefined ? '' : undefined;
  if (before?.stem === 'square' || before?.stem === 'sq') return SQUARE[word.stem];
  // A shape wants its brackets: "gable" alone is a place.
  if (SHAPES.has(word.stem) && after?.stem !== '(') return undefined;
  return TAPE_WORDS[word.stem];
}

/** As people write it: 8x3 - 2(1.2x1.4). */
function tidy(text: string): string {
  return text
    .replaceAll('×', 'x')
    .replace(/(\d) (m2|sqft|m|ft|cm|mm|in|yd|pcs|'|"|′|″|°)(?![a-z0-9])/g, '$1$2')
    .replace(/(['′]) (\d)/g, '$1$2')
    .replace(/\s*(x|\*)\s*/g, '$1')
    .replace(/\(\s+/g, '(')
    .replace(/\s+\)/g, ')')
    .replace(/(\d|tri|circle|gable) \(/g, '$1(')
    .replace(/\s+,/g, ',');
}
