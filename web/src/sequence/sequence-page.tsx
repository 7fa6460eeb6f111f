import {
  MACHINE_KINDS,
  MACHINE_NAMES,
  clockTime,
  decimal,
  formatArea,
  formatDuration,
  machineCounts,
  secondOfDay,
} from '@etappe/core';
import type { MachineKind, Plan } from '@etappe/core';
import { InputNumber } from 'antd';
import { useId } from 'react';
import { Link } from 'react-router';
import { DayRibbon } from '../drawing/day-ribbon.tsx';
import { usePlan } from '../planning/use-plan.tsx';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { VisitChoice } from '../visits/visit-choice.tsx';
import { PlanWarnings } from './plan-warnings.tsx';
import './sequence-page.css';

/** The visit on one time axis, and what it was made from: crew, machines, hours and weather. */
export function SequencePage() {
  const { survey, jobId } = useSurveySession();
  const { plan, working } = usePlan();
  if (!plan) return <div className="station-skeleton" role="status" aria-label="Deriving the plan" />;
  return (
    <div className="sequence">
      <section className="sequence-main" aria-label="The visit" aria-busy={working}>
        <div className="sequence-head">
          <h2>{plan.visits.length > 1 ? `Visit ${String(plan.visitNumber)}` : 'The visit'}</h2>
          {plan.visit ? <VisitFigures plan={plan} /> : <span className="quiet">no sequence yet</span>}
        </div>
        <VisitChoice plan={plan} />
        <PlanWarnings plan={plan} />
        {plan.visit ? (
          <DayRibbon plan={plan} survey={survey} />
        ) : (
          <p>
            Add surfaces with what is on them on the <Link to={`/jobs/${jobId}/walk`}>Walk</Link>.
          </p>
        )}
        <SectionsTable plan={plan} />
      </section>
      <aside className="sequence-settings" aria-label="Crew, machines, hours and weather">
        <Settings />
      </aside>
    </div>
  );
}

function VisitFigures({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  if (!plan.visit) return null;
  const { schedule, lowerBound, gap } = plan.visit;
  const start = secondOfDay(survey.job.house.dayStart);
  const people = survey.job.house.crew.length;
  return (
    <>
      <dl className="visit-figures">
        <div>
          <dt>From, to</dt>
          <dd>
            {clockTime(start).slice(0, 5)} – {clockTime(start + schedule.makespan).slice(0, 5)}
          </dd>
        </div>
        <div>
          <dt>Takes</dt>
          <dd>{formatDuration(schedule.makespan)}</dd>
        </div>
        <div>
          <dt>Paid time</dt>
          <dd>
            {formatDuration(schedule.makespan * people)} <small>({people} people)</small>
          </dd>
        </div>
        <div title={`Nothing can be faster than ${lowerBound.because}`}>
          <dt>Cannot be under</dt>
          <dd>
            {formatDuration(lowerBound.seconds)} <small>gap {decimal(gap * 100, 0)} %</small>
          </dd>
        </div>
      </dl>
      <p className="visit-bound quiet">Least time: {lowerBound.because}.</p>
    </>
  );
}

function SectionsTable({ plan }: { readonly plan: Plan }) {
  const { survey } = useSurveySession();
  const cycles = plan.surfaces.flatMap((p) => p.cycles.map((cycle) => ({ cycle, surface: p.surface })));
  if (cycles.length === 0) return null;
  return (
    <section style={{ marginTop: 18 }}>
      <h3>Sections and their wet window</h3>
      <div className="sections-scroll">
        <table className="figure-table sections-table">
          <thead>
            <tr>
              <th>Surface</th>
              <th>Sections</th>
              <th>Film</th>
              <th>Dry-out</th>
              <th>Dwell</th>
              <th>How</th>
            </tr>
          </thead>
          <tbody>
            {cycles.map(({ cycle, surface }) => (
              <tr key={cycle.id}>
                <td>
                  <details>
                    <summary>
                      {surface.name}, {cycle.apply.apply.agent.replaceAll('-', ' ')}
                    </summary>
                    {cycle.sum.map((line) => (
                      <div key={line} className="quiet">
                        {line}
                      </div>
                    ))}
                  </details>
                </td>
                <td className="figure">
                  {cycle.sectionCount} × {formatArea(cycle.sectionSquareMetres, survey.job.units)}
                </td>
                <td className="figure">{decimal(cycle.clocks.filmMinutes, 1)} min</td>
                <td className="figure">{decimal(cycle.clocks.dryOutMinutes, 1)} min</td>
                <td className="figure">
                  {cycle.dwell
                    ? `${decimal(cycle.dwell.fromMinutes, 1)}–${decimal(cycle.dwell.latestMinutes, 1)} min`
                    : 'left on'}
                </td>
                <td>
                  {cycle.mode === 'watched' ? 'watched' : cycle.mode === 'hands-on' ? 'hands-on' : 'leave on'}
                  {cycle.mist
                    ? `, ${String(cycle.mist.passes)} mist ${cycle.mist.passes === 1 ? 'pass' : 'passes'}`
                    : ''}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}

const LARGEST_CREW = 4;
const CREW_IDS = ['a', 'b', 'c', 'd'] as const;

function Settings() {
  const { job, patch } = useJob();
  const crewId = useId();
  const house = (more: Partial<typeof job.house>) => patch({ house: { ...job.house, ...more } });
  const weather = (more: Partial<typeof job.weather>) => patch({ weather: { ...job.weather, ...more } });
  const counts = machineCounts(job.house);
  const setCrew = (size: number | null) => {
    if (size === null) return;
    const kept = job.house.crew.slice(0, size);
    const free = CREW_IDS.filter((id) => !kept.some((member) => member.id === id));
    house({
      crew: [
        ...kept,
        ...free
          .slice(0, size - kept.length)
          .map((id) => ({ id, name: `Person ${id.toUpperCase()}`, tickets: [] })),
      ],
    });
  };
  const setMachines = (kind: MachineKind, count: number | null) => {
    if (count === null) return;
    const others = job.house.machines.filter((m) => m.kind !== kind);
    const own = job.house.machines.find((m) => m.kind === kind) ?? {
      kind,
      flowLitresPerMinute: null,
      pressureBar: null,
      tipOrifice: null,
    };
    house({ machines: [...others, { ...own, count }] });
  };
  return (
    <>
      <h3>Crew</h3>
      <label htmlFor={crewId} className="setting-row">
        People
        <InputNumber
          id={crewId}
          min={1}
          max={LARGEST_CREW}
          value={job.house.crew.length}
          onChange={setCrew}
        />
      </label>
      {job.house.crew.map((member, i) => (
        <TextField
          key={member.id}
          label={`Person ${String(i + 1)}`}
          value={member.name}
          take={(name) =>
            house({ crew: job.house.crew.map((m) => (m.id === member.id ? { ...m, name: name.trim() } : m)) })
          }
        />
      ))}
      <h3>Machines</h3>
      {MACHINE_KINDS.map((kind) => (
        <label key={kind} className="setting-row">
          {MACHINE_NAMES[kind]}
          <InputNumber
            min={0}
            max={20}
            value={counts[kind]}
            onChange={(count) => {
              setMachines(kind, count);
            }}
          />
        </label>
      ))}
      <h3>Hours</h3>
      <div className="settings-grid">
        <TextField
          label="Day starts"
          value={job.house.dayStart}
          take={(dayStart) => house({ dayStart: dayStart.trim() })}
        />
        <NumberField
          label="Working day"
          value={job.house.dayHours}
          unit="h"
          take={(dayHours) => house({ dayHours })}
        />
      </div>
      <h3>Weather on the day</h3>
      <div className="settings-grid">
        <NumberField
          label="Air"
          value={job.weather.temperatureC}
          unit="°C"
          take={(temperatureC) => weather({ temperatureC })}
        />
        <NumberField
          label="Humidity"
          value={job.weather.humidity}
          unit="%"
          scale={100}
          take={(humidity) => weather({ humidity })}
        />
        <NumberField
          label="Wind"
          value={job.weather.windMetresPerSecond}
          unit="m/s"
          take={(windMetresPerSecond) => weather({ windMetresPerSecond })}
        />
        <NumberField
          label="Cloud"
          value={job.weather.cloud}
          unit="%"
          scale={100}
          take={(cloud) => weather({ cloud })}
        />
        <NumberField
          label="Sun, net"
          value={job.weather.netRadiationWattsPerSquareMetre}
          unit="W/m²"
          clear={() => weather({ netRadiationWattsPerSquareMetre: null })}
          take={(netRadiationWattsPerSquareMetre) => weather({ netRadiationWattsPerSquareMetre })}
        />
      </div>
      <p className="quiet" style={{ marginTop: 8, fontSize: 13.5 }}>
        Air and humidity in the warmest hour. Left empty, the sun is worked out on each face from place, date
        and cloud; typed, it holds for every face and hour.
      </p>
    </>
  );
}
