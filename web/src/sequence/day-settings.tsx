import {
  LARGEST_CREW,
  MACHINE_KINDS,
  MACHINE_NAMES,
  USUAL_LUNCH,
  crewOfSize,
  machineCounts,
  withMachineCount,
} from '@etappe/core';
import type { CompanyPerson } from '@etappe/core';
import { InputNumber } from 'antd';
import { useId } from 'react';
import { NumberField } from '../quantity-fields/number-field.tsx';
import { TextField } from '../quantity-fields/text-field.tsx';
import { useSurveySession } from '../survey-edits/survey-session.tsx';
import { useJob } from '../survey-edits/use-entity.ts';
import { say } from '../messages/sequence.ts';
import { MemberFields } from './member-fields.tsx';

const NOBODY: readonly CompanyPerson[] = [];

/** Who and what comes along, the hours and the weather. */
export function DaySettings() {
  const { job, patch } = useJob();
  const { survey } = useSurveySession();
  const people = survey.handbook.people ?? NOBODY;
  const { crew } = job.house;
  const crewId = useId();
  const house = (more: Partial<typeof job.house>) => patch({ house: { ...job.house, ...more } });
  const weather = (more: Partial<typeof job.weather>) => patch({ weather: { ...job.weather, ...more } });
  const counts = machineCounts(job.house);
  const lunch = job.house.lunch ?? null;
  return (
    <>
      <h3>{say('crew')}</h3>
      <label htmlFor={crewId} className="setting-row">
        {say('people')}
        <InputNumber
          id={crewId}
          min={1}
          max={LARGEST_CREW}
          value={crew.length}
          onChange={(size) => {
            if (size !== null) house({ crew: crewOfSize(crew, size, people) });
          }}
        />
      </label>
      {crew.map((member, i) => (
        <MemberFields
          key={member.id}
          member={member}
          number={i + 1}
          people={people.filter(({ id }) => id === member.entry || !crew.some((other) => other.entry === id))}
          take={(more) => house({ crew: crew.map((m) => (m.id === member.id ? { ...m, ...more } : m)) })}
        />
      ))}
      <h3>{say('machines')}</h3>
      {MACHINE_KINDS.map((kind) => (
        <label key={kind} className="setting-row">
          {MACHINE_NAMES[kind]}
          <InputNumber
            min={0}
            max={20}
            value={counts[kind]}
            onChange={(count) => {
              if (count !== null) house({ machines: withMachineCount(job.house.machines, kind, count) });
            }}
          />
        </label>
      ))}
      <h3>{say('hours')}</h3>
      <div className="settings-grid">
        <TextField
          label={say('day-starts')}
          value={job.house.dayStart}
          take={(dayStart) => house({ dayStart: dayStart.trim() })}
        />
        <NumberField
          label={say('working-day')}
          value={job.house.dayHours}
          unit="h"
          take={(dayHours) => house({ dayHours })}
        />
        <NumberField
          label={say('spare')}
          value={job.house.spareMinutes ?? 0}
          unit="min"
          take={(spareMinutes) => house({ spareMinutes })}
        />
        <NumberField
          label={say('lunch')}
          value={lunch?.minutes ?? null}
          unit="min"
          clear={() => house({ lunch: null })}
          take={(minutes) => house({ lunch: { ...USUAL_LUNCH, ...lunch, minutes } })}
        />
        {lunch && (
          <>
            <span />
            <TextField
              label={say('lunch/from')}
              value={lunch.from}
              take={(from) => house({ lunch: { ...lunch, from: from.trim() } })}
            />
            <TextField
              label={say('lunch/to')}
              value={lunch.to}
              take={(to) => house({ lunch: { ...lunch, to: to.trim() } })}
            />
          </>
        )}
      </div>
      <h3>{say('weather-on-the-day')}</h3>
      <div className="settings-grid">
        <NumberField
          label={say('air')}
          value={job.weather.temperatureC}
          unit="°C"
          take={(temperatureC) => weather({ temperatureC })}
        />
        <NumberField
          label={say('humidity')}
          value={job.weather.humidity}
          unit="%"
          scale={100}
          take={(humidity) => weather({ humidity })}
        />
        <NumberField
          label={say('wind')}
          value={job.weather.windMetresPerSecond}
          unit="m/s"
          take={(windMetresPerSecond) => weather({ windMetresPerSecond })}
        />
        <NumberField
          label={say('cloud')}
          value={job.weather.cloud}
          unit="%"
          scale={100}
          take={(cloud) => weather({ cloud })}
        />
        <NumberField
          label={say('sun-net')}
          value={job.weather.netRadiationWattsPerSquareMetre}
          unit="W/m²"
          clear={() => weather({ netRadiationWattsPerSquareMetre: null })}
          take={(netRadiationWattsPerSquareMetre) => weather({ netRadiationWattsPerSquareMetre })}
        />
      </div>
      <p className="quiet" style={{ marginTop: 8, fontSize: 13.5 }}>
        {say('air-and-humidity-in-the')}
      </p>
    </>
  );
}
