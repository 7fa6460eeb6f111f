import { createHash } from 'node:crypto';
import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import type { Survey } from '../survey/survey.ts';
import { canonicalHash, inputsHash } from './inputs-hash.ts';

const reading = readJobFile({
  format: 'etappe-job', version: 1,
  surfaces: ['a', 'b'].map((id) => ({ id, material: 'concrete', size: '3x2', findings: [{ contaminant: 'lichen', severity: 2 }] })),
}); // prettier-ignore
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const { survey } = reading;

describe('the hash of the inputs', () => {
  it('does not depend on the order of keys or lists', () => {
    const turned: Survey = {
      ...survey,
      surfaces: [...survey.surfaces].reverse(),
      findings: [...survey.findings].reverse(),
    };
    expect(inputsHash(turned)).toBe(inputsHash(survey));
    expect(canonicalHash({ a: 1, b: 2 })).toBe(canonicalHash({ b: 2, a: 1 }));
  });

  it('changes with anything that may change the plan', () => {
    const [first] = survey.surfaces;
    if (!first) throw new Error('there is a surface');
    const changed: Survey = {
      ...survey,
      surfaces: [{ ...first, size: '3x2.1' }, ...survey.surfaces.slice(1)],
    };
    const windy: Survey = {
      ...survey,
      job: { ...survey.job, weather: { ...survey.job.weather, windMetresPerSecond: 3 } },
    };
    expect(new Set([survey, changed, windy].map(inputsHash)).size).toBe(3);
  });

  it('is SHA-256 of the canonical text', () => {
    expect(canonicalHash('Etappe')).toBe(createHash('sha256').update('"Etappe"').digest('hex'));
  });
});
