import { describe, expect, it } from '@jest/globals';
import { readJobFile } from '../interchange/job-file.ts';
import { derived } from '../plan/derivation.ts';
import { faced } from '../survey/face.ts';
import { inputsHash } from '../plan/inputs-hash.ts';
import { randomProperty } from '../test/random-property.ts';
import { aftercareOf } from './aftercare.ts';

const read = (file: object) => {
  const reading = readJobFile({ format: 'etappe-job', version: 1, ...file });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const aftercare = (file: object) => {
  const survey = read(file);
  return aftercareOf(derived(faced(survey)), survey);
};
const SIDES = [
  { id: 'n', name: 'North', aspectDegrees: 0 },
  { id: 's', name: 'South', aspectDegrees: 180 },
];
const wall = (side: string, more: object = {}) => ({
  id: `wall-${side}`,
  name: `Wall ${side}`,
  material: 'painted-render',
  side,
  size: '6x3',
  topMetres: 3,
  findings: [{ contaminant: 'green-algae', severity: 3 }],
  ...more,
});
const picked = (surface: string, contaminant: string, method: string) => ({
  surface,
  contaminant,
  method,
  by: 'Ada',
  at: '2026-04-20T09:00:00Z',
});

describe('what comes after the work', () => {
  it('is sooner in the shade than in the sun, and offers a biocide on a later, dry day', () => {
    const items = aftercare({ start: '2026-05-04', sides: SIDES, surfaces: [wall('n'), wall('s')] });
    expect(items.map(({ kind, on, places }) => [kind, on, places.join()])).toEqual([
      ['offer', '2026-05-11', 'Wall n,Wall s'],
      ['reminder', '2028-05-04', 'Wall n'],
      ['reminder', '2029-05-04', 'Wall s'],
    ]);
    expect(items[0]?.text).toMatch(/24 h without rain.*not part of this job/);
  });

  it('of a biocide is what shows when, and its renewal; nothing is offered twice', () => {
    const roof = {
      id: 'roof',
      name: 'Roof',
      material: 'clay-roof-tile',
      band: 'roof',
      side: 'n',
      size: '6x5',
      footMetres: 3,
      topMetres: 6,
      tiltDegrees: 35,
      findings: [{ contaminant: 'lichen', severity: 2 }],
    };
    const items = aftercare({
      start: '2026-05-04',
      sides: SIDES,
      surfaces: [roof],
      choices: [picked('roof', 'lichen', 'leave-on-biocide')],
    });
    expect(items.map(({ kind, on }) => `${kind} ${on ?? ''}`)).toEqual([
      'look 2026-06-04',
      'look 2026-11-04',
      'look 2027-05-04',
      'look 2027-11-04',
      'reminder 2029-05-04',
    ]);
  });

  it('counts from the last visit to the surface, and reviews oil and rust before anything stronger', () => {
    const items = aftercare({
      start: '2026-05-04',
      surfaces: [
        {
          id: 'bay',
          name: 'Bay',
          material: 'block-paving',
          size: '4x3',
          tiltDegrees: 0,
          findings: [
            { contaminant: 'mineral-oil', severity: 2, share: 0.2 },
            { contaminant: 'weeds', severity: 2, share: 0.3 },
            { contaminant: 'empty-joints', severity: 2 },
          ],
        },
      ],
    });
    const [review] = items;
    expect(review).toMatchObject({ kind: 'review', places: ['Bay'] });
    expect(review?.text).toContain('stronger go');
    // Joints are filled two days after the wash: the days count from there.
    expect(review?.on).toBe('2026-05-08');
    expect(items.map((i) => i.text).join()).toMatch(/Sweep the joints.*Weeds, each season/);
  });

  it('guarantees in the company’s own terms, and no order goes stale by it', () => {
    const job = { start: '2026-05-04', surfaces: [wall('n', { side: null })] };
    const guarantee = { months: 18, terms: 'Free re-clean where growth comes back.' };
    const guaranteed = { ...job, house: { guarantee } };
    expect(aftercare(job).some((i) => i.kind === 'guarantee')).toBe(false);
    expect(aftercare(guaranteed).find((i) => i.kind === 'guarantee')).toMatchObject({
      on: '2027-11-04',
      text: 'Guaranteed until then. Free re-clean where growth comes back.',
    });
    expect(inputsHash(read(guaranteed))).toBe(inputsHash(read(job)));
    expect(() => read({ ...job, house: { guarantee: { months: 0, terms: '' } } })).toThrow(/months/);
  });

  it('has places and an order by days on any property, dates only where the job has one, and nothing of what others do', () => {
    let told = 0;
    for (let seed = 1; seed <= 60; seed += 1) {
      const file = randomProperty(seed);
      const items = aftercare(file);
      told += items.length;
      const [dated, undated] = [
        { ...file, start: '2026-05-04' },
        { ...file, start: null },
      ].map(aftercare);
      expect(dated?.every((i) => /^\d{4}-\d\d-\d\d$/.test(i.on ?? ''))).toBe(true);
      expect(undated?.every((i) => i.on === null)).toBe(true);
      for (const { places, surfaces, text } of items) {
        expect(places.length).toBeGreaterThan(0);
        expect(new Set(surfaces).size).toBe(surfaces.length);
        expect(text).not.toMatch(/undefined|null|\{/);
      }
    }
    expect(told).toBeGreaterThan(150);
  });
});
