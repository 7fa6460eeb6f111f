import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { scheduleViolations } from '../sequence/check.ts';
import type { Survey } from '../survey/survey.ts';
import { plan, planAround } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 3 };

const surveyOf = (house: object, size = '12x6'): Survey => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    sides: [{ id: 'north', aspectDegrees: 0 }],
    surfaces: [
      {
        id: 'wall',
        material: 'painted-render',
        side: 'north',
        size,
        findings: [{ contaminant: 'green-algae', severity: 3 }],
      },
    ],
    house,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const crewOf = (count: number) => ({ crew: ['a', 'b', 'c'].slice(0, count).map((id) => ({ id })) });
const visitOf = (survey: Survey) => {
  const { visit } = plan(survey, OPTIONS);
  if (!visit) throw new Error('there is no visit');
  return visit;
};
const handsOf = (survey: Survey) => visitOf(survey).fronts.map(({ hands }) => hands);

describe('a visit of one large wall', () => {
  it('takes the second person to the front, and ends sooner', () => {
    const [one, two] = [visitOf(surveyOf(crewOf(1))), visitOf(surveyOf(crewOf(2)))];
    expect(one.fronts.map(({ hands }) => hands)).toEqual(['one']);
    expect(two.fronts.map(({ hands }) => hands)).not.toContain('one');
    expect(two.schedule.makespan).toBeLessThan(0.8 * one.schedule.makespan);
  });

  it('is a decision that is kept with its schedule and found sound again, and no other', () => {
    const survey = surveyOf(crewOf(2));
    const { fronts, schedule } = visitOf(survey);
    const again = planAround(survey, { fronts, schedule });
    expect(again.violations).toEqual([]);
    expect(scheduleViolations(again.plan.work.problem, schedule)).toEqual([]);
    const alone = fronts.map(({ hands: _, ...front }) => front);
    expect(planAround(survey, { fronts: alone, schedule }).violations).not.toEqual([]);
  });

  it('stays with one where a part each would be a corner', () => {
    expect(handsOf(surveyOf(crewOf(2), '3x2'))).toEqual(['one']);
  });
});
