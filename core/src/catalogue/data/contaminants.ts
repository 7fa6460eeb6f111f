import { inLanguage } from '../../language/in-language.ts';
import type { Contaminant } from '../contaminant.ts';
import { GROWTH } from './contaminants/growth.ts';
import { SOIL } from './contaminants/soil.ts';
import { STAINS } from './contaminants/stains.ts';
import { WEAR } from './contaminants/wear.ts';

export const CONTAMINANTS: readonly Contaminant[] = inLanguage([...GROWTH, ...STAINS, ...SOIL, ...WEAR], {
  values: ['synonyms'],
  words: ['cues'],
});
