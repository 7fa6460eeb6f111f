import { machineCounts } from '../survey/job-detail.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { shortTime } from '../quantity/duration.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { SprayerLoads } from '../visit/sprayer-loads.ts';
import { groupsThatGoTogether, sprayedAgents } from '../visit/vessels.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** Agents that oppose each other never share a sprayer. */
export function sprayerWarnings(surfaces: readonly TreatedSurface[], house: JobHouse): readonly Warning[] {
  const agents = sprayedAgents(surfaces);
  const sprayers = machineCounts(house).sprayer;
  const needed = groupsThatGoTogether(agents).length;
  if (needed <= sprayers) return [];
  const names = agents.map((a) => a.name.toLowerCase()).join(', ');
  return [warning('sprayer-opposed', 'stop', { agents: agents.length, sprayers, names, needed })];
}

/** Each mix has a sprayer of its own while it is in use; with fewer they are rinsed out between mixes. */
export function rinsedSprayerWarnings(
  { atOnce, count, fullest, rinses }: SprayerLoads,
  house: JobHouse,
  dayStart: number,
): readonly Warning[] {
  const sprayers = machineCounts(house).sprayer;
  const needed = Math.max(atOnce, count);
  if (needed <= sprayers) return [];
  const names = listed([
    ...new Set(fullest.mixes.map(({ agent }) => lowerFirst(CATALOGUE.agent(agent).name))),
  ]);
  return [
    warning('sprayer-shared', 'warn', {
      atOnce,
      sprayers,
      names,
      at: shortTime(dayStart + fullest.at),
      rinses,
      more: needed - sprayers,
    }),
  ];
}
