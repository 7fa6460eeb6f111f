import type { Words } from '../language/language.ts';
import { SPANISH_CATALOGUE } from './spanish/catalogue.ts';
import { SPANISH_MESSAGES } from './spanish/messages.ts';

/** Spanish for what a crew reads; the rest is said in English. */
export const SPANISH: Words = { language: 'es', messages: SPANISH_MESSAGES, catalogue: SPANISH_CATALOGUE };
