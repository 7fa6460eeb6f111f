import { LANGUAGES } from '@etappe/core/speak';
import type { Language } from '@etappe/core/speak';

const KEY = 'etappe.language';

const known = (name: string | null): Language | null =>
  LANGUAGES.find((language) => language === name) ?? null;

/** As it was chosen on this device; until then what the device itself speaks, where Etappe does. */
export function deviceLanguage(): Language {
  return known(localStorage.getItem(KEY)) ?? known(navigator.language.slice(0, 2)) ?? 'en';
}

/** From the next page on: what is said is settled when a page is loaded. */
export function chooseLanguage(language: Language): void {
  localStorage.setItem(KEY, language);
  location.reload();
}
