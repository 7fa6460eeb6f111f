import { deviceLanguage } from './language/device-language.ts';
import { speakAs } from './language/speak-as.ts';

document.documentElement.lang = await speakAs(deviceLanguage());
await import('./application.tsx');
