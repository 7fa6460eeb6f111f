import type { Severity } from '../catalogue/contaminant.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Method } from '../catalogue/method.ts';
import type { ChainSurroundings } from './chain-link.ts';
import { isAbsorbent } from './surface-state.ts';

/** Whether a pre-wet is done on a face: by the working practice, else where it drinks, is overgrown, or lies hot in the sun. */
export function isPreWetted(
  onlyIfThirsty: boolean,
  around: PreWetPlace,
  { severity, celsius }: PreWetWhen,
): boolean {
  const practice = around.schools['pre-wet'];
  if (practice === 'never') return false;
  if (practice === 'always' || !onlyIfThirsty) return true;
  const { overgrownFrom, hotFromCelsius } = TRADE_DEFAULTS.preWet;
  const isHot = !around.shaded && celsius >= hotFromCelsius;
  return severity >= overgrownFrom || isHot || isAbsorbent(around.surface, around.catalogue);
}

/** How bad it is there, and the air of the day, °C. */
export interface PreWetWhen {
  readonly severity: Severity;
  readonly celsius: number;
}

/** Pre-wet, apply, and what ends its dwell up to the first rinse or wash are tied in one cycle. */
export function isTied(method: Method, index: number): boolean {
  const kind = method.stages[index]?.kind;
  if (kind === 'apply' || kind === 'pre-wet') return true;
  for (let i = index - 1; i >= 0; i -= 1) {
    const earlier = method.stages[i];
    if (earlier?.kind === 'apply') return !earlier.leaveOn;
    if (earlier?.kind !== 'agitate') return false;
  }
  return false;
}

type PreWetPlace = Pick<ChainSurroundings, 'schools' | 'surface' | 'shaded' | 'catalogue'>;
