import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { openQuestions } from './open-questions.ts';

const asked = (yearBuilt: number | null | undefined, more: object = {}, answers: object = {}) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 2,
    property: yearBuilt === undefined ? {} : { yearBuilt },
    site: { waterPoints: [{ id: 'tap', flowLitresPerMinute: 20 }], answers },
    surfaces: [
      {
        id: 'roof',
        name: 'Roof',
        material: 'slate-roof',
        size: '6x4',
        band: 'roof',
        footMetres: 3,
        topMetres: 5,
        findings: [{ contaminant: 'moss', severity: 2 }],
        ...more,
      },
      {
        id: 'wall',
        name: 'Wall',
        material: 'painted-render',
        size: '6x3',
        topMetres: 3,
        findings: [{ contaminant: 'green-algae', severity: 2 }],
      },
      { id: 'clean', name: 'Gable', material: 'painted-render', size: '2x2', findings: [] },
    ],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return openQuestions(faced(reading.survey)).filter((q) => q.rule === 'old-building');
};

describe('a building of an age', () => {
  it('is asked about asbestos and lead on what is worked, as its year says', () => {
    expect(asked(1965).map((q) => [q.text, q.blocking])).toEqual([
      [
        'Built in 1965: slates, felt and cement sheet of that time may hold asbestos. Is there a paper or a laboratory result for Roof? Until then nothing touches it.',
        true,
      ],
      [
        'Built in 1965: old paint may hold lead. Has the paint on Wall been renewed or tested? Until then it is neither rubbed, jetted nor heated.',
        false,
      ],
    ]);
    expect(asked(1990).map((q) => q.key)).toEqual(['old-building roof']);
    expect([2005, null, undefined].flatMap((year) => asked(year))).toEqual([]);
  });

  it('is not asked about what is marked as doubtful already, nor what was answered', () => {
    expect(asked(1990, { conditions: ['perhaps-asbestos'] })).toEqual([]);
    expect(
      asked(1965, {}, { 'old-building roof': 'tested 2019', 'old-building wall': 'renewed 2015' }),
    ).toEqual([]);
  });

  it('is refused in a year that no building is of', () => {
    const reading = readJobFile({
      format: 'etappe-job',
      version: 2,
      property: { yearBuilt: 19.5 },
      surfaces: [],
    });
    expect(JSON.stringify(reading)).toContain('yearBuilt');
  });
});
