import type { Agent, AgentClass } from '../agent.ts';

/** How long a mix may stand, and whether its container may be closed. Trade defaults; the label comes first. */
export interface MixLife {
  readonly hours: number;
  /** It gives off gas: closed up it bursts. */
  readonly neverClosed: boolean;
}

const USUAL: MixLife = { hours: 72, neverClosed: false };

const BY_CLASS: Readonly<Partial<Record<AgentClass, MixLife>>> = {
  // Weak chlorine loses strength by the hour in the sun, and gives off gas where anything falls in.
  hypochlorite: { hours: 24, neverClosed: true },
  peroxide: { hours: 4, neverClosed: true },
  neutraliser: { hours: 24, neverClosed: false },
  quaternary: { hours: 24, neverClosed: false },
  enzyme: { hours: 8, neverClosed: false },
  herbicide: { hours: 8, neverClosed: false },
};

/** What differs from the class. */
const BY_AGENT: Readonly<Record<string, MixLife>> = {
  // It bubbles its oxygen off from the moment it is dissolved.
  percarbonate: { hours: 1, neverClosed: true },
  'hydrogen-peroxide': { hours: 24, neverClosed: true },
  'sodium-ascorbate': { hours: 2, neverClosed: false },
};

/** One figure an agent, for mixes, order, load and the judge of the day alike. */
export function mixLife({ id, class: agentClass }: Pick<Agent, 'id' | 'class'>): MixLife {
  return BY_AGENT[id] ?? BY_CLASS[agentClass] ?? USUAL;
}
