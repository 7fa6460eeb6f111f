import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import type { Survey } from '../survey/survey.ts';
import { demo } from '../test/demo-survey.ts';
import { workingDay } from './working-day.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 20 };
const halt = demo('tram-halt');
const hill = demo('hill-observatory');
const on = (survey: Survey, job: object, property: object = {}): Survey => ({
  ...survey,
  job: { ...survey.job, ...job },
  property: { ...survey.property, ...property },
});
const clock = (survey: Survey, second: number) => {
  const [hour = 0, minute = 0] = survey.job.house.dayStart.split(':').map(Number);
  return (hour * 3600 + minute * 60 + second) / 3600;
};

describe('the working day', () => {
  it('is the company’s where nothing narrows it', () => {
    const free = on(hill, { start: '2026-06-15' }, { hours: null });
    expect(workingDay(free)).toEqual({ from: 0, to: 3600 * hill.job.house.dayHours, endsBy: 'house' });
  });

  it('ends with the hours of the property, and begins no sooner than they do', () => {
    const narrow = on(hill, { start: '2026-06-15' }, { hours: { from: '09:30', to: '15:00' } });
    const day = workingDay(narrow);
    expect([clock(narrow, day.from), clock(narrow, day.to), day.endsBy]).toEqual([9.5, 15, 'property']);
    const made = plan(narrow, OPTIONS);
    const starts = made.visit?.schedule.placements.map(({ start }) => start) ?? [];
    expect(Math.min(...starts)).toBeGreaterThanOrEqual(day.from);
    // What a day has no room for goes on the next one.
    expect(made.visits.length).toBeGreaterThan(plan(hill, OPTIONS).visits.length);
  });

  it('ends at dusk in winter, and says so where the work goes on after it', () => {
    const house = { ...halt.job.house, dayStart: '15:00', dayHours: 9 };
    const winter = on(halt, { start: '2026-12-21', house }, { hours: null });
    const day = workingDay(winter);
    expect(day.endsBy).toBe('light');
    // At 47° north it is dark soon after five on the shortest day.
    expect(clock(winter, day.to)).toBeGreaterThan(16.5);
    expect(clock(winter, day.to)).toBeLessThan(17.6);
    const stop = plan(winter, OPTIONS).warnings.find(({ rule }) => rule === 'day-too-long');
    expect(stop?.text).toMatch(/^The work ends at 17:\d\d, and it is dark from 17:\d\d on\./);
  });

  it('knows no light where nobody knows the place or the day, nor at night', () => {
    const nowhere = { latitude: 0, longitude: 0, timeZone: 'UTC' };
    const late = { ...halt.job.house, dayStart: '15:00' };
    for (const survey of [
      on(halt, { start: '2026-12-21', house: late }, { place: nowhere, hours: null }),
      on(halt, { start: null, house: late }, { hours: null }),
      on(halt, { start: '2026-12-21', house: { ...late, dayStart: '22:00' } }, { hours: null }),
    ])
      expect(workingDay(survey).endsBy).toBe('house');
  });
});
