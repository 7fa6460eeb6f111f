import { word } from '../language/in-language.ts';
import { LANGUAGE, LOCALE } from '../language/spoken.ts';

/** A word at the head of a sentence. */
export function upperFirst(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}

/** A name in the middle of a sentence; where nouns are written large it stays as it is. */
export function lowerFirst(text: string): string {
  return LANGUAGE === 'de' ? text : text.charAt(0).toLowerCase() + text.slice(1);
}

const lists = new Intl.ListFormat(LOCALE);

/** "A, B and C"; of a long list the first, and how many more. */
export function listed(names: readonly string[], most = 4): string {
  const shown = names.length > most ? names.slice(0, most - 1) : names;
  const more = names.length - shown.length;
  return lists.format(more > 0 ? [...shown, `${more} ${word('more')}`] : shown);
}

/** A text or a number as words; nothing for what is neither, whatever came in its place. */
export function wordsOf(value: unknown): string {
  return typeof value === 'string' || typeof value === 'number' ? String(value) : '';
}
