import { CATALOGUE } from '../catalogue/catalogue.ts';
import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { facesOf } from './face.ts';
import { LONGEST_DROP_SECONDS } from './surface-test.ts';
import { sorptivityOf, absorptionOf } from './water-absorption.ts';

describe('a drop of water', () => {
  it.each([
    [7.6, 0.12, 'open: soaks in at once'],
    [30, 0.06, 'porous'],
    [484, 0.015, 'dense'],
    [1800, 0.0078, 'tight'],
    [LONGEST_DROP_SECONDS, 0.0001, 'sealed: it beads'],
    [0.5, 0.3, 'open: soaks in at once'],
  ])('that is gone after %p s means %p kg/(m²·√s): %s', (seconds, sorptivity, name) => {
    expect(absorptionOf(seconds)).toEqual({ sorptivity, name });
  });

  it.each([0, -3, NaN])('does not take %p s', (seconds) => {
    expect(() => absorptionOf(seconds)).toThrow('a drop takes some time');
  });
});

describe('the thirst of a face', () => {
  const faces = (tests: readonly object[]) => {
    const reading = readJobFile({
      format: 'etappe-job',
      version: 1,
      site: { tests },
      surfaces: [
        {
          id: 'wall',
          material: 'concrete',
          size: '4x3',
          findings: [],
          zones: [{ id: 'foot', name: 'Foot', lies: 'foot', size: '4x0.5' }],
        },
      ],
    });
    if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
    return facesOf(reading.survey);
  };
  const drop = (id: string, seconds: number, zone: string | null = null) => ({
    id,
    surface: 'wall',
    zone,
    test: 'thirst',
    seconds,
  });

  it('is the default of its material until a drop is timed', () => {
    expect(faces([]).map((face) => sorptivityOf(face, CATALOGUE))).toEqual([0.015, 0.015]);
  });

  it('is what the fastest drop says: the clocks stay on the safe side', () => {
    expect(faces([drop('a', 484), drop('b', 30)]).map((face) => sorptivityOf(face, CATALOGUE))).toEqual([
      0.06, 0.06,
    ]);
  });

  it('of a zone is its own where it was timed there', () => {
    expect(
      faces([drop('a', 484), drop('b', LONGEST_DROP_SECONDS, 'foot')]).map((face) =>
        sorptivityOf(face, CATALOGUE),
      ),
    ).toEqual([0.015, 0.0001]);
  });
});
