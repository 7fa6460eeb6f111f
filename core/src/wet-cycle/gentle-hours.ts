import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { FaceHour } from './face-hours.ts';
import type { HourRange } from './hour-range.ts';

/**
 * The part of a working day in which a face dries so much slower than in its hardest hour that it is worth waiting for: a south wall
 * before ten, an east wall in the afternoon. It begins with the day or ends with it; the longest of those.
 *
 * @param hours the working hours of the face, in order
 * @returns null where all hours are about alike, or too few are gentler
 */
export function gentleHours(hours: readonly FaceHour[]): HourRange | null {
  const most = TRADE_DEFAULTS.gentleShare * Math.max(...hours.map((h) => h.evaporationMillimetresPerHour));
  const isGentle = (hour: FaceHour) => hour.evaporationMillimetresPerHour <= most;
  const [first, last] = [hours[0], hours.at(-1)];
  if (!first || !last || hours.every(isGentle)) return null;
  const morning = hours.findIndex((hour) => !isGentle(hour));
  const evening = hours.length - 1 - hours.findLastIndex((hour) => !isGentle(hour));
  if (Math.max(morning, evening) < TRADE_DEFAULTS.leastGentleHours) return null;
  return morning >= evening
    ? { from: first.hour, to: first.hour + morning }
    : { from: last.hour + 1 - evening, to: last.hour + 1 };
}
