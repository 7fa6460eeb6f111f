import { CATALOGUE } from '../catalogue/catalogue.ts';
import { areOpposed } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/** Agents of a visit that a sprayer carries, in the order of the faces. */
export function sprayedAgents(surfaces: readonly TreatedSurface[]): readonly Agent[] {
  const ids = surfaces.flatMap((p) =>
    (p.treatment?.stages ?? []).flatMap((s) =>
      s.apply && s.tool !== null && CATALOGUE.tool(s.tool).machines.includes('sprayer')
        ? [s.apply.agent]
        : [],
    ),
  );
  return [...new Set(ids)].map(CATALOGUE.agent);
}

/** Agents put together one by one, each into the first group that has nothing against it. */
export function groupsThatGoTogether(agents: readonly Agent[]): readonly (readonly Agent[])[] {
  const groups: Agent[][] = [];
  for (const agent of agents) {
    const group = groups.find((g) => !g.some((other) => areOpposed(agent, other)));
    if (group) group.push(agent);
    else groups.push([agent]);
  }
  return groups;
}
