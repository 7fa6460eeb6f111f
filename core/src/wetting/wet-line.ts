import { RESIDUAL, RETAINED, absorbedWater } from './wet-window.ts';
import type { Lie, WetFace } from './wet-window.ts';

/** What is on a face at one moment, kg/m². */
export interface WetMoment {
  readonly minute: number;
  /** Liquid on the face; what the pores took is off it. */
  readonly film: number;
  /** Liquid on the face and near it in its pores: what the air has not taken yet. */
  readonly left: number;
}

export interface WetLineInput {
  readonly face: WetFace;
  readonly lie: Lie;
  /** Minutes after the application at which a mist comes, ascending. */
  readonly mists: readonly number[];
  /** Of one mist, kg/m². */
  readonly mistKilogramsPerSquareMetre: number;
  readonly untilMinute: number;
}

const STEP_MINUTES = 0.25;

/**
 * What one section holds over time: it falls by what the air and the pores take, and rises with each mist up to what the
 * face retains. Pores that have drunk drink on as if pre-wetted so much longer.
 * @returns a moment every quarter of a minute, and two at each mist: before and after
 */
export function wetLine({
  face,
  lie,
  mists,
  mistKilogramsPerSquareMetre,
  untilMinute,
}: WetLineInput): readonly WetMoment[] {
  const held = face.heldKilogramsPerSquareMetre;
  const whole = held + absorbedWater(face);
  const moments: WetMoment[] = [{ minute: 0, film: held, left: whole }];
  const perMinute = Math.max(0, face.evaporation) / 60;
  const drunk = (minute: number) => face.sorptivity * Math.sqrt(face.preWetSeconds + 60 * minute);
  let [minute, film, left] = [0, held, whole];
  const goTo = (next: number) => {
    const dried = perMinute * (next - minute);
    film = Math.max(0, film - dried - (drunk(next) - drunk(minute)));
    left = Math.max(0, left - dried);
    minute = next;
    moments.push({ minute, film, left });
  };
  for (const stop of [...mists.filter((at) => at < untilMinute), untilMinute]) {
    while (minute + STEP_MINUTES < stop - 1e-9) goTo(minute + STEP_MINUTES);
    goTo(stop);
    if (stop === untilMinute) break;
    // What the face cannot hold runs off.
    const taken = Math.min(mistKilogramsPerSquareMetre, Math.max(0, RETAINED[lie] - film));
    film += taken;
    left += taken;
    moments.push({ minute, film, left });
  }
  return moments;
}

/** The first minute at which a curve has come down to what counts as dry; null where it stays above. */
export function dryMinute(moments: readonly WetMoment[], of: 'film' | 'left'): number | null {
  return moments.find((moment) => moment[of] <= RESIDUAL)?.minute ?? null;
}
