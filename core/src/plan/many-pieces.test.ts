import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { betterPlans, plan } from './plan.ts';

/** Many small walls: each is left to dwell alone, and must be come back to in time. */
function walls(count: number, crew = 1): Survey {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    sides: [{ id: 'north' }],
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 25 }] },
    surfaces: Array.from({ length: count }, (_, i) => ({
      id: `wall-${i}`,
      side: 'north',
      material: 'painted-render',
      topMetres: 2,
      size: '4x2',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    })),
    house: { crew: Array.from({ length: crew }, (_, i) => ({ id: `p${i}`, tickets: [] })), dayHours: 16 },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
}
const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 12 };

describe('a visit in very many pieces', () => {
  it('is stopped in words, with what makes so many and the way out', () => {
    const made = plan(walls(12), { ...OPTIONS, mostTrials: 3 });
    expect(made.work.problem.watches.length).toBeGreaterThan(5);
    expect(made.visit).toBeNull();
    const stop = made.warnings.find((w) => w.rule === 'too-many-pieces');
    expect(stop?.severity).toBe('stop');
    expect(stop?.text).toMatch(
      /^This visit breaks into [\d]+ pieces of work, \d+ of them on the front at Wall \d+: .*split the job\.$/,
    );
  });

  it('lets the caller in again and again before the first schedule is there', () => {
    let turns = 0;
    for (const made of betterPlans(walls(150, 4), OPTIONS)) {
      if (made) break;
      turns += 1;
    }
    expect(turns).toBeGreaterThan(1);
  });
});
