import type { Words } from './language.ts';

export { LANGUAGES, LANGUAGE_NAMES } from './language.ts';
export type { Language } from './language.ts';

/** Where the words of a page, a worker or a thread lie. */
export const SPOKEN_HERE = 'etappeWords';
export interface Here {
  [SPOKEN_HERE]?: Words;
}

/**
 * Settles the language of this page, worker or thread, once and before anything else of Etappe is loaded: sentences that are
 * constants are said as they load, and no document ever has two languages.
 */
export function speak(words: Words): void {
  (globalThis as Here)[SPOKEN_HERE] = words;
}
