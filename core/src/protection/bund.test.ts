import { describe, expect, it } from '@jest/globals';
import { FEATURE_PROTECTIONS } from '../catalogue/data/protections.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';
import type { Protection } from './protection-acts.ts';
import { laidOut } from './bund.ts';

const ALGAE = [{ contaminant: 'green-algae', severity: 2 }];
const protections = (site: object, surfaces: readonly object[]): readonly Protection[] => {
  const reading = readJobFile({ format: 'etappe-job', version: 1, site, surfaces });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 }).protections;
};
const wall = { id: 'wall', material: 'painted-render', size: '12x3', topMetres: 3, findings: ALGAE };
const pond = { id: 'pond', name: 'Pond', kind: 'pond' };

describe('a bund', () => {
  it.each([
    ['a wall: its area over its height', [{ ...wall, drainsOnto: ['pond'] }], '12 m', 12],
    [
      'the floor between the work and the water, which nobody treats',
      [
        { ...wall, drainsOnto: ['path'] },
        {
          id: 'path',
          material: 'flags',
          size: '5x5',
          topMetres: 0,
          tiltDegrees: 0,
          drainsOnto: ['pond'],
          findings: [],
        },
      ],
      '5 m',
      9,
    ],
    [
      'a soffit, whose height says nothing of it',
      [{ ...wall, size: '6x6', footMetres: 2.9, tiltDegrees: 180, drainsOnto: ['pond'] }],
      '6 m',
      9,
    ],
    [
      'two walls at one pond',
      [
        { ...wall, drainsOnto: ['pond'] },
        { ...wall, id: 'gable', size: '8x3', drainsOnto: ['pond'] },
      ],
      '20 m',
      16,
    ],
  ])('is as long as what drains to the water: %s', (_, surfaces, length, minutes) => {
    const [before] = protections({ features: [pond] }, surfaces).filter((p) => p.feature === 'pond');
    expect(before?.text).toContain(`Lay ${length} of bund`);
    expect(before?.minutes).toBe(minutes);
  });

  it('is laid without a length where nothing is measured', () => {
    const acts = FEATURE_PROTECTIONS['pond'];
    if (!acts) throw new Error('a pond needs protecting');
    expect(laidOut(acts, 0, 'metric').before.text).toMatch(/^Lay bund between/);
    expect(laidOut(acts, 10, 'us').before.text).toContain('32.8 ft');
  });
});

describe('a gutter', () => {
  const gutter = (more: object) =>
    protections({ features: [{ id: 'g', name: 'Eaves', kind: 'gutter', state: 'runs', ...more }] }, [
      { ...wall, drainsOnto: ['g'] },
    ]).filter((p) => p.feature === 'g');

  it.each(['soakaway', 'watercourse', 'storm-drain', 'unknown'])(
    'to %s is caught at its downpipe',
    (leadsTo) => {
      const acts = gutter({ leadsTo });
      expect(acts.map((p) => p.material).join()).toContain('downpipe sleeve');
      expect(acts.map((p) => `${p.text} ${p.material ?? ''}`).join()).not.toMatch(/mat|block/i);
    },
  );

  it('to the sewer is kept clear, and one entered as a drain is known by its name', () => {
    expect(gutter({ leadsTo: 'foul-sewer' })[0]?.text).toContain('downpipe');
    const named = gutter({ kind: 'drain', name: 'Gutter of the hall', leadsTo: 'soakaway' });
    expect(named[0]?.material).toBe('downpipe sleeve, drum');
    expect(gutter({ kind: 'drain', name: 'Yard gully', leadsTo: 'soakaway' })[0]?.material).toBe('drain mat');
  });
});
