import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';

/** Whether a mix is made once for the whole day: it lasts so long, or is only poured. */
export function isMadeOnce(agent: Agent, dayHours: number): boolean {
  return isReadyToUse(agent) || mixLife(agent).hours >= dayHours;
}

/** How long after a front has begun one making of a mix may still be put on, minutes; Infinity for what is ready to use. */
export function mixMinutes(agent: Agent): number {
  if (isReadyToUse(agent)) return Infinity;
  return 60 * mixLife(agent).hours - TRADE_DEFAULTS.freshWithinMinutes;
}
