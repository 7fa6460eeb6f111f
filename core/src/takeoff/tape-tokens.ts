import type { LengthUnit } from '../quantity/length.ts';
import { TapeError } from './tape-fault.ts';

export type AreaUnit = 'm2' | 'sqft';

export type TapeToken = { readonly at: number; readonly length: number; readonly text: string } & (
  | { readonly kind: 'number'; readonly value: number }
  | { readonly kind: 'unit'; readonly unit: LengthUnit }
  | { readonly kind: 'area-unit'; readonly unit: AreaUnit }
  | { readonly kind: '+' | '-' | 'x' | '(' | ')' | 'end' }
);

const LENGTH_WORDS: Readonly<Record<string, LengthUnit>> = {
  m: 'm', metre: 'm', metres: 'm', meter: 'm', meters: 'm',
  cm: 'cm', mm: 'mm',
  ft: 'ft', foot: 'ft', feet: 'ft', "'": 'ft', '′': 'ft',
  in: 'in', inch: 'in', inches: 'in', '"': 'in', '″': 'in',
  yd: 'yd', yard: 'yd', yards: 'yd',
}; // prettier-ignore
const AREA_WORDS: Readonly<Record<string, AreaUnit>> = {
  m2: 'm2',
  'm²': 'm2',
  sqm: 'm2',
  sqft: 'sqft',
  ft2: 'sqft',
  'ft²': 'sqft',
};
const SIGNS: Readonly<Record<string, '+' | '-' | 'x' | '(' | ')'>> = {
  '+': '+', '-': '-', '−': '-', '–': '-', '*': 'x', '×': 'x', '(': '(', ')': ')',
}; // prettier-ignore

const WORD = /^(?:m²|ft²|m2|ft2|[a-z]+|['"′″])/i;

/**
 * The words of a tape expression, ending with an `end` token.
 * @throws TapeError at the first character that belongs to no word
 */
export function tapeTokens(text: string): readonly TapeToken[] {
  const tokens: TapeToken[] = [];
  let at = 0;
  while (at < text.length) {
    const rest = text.slice(at);
    const space = /^\s+/.exec(rest);
    if (space) {
      at += space[0].length;
      continue;
    }
    const token = numberAt(rest, at) ?? signAt(rest, at) ?? wordAt(rest, at);
    tokens.push(token);
    at += token.length;
  }
  tokens.push({ kind: 'end', at: text.length, length: 0, text: '' });
  return tokens;
}

function numberAt(rest: string, at: number): TapeToken | undefined {
  const comma = /^\d+,\d+/.exec(rest);
  if (comma) {
    const proposal = comma[0].replace(',', '.');
    throw new TapeError({
      message: `decimals take a point: write ${proposal}`,
      position: at,
      length: comma[0].length,
      proposal,
    });
  }
  const match = /^(?:\d+(?:\.\d*)?|\.\d+)/.exec(rest);
  if (!match) return undefined;
  return { kind: 'number', value: Number(match[0]), at, length: match[0].length, text: match[0] };
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
  const spelled = /^(m2|ft2|m²|ft²)/i.exec(word)?.[0] ?? word;
  const lower = spelled.toLowerCase();
  const area = AREA_WORDS[lower];
  if (area) return { kind: 'area-unit', unit: area, at, length: spelled.length, text: spelled };
  const unit = LENGTH_WORDS[lower];
  if (unit) return { kind: 'unit', unit, at, length: spelled.length, text: spelled };
  throw new TapeError({
    message: `"${word}" is not a unit that the tape knows: use m, cm, mm, ft, in, yd, m2 or sqft`,
    position: at,
    length: word.length,
  });
}
