import { describe, expect, it } from '@jest/globals';
import { secondOfDay } from '../quantity/duration.ts';
import { plan } from '../plan/plan.ts';
import { operation } from '../sequence/small-problem.ts';
import { demo } from '../test/demo-survey.ts';
import { outsideQuietHours } from './quiet-hours.ts';

const NOON = { from: '12:00', to: '13:00' };

describe('quiet hours', () => {
  const [washed, rinsed] = outsideQuietHours(
    [
      operation('wash', 'wash', 1800, { machines: ['pressure-washer', 'hose'] }),
      operation('rinse', 'rinse', 1800, { machines: ['hose'] }),
    ],
    [{ from: '06:00', to: '07:30' }, NOON],
    '08:00',
  );

  it('let a machine end before them or begin after, and leave hands and hoses alone', () => {
    expect(washed?.starts?.slice(0, 1)).toEqual([{ from: 0, to: 3.5 * 3600 }]);
    expect(washed?.starts?.[1]?.from).toBe(5 * 3600);
    expect(rinsed?.starts).toBeNull();
  });

  it('are kept by the demo day, in which hand work goes on', () => {
    const survey = demo('hill-observatory');
    expect(survey.property.quietHours).toEqual([NOON]);
    const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 4 });
    const begin = secondOfDay(survey.job.house.dayStart);
    const [from, to] = [secondOfDay(NOON.from) - begin, secondOfDay(NOON.to) - begin];
    const machines = new Map(made.work.problem.operations.map((o) => [o.id, o.machines]));
    const during = (made.visit?.schedule.placements ?? []).filter((p) => p.start < to && p.finish > from);
    const noisy = during.filter((p) =>
      machines.get(p.operation)?.some((kind) => kind.endsWith('washer') || kind === 'surface-cleaner'),
    );
    expect(noisy).toEqual([]);
    expect(during.length).toBeGreaterThan(2);
  });
});
