import { describe, expect, it } from '@jest/globals';
import { faceSun } from '../plan/face-sun.ts';
import { plan } from '../plan/plan.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { demo } from '../test/demo-survey.ts';
import { dayInRows } from './day-in-rows.ts';
import { roundsInWords } from './rounds-in-words.ts';
import { whyThen } from './why-then.ts';

const survey = demo('hill-observatory');
const planned = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 20 });
const rounds = roundsInWords(planned);
const why = whyThen(planned, survey, rounds);
const rows = dayInRows(planned, survey, rounds, faceSun(planned, survey), why);

describe('the day in rows', () => {
  it('has each round once, in the order of time, with whose it is, what is done and why then', () => {
    expect(rows.map(({ id }) => id).sort()).toEqual(rounds.map(({ id }) => id).sort());
    const times = rows.map(({ from }) => secondOfDay(from));
    expect(times).toEqual([...times].sort((a, b) => a - b));
    const names = new Set(survey.job.house.crew.map(({ name }) => name));
    expect(rows.every(({ person, acts }) => names.has(person) && acts !== '')).toBe(true);
    expect(rows.filter((row) => row.why !== '').length).toBeGreaterThan(rows.length - 5);
  });

  it('tells every dwell until it is rinsed, every mist and where the sun is', () => {
    const { watches, fronts } = planned.work.problem;
    expect(rows.flatMap(({ dwells }) => dwells)).toHaveLength(watches.length);
    const mists = fronts.flatMap(({ strips }) => strips.flatMap((strip) => strip.mists));
    expect(rows.flatMap((row) => row.mists)).toHaveLength(mists.length);
    expect(watches.length + mists.length).toBeGreaterThan(0);
    expect(new Set(rows.filter(({ places }) => places !== '').map(({ sun }) => sun)).size).toBeGreaterThan(1);
  });

  it('says nothing of the sun where it is not known', () => {
    expect(dayInRows(planned, survey, rounds, null, why).every(({ sun }) => sun === '')).toBe(true);
  });
});
