import { ENGLISH_WORDS, LOCALES } from './language.ts';
import type { Language, Words } from './language.ts';
import { SPOKEN_HERE } from './speak.ts';
import type { Here } from './speak.ts';

/** The words of this page, worker or thread, as they were settled before it was loaded; English where nobody did. */
export const SPOKEN: Words = (globalThis as Here)[SPOKEN_HERE] ?? ENGLISH_WORDS;

/** In which people read: of messages and of numbers alike. */
export const LANGUAGE: Language = SPOKEN.language;
export const LOCALE = LOCALES[LANGUAGE];
