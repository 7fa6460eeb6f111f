import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { scheduleViolations } from '../sequence/check.ts';
import type { CrewMember } from '../survey/crew-and-machines.ts';
import { lateLeaverWarnings } from '../warnings/crew-warnings.ts';
import { demo } from '../test/demo-survey.ts';
import type { CompanyPerson } from '../company/person.ts';
import { crewDays, crewHours, paidSeconds, paidWages, wholeDay } from './crew-hours.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 60 };
const survey = demo('hill-observatory');
const { house } = survey.job;
const begin = 8 * 3600;
/** The demo with somebody's hours as they are given. */
function madeWith(hours: Readonly<Record<string, Partial<CrewMember>>>) {
  const crew = house.crew.map((member) => ({ ...member, ...hours[member.id] }));
  const made = plan({ ...survey, job: { ...survey.job, house: { ...house, crew } } }, OPTIONS);
  if (!made.visit) throw new Error(made.warnings.map(({ text }) => text).join('\n'));
  const { schedule } = made.visit;
  const of = (person: string) => schedule.placements.filter((one) => one.person === person);
  const stops = made.warnings.filter(({ severity }) => severity === 'stop');
  return { made, schedule, of, stops, faults: scheduleViolations(made.work.problem, schedule) };
}

const asPerson = (id: string): CompanyPerson => ({
  id,
  name: id,
  tickets: [],
  isApprentice: false,
  ratePerHour: null,
});

describe('whoever is not there the whole day', () => {
  it('comes later, rigs for themselves then, and nobody waits for that', () => {
    expect(house.dayStart).toBe('08:00');
    const { of, faults, made, schedule } = madeWith({ b: { from: '10:00' } });
    expect(faults).toEqual([]);
    const [first, ...rest] = of('b');
    expect([first?.operation, first?.start]).toEqual(['set-out.b', 2 * 3600]);
    expect(rest.length).toBeGreaterThan(3);
    const wet = schedule.placements.filter(({ operation }) => !/^(set-out|mix)/.test(operation));
    expect(Math.min(...wet.map(({ start }) => start))).toBeLessThan(2 * 3600);
    expect(made.work.shares.find(({ person }) => person === 'b')?.protections).toEqual([]);
    expect(made.work.shares.flatMap(({ protections }) => protections)).toHaveLength(made.protections.length);
  });

  it('leaves earlier and packs up before, while the others work on', () => {
    const { of, faults, schedule } = madeWith({ c: { until: '13:00' } });
    expect(faults).toEqual([]);
    const last = of('c').at(-1);
    expect([last?.operation, last?.finish]).toEqual(['clear-up.c', 13 * 3600 - begin]);
    expect(schedule.makespan).toBeGreaterThan(13 * 3600 - begin);
  });

  it('has lunch with the others only when they are there for it', () => {
    const lunches = (hours: Parameters<typeof madeWith>[0]) =>
      madeWith(hours)
        .schedule.placements.filter(({ operation }) => operation.startsWith('lunch'))
        .map(({ person }) => person)
        .sort();
    expect(lunches({})).toEqual(['a', 'b', 'c']);
    expect(lunches({ c: { until: '12:00' } })).toEqual(['a', 'b']);
    expect(lunches({ b: { from: '12:00' } })).toEqual(['a', 'c']);
  });

  it('is not planned for at all where they come once it is over, or leave before it begins', () => {
    const end = 10 * 3600;
    for (const hours of [{ from: '16:45' }, { until: '08:00' }]) {
      const { of, faults, schedule, stops } = madeWith({ c: hours });
      expect(faults).toEqual([]);
      expect(of('c')).toEqual([]);
      expect(stops).toEqual([]);
      expect(schedule.makespan).toBeLessThan(end);
    }
  });

  it('counts for as much of the day as they are there', () => {
    const [a, b] = house.crew;
    if (!a || !b) throw new Error('the demo has a crew');
    const day = { crew: [a, { ...b, from: '12:30' }], dayStart: '08:00', dayHours: 9 };
    expect(crewDays(day)).toBeCloseTo(1.5, 10);
    expect(crewHours({ ...day, crew: [{ ...a, until: '17:00' }] })).toEqual([
      { person: 'a', from: 0, until: null },
    ]);
    // Over before they leave.
    expect(crewHours({ ...day, crew: [{ ...a, until: '12:00' }] }, 3 * 3600)[0]?.until).toBeNull();
  });

  it('is told of where the day needs them for longer than it looked', () => {
    const schedule = {
      placements: [{ operation: 'x', person: 'a', start: 0, finish: 5 * 3600 }],
      makespan: 5 * 3600,
    };
    const [a] = house.crew;
    if (!a) throw new Error('the demo has a crew');
    const told = (until: string) =>
      lateLeaverWarnings(schedule, { crew: [{ ...a, until }], dayStart: '08:00' }).map(({ text }) => text);
    expect(told('13:00')).toEqual([]);
    expect(told('12:30')).toEqual([
      expect.stringMatching(/^Ada is to leave by 12:30, and is needed until 13:00\./),
    ]);
  });

  it('is paid for the time that they are there', () => {
    const [a, b, c] = house.crew;
    if (!a || !b || !c) throw new Error('the demo has a crew');
    const crew = [a, { ...b, from: '10:00' }, { ...c, until: '12:00' }];
    const hours = (makespan: number, of = crew) =>
      paidSeconds(3600 * makespan, { crew: of, dayStart: '08:00', dayHours: 9 }) / 3600;
    expect(hours(8)).toBe(8 + 6 + 4);
    expect(hours(3)).toBe(3 + 1 + 3);
    expect(hours(1)).toBe(1 + 0 + 1);
    expect(hours(8, [a, a, a])).toBe(24);
  });

  it('costs what each one’s hours come to, and is told only where everybody’s rate is', () => {
    const [a, b] = house.crew;
    if (!a || !b) throw new Error('the demo has a crew');
    const person = (id: string, ratePerHour: number | null) => ({ ...asPerson(id), ratePerHour });
    const crew = [
      { ...a, entry: 'a' },
      { ...b, entry: 'b', from: '10:00' },
    ];
    const wages = (people: readonly CompanyPerson[]) =>
      paidWages(8 * 3600, { crew, dayStart: '08:00', dayHours: 9 }, people);
    expect(wages([person('a', 30), person('b', 20)])).toBe(8 * 30 + 6 * 20);
    expect(wages([person('a', 0), person('b', 20)])).toBe(6 * 20);
    expect(wages([person('a', 30), person('b', null)])).toBeNull();
    expect(wages([person('a', 30)])).toBeNull();
  });

  it('sets out all the same where nobody is there all day', () => {
    const hours = crewHours({
      crew: house.crew.slice(0, 2).map((m, i) => ({ ...m, ...(i ? { until: '12:00' } : { from: '09:00' }) })),
      dayStart: '08:00',
      dayHours: 9,
    });
    expect([...wholeDay(hours)]).toEqual(['a', 'b']);
  });
});
