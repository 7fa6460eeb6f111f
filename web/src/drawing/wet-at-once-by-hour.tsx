import { bestHours, decimal, formatArea } from '@etappe/core';
import type { CycleDay, CycleHour, UnitSystem } from '@etappe/core';
import { scaleSqrt } from 'd3-scale';
import { say } from '../messages/drawing.ts';

interface Props {
  readonly days: readonly CycleDay[];
  readonly units: UnitSystem;
  readonly agentName: (id: string) => string;
}

/** Hours in which anybody works outside. */
const FIRST_HOUR = 6;
const LAST_HOUR = 20;
const BAR = 26;

/** Greatest section of each wet cycle by the hour: the taller the bar, the more can be wet at once. */
export function WetAtOnceByHour({ days, units, agentName }: Props) {
  const hours = Array.from({ length: LAST_HOUR - FIRST_HOUR + 1 }, (_, i) => FIRST_HOUR + i);
  return (
    <div className="wet-by-hour">
      <table>
        <thead>
          <tr>
            <th scope="col">{say('face-agent')}</th>
            {hours.map((hour) => (
              <th key={hour} scope="col" className="figure">
                {hour}
              </th>
            ))}
            <th scope="col">{say('easiest')}</th>
          </tr>
        </thead>
        <tbody>
          {days.map((day) => (
            <tr key={day.cycle}>
              <th scope="row">
                {day.name} <span className="quiet">{agentName(day.agent)}</span>
              </th>
              <HourCells day={day} hours={hours} units={units} />
              <td className="figure">
                {day.best === null ? '✕ ' : ''}
                {bestHours(day)}
                {day.best !== null && `, ${formatArea(day.best.wetSquareMetres, units)}`}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}

function HourCells({
  day,
  hours,
  units,
}: {
  readonly day: CycleDay;
  readonly hours: readonly number[];
  readonly units: UnitSystem;
}) {
  const most = Math.max(0.01, ...day.hours.map((h) => h.wetSquareMetres));
  const height = scaleSqrt().domain([0, most]).range([0, BAR]);
  return hours.map((hour) => {
    const at = day.hours.find((h) => h.hour === hour);
    const works = day.working.includes(hour);
    return (
      <td
        key={hour}
        className={works ? 'hour-cell' : 'hour-cell off'}
        title={at ? said(at, units) : say('this-hour-does-not-exist')}
      >
        {at && (
          <svg width={22} height={BAR + 2} role="img" aria-label={`${clock(hour)}: ${said(at, units)}`}>
            {at.workable ? (
              <rect
                x={3}
                width={16}
                y={BAR + 1 - Math.max(2, height(at.wetSquareMetres))}
                height={Math.max(2, height(at.wetSquareMetres))}
                fill={at.misted ? 'var(--dwell)' : 'var(--wet)'}
              />
            ) : (
              <text x={11} y={BAR - 4} textAnchor="middle" fontSize={13} fill="var(--stop)">
                ✕
              </text>
            )}
          </svg>
        )}
      </td>
    );
  });
}

const clock = (hour: number) => `${String(hour).padStart(2, '0')}:00`;

function said(hour: CycleHour, units: UnitSystem): string {
  const sun = say('w-m2-net-c', {
    netRadiationWattsPerSquareMetre: decimal(hour.netRadiationWattsPerSquareMetre, 0),
    temperatureC: decimal(hour.temperatureC, 0),
  });
  if (!hour.workable) return say('not-workable', { sun });
  const mist = hour.misted ? say('kept-wet-by-mists') : '';
  return say('at-once-film-min-dry', {
    wetSquareMetres: formatArea(hour.wetSquareMetres, units),
    mist,
    filmMinutes: decimal(hour.filmMinutes, 1),
    dryOutMinutes: decimal(hour.dryOutMinutes, 1),
    sun,
  });
}
