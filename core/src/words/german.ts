import type { Words } from '../language/language.ts';
import { GERMAN_CATALOGUE } from './german/catalogue.ts';
import { GERMAN_MESSAGES } from './german/messages.ts';

/** German, whole. */
export const GERMAN: Words = { language: 'de', messages: GERMAN_MESSAGES, catalogue: GERMAN_CATALOGUE };
