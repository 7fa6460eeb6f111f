import type { LengthUnit } from '../quantity/length.ts';
import { TapeError } from './tape-fault.ts';
import { TAPE_SHAPES } from './tape-shape.ts';
import type { TapeShape } from './tape-shape.ts';

export type AreaUnit = 'm2' | 'sqft' | 'acre' | 'are' | 'ha';

export type TapeToken = { readonly at: number; readonly length: number; readonly text: string } & (
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'unit'; readonly unit: LengthUnit }
  | { readonly kind: 'area-unit'; readonly unit: AreaUnit }
  | { readonly kind: 'shape'; readonly shape: TapeShape }
  | { readonly kind: Sign | 'pieces' | 'of' | 'degrees' | 'fill' | 'end' }
);
type Sign = '+' | '-' | 'x' | '*' | '(' | ')' | ',' | '@' | ':' | '%';

const LENGTH_WORDS: Readonly<Record<string, LengthUnit>> = {
  m: 'm',
  metre: 'm',
  metres: 'm',
  meter: 'm',
  meters: 'm',
  cm: 'cm',
  mm: 'mm',
  ft: 'ft',
  foot: 'ft',
  feet: 'ft',
  "'": 'ft',
  '′': 'ft',
  '’': 'ft',
  in: 'in',
  inch: 'in',
  inches: 'in',
  '"': 'in',
  '″': 'in',
  '”': 'in',
  yd: 'yd',
  yard: 'yd',
  yards: 'yd',
  // Running.
  lf: 'ft',
  lm: 'm',
  rm: 'm',
  lfm: 'm',
};
const AREA_WORDS: Readonly<Record<string, AreaUnit>> = {
  m2: 'm2',
  'm²': 'm2',
  sqm: 'm2',
  sqft: 'sqft',
  ft2: 'sqft',
  'ft²': 'sqft',
  sf: 'sqft',
  squarefoot: 'sqft',
  squarefeet: 'sqft',
  qm: 'm2',
  squaremetre: 'm2',
  squaremetres: 'm2',
  squaremeter: 'm2',
  squaremeters: 'm2',
  acre: 'acre',
  acres: 'acre',
  a: 'are',
  are: 'are',
  ares: 'are',
  ha: 'ha',
  hectare: 'ha',
  hectares: 'ha',
};
const DEGREE_WORDS: ReadonlySet<string> = new Set(['deg', 'degree', 'degrees', '°']);
const PIECE_WORDS: ReadonlySet<string> = new Set([
  'pcs',
  'pc',
  'piece',
  'pieces',
  'no',
  'nos',
  'ea',
  'each',
  'stk',
]);
/** Said before a length, and nothing else than that. */
const FILL_WORDS: ReadonlySet<string> = new Set(['perimeter', 'girth', 'total']);
/** Signs as they are said. */
const SIGN_WORDS: Readonly<Record<string, Sign>> = {
  by: 'x',
  times: 'x',
  plus: '+',
  minus: '-',
  less: '-',
  without: '-',
};
const SIGNS: Readonly<Record<string, Sign>> = {
  '+': '+',
  '-': '-',
  '−': '-',
  '–': '-',
  '*': '*',
  '×': 'x',
  '(': '(',
  ')': ')',
  '@': '@',
  ':': ':',
  '%': '%',
  ';': ',',
};

/** A number and its unit may be several words: "sq. ft", "no.". */
const WORD = /^(?:m²|ft²|m2|ft2|sq\.?\s*(?:ft|m)\b|square\s+[a-z]+|no\.|[a-z]+|['"′″’”°])/i;
/** A number, or a whole one with a fraction as tapes in inches have it: `6 1/2`. */
const NUMBER = /^(?:(?:(\d+)\s+)?(\d+)\/(\d+)|\d+(?:\.\d*)?|\.\d+)/;
/** The same with one of the signs for a fraction. */
const FRACTION = /^(\d+)?\s*([½¼¾⅓⅔⅛⅜⅝⅞])/;
const FRACTIONS: Readonly<Record<string, number>> = {
  '½': 1 / 2,
  '¼': 1 / 4,
  '¾': 3 / 4,
  '⅓': 1 / 3,
  '⅔': 2 / 3,
  '⅛': 1 / 8,
  '⅜': 3 / 8,
  '⅝': 5 / 8,
  '⅞': 7 / 8,
};

/**
 * The words of a tape expression, ending with an `end` token.
 * @throws TapeError at the first character that belongs to no word
 */
export function tapeTokens(text: string): readonly TapeToken[] {
  const tokens: TapeToken[] = [];
  // One entry per open bracket: whether it holds the lengths of a shape, which commas part.
  const brackets: boolean[] = [];
  let at = 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const space = /^\s+/.exec(rest);
    if (space) {
      at += space[0].length;
      continue;
    }
    const token = readToken(rest, at, { inList: brackets.at(-1) === true, inShape: brackets.includes(true) });
    if (token.kind === '(') brackets.push(tokens.at(-1)?.kind === 'shape');
    if (token.kind === ')') brackets.pop();
    if (token.kind !== 'fill') tokens.push(token);
    at += token.length;
  }
  tokens.push({ kind: 'end', at: text.length, length: 0, text: '' });
  return tokens;
}

/** Whether the next brackets around are those of a shape, or any are. */
interface Around {
  readonly inList: boolean;
  readonly inShape: boolean;
}

function readToken(rest: string, at: number, around: Around): TapeToken {
  if (around.inList && rest.startsWith(',')) return { kind: ',', at, length: 1, text: ',' };
  return numberAt(rest, at, around) ?? signAt(rest, at) ?? wordAt(rest, at);
}

function numberAt(rest: string, at: number, { inList, inShape }: Around): TapeToken | undefined {
  const comma = inList ? undefined : commaNumberAt(rest, at, inShape);
  if (comma) return comma;
  const fraction = FRACTION.exec(rest);
  if (fraction) {
    const [text, whole = '0', sign = ''] = fraction;
    return { kind: 'number', value: Number(whole) + (FRACTIONS[sign] ?? 0), at, length: text.length, text };
  }
  const match = NUMBER.exec(rest);
  if (!match) return undefined;
  const [text, whole, above, below] = match;
  if (below !== undefined && Number(below) === 0) {
    throw new TapeError({ message: `${text} divides by 0`, position: at, length: text.length });
  }
  const value =
    above === undefined || below === undefined
      ? Number(text)
      : Number(whole ?? 0) + Number(above) / Number(below);
  return { kind: 'number', value, at, length: text.length, text };
}

/** With a decimal comma; three figures behind it may be thousands as well. */
function commaNumberAt(rest: string, at: number, inShape: boolean): TapeToken | undefined {
  const found = /^(\d+),(\d+)(,\d+)*/.exec(rest);
  if (!found) return undefined;
  const [text, whole = '', behind = '', more] = found;
  const point = `${whole}.${behind}`;
  if (inShape)
    throw new TapeError({
      message: `commas part the lengths of a shape, decimals take a point: write ${point}`,
      position: at,
      length: text.length,
      proposal: point,
    });
  if (behind.length === 3 || more !== undefined)
    throw new TapeError({
      message: `${text} can be read in two ways: write ${point} for the decimals, ${text.replaceAll(',', '')} for the thousands`,
      position: at,
      length: text.length,
    });
  return { kind: 'number', value: Number(point), at, length: text.length, text };
}

function signAt(rest: string, at: number): TapeToken | undefined {
  const sign = SIGNS[rest.charAt(0)];
  if (sign) return { kind: sign, at, length: 1, text: rest.charAt(0) };
  // "x" multiplies when a number, a bracket or a space follows it; "xyz" is an unknown word.
  return /^x(?![a-z])/i.test(rest) ? { kind: 'x', at, length: 1, text: rest.charAt(0) } : undefined;
}

function wordAt(rest: string, at: number): TapeToken {
  const word = WORD.exec(rest)?.[0];
  if (word === undefined) {
    throw new TapeError({
      message: `"${rest.charAt(0)}" has no meaning in a measurement`,
      position: at,
      length: 1,
    });
  }
  const text = /^(m2|ft2|m²|ft²)/i.exec(word)?.[0] ?? word;
  const lower = text.toLowerCase().replace(/[.\s]/g, '');
  const placed = { at, length: text.length, text };
  const sign = SIGN_WORDS[lower];
  if (sign) return { kind: sign, ...placed };
  if (FILL_WORDS.has(lower)) return { kind: 'fill', ...placed };
  if (lower === 'of') return { kind: 'of', ...placed };
  const area = AREA_WORDS[lower];
  if (area) return { kind: 'area-unit', unit: area, ...placed };
  const unit = LENGTH_WORDS[lower];
  if (unit) return { kind: 'unit', unit, ...placed };
  const shape = TAPE_SHAPES.find((name) => name === lower);
  if (shape) return { kind: 'shape', shape, ...placed };
  if (DEGREE_WORDS.has(lower)) return { kind: 'degrees', ...placed };
  if (PIECE_WORDS.has(lower)) return { kind: 'pieces', ...placed };
  throw unknownWord(word, at);
}

function unknownWord(word: string, at: number): TapeError {
  const place = { position: at, length: word.length };
  const words = [...Object.keys(LENGTH_WORDS), ...Object.keys(AREA_WORDS), ...TAPE_SHAPES].filter((w) =>
    /^[a-z]{2}/.test(w),
  );
  const meant = word.length < 3 ? undefined : words.find((w) => slips(word.toLowerCase(), w) === 1);
  return meant === undefined
    ? new TapeError({
        message: `"${word}" is not a unit or shape that the tape knows: use m, cm, mm, ft, in, yd, m2, sqft, acre, ha, pcs, or tri( ), circle( ), gable( )`,
        ...place,
      })
    : new TapeError({
        message: `"${word}" is not a word of the tape: did you mean ${meant}`,
        ...place,
        proposal: meant,
      });
}

/** Letters to add, drop, change or swap with their neighbour (Damerau), counted no further than 2. */
function slips(a: string, b: string): number {
  if (Math.abs(a.length - b.length) > 1) return 2;
  let start = 0;
  while (start < a.length && a[start] === b[start]) start += 1;
  if (start === a.length) return b.length - a.length;
  const rest = (x: string, skip: number) => x.slice(start + skip);
  const one =
    rest(a, 1) === rest(b, 1) ||
    rest(a, 1) === rest(b, 0) ||
    rest(a, 0) === rest(b, 1) ||
    (a[start] === b[start + 1] && a[start + 1] === b[start] && rest(a, 2) === rest(b, 2));
  return one ? 1 : 2;
}
