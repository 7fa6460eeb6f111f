import { say } from '../messages/message.ts';
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
  const water = survey.waterPoints.map((point) => waterInWords(point, job.units));
  const damage = damages.map(({ surface, what, where, shownTo: person }) => {
    const parts = [nameOf(surface) ?? '', where].filter((part) => part !== '');
    const place = parts.join(', ') || say('order/damage/of-property');
    return person === ''
      ? say('order/damage/new', { place, what })
      : say('order/damage/shown', { place, what, person });
  });
  const left = scopes
    .filter((s) => !s.inScope)
    .map(({ surface, scopeReason: why }) => {
      const place = nameOf(surface) ?? surface;
      return why === '' ? place : say('order/left', { place, why });
    });
  const notes = [
    ['address', property.address],
    ['access', property.access],
    ['vehicle', property.vehicleStand],
    ['power', property.power],
    ['water', water.join('; ')],
    ['hours', hoursInWords(survey, day)],
    ['people', job.peoplePresent],
    ['event', [job.event, job.eventDate].filter((part) => part).join(', ')],
    ['damage', damage.join('; ')],
    ['out-of-scope', left.join('; ')],
  ] as const;
  return notes.flatMap(([about, text]) =>
    text === '' ? [] : [{ about: say(`order/about/${about}`), text }],
  );
}

function waterInWords(
  { name: point, distanceMetres, permission, ...measured }: WaterPoint,
  units: Survey['job']['units'],
): string {
  const flow = flowInWords(waterFlow(measured), units);
  const refused = permission === 'refused';
  if (distanceMetres === null)
    return refused
      ? say('order/water-point/refused', { point, flow })
      : say('order/water-point', { point, flow });
  const distance = formatLength(distanceMetres, units);
  return say(refused ? 'order/water-point/away-refused' : 'order/water-point/away', {
    point,
    flow,
    distance,
  });
}

function flowInWords(flow: ReturnType<typeof waterFlow>, units: Survey['job']['units']): string {
  if (flow === null) return say('order/flow/unknown');
  const said = formatFlow(flow.litresPerMinute, units);
  return say(flow.measured ? 'order/flow/measured' : 'order/flow/told', { flow: said });
}

/** Allowed hours, and whether the day keeps to them; quiet ones, which the sequence heeds. */
function hoursInWords({ property: { hours, quietHours } }: Survey, day: HourSpan): string {
  const span = ({ from, to }: HourSpan) => ({ from, to });
  return [
    ...(hours === null
      ? []
      : [
          say(
            day.from < hours.from || day.to > hours.to ? 'order/hours/outside' : 'order/hours',
            span(hours),
          ),
        ]),
    ...quietHours.map((quiet) => say('order/quiet', span(quiet))),
  ].join('; ');
}
