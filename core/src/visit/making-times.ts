import type { Placement } from '../sequence/problem.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { makingSeconds } from './making-seconds.ts';
import type { PersonShare } from './share-out.ts';

/** When a mix is made, seconds from the start of the visit. */
export interface MakingTime {
  readonly mix: PlannedMix;
  readonly from: number;
  readonly to: number;
}

/** When somebody makes what lasts the day: one after the other at the end of setting out, in whole seconds. */
export function makingTimes({ mixes }: PersonShare, setOut: Placement): readonly MakingTime[] {
  let to = setOut.finish;
  return mixes
    .map((mix) => ({ mix, seconds: Math.round(makingSeconds(mix, mix.litres)) }))
    .reverse()
    .map(({ mix, seconds }) => {
      const time = { mix, from: to - seconds, to };
      to = time.from;
      return time;
    })
    .reverse();
}
