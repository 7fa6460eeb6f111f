import { LANGUAGE } from '@etappe/core/language';
import type { Locale } from 'antd/es/locale';

/** What the library of components says itself, as in the language of the page; its own English where there is none. */
export const componentWords: Locale | null =
  LANGUAGE === 'de'
    ? (await import('antd/locale/de_DE')).default
    : LANGUAGE === 'es'
      ? (await import('antd/locale/es_ES')).default
      : null;
