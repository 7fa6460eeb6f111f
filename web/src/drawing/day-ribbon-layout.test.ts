/** @jest-environment node */
import { describe, expect, it } from '@jest/globals';
import { faceSun, plan, readJobFile, roundsInWords } from '@etappe/core';
import { dayRibbonLayout } from './day-ribbon-layout.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  surfaces: ['a', 'b'].map((id) => ({
    id,
    material: 'painted-render',
    size: '4x2',
    findings: [{ contaminant: 'green-algae', severity: 3 }],
  })),
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey } = reading;
const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 2 });
const day = { plan: made, survey, rounds: roundsInWords(made), sun: faceSun(made, survey) };
const layout = dayRibbonLayout(day, 800);

describe('the day ribbon', () => {
  it('has a row per person and a bar per round, all inside it, each with its name', () => {
    expect(layout.rows.map((r) => r.person)).toEqual(['a', 'b']);
    const inBars = layout.bars.flatMap(({ round }) => round.operations.map(({ id }) => id));
    expect(inBars.sort()).toEqual(made.work.problem.operations.map(({ id }) => id).sort());
    for (const bar of layout.bars) {
      expect(bar.x).toBeGreaterThanOrEqual(12);
      expect(bar.x + bar.width).toBeLessThanOrEqual(800);
      expect(bar.parts).toHaveLength(bar.round.operations.length);
    }
    expect(layout.bars.map(({ label }) => label.text)).toContain('A · A');
  });

  it('never lays two bars of one person over each other by more than a hair', () => {
    for (const row of layout.rows) {
      const bars = layout.bars.filter((b) => b.round.person === row.person);
      bars.forEach((bar, i) => {
        const next = bars[i + 1];
        if (next) expect(next.x - (bar.x + bar.width)).toBeGreaterThan(-1.6);
      });
    }
  });

  it('draws a dwell for every piece that is left alone, within the round in which it was put on', () => {
    expect(layout.dwells).toHaveLength(made.work.problem.watches.length);
    expect(layout.dwells.length).toBeGreaterThan(0);
    for (const dwell of layout.dwells) {
      const bar = layout.bars.find(({ round }) => round.operations.some(({ id }) => id === dwell.id));
      expect(dwell.x).toBeGreaterThan(bar?.x ?? Infinity);
      expect(dwell.y).toBeGreaterThan((bar?.y ?? 0) + (bar?.height ?? 0));
    }
  });

  it('hatches quiet hours, and marks the end of a working day that is too short', () => {
    const { property, job } = survey;
    const quiet = {
      ...property,
      quietHours: [
        { from: '08:10', to: '08:20' },
        { from: '22:00', to: '23:00' },
      ],
    };
    const house = { ...job.house, dayHours: 1 };
    const short = dayRibbonLayout(
      { ...day, survey: { ...survey, property: quiet, job: { ...job, house } } },
      800,
    );
    expect(short.bands.map(({ kind }) => kind)).toEqual(['quiet']);
    expect(short.bands[0]?.x).toBeCloseTo(short.x(600), 5);
    expect(layout.dayEnd).toBeNull();
    expect(short.dayEnd === null).toBe((made.visit?.schedule.makespan ?? 0) <= 3600);
  });

  it('of a plan without a visit is empty', () => {
    expect(dayRibbonLayout({ ...day, plan: { ...made, visit: null }, rounds: [] }, 800).bars).toEqual([]);
  });
});
