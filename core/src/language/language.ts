/** Languages in which people read: English whole, German whole, Spanish for crew order and safety. */
export const LANGUAGES = ['en', 'de', 'es'] as const;
export type Language = (typeof LANGUAGES)[number];

/** What each language calls itself. */
export const LANGUAGE_NAMES: Readonly<Record<Language, string>> = {
  en: 'English',
  de: 'Deutsch',
  es: 'Español',
};

/** How each writes numbers, lists and days; Spanish as it is written in America, where crews read it. */
export const LOCALES: Readonly<Record<Language, string>> = { en: 'en-GB', de: 'de', es: 'es-MX' };

/** A language with its words. What it lacks is said in English. */
export interface Words {
  readonly language: Language;
  /** ICU texts by the id of their message. */
  readonly messages: Readonly<Record<string, string>>;
  /** Words of the catalogue by what they are in English. */
  readonly catalogue: Readonly<Record<string, string>>;
}

/** English stands in the code itself. */
export const ENGLISH_WORDS: Words = { language: 'en', messages: {}, catalogue: {} };
