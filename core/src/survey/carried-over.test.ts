import { describe, expect, it } from '@jest/globals';
import { demo } from '../test/demo-survey.ts';
import { duplicateOf, templateOf } from './carried-over.ts';

const survey = demo('lock-cottage');
const pin = {
  work: ['x.cycle-1'],
  person: 'a',
  notBefore: null,
  name: 'X',
  why: '',
  by: 'Ada',
  at: '2026-05-01T08:00:00Z',
};
const fixed = {
  ...survey,
  job: { ...survey.job, start: '2026-05-04', visit: 2, house: { ...survey.job.house, pins: [pin] } },
};

describe('what another job begins with', () => {
  it('is the crew and its hours, not who was fixed to what on that day, nor its date', () => {
    let made = 0;
    for (const { job } of [templateOf(fixed), duplicateOf(fixed, 'Again', () => `id-${(made += 1)}`)]) {
      expect(job.house).toEqual({ ...survey.job.house, pins: [] });
      expect([job.start, job.visit]).toEqual([null, 1]);
    }
    expect(made).toBeGreaterThan(0);
  });
});
