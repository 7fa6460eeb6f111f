import type { AgentClass } from '../agent.ts';

/** What harms what stands around, by kind of feature; plants are harmed by whatever an agent says harms plants. Trade default. */
export const FEATURE_HARMS: Readonly<Record<string, readonly AgentClass[]>> = {
  timber: ['hypochlorite', 'caustic', 'solvent'],
  'bare-metal': ['hypochlorite', 'acid', 'caustic', 'mild-alkaline'],
  glass: ['caustic', 'mild-alkaline', 'coating'],
  'solar-panel': ['hypochlorite', 'acid', 'caustic', 'mild-alkaline', 'solvent', 'coating'],
  vehicle: ['hypochlorite', 'acid', 'caustic', 'solvent', 'coating'],
  bin: ['solvent'],
  furniture: ['hypochlorite', 'acid', 'caustic', 'solvent'],
  goods: ['hypochlorite', 'acid', 'caustic', 'solvent'],
};

export const PLANTED: readonly string[] = ['plant-bed', 'lawn'];

/** How harsh a class is on what it harms, beside the harshest; what is left out harms next to nothing in passing. */
export const HARSHNESS: Readonly<Partial<Record<AgentClass, number>>> = {
  hypochlorite: 1,
  caustic: 1,
  acid: 1,
  solvent: 1,
  herbicide: 1,
  coating: 1,
  'mild-solvent': 0.5,
  thioglycolate: 0.5,
  'mild-alkaline': 0.4,
  peroxide: 0.4,
  quaternary: 0.4,
};
