import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { readJobFile } from '../interchange/job-file.ts';
import { FEATURE_KINDS } from '../survey/feature.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';

const OPTIONS = { asOf: '2026-05-04', seed: 1, budget: 1 };
const planOf = (features: readonly object[], surfaces: readonly object[], more: object = {}): Plan => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: { waterPoints: [{ id: 'tap' }], features },
    surfaces,
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return plan(reading.survey, OPTIONS);
};
const wall = (more: object = {}) => ({
  id: 'wall',
  material: 'painted-render',
  size: '6x3',
  topMetres: 3,
  findings: [{ contaminant: 'green-algae', severity: 2 }],
  ...more,
});
const BED = { id: 'bed', kind: 'plant-bed' };
const acts = (made: Plan, feature: string | null) =>
  made.protections.filter((p) => p.feature === feature).map((p) => [p.when, p.kind]);

describe('protections', () => {
  it('stand before, during and after what needs them, with its stages', () => {
    const made = planOf([BED], [wall({ beside: ['bed'] })]);
    expect(acts(made, 'bed')).toEqual([
      ['before', 'wet'],
      ['during', 'keep-rinsing'],
      ['after', 'rinse'],
    ]);
    const [first] = made.protections;
    const stages = made.surfaces[0]?.treatment?.stages ?? [];
    expect([first?.neededBy, first?.liftedBy]).toEqual([[stages[0]?.id], [stages.at(-1)?.id]]);
    expect(acts(made, null)).toEqual([
      ['before', 'sign'],
      ['after', 'rinse'],
    ]);
  });

  it('are for what the run-off comes to by any way, and for nothing that it does not', () => {
    const features = [BED, { id: 'pond', kind: 'pond' }, { id: 'shed', kind: 'furniture' }];
    const made = planOf(features, [
      wall({ drainsOnto: ['path'] }),
      { id: 'path', material: 'concrete', size: '3x1', drainsOnto: ['pond'], findings: [] },
    ]);
    expect(acts(made, 'pond').map(([when]) => when)).toEqual(['before', 'during', 'after']);
    expect([acts(made, 'bed'), acts(made, 'shed')]).toEqual([[], []]);
  });

  it('go by where a drain leads: nothing has to be found out that the survey says', () => {
    const at = (leadsTo: string) => {
      const drain = { id: 'gully', kind: 'drain', leadsTo };
      const made = planOf([drain], [wall({ drainsOnto: ['gully'] })]);
      const [first] = made.protections.filter((p) => p.feature === 'gully');
      return [first?.kind, first?.text];
    };
    expect(at('unknown')[1]).toContain('Find out where it leads');
    expect(at('storm-drain')).toEqual(['block', expect.stringContaining('open water')]);
    expect(at('soakaway')[0]).toBe('block');
    expect(at('foul-sewer')).toEqual(['keep-away', expect.stringContaining('sludge')]);
  });

  it('go by the house for plants, and warn of a cover that stays on in the sun', () => {
    const covered = (watts: number) =>
      planOf([BED], [wall({ beside: ['bed'], size: '30x5' })], {
        house: { schools: { plants: 'cover' } },
        weather: { netRadiationWattsPerSquareMetre: watts },
      });
    expect(acts(covered(300), 'bed')[0]).toEqual(['before', 'cover']);
    expect(covered(300).warnings.find((w) => w.rule === 'covered-too-long')?.text).toContain('after 30 min');
    expect(covered(20).warnings.some((w) => w.rule === 'covered-too-long')).toBe(false);
    const caught = planOf([BED], [wall({ beside: ['bed'], schools: { plants: 'capture' } })]);
    expect(acts(caught, 'bed')[0]).toEqual(['before', 'catch']);
  });

  it('take as long as there are doors to seal and bins to wheel away, and go by who moves what', () => {
    const features = [
      { id: 'one', kind: 'door', name: 'Cellar door' },
      { id: 'four', kind: 'door', name: '4 garage doors' },
      { id: 'flat', kind: 'door', name: 'Flat 12, door' },
      { id: 'bins', kind: 'bin', name: 'Bins x3' },
      { id: 'theirs', kind: 'bin', owner: 'the flats' },
      { id: 'wreck', kind: 'vehicle', movable: 'no' },
      { id: 'car', kind: 'vehicle' },
    ];
    const made = planOf(features, [wall({ beside: features.map(({ id }) => id) })]);
    const before = (id: string) =>
      made.protections.flatMap((p) =>
        p.feature === id && p.when === 'before' ? [[p.kind, p.minutes, p.who]] : [],
      );
    expect(['one', 'four', 'flat', 'bins', 'theirs', 'wreck', 'car'].map((id) => before(id)[0])).toEqual([
      ['tape', 3, 'crew'],
      ['tape', 12, 'crew'],
      ['tape', 3, 'crew'],
      ['move', 6, 'crew'],
      ['move', 1, 'owner'],
      ['cover', 6, 'crew'],
      ['move', 1, 'owner'],
    ]);
  });

  it('are all lifted, whatever stands there', () => {
    const kinds = fc.uniqueArray(fc.constantFrom(...FEATURE_KINDS), { minLength: 1, maxLength: 8 });
    fc.assert(
      fc.property(kinds, (list) => {
        const features = list.map((kind, i) => ({ id: `f${i}`, kind }));
        const made = planOf(features, [wall({ beside: features.map((f) => f.id) })]);
        const stages = new Set(made.surfaces.flatMap((p) => p.treatment?.stages.map((s) => s.id) ?? []));
        for (const { feature } of made.protections) {
          const own = made.protections.filter((p) => p.feature === feature);
          expect([own[0]?.when, own.at(-1)?.when]).toEqual(['before', 'after']);
          for (const { neededBy, liftedBy } of own)
            for (const id of [...neededBy, ...liftedBy]) expect(stages).toContain(id);
        }
        expect(made.protections.at(-1)).toMatchObject({ feature: null, when: 'after' });
      }),
      { numRuns: 60 },
    );
  });
});
