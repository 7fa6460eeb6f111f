import type { Agent } from '../agent.ts';
import { ACIDS_AND_ALKALIS } from './agents/acids-and-alkalis.ts';
import { COATINGS } from './agents/coatings.ts';
import { GROWTH_AGENTS } from './agents/growth.ts';
import { NEUTRAL_AGENTS } from './agents/neutral.ts';
import { REMOVERS } from './agents/removers.ts';

export const AGENTS: readonly Agent[] = [
  ...GROWTH_AGENTS,
  ...ACIDS_AND_ALKALIS,
  ...NEUTRAL_AGENTS,
  ...REMOVERS,
  ...COATINGS,
];
