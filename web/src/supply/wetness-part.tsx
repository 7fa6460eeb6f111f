import {
  cycleWetLine,
  decimal,
  formatArea,
  hoursInWords,
  noSunInWords,
  sectionsByHour,
  sidesByDrying,
  stripsInWords,
  lowerFirst,
} from '@etappe/core';
import type { CycleDay, Plan, PlannedSurface, SideDrying } from '@etappe/core';
import { useMemo, useState } from 'react';
import { useParams } from 'react-router';
import { WetAtOnceByHour } from '../drawing/wet-at-once-by-hour.tsx';
import { WetLine } from '../drawing/wet-line.tsx';
import { ChoiceField } from '../quantity-fields/choice-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { rich, say } from '../messages/supply.ts';

/** Rows that are worked out and drawn at once. */
const MOST_ROWS = 40;

/** How long each application stays wet, and how that changes by hour and side. */
export function WetnessPart({ plan }: { readonly plan: Plan }) {
  const { survey, catalogue } = useSurveySession();
  const { surface } = useParams();
  const cycles = plan.surfaces.flatMap((p) =>
    p.cycles.filter((c) => c.mode !== 'leave-on').map((cycle) => ({ planned: p, cycle })),
  );
  const [picked, setPicked] = useState<string | null>(null);
  const shown =
    cycles.find((c) => c.cycle.id === picked) ??
    cycles.find((c) => c.planned.surface.id === surface) ??
    cycles[0];
  const days = useMemo(() => {
    const ids = [...new Set(plan.surfaces.filter((p) => p.cycles.length > 0).map((p) => p.surface.id))];
    const first = surface === undefined ? ids : [surface, ...ids];
    return sectionsByHour(plan, survey, new Set<string>(first.slice(0, MOST_ROWS)));
  }, [plan, survey, surface]);
  const hidden = plan.surfaces.filter((p) => p.cycles.length > 0).length - MOST_ROWS;
  if (!shown) return <p>{say('nothing-has-to-stay-wet')}</p>;
  const name = (id: string) => lowerFirst(catalogue.agent(id).name);
  const { planned, cycle } = shown;
  const { units } = survey.job;
  return (
    <>
      <section aria-label={say('wet-line')}>
        <div className="supply-head">
          <h2>{say('one-strip-over-time')}</h2>
          <ChoiceField
            label={say('of')}
            value={cycle.id}
            options={cycles.map((c) => ({
              value: c.cycle.id,
              label: `${c.planned.surface.name}, ${name(c.cycle.apply.apply.agent)}`,
            }))}
            take={setPicked}
          />
        </div>
        <WetLine cycle={cycleWetLine(cycle, planned.surface, catalogue)} name={planned.surface.name} />
        <details className="fold">
          <summary>
            {cycle.front ? stripsInWords(cycle.front, units) : formatArea(cycle.areaSquareMetres, units)}
            {planned.hardestHour &&
              say('made-for-the-hardest-hour', { what: hoursInWords([planned.hardestHour.hour]) })}
          </summary>
          {cycle.sum.map((line) => (
            <div key={line} className="figure quiet">
              {line}
            </div>
          ))}
          {planned.hardestHour && <div className="figure quiet">{airInWords(planned.hardestHour.air)}</div>}
          {cycle.unworkable && <div>✕ {cycle.unworkable}</div>}
        </details>
      </section>
      <section aria-label={say('wet-at-once-through-the-day')}>
        <h2>{say('wet-at-once-through-the-day')}</h2>
        <p className="quiet">{plan.noSun === null ? say('by-the-sun-on-each') : noSunInWords(plan.noSun)}</p>
        <BestHour days={days} />
        {hidden > 0 && (
          <p className="quiet">{say('the-first-surfaces-more-are', { mostRows: MOST_ROWS, hidden })}</p>
        )}
        <WetAtOnceByHour days={days} units={units} agentName={name} />
      </section>
    </>
  );
}

function BestHour({ days }: { readonly days: readonly CycleDay[] }) {
  const { survey } = useSurveySession();
  const sides = sidesByDrying(days);
  const [gentlest] = sides;
  const hardest = sides.at(-1);
  const name = (id: string) => survey.sides.find((side) => side.id === id)?.name ?? id;
  const said = (side: SideDrying) =>
    say('mm-h-at-most-at', {
      side: name(side.side),
      evaporationMillimetresPerHour: decimal(side.evaporationMillimetresPerHour, 2),
      what: hoursInWords([side.hour]),
    });
  if (!gentlest || !hardest || gentlest === hardest) return null;
  return (
    <p>
      {rich('hardest', {
        gentlest: <b>{say('gentlest-side', { gentlest: said(gentlest) })}</b>,
        hardest: said(hardest),
      })}
    </p>
  );
}

function airInWords({
  netRadiationWattsPerSquareMetre,
  temperatureC,
  humidity,
  windMetresPerSecond,
  surfaceTemperatureC,
}: NonNullable<PlannedSurface['hardestHour']>['air']): string {
  const air = say('air-of-the-hour', {
    netRadiationWattsPerSquareMetre: decimal(netRadiationWattsPerSquareMetre, 0),
    temperatureC: decimal(temperatureC, 1),
    humidityPercent: decimal(100 * humidity, 0),
    windMetresPerSecond: decimal(windMetresPerSecond, 1),
  });
  return surfaceTemperatureC === undefined
    ? air
    : say('surface-measured-at-c', { air, surfaceTemperatureC: decimal(surfaceTemperatureC, 1) });
}
