import { describe, expect, it } from '@jest/globals';
import { surveyWith, wall, yard } from '../test/provided-job.ts';
import { asBefore } from './as-before.ts';
import type { Survey } from './survey.ts';

const survey = surveyWith({ surfaces: [wall(), yard] });
/** As one comes over a wire. */
const copied = (of: Survey) => JSON.parse(JSON.stringify(of)) as Survey;

describe('a survey that comes as a copy', () => {
  it('is made of the same objects where nothing differs', () => {
    const before = asBefore(survey);
    const again = asBefore(copied(survey));
    expect(again.surfaces).toBe(before.surfaces);
    expect(again.job).toBe(before.job);
    expect(again).toEqual(survey);
  });

  it('differs in what was edited, added or taken away, and in nothing else', () => {
    const before = asBefore(survey);
    const copy = copied(survey);
    const [worse, ...others] = copy.findings;
    if (!worse) throw new Error('something is found');
    const edited = {
      ...copy,
      job: { ...copy.job, name: 'Another' },
      surfaces: copy.surfaces.slice(1),
      findings: [...others, { ...worse, severity: 4 as const }],
    };
    const after = asBefore(edited);
    expect(after).toEqual(edited);
    expect(after.surfaces[0]).toBe(before.surfaces[1]);
    expect(after.findings[0]).toBe(before.findings[1]);
    expect(after.findings[1]).not.toBe(before.findings[0]);
    expect(after.property).toBe(before.property);
    expect(asBefore(copied(survey))).toEqual(survey);
  });
});
