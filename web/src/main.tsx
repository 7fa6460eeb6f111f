import { deviceLanguage } from './language/device-language.ts';
import { speakAs } from './language/speak-as.ts';

const language = deviceLanguage();
document.documentElement.lang = language;
await speakAs(language);
await import('./application.tsx');
