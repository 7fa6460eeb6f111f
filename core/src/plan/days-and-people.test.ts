import { describe, expect, it } from '@jest/globals';
import { secondOfDay } from '../quantity/duration.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { seededRandom } from '../sequence/seeded-random.ts';
import type { CrewMember } from '../survey/crew-and-machines.ts';
import type { RoundPin } from '../survey/round-pin.ts';
import type { Survey } from '../survey/survey.ts';
import { surveyOf } from '../test/demo-survey.ts';
import { randomProperty } from '../test/random-property.ts';
import { isPinnable, workOf } from '../visit/pinned-work.ts';
import { plan } from './plan.ts';
import type { Plan } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const SEEDS = 60;
const HURTS: readonly string[] = ['hypochlorite', 'caustic', 'acid', 'peroxide', 'solvent', 'herbicide'];
const BEGIN = secondOfDay('08:00');

/** A random property in short days, with people who come later, leave earlier or are learning, lunch, and one thing that is fixed. */
function peopled(seed: number): { readonly survey: Survey; readonly pin: RoundPin | null } {
  const random = seededRandom(7 * seed);
  const one = <Item>(items: readonly Item[]): Item => items[Math.floor(random() * items.length)] as Item;
  const survey = surveyOf(randomProperty(seed));
  const crew = ['a', 'b', 'c'].slice(0, 1 + Math.floor(random() * 3)).map((id, i): CrewMember => ({
    id,
    name: id,
    tickets: random() < 0.3 ? ['Mobile towers'] : [],
    from: i > 0 && random() < 0.4 ? one(['09:00', '10:30']) : null,
    until: i > 0 && random() < 0.3 ? one(['11:00', '12:30']) : null,
    isApprentice: i > 0 && random() < 0.3,
  }));
  const lunch = random() < 0.5 ? { from: '09:00', to: '10:30', minutes: 30 } : null;
  const house = { ...survey.job.house, crew, lunch, dayStart: '08:00', dayHours: one([4, 6, 9]) };
  const free = { ...survey, job: { ...survey.job, visit: 1, house } };
  const able = plan(free, OPTIONS).work.planned.filter(isPinnable);
  const work = able.length > 0 ? workOf(one(able)) : [];
  if (work.length === 0) return { survey: free, pin: null };
  const pin = {
    work,
    person: one(crew).id,
    notBefore: null,
    name: 'it',
    why: '',
    by: 'a',
    at: '2026-05-01T08:00:00Z',
  };
  return { survey: { ...free, job: { ...free.job, house: { ...house, pins: [pin] } } }, pin };
}

/** What each rule says of a planned day, read off the clock. */
function checked(
  made: Plan,
  { job: { house } }: Survey,
  pin: RoundPin | null,
  count: Record<string, number>,
) {
  if (!made.visit) return;
  const { placements } = made.visit.schedule;
  const told = (rule: string) => made.warnings.some((one) => one.rule === rule);
  const add = (what: string) => (count[what] = (count[what] ?? 0) + 1);
  expect(scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
  const stages = new Map(
    made.surfaces.flatMap(({ treatment }) => (treatment?.stages ?? []).map((s) => [s.id, s] as const)),
  );
  const planned = new Map(made.work.planned.map((own) => [own.id, own]));
  const trained = house.crew.some(({ isApprentice }) => !isApprentice);
  for (const { operation, person, start, finish } of placements) {
    const member = house.crew.find(({ id }) => id === person);
    const own = planned.get(operation);
    if (!member || !own) throw new Error(`${operation} is done by nobody, or is nothing`);
    if (member.from) {
      add('comes later');
      expect(BEGIN + start).toBeGreaterThanOrEqual(secondOfDay(member.from));
    }
    if (member.until && !told('leaves-before')) {
      add('leaves earlier');
      expect(BEGIN + finish).toBeLessThanOrEqual(secondOfDay(member.until));
    }
    if (own.task === 'lunch') {
      add('lunch');
      expect([BEGIN + start >= secondOfDay('09:00'), BEGIN + finish <= secondOfDay('10:30')]).toEqual([
        true,
        true,
      ]);
    }
    const hurts = own.stages.some((id) => HURTS.includes(stages.get(id)?.apply?.agentClass ?? ''));
    if (trained && hurts && house.crew.some(({ isApprentice }) => isApprentice)) {
      add('learning');
      expect(member.isApprentice).toBe(false);
    }
    const isPinned = pin && isPinnable(own) && workOf(own).some((id) => pin.work.includes(id));
    if (isPinned && !told('pin-void')) {
      add('pinned');
      expect(person).toBe(pin.person);
    }
  }
}

describe(`the days of ${SEEDS} properties with people of all kinds`, () => {
  it('hold the hours, lunch, tickets and what is fixed, and lose nothing from one day to the next', () => {
    const count: Record<string, number> = { shown: 0, 'goes on': 0, none: 0 };
    const add = (what: string) => (count[what] = (count[what] ?? 0) + 1);
    for (let seed = 1; seed <= SEEDS; seed += 1) {
      const { survey, pin } = peopled(seed);
      let days = 1;
      const areas = new Map<string, number>();
      for (let visit = 1; visit <= days; visit += 1) {
        const made = plan({ ...survey, job: { ...survey.job, visit } }, OPTIONS);
        days = made.visits.length;
        const unsafe = made.warnings.filter(({ rule }) => rule === 'unsafe-sequence');
        expect(unsafe.map(({ text }) => `${seed}, ${visit}: ${text}`)).toEqual([]);
        add(made.visit ? 'shown' : 'none');
        if (made.visits[visit - 1]?.goesOn) add('goes on');
        checked(made, survey, pin, count);
        for (const { surface, stages } of made.visits[visit - 1]?.parts ?? [])
          for (const { id, areaSquareMetres } of stages)
            areas.set(`${surface} ${id}`, (areas.get(`${surface} ${id}`) ?? 0) + areaSquareMetres);
      }
      for (const { surface, treatment } of plan(survey, OPTIONS).surfaces)
        for (const part of treatment?.parts ?? [])
          for (const { id, areaSquareMetres } of part.stages)
            expect(areas.get(`${surface.id} ${id}`)).toBeCloseTo(areaSquareMetres, 6);
    }
    expect(count['shown']).toBeGreaterThan(80);
    expect(count['none'] ?? 0).toBeLessThan((count['shown'] ?? 0) / 5);
    for (const what of ['goes on', 'comes later', 'leaves earlier', 'lunch', 'learning', 'pinned'])
      expect([what, (count[what] ?? 0) > 10]).toEqual([what, true]);
  }, 120_000);
});
