import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { crewOrder } from '../order/crew-order.ts';
import { roundsInWords } from '../order/rounds-in-words.ts';
import { whyThen } from '../order/why-then.ts';
import { plan, planAround } from '../plan/plan.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { refilledDay } from './refilled-day.ts';
import { waterWaysOut } from './water-ways-out.ts';
import { visitWater } from './visit-water.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 40 };

/** Floors washed one after the other by one person out of a tank that a weak tap fills. */
function yards(tank: object | null, tap: object = { flowLitresPerMinute: 4 }, house: object = {}): Survey {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    start: '2026-05-04',
    sides: [{ id: 'north', aspectDegrees: 0 }],
    site: { waterPoints: [{ id: 'tap', name: 'Tap', ...tap }] },
    surfaces: Array.from({ length: 5 }, (_, i) => ({
      id: `yard-${i}`,
      name: `Yard ${i}`,
      side: 'north',
      material: 'concrete',
      size: '12x6',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    })),
    house: { crew: [{ id: 'a', name: 'Ada' }], dayHours: 14, gear: { tank }, ...house },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}

const lineOf = (survey: Survey, made: ReturnType<typeof plan>) => {
  if (!made.visit) throw new Error(made.warnings.map(({ text }) => text).join('\n'));
  return visitWater(made, made.visit.schedule, faced(survey)).line;
};

describe('a tank that a day would empty', () => {
  const survey = yards({ litres: 150, startLitres: 150 });
  const made = plan(survey, OPTIONS);
  const refills = made.visit?.refills ?? [];

  it('is filled by the tap while nobody draws water, so that it lasts', () => {
    expect(refills.length).toBeGreaterThan(0);
    expect(lineOf(survey, made).firstDryMinute).toBeNull();
    const water = made.visit && visitWater(made, made.visit.schedule, faced(survey));
    for (const { from, to } of refills)
      for (const use of water?.uses ?? [])
        expect(60 * use.to <= from + 1e-6 || 60 * use.from >= to - 1e-6).toBe(true);
    expect(made.visit && scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
    expect(made.warnings.map(({ rule }) => rule)).not.toContain('water-short');
  });

  it('is told to the planner and in the order, and stays so when the order is issued', () => {
    if (!made.visit) throw new Error('no visit');
    const again = planAround(survey, made.visit);
    expect(again.violations).toEqual([]);
    expect(crewOrder(again.plan, survey).site.find(({ about }) => about === 'Tank')?.text).toMatch(
      /^The tap fills the tank \d\d:\d\d–\d\d:\d\d/,
    );
    expect([...whyThen(made, survey, roundsInWords(made)).values()].join(' ')).toContain(
      'The tap fills the tank until',
    );
  });

  it('is left as it is where it lasts, without a tank, where the tap is not known, and where the day gets too long', () => {
    const none = (other: Survey) => plan(other, OPTIONS).visit?.refills;
    expect(none(yards({ litres: 9000, startLitres: 9000 }))).toBeUndefined();
    expect(none(yards(null))).toBeUndefined();
    expect(none(yards({ litres: 150, startLitres: 150 }, { flowLitresPerMinute: null }))).toBeUndefined();
    const dry = plan(yards(null), OPTIONS);
    if (!dry.visit) throw new Error('no visit');
    const { schedule } = dry.visit;
    const water = visitWater(dry, schedule, faced(survey));
    const until = (to: number) =>
      refilledDay(dry.work.problem, schedule, water, survey.job.house, { from: 0, to, endsBy: 'house' })
        .refills.length;
    expect(until(schedule.makespan + 36_000)).toBeGreaterThan(0);
    expect(until(schedule.makespan + 60)).toBe(0);
    // Where it is not done it is told as a way out.
    expect(waterWaysOut(water, faced(survey)).find(({ what }) => what === 'pause')?.text).toMatch(
      /^Wait while the tap fills the tank: \d+ min at \d\d:\d\d.*\. Nothing is wet then and nothing may start; the day gets \d+ min longer\.$/,
    );
  });
});
