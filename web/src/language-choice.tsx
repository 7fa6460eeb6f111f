import { GlobalOutlined } from '@ant-design/icons';
import { LANGUAGE } from '@etappe/core/language';
import { LANGUAGE_NAMES, LANGUAGES } from '@etappe/core/speak';
import { chooseLanguage } from './language/device-language.ts';
import { say } from './messages/app.ts';
import './language-choice.css';

/** In which language this device reads: the device's own list of choices behind a sign, so that the first page stays light. */
export function LanguageChoice() {
  return (
    <span className="language-choice">
      <GlobalOutlined aria-hidden />
      <select
        aria-label={say('language')}
        value={LANGUAGE}
        onChange={({ target }) => {
          const chosen = LANGUAGES.find((language) => language === target.value);
          if (chosen) chooseLanguage(chosen);
        }}
      >
        {LANGUAGES.map((language) => (
          <option key={language} value={language} lang={language}>
            {LANGUAGE_NAMES[language]}
            {language === 'es' ? ` · ${say('crew-order-and-safety')}` : ''}
          </option>
        ))}
      </select>
    </span>
  );
}
