import { speakFirst } from '../language/speaking-worker.ts';

void speakFirst(() => import('./file-reader.ts'));
