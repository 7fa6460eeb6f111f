import type { Method } from '../catalogue/method.ts';
import type { ChainSurroundings } from './chain-link.ts';
import { isAbsorbent } from './surface-state.ts';

/** Whether a pre-wet is done on a face: by the working practice, else where it drinks. */
export function isPreWetted(onlyIfThirsty: boolean, around: PreWetPlace): boolean {
  if (around.schools['pre-wet'] === 'never') return false;
  return (
    around.schools['pre-wet'] === 'always' || !onlyIfThirsty || isAbsorbent(around.surface, around.catalogue)
  );
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

type PreWetPlace = Pick<ChainSurroundings, 'schools' | 'surface' | 'catalogue'>;
