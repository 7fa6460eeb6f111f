import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { Survey } from '../survey/survey.ts';
import { demo } from '../test/demo-survey.ts';
import { dayVariants, variantFigures, withVariant } from './day-variants.ts';
import type { VariantFigures } from './day-variants.ts';

const AS_OF = '2026-05-04';
const survey = demo('hill-observatory');
function figuresOf(of: Survey): VariantFigures {
  const days = variantFigures(of, AS_OF);
  let step = days.next();
  while (!step.done) step = days.next();
  return step.value;
}
const made = plan(survey, { asOf: AS_OF, seed: 1, budget: 12 });
const variants = dayVariants(survey, made);

describe('the day with one thing otherwise', () => {
  it('is offered with one person fewer and more, the busiest machine, an earlier start and without lunch', () => {
    expect(variants.map(({ name }) => name)).toEqual([
      'Two people',
      'Four people',
      expect.stringMatching(/^One more /),
      'Begin at 06:30',
      'No lunch on site',
    ]);
    const alone = {
      ...survey.job.house,
      crew: survey.job.house.crew.slice(0, 1),
      dayStart: '05:00',
      lunch: null,
    };
    const few = { ...survey, job: { ...survey.job, house: alone } };
    expect(dayVariants(few, made).map(({ id }) => id)).toEqual(['people-2', 'lunch']);
  });

  it('changes nothing else, and is planned over all its days', () => {
    const now = figuresOf(survey);
    expect(now.visitSeconds).toBe(made.visit?.schedule.makespan);
    expect(now.days).toBe(made.visits.length);
    const byId = new Map(variants.map((variant) => [variant.id, variant]));
    const of = (id: string) => {
      const variant = byId.get(id);
      if (!variant) throw new Error(id);
      const changed = withVariant(survey, variant);
      expect({ ...changed, job: { ...changed.job, house: survey.job.house } }).toEqual(survey);
      return figuresOf(changed);
    };
    const more = of('people-4');
    expect(more.visitSeconds).toBeLessThan(now.visitSeconds ?? 0);
    const earlier = of('earlier');
    const start = (house: Survey['job']['house']) => secondOfDay(house.dayStart);
    expect(earlier.finishSecondOfDay).toBe(start(survey.job.house) - 5400 + (earlier.visitSeconds ?? 0));
    // Each day's time for everybody, one after the other.
    let paid = 0;
    for (let visit = 1; visit <= now.days; visit += 1)
      paid +=
        3 *
        (plan({ ...survey, job: { ...survey.job, visit } }, { asOf: AS_OF, seed: 1, budget: 12 }).visit
          ?.schedule.makespan ?? NaN);
    expect(now.paidSeconds).toBe(paid);
  });

  it('says that it has none where a day cannot be sequenced', () => {
    const machines = survey.job.house.machines.map((machine) => ({ ...machine, count: 0 }));
    const none = figuresOf({ ...survey, job: { ...survey.job, house: { ...survey.job.house, machines } } });
    expect([none.visitSeconds, none.finishSecondOfDay, none.paidSeconds]).toEqual([null, null, null]);
  });
});
