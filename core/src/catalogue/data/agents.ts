import { inLanguage } from '../../language/in-language.ts';
import type { Agent, AgentClass, AgentOfClass } from '../agent.ts';
import { ACIDS_AND_ALKALIS } from './agents/acids-and-alkalis.ts';
import { COATINGS } from './agents/coatings.ts';
import { GROWTH_AGENTS } from './agents/growth.ts';
import { NEUTRAL_AGENTS } from './agents/neutral.ts';
import { REMOVERS } from './agents/removers.ts';

/** Classes that hurt whoever does not know them: an apprentice is not left alone with these. */
const FOR_TRAINED: readonly AgentClass[] = [
  'hypochlorite',
  'caustic',
  'acid',
  'peroxide',
  'solvent',
  'herbicide',
];

const withClass = (agent: AgentOfClass): Agent => ({
  ...agent,
  apprenticeNeverAlone: FOR_TRAINED.includes(agent.class),
});

export const AGENTS: readonly Agent[] = inLanguage(
  [...GROWTH_AGENTS, ...ACIDS_AND_ALKALIS, ...NEUTRAL_AGENTS, ...REMOVERS, ...COATINGS].map(withClass),
  { values: ['basis'], words: ['attacks', 'protection'] },
);
