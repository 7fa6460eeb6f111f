import { speak } from '@etappe/core/speak';
import type { Language } from '@etappe/core/speak';

/**
 * Fetches the words of a language and settles it, before anything that says something is loaded. English needs none, and stays
 * where the others cannot be fetched: a page in English is more than none.
 * @returns what is spoken from now on
 */
export async function speakAs(language: Language): Promise<Language> {
  try {
    await fetched(language);
    return language;
  } catch {
    return 'en';
  }
}

async function fetched(language: Language): Promise<void> {
  if (language === 'de') {
    const [{ GERMAN }, { GERMAN_PAGES }] = await Promise.all([
      import('@etappe/core/german'),
      import('../messages/german/german-pages.ts'),
    ]);
    speak({ ...GERMAN, messages: { ...GERMAN.messages, ...GERMAN_PAGES } });
  }
  if (language === 'es') {
    const [{ SPANISH }, { SPANISH_PAGES }] = await Promise.all([
      import('@etappe/core/spanish'),
      import('../messages/spanish/spanish-pages.ts'),
    ]);
    speak({ ...SPANISH, messages: { ...SPANISH.messages, ...SPANISH_PAGES } });
  }
}
