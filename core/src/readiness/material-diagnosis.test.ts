import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, quickTestById } from '../catalogue/catalogue.ts';
import { normalised } from '../diagnosis/belief.ts';
import { posteriorOf } from '../diagnosis/evidence.ts';
import { absorptionTest } from '../diagnosis/absorption-test.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { faced } from '../survey/face.ts';
import { materialDiagnosis } from './material-diagnosis.ts';
import { openQuestions } from './open-questions.ts';

const survey = (material: string, unsureBetween: readonly string[], tests: readonly object[] = []) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    site: { tests: tests.map((t, i) => ({ id: `t-${i}`, surface: 'step', ...t })) },
    surfaces: [{ id: 'step', name: 'Step', material, unsureBetween, size: '2x0.3', findings: [] }],
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const diagnosed = (...given: Parameters<typeof survey>) => {
  const of = survey(...given);
  const [step] = of.surfaces;
  return step ? materialDiagnosis(step, of) : null;
};

describe('a surface of which nobody is sure what it is made of', () => {
  it('has nothing to tell apart while one material is named', () => {
    expect(diagnosed('granite', [])).toBeNull();
    expect(diagnosed('granite', ['granite'])).toBeNull();
  });

  it('is open at first, with the test that settles most in front', () => {
    const diagnosis = diagnosed('granite', ['limestone']);
    expect(diagnosis?.decided).toBeNull();
    expect(diagnosis?.candidates.map((c) => c.probability)).toEqual([0.5, 0.5]);
    const gains = diagnosis?.tests.filter((t) => !t.refusal).map((t) => t.gainBits) ?? [];
    expect(gains).toEqual([...gains].sort((a, b) => b - a));
    expect(gains[0]).toBeGreaterThan(0.5);
  });

  it('is never tried with acid where it may be calcareous, but may be where it cannot', () => {
    const acid = (material: string, other: string) =>
      diagnosed(material, [other])?.tests.find((t) => t.test.id === 'acid-fizz')?.refusal?.rule ?? null;
    expect(acid('granite', 'limestone')).toBe('no-acid-on-calcareous');
    expect(acid('granite', 'concrete')).toBeNull();
  });

  it('is settled by a drop that was timed and one look more', () => {
    const drop = [{ test: 'thirst', seconds: 6 }];
    expect(diagnosed('granite', ['limestone'], drop)?.candidates[0]).toMatchObject({ id: 'limestone' });
    const both = [...drop, { test: 'wet-look', outcome: 'even' }];
    expect(diagnosed('granite', ['limestone'], both)?.decided?.id).toBe('limestone');
  });

  it('is asked about until it is settled, with the next test', () => {
    const asked = (...given: Parameters<typeof survey>) =>
      openQuestions(faced(survey(...given))).find((q) => q.rule === 'material-unsure')?.text ?? '';
    expect(asked('granite', ['limestone'])).toMatch(/granite or limestone.*Next test: /);
    expect(asked('granite', ['limestone'], [{ test: 'wet-look', outcome: 'speckles' }])).toContain(
      'most likely granite: settle it',
    );
    expect(asked('granite', [])).toBe('');
  });
});

describe('tests between materials', () => {
  const finishes = ['bare', 'painted', 'sealed'] as const;
  const ids = CATALOGUE.materials.map((m) => m.id);

  it('say something of every material', () => {
    for (const test of [
      ...CATALOGUE.materialTests,
      ...finishes.map((finish) => absorptionTest(finish, CATALOGUE)),
    ])
      for (const id of ids) expect(test.likelihood[id]?.reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
  });

  it('give the same whatever their order, and never lose what is certain', () => {
    const evidence = fc.array(
      fc.constantFrom(
        ...CATALOGUE.materialTests.flatMap((test) => test.outcomes.map((o) => ({ test, outcome: o.id }))),
      ),
      { maxLength: 5 },
    );
    fc.assert(
      fc.property(evidence, (given) => {
        const prior = normalised(new Map(ids.map((id) => [id, 1])));
        const [one, other] = [posteriorOf(prior, given), posteriorOf(prior, [...given].reverse())];
        for (const id of ids) expect(one.get(id)).toBeCloseTo(other.get(id) ?? NaN, 9);
        expect([...one.values()].reduce((a, b) => a + b, 0)).toBeCloseTo(1, 9);
      }),
      { seed: 3, numRuns: 100 },
    );
  });

  it('are found by their id', () => {
    expect(quickTestById('magnet').name).toBe('Hold a magnet to it');
  });
});
