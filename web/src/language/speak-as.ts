import { speak } from '@etappe/core/speak';
import type { Language } from '@etappe/core/speak';

/** Fetches the words of a language and settles it; English needs none. Before anything that says something is loaded. */
export async function speakAs(language: Language): Promise<void> {
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
