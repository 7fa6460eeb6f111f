import { describe, expect, it } from '@jest/globals';
import { crewOrder } from '../order/crew-order.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { demo } from '../test/demo-survey.ts';
import { plan, planAround } from './plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 60 };
const halt = demo('tram-halt');
const heat = { temperatureC: 33, humidity: 0.25, windMetresPerSecond: 3, cloud: 0 };
const hot = {
  ...halt,
  job: { ...halt.job, start: '2026-07-20', weather: { ...halt.job.weather, ...heat } },
};

describe('a face that the sun makes hard for a part of the day', () => {
  const made = plan(hot, OPTIONS);
  const within = made.surfaces.flatMap((p) => (p.within ? [{ id: p.surface.id, ...p.within }] : []));

  it('is worked in its gentler hours, with fronts as large as those bear', () => {
    expect(within.length).toBeGreaterThan(0);
    const start =
      3600 * Number(hot.job.house.dayStart.slice(0, 2)) + 60 * Number(hot.job.house.dayStart.slice(3));
    const placed = new Map(made.visit?.schedule.placements.map((one) => [one.operation, one]));
    for (const { id, from, to } of within) {
      const wet = made.work.planned.filter(({ parts }) =>
        parts.some(({ surface, cycle }) => surface === id && cycle !== null),
      );
      expect(wet.length).toBeGreaterThan(0);
      for (const own of wet) {
        expect(start + (placed.get(own.id)?.start ?? 0)).toBeGreaterThanOrEqual(3600 * from);
        expect(start + (placed.get(own.id)?.finish ?? Infinity)).toBeLessThanOrEqual(3600 * to);
      }
    }
    expect(made.visit && scheduleViolations(made.work.problem, made.visit.schedule)).toEqual([]);
  });

  it('stays so when the order is issued, and the order says in which hours', () => {
    if (!made.visit) throw new Error('no visit');
    const again = planAround(hot, made.visit);
    expect(again.violations).toEqual([]);
    expect(again.plan.surfaces.filter((p) => p.within)).toHaveLength(within.length);
    expect(JSON.stringify(crewOrder(again.plan, hot))).toContain('the strips are made for these hours');
  });

  it('is worked at any hour where that is no faster, and where no day is found in them', () => {
    expect(plan(halt, OPTIONS).surfaces.every((p) => p.within === null)).toBe(true);
    const wall = (id: string) => ({
      id,
      side: 's',
      material: 'painted-render',
      size: '60x6',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    });
    const reading = readJobFile({
      format: 'etappe-job',
      version: 2,
      start: '2026-07-20',
      place: { latitude: 47, longitude: 9, timeZone: 'Europe/Zurich' },
      sides: [{ id: 's', aspectDegrees: 180 }],
      weather: heat,
      surfaces: ['a', 'b', 'c'].map(wall),
      house: { crew: [{ id: 'a' }], dayHours: 12 },
    });
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    const day = plan(reading.survey, OPTIONS);
    expect(day.visit).not.toBeNull();
    expect(day.warnings.filter(({ rule }) => rule === 'no-sequence')).toEqual([]);
  });
});
