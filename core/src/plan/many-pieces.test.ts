import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { betterPlans, plan } from './plan.ts';

/** Five yards on a hot, dry, windy day: everything dries at once, so that it falls into very small sections. */
function yards(size: string): Survey {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    sides: [{ id: 'north' }],
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces: Array.from({ length: 5 }, (_, i) => ({
      id: `yard-${i}`,
      side: 'north',
      material: 'concrete',
      band: 'floor',
      tiltDegrees: 0,
      topMetres: 0,
      size,
      findings: ['green-algae', 'surface-rust', 'mineral-oil'].map((contaminant) => ({
        contaminant,
        severity: 3,
      })),
    })),
    weather: { temperatureC: 32, humidity: 0.2, windMetresPerSecond: 3 },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}
const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 12 };

describe('a visit in very many pieces', () => {
  it('is stopped in words, with what makes so many and the way out', () => {
    const made = plan(yards('10x10'), { ...OPTIONS, mostTrials: 5000 });
    expect(made.work.problem.operations.length).toBeGreaterThan(1000);
    expect(made.visit).toBeNull();
    const stop = made.warnings.find((w) => w.rule === 'too-many-pieces');
    expect(stop?.severity).toBe('stop');
    expect(stop?.text).toMatch(
      /^This visit breaks into [\d]+ pieces of work, \d+ of them sections of Yard \d: .*split the job\.$/,
    );
  });

  it('lets the caller in again and again before the first schedule is there', () => {
    let turns = 0;
    for (const made of betterPlans(yards('10x10'), OPTIONS)) {
      if (made) break;
      turns += 1;
    }
    expect(turns).toBeGreaterThan(20);
  });
});
