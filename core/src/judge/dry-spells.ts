import { say } from '../messages/message.ts';
import type { LogEntry, Unsound } from './day-log.ts';
import type { DayReading } from './day-reading.ts';

/** What is left on or filled in wants so many days without water before, where its method says nothing. */
const USUAL_DRY_DAYS = 1;

/**
 * Nothing wets a face while what was left on, filled in or coated there must stay dry, which is longer than the day; and none
 * of that begins within its drying time of anything wet from anywhere: within the visit by the clock, across visits by days.
 */
export function dryFaults(day: DayReading): readonly Unsound[] {
  return day.worked.flatMap((face) =>
    day
      .on(face)
      .filter((entry) => day.mustStayDry(entry))
      .flatMap((entry) => [...wetOnTheDay(entry, face, day), ...wetBefore(entry, face, day)].slice(0, 1)),
  );
}

function wetOnTheDay(stays: LogEntry, face: string, day: DayReading): readonly Unsound[] {
  for (const wet of day.log) {
    if (!wet.wets || day.mustStayDry(wet)) continue;
    const from = wet.surfaces.find((surface) =>
      surface === face
        ? !isItsOwnMist(wet, stays)
        : day.grounds.wets(surface, face, wet.act, wet.vessel !== null),
    );
    if (from === undefined) continue;
    if (wet.to <= stays.from && dryDaysOf(stays, day) === 0) continue;
    const text = say('judge/wetted', {
      place: day.grounds.name(face),
      dryFrom: day.clock(stays.from),
      source: day.grounds.name(from),
      at: day.clock(wet.from),
    });
    return [{ rule: 'dry', surfaces: [...new Set([face, from])], text }];
  }
  return [];
}

/** Stabilised sand sets by a mist of its own method. */
function isItsOwnMist(wet: LogEntry, stays: LogEntry): boolean {
  return stays.act === 'fill' && wet.method === stays.method && (wet.step ?? -1) > (stays.step ?? 0);
}

function wetBefore(stays: LogEntry, face: string, day: DayReading): readonly Unsound[] {
  const days = dryDaysOf(stays, day);
  const wet = day.place.earlier.find(
    ({ daysBefore, surface, act }) =>
      daysBefore < days && (surface === face || day.grounds.wets(surface, face, act, false)),
  );
  if (!wet) return [];
  const text = say('judge/wetted-before', {
    place: day.grounds.name(face),
    days,
    source: day.grounds.name(wet.surface),
    before: wet.daysBefore,
  });
  return [{ rule: 'dry', surfaces: [...new Set([face, wet.surface])], text }];
}

function dryDaysOf(entry: LogEntry, day: DayReading): number {
  const { method } = entry;
  const { place } = day;
  if (day.isLastCoat(entry)) return 0;
  return (method === null ? null : place.catalogue.method(method).dryFirst?.days) ?? USUAL_DRY_DAYS;
}
