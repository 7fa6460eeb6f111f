import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { requireSpan } from '../quantity/span.ts';

/** What must be reached from the ground. */
export interface ReachQuestion {
  /** Of the ridge above the ground, m. */
  readonly ridgeMetres: number;
  /** Of the hands above the ground, m. */
  readonly handsMetres: number;
  /** Of the roof, degrees. */
  readonly pitchDegrees: number;
  /** How far back one can stand from below the ridge, m; null where nobody has looked. */
  readonly roomMetres: number | null;
  /** Longest pole of the company, m; null where it has none written down. */
  readonly longestPoleMetres: number | null;
}

export interface Reach {
  /** Least distance from below the ridge at which a straight pole clears the slope, m. */
  readonly standOffMetres: number;
  /** Length of pole there, m. */
  readonly poleMetres: number;
  readonly ok: boolean;
  readonly text: string;
}

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/**
 * A straight pole to the ridge over a roof: it clears the slope only from (ridge − hands)/tan φ off, and is then
 * (ridge − hands)/sin φ long.
 * @throws RangeError for a pitch outside 5° to 75°
 * @example reachToRidge({ ridgeMetres: 7.8, handsMetres: 1.5, pitchDegrees: 35, … }) // 9.0 m off, 11.0 m of pole
 */
export function reachToRidge({
  ridgeMetres,
  handsMetres,
  pitchDegrees,
  roomMetres,
  longestPoleMetres,
}: ReachQuestion): Reach {
  requireSpan('pitch of the roof', pitchDegrees, 5, 75, '°');
  const rise = Math.max(0, ridgeMetres - handsMetres);
  const standOffMetres = rise / Math.tan(radians(pitchDegrees));
  const poleMetres = rise / Math.sin(radians(pitchDegrees));
  const pole = say('reach/pole', { pole: decimal(poleMetres, 1), standOff: decimal(standOffMetres, 1) });
  const tight = roomMetres !== null && roomMetres < standOffMetres;
  const short = longestPoleMetres !== null && longestPoleMetres < poleMetres;
  const room = decimal(roomMetres ?? 0, 1);
  const longest = decimal(longestPoleMetres ?? 0, 1);
  const told = (): string => {
    if (tight && short) return say('reach/neither', { pole, room, longest });
    if (tight) return say('reach/no-room', { pole, room });
    return short ? say('reach/too-long', { pole, longest }) : `${pole}.`;
  };
  return { standOffMetres, poleMetres, ok: !tight && !short, text: told() };
}
