import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';

/** To make so many litres of a mix: measured, labelled and washed up, and filled with water; what is ready to use is poured. */
export function makingSeconds({ agent }: Pick<PlannedMix, 'agent'>, litres: number): number {
  const { pourSeconds, mixSeconds, fillSecondsPerLitre } = TRADE_DEFAULTS;
  return isReadyToUse(CATALOGUE.agent(agent)) ? pourSeconds : mixSeconds + fillSecondsPerLitre * litres;
}
