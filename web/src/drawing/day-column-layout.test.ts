/** @jest-environment node */
import { describe, expect, it } from '@jest/globals';
import { plan, readJobFile, roundsInWords } from '@etappe/core';
import { dayColumnLayout } from './day-column-layout.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  surfaces: ['a', 'b', 'c'].map((id) => ({
    id,
    material: 'painted-render',
    size: '4x2',
    findings: [{ contaminant: 'green-algae', severity: 3 }],
  })),
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 2 });

describe('one person’s day from top to bottom', () => {
  it('has all their rounds in time order, with words that never lie over each other', () => {
    for (const person of ['a', 'b']) {
      const { bars, height } = dayColumnLayout(made, roundsInWords(made), person);
      const own = made.visit?.schedule.placements.filter((placed) => placed.person === person) ?? [];
      expect(bars.flatMap(({ round }) => round.operations)).toHaveLength(own.length);
      bars.forEach((bar, i) => {
        const next = bars[i + 1];
        if (next) expect(next.textY - bar.textY).toBeGreaterThanOrEqual(40);
        expect(bar.textY).toBeGreaterThanOrEqual(bar.y);
        expect(bar.textY + 40).toBeLessThanOrEqual(height);
      });
    }
  });

  it('is empty without a visit', () => {
    expect(dayColumnLayout({ ...made, visit: null }, [], 'a').bars).toEqual([]);
  });
});
