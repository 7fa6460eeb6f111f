import { AGENT_CLASSES } from '../catalogue/agent.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';

/** Two classes of agents that must never meet in one flow, and by which agents. */
export interface OpposedClasses {
  readonly one: AgentClass;
  readonly other: AgentClass;
  /** Agents of the one class that the rule stands with. */
  readonly agents: readonly string[];
}

/** Classes that the catalogue has agents of. */
export const USED_CLASSES: readonly AgentClass[] = AGENT_CLASSES.filter((c) =>
  CATALOGUE.agents.some((a) => a.class === c),
);

/** Whether two classes must never meet, from either side; null where they may. */
export function opposedClasses(one: AgentClass, other: AgentClass): OpposedClasses | null {
  const agents = CATALOGUE.agents
    .filter(
      (a) =>
        (a.class === one && a.opposedTo.includes(other)) || (a.class === other && a.opposedTo.includes(one)),
    )
    .map((a) => a.name);
  return agents.length === 0 ? null : { one, other, agents };
}
