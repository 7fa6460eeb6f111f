import { describe, expect, it } from '@jest/globals';
import { plan } from '../plan/plan.ts';
import { readJobFile } from './job-file.ts';
import { planFileOf } from './plan-file.ts';

const reading = readJobFile({
  format: 'etappe-job',
  version: 1,
  start: '2026-05-04',
  site: { features: [{ id: 'roses', kind: 'plant-bed' }] },
  surfaces: [
    {
      id: 'wall',
      material: 'limestone',
      size: '4x2',
      drainsOnto: ['roses'],
      findings: [{ contaminant: 'surface-rust', severity: 2, share: 1 }],
    },
    { id: 'clean', material: 'concrete', size: '2x2', findings: [] },
  ],
});
if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
const made = plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 });
const file = planFileOf(made, reading.survey, reading.assumed, '2026-05-04');
const part = (key: string) => file[key] as Record<string, unknown>[];

describe('a plan file', () => {
  it('says for each surface what is done, what else would do, and what is refused by which rule', () => {
    expect(part('surfaces')[0]).toMatchObject({
      surface: 'wall',
      areaSquareMetres: 8,
      method: 'rust-citrate-gel',
      refused: expect.arrayContaining([
        expect.objectContaining({ method: 'rust-oxalic', rule: 'no-acid-on-calcareous', overridable: false }),
      ]) as unknown,
    });
    expect(part('surfaces')[1]).toMatchObject({ surface: 'clean', method: null, stages: [], sections: [] });
  });

  it('has sections that add up to what is treated', () => {
    const sections = part('surfaces')[0]?.['sections'] as { areaSquareMetres: number }[];
    expect(sections.reduce((sum, s) => sum + s.areaSquareMetres, 0)).toBeCloseTo(8, 1);
  });

  it('has a visit by the clock, each operation with its person, none before the day starts', () => {
    const [visit] = part('visits') as unknown as {
      date: string;
      minutes: number;
      lowerBoundMinutes: number;
      operations: { start: string; finish: string; people: string[] }[];
    }[];
    expect(visit?.date).toBe('2026-05-04');
    expect(visit?.minutes).toBeGreaterThanOrEqual(visit?.lowerBoundMinutes ?? Infinity);
    for (const o of visit?.operations ?? []) {
      expect(o.start >= '08:00:00' && o.finish > o.start).toBe(true);
      expect(o.people).toHaveLength(1);
    }
  });

  it('lifts what it protects', () => {
    const roses = part('protections').filter((p) => p['feature'] === 'roses');
    expect(roses.map((p) => p['when'])).toEqual(['before', 'during', 'after']);
    expect(roses.map((p) => p['liftedBy'])).toEqual([
      expect.stringContaining('wall.'),
      expect.stringContaining('wall.'),
      null,
    ]);
  });

  it('lists what was assumed', () => {
    expect(part('assumed').map((a) => a['path'])).toContain('weather');
  });
});
