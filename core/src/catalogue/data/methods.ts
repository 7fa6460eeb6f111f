import { inLanguage } from '../../language/in-language.ts';
import type { Method } from '../method.ts';
import { HAND_METHODS } from './methods/by-hand.ts';
import { FINISHING_METHODS } from './methods/finishing.ts';
import { GREASE_METHODS } from './methods/grease.ts';
import { GROWTH_METHODS } from './methods/growth.ts';
import { ROOF_METHODS } from './methods/roofs.ts';
import { SOIL_METHODS } from './methods/soil.ts';
import { STAIN_METHODS } from './methods/stains.ts';
import { TAG_METHODS } from './methods/tags.ts';
import { TIMBER_METHODS } from './methods/timber.ts';

/** Every way of treating that the catalogue knows. */
export const METHODS: readonly Method[] = inLanguage(
  [
    ...GROWTH_METHODS,
    ...TIMBER_METHODS,
    ...STAIN_METHODS,
    ...GREASE_METHODS,
    ...TAG_METHODS,
    ...ROOF_METHODS,
    ...SOIL_METHODS,
    ...HAND_METHODS,
    ...FINISHING_METHODS,
  ],
  { words: ['what'] },
);
