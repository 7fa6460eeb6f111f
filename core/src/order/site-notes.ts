import { formatFlow, formatLength } from '../quantity/shown-quantity.ts';
import type { HourSpan } from '../survey/detail-limits.ts';
import type { Survey } from '../survey/survey.ts';
import { waterFlow } from '../survey/water-point.ts';
import type { WaterPoint } from '../survey/water-point.ts';

/** One line of what a crew must know of the place. */
export interface SiteNote {
  readonly about: string;
  readonly text: string;
}

/**
 * What the crew must know of the place before the first hose is laid; only what was written down.
 * @param day when the work runs, HH:MM
 */
export function siteNotes(survey: Survey, day: HourSpan): readonly SiteNote[] {
  const { property, job, damages, scopes } = survey;
  const nameOf = (surface: string | null) => survey.surfaces.find((s) => s.id === surface)?.name;
  const water = survey.waterPoints.map((point) => `${point.name}: ${waterInWords(point, job.units)}`);
  const damage = damages.map(
    ({ surface, what, where, shownTo }) =>
      `${[nameOf(surface), where].filter((part) => part).join(', ') || 'The property'}: ${what}${shownTo === '' ? ', not shown to anyone yet' : `, shown to ${shownTo}`}`,
  );
  const left = scopes
    .filter((s) => !s.inScope)
    .map((s) => `${nameOf(s.surface) ?? s.surface}${s.scopeReason === '' ? '' : `: ${s.scopeReason}`}`);
  const notes: readonly (readonly [string, string])[] = [
    ['Address', property.address],
    ['Access', property.access],
    ['Vehicle', property.vehicleStand],
    ['Power', property.power],
    ['Water', water.join('; ')],
    ['Hours', hoursInWords(survey, day)],
    ['People there', job.peoplePresent],
    ['Event', [job.event, job.eventDate].filter((part) => part).join(', ')],
    ['Existing damage', damage.join('; ')],
    ['Out of scope', left.join('; ')],
  ];
  return notes.filter(([, text]) => text !== '').map(([about, text]) => ({ about, text }));
}

function waterInWords(point: WaterPoint, units: Survey['job']['units']): string {
  const flow = waterFlow(point);
  return [
    flow === null
      ? 'flow not known'
      : `${formatFlow(flow.litresPerMinute, units)} ${flow.measured ? 'measured' : 'as told'}`,
    ...(point.distanceMetres === null
      ? []
      : [`${formatLength(point.distanceMetres, units)} from the vehicle`]),
    ...(point.permission === 'refused' ? ['not allowed'] : []),
  ].join(', ');
}

/** Allowed and quiet hours, and whether the day keeps to them; the sequence itself does not heed them yet. */
function hoursInWords({ property: { hours, quietHours } }: Survey, day: HourSpan): string {
  const outside = hours !== null && (day.from < hours.from || day.to > hours.to);
  return [
    ...(hours === null
      ? []
      : [`work from ${hours.from} to ${hours.to}${outside ? '; the times below run outside it' : ''}`]),
    ...quietHours.map(
      (quiet) =>
        `quiet from ${quiet.from} to ${quiet.to}: no machine then${
          day.from < quiet.to && day.to > quiet.from ? ', though the times below run into it' : ''
        }`,
    ),
  ].join('; ');
}
