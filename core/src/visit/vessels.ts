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

/**
 * Which sprayer carries which agent: each its own where there are enough, else those share one that go together; where even
 * that is too many, opposed ones share the last.
 * @returns names of sprayers by agent
 */
export function shareVessels(
  surfaces: readonly TreatedSurface[],
  sprayers: number,
): ReadonlyMap<string, string> {
  const agents = sprayedAgents(surfaces);
  const groups = agents.length <= sprayers ? agents.map((agent) => [agent]) : groupsThatGoTogether(agents);
  return new Map(
    groups.flatMap((group, i) =>
      group.map((agent) => [agent.id, `sprayer ${Math.min(i + 1, Math.max(1, sprayers))}`] as const),
    ),
  );
}
