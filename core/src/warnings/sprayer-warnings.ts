import { machineCounts } from '../survey/job-detail.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { secondOfDay, shortTime } from '../quantity/duration.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { SprayerLoads } from '../visit/sprayer-loads.ts';
import { groupsThatGoTogether, sprayedAgents } from '../visit/vessels.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** Agents that oppose each other never share a sprayer. */
export function sprayerWarnings(surfaces: readonly TreatedSurface[], house: JobHouse): readonly Warning[] {
  const needed = groupsThatGoTogether(sprayedAgents(surfaces)).length;
  return needed <= machineCounts(house).sprayer ? [] : [wouldBeShared(surfaces, house, needed)];
}

/**
 * Each mix has a sprayer of its own while it is in use; with fewer they are rinsed out between mixes. That is no way out where what
 * opposes each other would come into one.
 */
export function rinsedSprayerWarnings(
  { atOnce, count, fullest, rinses }: SprayerLoads,
  surfaces: readonly TreatedSurface[],
  house: JobHouse,
): readonly Warning[] {
  const sprayers = machineCounts(house).sprayer;
  if (count > sprayers) return [wouldBeShared(surfaces, house, count)];
  if (atOnce <= sprayers) return [];
  const names = listed([
    ...new Set(fullest.mixes.map(({ agent }) => lowerFirst(CATALOGUE.agent(agent).name))),
  ]);
  const at = shortTime(secondOfDay(house.dayStart) + fullest.at);
  return [
    warning('sprayer-shared', 'warn', { atOnce, sprayers, names, at, rinses, more: atOnce - sprayers }),
  ];
}

function wouldBeShared(surfaces: readonly TreatedSurface[], house: JobHouse, needed: number): Warning {
  const agents = sprayedAgents(surfaces);
  const names = agents.map((a) => lowerFirst(a.name)).join(', ');
  const sprayers = machineCounts(house).sprayer;
  return warning('sprayer-opposed', 'stop', { agents: agents.length, sprayers, names, needed });
}
