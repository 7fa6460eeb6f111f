/** A word, number or sign of a quick line, at its place. */
export interface QuickWord {
  readonly at: number;
  readonly length: number;
  readonly kind: 'word' | 'number' | 'sign' | 'quoted';
  /** What to compare by: without case, accents, plural and spelling of the other side of the Atlantic. */
  readonly stem: string;
  /** Of a number, and of a number that is written as a word. */
  readonly value: number | null;
}

const NUMBER_WORDS = [
  'zero',
  'one',
  'two',
  'three',
  'four',
  'five',
  'six',
  'seven',
  'eight',
  'nine',
  'ten',
  'eleven',
  'twelve',
  'thirteen',
  'fourteen',
  'fifteen',
  'sixteen',
  'seventeen',
  'eighteen',
  'nineteen',
  'twenty',
];

/** Spellings of one word; the first is the one that the catalogue uses. */
const SPELLINGS: readonly (readonly [string, string])[] = [
  ['aluminium', 'aluminum'],
  ['mould', 'mold'],
  ['grey', 'gray'],
  ['metre', 'meter'],
  ['oxidised', 'oxidized'],
  ['kerb', 'curb'],
  ['pavement', 'sidewalk'],
];

const QUOTED = /(?<![\d.])["“”„]([^"“”„\n]{1,120})["“”]/uy;
const NUMBER = /\d+(?:[.,]\d+)?(?:\/\d+)?/y;
const AREA_UNIT = /(?:m|ft)[2²](?![\p{L}\d])/iuy;
const WORD = /\p{L}[\p{L}\p{M}]*(?:['’-]\p{L}[\p{L}\p{M}]*)*/uy;
const SPACE = /[^\S\n]+/y;
const SIGN = /\n|[^\s]/uy;

/** The words of a line, in order. */
export function quickWords(line: string): readonly QuickWord[] {
  const words: QuickWord[] = [];
  let at = 0;
  const take = (pattern: RegExp): RegExpExecArray | null => {
    pattern.lastIndex = at;
    return pattern.exec(line);
  };
  while (at < line.length) {
    const space = take(SPACE);
    if (space) {
      at += space[0].length;
      continue;
    }
    const word = nextWord(take, at);
    words.push(word);
    at += word.length;
  }
  return words;
}

function nextWord(take: (pattern: RegExp) => RegExpExecArray | null, at: number): QuickWord {
  const quoted = take(QUOTED);
  if (quoted)
    return { at, length: quoted[0].length, kind: 'quoted', stem: (quoted[1] ?? '').trim(), value: null };
  const number = take(NUMBER);
  if (number) {
    const text = number[0].replace(',', '.');
    const [above = '', below] = text.split('/');
    const value = below === undefined ? Number(text) : Number(above) / Number(below);
    return { at, length: number[0].length, kind: 'number', stem: text, value };
  }
  const word = take(AREA_UNIT) ?? take(WORD);
  if (word) {
    const stem = stemOf(word[0]);
    const value = NUMBER_WORDS.indexOf(stem);
    return { at, length: word[0].length, kind: 'word', stem, value: value < 0 ? null : value };
  }
  const sign = take(SIGN)?.[0] ?? ' ';
  return { at, length: sign.length, kind: 'sign', stem: sign, value: null };
}

/** @example stemOf('Décks') // "deck" */
export function stemOf(word: string): string {
  const plain = word
    .toLowerCase()
    .normalize('NFKD')
    .replace(/\p{M}/gu, '')
    .replaceAll('’', "'")
    .replace(/'s$/, '');
  const singular = /(?:sh|ch|x|ss)es$/.test(plain)
    ? plain.slice(0, -2)
    : plain.length > 3 && /[^su]s$/.test(plain)
      ? plain.slice(0, -1)
      : plain;
  return SPELLINGS.find(([, other]) => other === singular)?.[0] ?? singular;
}

/** The stems of a phrase. @example stemsOf('Drum wall, north') // ['drum', 'wall', 'north'] */
export function stemsOf(phrase: string): readonly string[] {
  return quickWords(phrase)
    .filter((word) => word.kind !== 'sign')
    .map((word) => word.stem);
}
