import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { say } from '../messages/message.ts';
import type { PropertyVisit } from '../protection/property-visits.ts';
import { daysAfter } from '../quantity/calendar.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/**
 * What shows only after the day that the customer is aiming for: later visits, and what works for months.
 * @param surfaces with their whole treatments
 */
export function eventWarnings(
  surfaces: readonly TreatedSurface[],
  visits: readonly Pick<PropertyVisit, 'fromDay'>[],
  { job }: Pick<FacedSurvey, 'job'>,
): readonly Warning[] {
  const { start, eventDate } = job;
  if (start === null || eventDate === null) return [];
  const [slowest] = TRADE_DEFAULTS.slowResultDays;
  const slow = surfaces.filter(({ treatment }) =>
    treatment?.parts.some((part) => part.stages.some((s) => s.apply?.agentClass === 'quaternary')),
  );
  const late = visits.flatMap(({ fromDay }, i) =>
    daysAfter(start, fromDay) > eventDate
      ? [say('event/visit', { number: i + 1, day: daysAfter(start, fromDay) })]
      : [],
  );
  const shown =
    daysAfter(start, slowest) > eventDate
      ? slow.map(({ surface }) => say('event/slow', { place: surface.name }))
      : [];
  const places = [...late, ...shown].join('; ');
  return places === '' ? [] : [warning('after-event', 'warn', { event: eventDate, places })];
}
