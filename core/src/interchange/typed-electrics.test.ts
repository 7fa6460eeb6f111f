import { describe, expect, it } from '@jest/globals';
import { readJobFile } from './job-file.ts';

const file = (version: number, answers: Record<string, string>) => ({
  format: 'etappe-job',
  version,
  surfaces: [],
  site: {
    answers,
    features: [
      { id: 'lamp', kind: 'lamp', note: 'By the door.' },
      { id: 'board', kind: 'panel' },
      { id: 'bed', kind: 'plant-bed' },
    ],
  },
});
const read = (version: number, answers: Record<string, string>) => {
  const reading = readJobFile(file(version, answers));
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return { notes: reading.survey.features.map((f) => f.note), answers: reading.survey.job.answers };
};

describe('a job file of version 1', () => {
  it('keeps what was said in words of electrics as a note, so that the question opens again', () => {
    expect(
      read(1, { 'electrics-weatherproof lamp': 'yes', 'electrics-weatherproof': 'no idea', windows: 'shut' }),
    ).toEqual({
      notes: ['By the door. Answered in words: “yes”', 'Answered in words: “no idea”', ''],
      answers: { windows: 'shut' },
    });
  });

  it('is else read as it is, and one of version 2 altogether', () => {
    expect(read(1, { windows: 'shut' })).toEqual({
      notes: ['By the door.', '', ''],
      answers: { windows: 'shut' },
    });
    expect(read(2, { 'electrics-weatherproof': 'yes' }).answers).toEqual({ 'electrics-weatherproof': 'yes' });
    expect(readJobFile({ format: 'etappe-job', version: 1, site: 'none', surfaces: [] }).ok).toBe(false);
  });
});
