import { machineCounts } from '../survey/job-detail.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { groupsThatGoTogether, sprayedAgents } from '../visit/vessels.ts';
import { warning } from './warning.ts';
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
  const about = { agents: agents.length, sprayers: count, names };
  return needed > count
    ? [warning('sprayer-opposed', 'stop', { ...about, needed })]
    : [warning('sprayer-shared', 'warn', { ...about, more: agents.length - count })];
}
