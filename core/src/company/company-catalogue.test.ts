import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { workedStages } from '../catalogue/method.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { methodRefusals, stageRefusals } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import { handbookFaults, staysOn } from './handbook-faults.ts';
import { handbookValues } from './handbook-value.ts';
import { directionOf } from './setting.ts';
import type { HandbookValue, Setting } from './setting.ts';
import { companyCatalogue } from './company-catalogue.ts';
import { EMPTY_HANDBOOK } from './company-handbook.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import { companyValues } from './company-values.ts';
import { override, handbookWith } from '../test/company-overrides.ts';

describe('the catalogue of a house', () => {
  it('without a handbook is the one that is shipped', () => {
    const { materials, methods, agents, limits, flags } = companyCatalogue(EMPTY_HANDBOOK);
    expect([materials, methods, agents]).toEqual([CATALOGUE.materials, CATALOGUE.methods, CATALOGUE.agents]);
    expect([limits, flags]).toEqual([CATALOGUE.limits, []]);
  });

  it('is the same object for a handbook with the same in it', () => {
    const handbook = handbookWith(override('material', 'granite', 'jetLimitKilopascal', 150, 200));
    const copy = JSON.parse(JSON.stringify(handbook)) as CompanyHandbook;
    expect(companyCatalogue(copy)).toBe(companyCatalogue(handbook));
  });

  it('has its values, and leaves all else as it is', () => {
    const catalogue = companyCatalogue(
      handbookWith(override('material', 'granite', 'jetLimitKilopascal', 1, 200)),
    );
    expect(catalogue.material('granite').jetLimitKilopascal).toBe(1);
    expect(catalogue.material('marble')).toBe(CATALOGUE.material('marble'));
    const state = soundState(catalogue.material('granite'), 'bare', catalogue);
    const washed = catalogue.method('surface-clean-water-only');
    expect(methodRefusals(state, washed, catalogue).map((r) => r.rule)).toContain('jet-above-limit');
  });

  it('caps every method at the strongest that its agent may have', () => {
    const path = 'strengthSpan.to';
    const catalogue = companyCatalogue(handbookWith(override('agent', 'hypochlorite', path, 9, 60)));
    const strengths = catalogue.methods.flatMap((m) =>
      m.stages.flatMap((s) =>
        s.kind === 'apply' && s.agent === 'hypochlorite' ? s.strengthGramsPerLitre : [],
      ),
    );
    expect(Math.max(...strengths)).toBe(9);
    expect(strengths).toContain(5);
  });

  it('flags what a newer catalogue has changed since, and goes back where its bound was passed', () => {
    const [changed, past, gone] = [
      override('material', 'granite', 'jetLimitKilopascal', 150, 180),
      override('material', 'limestone', 'jetLimitKilopascal', 500, 500),
      override('agent', 'holy-water', 'coldestCelsius', 5, 5),
    ];
    const { flags, material } = companyCatalogue(handbookWith(changed, past, gone));
    expect(flags.map((f) => [f.override.entry, f.rule])).toEqual([
      ['granite', 'default-changed'],
      ['limestone', 'past-bound'],
      ['holy-water', 'no-entry'],
    ]);
    expect(flags[0]?.text).toBe(
      'The trade default was 180 kPa when this was set, and is 200 kPa now: keep your value, or go back to the default.',
    );
    expect(material('granite').jetLimitKilopascal).toBe(150);
    expect(material('limestone')).toBe(CATALOGUE.material('limestone'));
  });

  it('never allows more by a safer value: any material, any value, all methods', () => {
    const values = CATALOGUE.materials.flatMap(({ id }) =>
      handbookValues('material', id, CATALOGUE).flatMap((value) =>
        settingsOf(value)
          .filter((setting) => directionOf(value, setting) === 'stricter')
          .map((setting) => ({ id, value, setting })),
      ),
    );
    expect(values.length).toBeGreaterThan(300);
    fc.assert(
      fc.property(fc.constantFrom(...values), ({ id, value, setting }) => {
        const safer = companyCatalogue(
          handbookWith(override('material', id, value.path, setting, value.shipped)),
        );
        const refused = (catalogue: typeof CATALOGUE) =>
          new Set(
            catalogue.methods.flatMap((method) =>
              workedStages(method).flatMap((stage, i) =>
                stageRefusals(
                  soundState(catalogue.material(id), catalogue.material(id).finishes[0], catalogue),
                  stage,
                  catalogue,
                ).length > 0
                  ? [`${method.id} ${i}`]
                  : [],
              ),
            ),
          );
        const [before, after] = [refused(CATALOGUE), refused(safer)];
        for (const stage of before) expect(after).toContain(stage);
      }),
      { numRuns: 60 },
    );
  });
});

/** Some settings of a value within its bound. */
function settingsOf({ span, shipped }: HandbookValue): readonly Setting[] {
  if ('steps' in span) return span.steps;
  const middle = (a: number, b: number) => (span.whole ? Math.round((a + b) / 2) : (a + b) / 2);
  return [span.least, span.most, middle(span.least, Number(shipped)), middle(Number(shipped), span.most)];
}

describe('materials of a house', () => {
  const own = {
    id: 'own-lake-stone',
    name: 'Lake stone',
    synonyms: ['grey lake slab'],
    like: 'limestone',
    values: { jetLimitKilopascal: 1.5 },
    putAway: false,
    reason: 'from the quarry by the lake',
    by: 'Ida',
    at: '2026-05-04T08:00:00Z',
  };
  const handbook = { ...EMPTY_HANDBOOK, materials: [own] };

  it('are judged as the one that they are like, with their own values', () => {
    const catalogue = companyCatalogue({
      ...handbook,
      materials: [own, { ...own, id: 'own-twin', values: {} }],
    });
    const stone = catalogue.material('own-lake-stone');
    expect(stone).toMatchObject({
      name: 'Lake stone',
      calcareous: true,
      jetLimitKilopascal: 1.5,
      like: 'limestone',
    });
    const rules = (id: string) =>
      catalogue.methods.map((m) =>
        methodRefusals(soundState(catalogue.material(id), 'bare', catalogue), m, catalogue).map(
          (r) => r.rule,
        ),
      );
    expect(rules('own-twin')).toEqual(rules('limestone'));
    expect(rules('own-lake-stone').flat()).toEqual(
      expect.arrayContaining(['jet-above-limit', 'no-acid-on-calcareous']),
    );
    expect(soundState(stone, 'bare', catalogue).material).toBe('limestone');
  });

  it('are told apart by the tests of the one that they are like', () => {
    for (const test of companyCatalogue(handbook).materialTests)
      expect(test.likelihood['own-lake-stone']).toEqual(test.likelihood['limestone']);
  });

  it('follow our value of that one where they have none', () => {
    const under = { ...handbook, overrides: [override('material', 'limestone', 'thirstFactor', 2, 1.5)] };
    expect(companyCatalogue(under).material('own-lake-stone').thirstFactor).toBe(2);
    expect(
      companyValues('material', 'own-lake-stone', under).find((v) => v.value.path === 'thirstFactor')
        ?.setting,
    ).toBe(2);
  });

  it('are offered until they are put away, and stand where they were used', () => {
    const away = companyCatalogue({ ...handbook, materials: [{ ...own, putAway: true }] });
    expect(away.offeredMaterials.map((m) => m.id)).not.toContain('own-lake-stone');
    expect(away.material('own-lake-stone').name).toBe('Lake stone');
  });

  it('are refused past the bounds, under a name that is taken, and like nothing', () => {
    const faults = (more: object) =>
      handbookFaults({ ...EMPTY_HANDBOOK, materials: [{ ...own, ...more }] })[0]?.message;
    expect(faults({})).toBeUndefined();
    expect(faults({ values: { calcareous: false } })).toContain('no further');
    expect(faults({ values: { colour: 'red' } })).toContain('no value "colour"');
    expect(faults({ name: 'Granite' })).toContain('is what “Granite” is called');
    expect(faults({ like: 'cheese' })).toContain('no material "cheese"');
  });
});

describe('methods of a house', () => {
  const { id: _, source: _s, ...copy } = CATALOGUE.method('soft-wash-hypochlorite');
  const own = (method: object) => ({
    ...EMPTY_HANDBOOK,
    methods: [
      {
        id: 'own-wash',
        method: { ...copy, name: 'Our wash', ...method },
        putAway: false,
        reason: 'as we do it',
        by: 'Ida',
        at: '2026-05-04T08:00:00Z',
      },
    ],
  });

  it('are judged by the limits as any other', () => {
    const catalogue = companyCatalogue(own({}));
    const state = soundState(catalogue.material('sandstone'), 'bare', catalogue);
    const rules = (id: string) => methodRefusals(state, catalogue.method(id), catalogue).map((r) => r.rule);
    expect(rules('own-wash')).toEqual(rules('soft-wash-hypochlorite'));
    expect(rules('own-wash').length).toBeGreaterThan(0);
  });

  it('are refused when nothing rinses them, when they are too strong, and for specialists only', () => {
    const faults = (method: object) => handbookFaults(own(method)).map((f) => f.message);
    expect(faults({})).toEqual([]);
    const apply = copy.stages.find((s) => s.kind === 'apply');
    expect(faults({ stages: [apply] })[0]).toContain('nothing takes sodium hypochlorite off');
    const [first, , rinse] = copy.stages;
    const strong = { ...apply, strengthGramsPerLitre: [5, 8, 10, 200] };
    expect(
      companyCatalogue(own({ stages: [first, strong, rinse] })).method('own-wash').stages[1],
    ).toMatchObject({
      strengthGramsPerLitre: [5, 8, 10, 60],
    });
    expect(faults({ stages: [first, strong, rinse] })[0]).toContain('200 g/L is stronger than the 60 g/L');
    expect(faults({ stages: [first, { ...apply, agent: 'ammonium-bifluoride' }, rinse] })[0]).toContain(
      'never scheduled',
    );
    expect(faults({ stages: [first, { ...apply, agent: 'beer' }, rinse] })[0]).toContain('no agent "beer"');
  });

  it('are no longer proposed when they are put away', () => {
    const [method] = own({}).methods;
    if (!method) throw new Error('there is one');
    const catalogue = companyCatalogue({ ...EMPTY_HANDBOOK, methods: [{ ...method, putAway: true }] });
    expect(catalogue.methods.map((m) => m.id)).not.toContain('own-wash');
  });

  it('hold what the shipped ones hold: nothing that is to be rinsed off stays on', () => {
    for (const method of CATALOGUE.methods)
      expect([method.id, method.stages.some((_s2, i) => staysOn(method, i))]).toEqual([method.id, false]);
  });
});
