import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { faced } from '../survey/face.ts';
import { demo } from '../test/demo-survey.ts';
import { lateNeutraliserWarnings } from './neutraliser-warnings.ts';

const survey = demo('hill-observatory');
const { work, visit, warnings } = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 40 });

describe('what was rinsed off and waits for its neutraliser', () => {
  it('is brought to rest within half an hour on the demo day, and nothing is said of it', () => {
    const placed = new Map(visit?.schedule.placements.map((one) => [one.operation, one]));
    const waits = work.problem.soon.map(
      ({ after, then }) =>
        (placed.get(then)?.start ?? 0) - Math.max(...after.map((id) => placed.get(id)?.finish ?? 0)),
    );
    expect(waits.length).toBeGreaterThan(5);
    expect(Math.max(...waits)).toBeLessThanOrEqual(1800);
    expect(warnings.filter(({ rule }) => rule === 'neutralised-late')).toEqual([]);
  });

  it('is told with its face and both times where it waits for longer', () => {
    const [first] = work.problem.soon;
    if (!first || !visit) throw new Error('the demo neutralises');
    const late = {
      ...visit.schedule,
      placements: visit.schedule.placements.map((one) =>
        one.operation === first.then
          ? { ...one, start: visit.schedule.makespan, finish: visit.schedule.makespan + 300 }
          : one,
      ),
    };
    const [found, ...others] = lateNeutraliserWarnings(work, late, faced(survey));
    expect(others).toEqual([]);
    expect(found?.severity).toBe('warn');
    expect(found?.surface).not.toBeNull();
    expect(found?.text).toMatch(/ is rinsed by \d\d:\d\d and neutralised only at \d\d:\d\d, .* later: /);
  });
});
