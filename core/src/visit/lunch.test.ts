import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from '../order/crew-order.ts';
import { plan } from '../plan/plan.ts';
import { faced } from '../survey/face.ts';
import { scheduleJudge } from '../plan/day-log.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { demoFile } from '../test/demo-survey.ts';

const LUNCH = { from: '11:30', to: '13:30', minutes: 30 };
const HOUR = 3600;

function planned(name: string, lunch: object | null) {
  const file = demoFile(name);
  const reading = readJobFile({ ...file, house: { ...(file['house'] as object), lunch } });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const { survey } = reading;
  return { survey, made: plan(survey, { asOf: '2026-05-04', seed: 1, budget: 8 }) };
}

describe('lunch', () => {
  const { survey, made } = planned('hill-observatory', LUNCH);
  const { problem } = made.work;
  const schedule = made.visit?.schedule ?? { placements: [], makespan: 0 };
  const pauses = schedule.placements.filter(({ operation }) => operation.startsWith('lunch.'));

  it('is had by each person within its hours, and the day is sound', () => {
    expect(pauses.map(({ person }) => person).sort()).toEqual([...problem.people].sort());
    for (const { start, finish } of pauses) {
      expect(finish - start).toBe(30 * 60);
      expect(start).toBeGreaterThanOrEqual(3.5 * HOUR);
      expect(finish).toBeLessThanOrEqual(5.5 * HOUR);
    }
    expect(scheduleViolations(problem, schedule)).toEqual([]);
    expect(scheduleJudge(made, faced(survey))(schedule)).toEqual([]);
  });

  it('leaves nothing to dwell that only those at lunch could watch', () => {
    const at = new Map(schedule.placements.map((placement) => [placement.operation, placement]));
    let watched = 0;
    for (const { from, to } of problem.watches) {
      const [begun, ended] = [at.get(from), at.get(to)];
      if (!begun || !ended) throw new Error('everything is placed');
      const keepers = new Set([begun.person, ended.person]);
      const atLunch = pauses.filter(
        ({ person, start, finish }) => keepers.has(person) && start < ended.start && begun.start < finish,
      );
      expect(atLunch.length).toBeLessThan(keepers.size);
      watched += 1;
    }
    expect(watched).toBeGreaterThan(3);
  });

  it('stands on the order of each', () => {
    const { people } = crewOrder(made, survey);
    for (const { entries } of people)
      expect(entries.filter(({ task, title }) => task === 'lunch' && title === 'Lunch')).toHaveLength(1);
  });

  it('is not planned where nobody asks for it, or where the visit is over by then', () => {
    const operations = (of: ReturnType<typeof planned>) =>
      of.made.work.problem.operations.filter(({ id }) => id.startsWith('lunch.'));
    expect(operations(planned('hill-observatory', null))).toEqual([]);
    expect(operations(planned('tram-halt', LUNCH))).toEqual([]);
  });

  it('must have room', () => {
    const file = demoFile('tram-halt');
    const house = { ...(file['house'] as object), lunch: { ...LUNCH, to: '11:50' } };
    const reading = readJobFile({ ...file, house });
    expect(reading).toMatchObject({ ok: false });
    expect(JSON.stringify(reading)).toContain('30 min does not fit between 11:30 and 11:50');
  });
});
