import { machineCounts } from '../survey/job-detail.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import { groupsThatGoTogether, sprayedAgents } from '../visit/vessels.ts';
import type { Warning } from './warning.ts';

/**
 * Each agent has a sprayer of its own. Fewer sprayers are flushed between agents that go together; agents that oppose
 * each other never share one.
 */
export function sprayerWarnings(surfaces: readonly TreatedSurface[], house: JobHouse): readonly Warning[] {
  const agents = sprayedAgents(surfaces);
  const count = machineCounts(house).sprayer;
  if (agents.length <= count) return [];
  const needed = groupsThatGoTogether(agents).length;
  const names = agents.map((a) => a.name.toLowerCase()).join(', ');
  const has = `${agents.length} agents are sprayed (${names}) and ${count} ${count === 1 ? 'sprayer comes' : 'sprayers come'} along`;
  return needed > count
    ? [
        {
          rule: 'sprayer-opposed',
          severity: 'stop',
          surface: null,
          text: `${has}: opposed agents would share one. Take ${needed} at least, better one for each agent.`,
        },
      ]
    : [
        {
          rule: 'sprayer-shared',
          severity: 'warn',
          surface: null,
          text: `${has}: each agent has a sprayer of its own. Take ${agents.length - count} more, or flush one with plain water between agents that go together.`,
        },
      ];
}
