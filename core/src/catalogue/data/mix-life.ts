import type { AgentClass } from '../agent.ts';

/** How long a mix may stand, and whether its container may be closed. Trade defaults; the label comes first. */
export interface MixLife {
  readonly hours: number;
  /** It gives off gas: closed up it bursts. */
  readonly neverClosed: boolean;
}

const USUAL: MixLife = { hours: 72, neverClosed: false };

const BY_CLASS: Readonly<Partial<Record<AgentClass, MixLife>>> = {
  hypochlorite: { hours: 24, neverClosed: false },
  peroxide: { hours: 4, neverClosed: true },
  neutraliser: { hours: 24, neverClosed: false },
  quaternary: { hours: 168, neverClosed: false },
};

export function mixLife(agentClass: AgentClass): MixLife {
  return BY_CLASS[agentClass] ?? USUAL;
}
