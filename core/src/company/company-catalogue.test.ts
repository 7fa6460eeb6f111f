import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { catalogueFaults } from '../catalogue/catalogue-check.ts';
import { workedStages } from '../catalogue/method.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { methodRefusals, stageRefusals } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import { overrideId } from './catalogue-override.ts';
import type { CatalogueOverride } from './catalogue-override.ts';
import { handbookFaults, staysOn } from './handbook-faults.ts';
import { CHANGED_KINDS, LIST_OF_KIND, handbookValues } from './handbook-value.ts';
import { directionOf, settingFault, settingInWords } from './setting.ts';
import type { ChangedKind } from './handbook-value.ts';
import type { HandbookValue, Setting } from './setting.ts';
import { companyCatalogue } from './company-catalogue.ts';
import { EMPTY_HANDBOOK } from './company-handbook.ts';
import type { CompanyHandbook } from './company-handbook.ts';
import { companyValues } from './company-values.ts';
import { valueAt, withValueAt } from './value-path.ts';

const override = (
  kind: ChangedKind,
  entry: string,
  path: string,
  value: Setting,
  replaced: Setting = value,
): CatalogueOverride => ({
  id: overrideId({ kind, entry, path }),
  kind,
  entry,
  path,
  value,
  replaced,
  reason: 'tried on ten walls',
  by: 'Ida',
  at: '2026-05-04T08:00:00Z',
});
const handbookWith = (...overrides: readonly CatalogueOverride[]): CompanyHandbook => ({
  ...EMPTY_HANDBOOK,
  overrides,
});
const valueOf = (kind: ChangedKind, entry: string, path: string): HandbookValue => {
  const value = handbookValues(kind, entry, CATALOGUE).find((v) => v.path === path);
  if (!value) throw new Error(`no value ${path}`);
  return value;
};

describe('the values that can be set', () => {
  const all = CHANGED_KINDS.flatMap((kind) =>
    CATALOGUE[LIST_OF_KIND[kind]].flatMap((entry) =>
      handbookValues(kind, entry.id, CATALOGUE).map((value) => ({ kind, entry, value })),
    ),
  );

  it('are read from their entry, and the shipped one is always within its bound', () => {
    expect(all.length).toBeGreaterThan(1000);
    for (const { entry, value } of all) {
      expect(valueAt(entry, value.path)).toBe(value.shipped);
      expect([entry.id, value.path, settingFault(value, value.shipped)]).toEqual([
        entry.id,
        value.path,
        null,
      ]);
      expect(directionOf(value, value.shipped)).toBe('same');
    }
  });

  it('of a material cover every value that a limit reads as a number or a bearing', () => {
    const paths = handbookValues('material', 'granite', CATALOGUE).map((v) => v.path);
    expect(paths).toEqual(
      expect.arrayContaining([
        'jetLimitKilopascal',
        'pH.0',
        'pH.1',
        'tolerates.chlorine',
        'brush',
        'calcareous',
        'sorptivity.bare',
      ]),
    );
  });

  it('go stricter freely and looser within the bound, which the fault names', () => {
    const jet = valueOf('material', 'granite', 'jetLimitKilopascal');
    const shipped = Number(jet.shipped);
    expect(settingFault(jet, shipped / 10)).toBeNull();
    expect(settingFault(jet, shipped * 1.25)).toBeNull();
    expect(settingFault(jet, shipped * 2)).toMatch(
      /lies past the bound: .* kPa to 250 kPa; the trade default is 200 kPa/,
    );
    expect(directionOf(jet, 1)).toBe('stricter');
    expect(directionOf(jet, shipped * 1.1)).toBe('looser');
  });

  it('never make a stone that acid dissolves one that it does not', () => {
    const calcareous = valueOf('material', 'limestone', 'calcareous');
    expect(settingFault(calcareous, false)).toContain('no further; the trade default is yes');
    const granite = valueOf('material', 'granite', 'calcareous');
    expect([settingFault(granite, true), directionOf(granite, true)]).toEqual([null, 'stricter']);
  });

  it('that are no number, or a part of what is counted, are refused', () => {
    const jet = valueOf('material', 'granite', 'jetLimitKilopascal');
    expect(settingFault(jet, 'much')).toContain('is a number in kPa, not "much"');
    expect(settingFault(jet, NaN)).toContain('is a number');
    expect(settingFault(valueOf('method', 'soft-wash-hypochlorite', 'surfaceRisk'), 1.5)).toContain(
      'no whole number',
    );
    expect(settingInWords(0.1 + 0.2, 'kPa')).toBe('0.3 kPa');
  });

  it('are written back to the very place', () => {
    const entry = { list: [{ a: 1 }, { a: 2 }], kept: { b: 3 } };
    const next = withValueAt(entry, 'list.1.a', 5);
    expect(next).toEqual({ list: [{ a: 1 }, { a: 5 }], kept: { b: 3 } });
    expect(next.kept).toBe(entry.kept);
    expect(valueAt(entry, 'list.2.a')).toBeUndefined();
  });
});

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

describe('what is wrong with a handbook', () => {
  it('is nothing, whatever single value is set within its bound, unless it makes the entry unsound', () => {
    const values = (
      ['material/granite', 'agent/caustic', 'method/soft-wash-hypochlorite', 'condition/flaking'] as const
    ).flatMap((of) => {
      const [kind, id] = of.split('/') as [ChangedKind, string];
      return handbookValues(kind, id, CATALOGUE).flatMap((value) =>
        settingsOf(value).map((setting) => ({ kind, id, value, setting })),
      );
    });
    fc.assert(
      fc.property(fc.constantFrom(...values), ({ kind, id, value, setting }) => {
        const found = handbookFaults(handbookWith(override(kind, id, value.path, setting, value.shipped)));
        const alone = catalogueFaults({
          ...CATALOGUE,
          [LIST_OF_KIND[kind]]: CATALOGUE[LIST_OF_KIND[kind]].map((e) =>
            e.id === id ? withValueAt(e, value.path, setting) : e,
          ),
        });
        expect([value.path, setting, found.length > 0]).toEqual([value.path, setting, alone.length > 0]);
      }),
      { numRuns: 40 },
    );
  });

  it('is told with path and bound', () => {
    const past = override('material', 'limestone', 'calcareous', false, true);
    expect(handbookFaults(handbookWith(past))[0]).toMatchObject({ path: 'overrides[0].value' });
    const nowhere = override('material', 'limestone', 'colour', 'red', 'grey');
    expect(handbookFaults(handbookWith(nowhere))[0]?.message).toContain('no value "colour"');
    const misnamed = { ...override('material', 'granite', 'jetLimitKilopascal', 5, 200), id: 'mine' };
    expect(handbookFaults(handbookWith(misnamed))[0]?.message).toContain(
      '"material.granite.jetLimitKilopascal"',
    );
    const dwell = override('method', 'soft-wash-hypochlorite', 'stages.1.dwellMinutes.to', 2, 15);
    expect(handbookFaults(handbookWith(dwell))[0]?.message).toMatch(/soft-wash-hypochlorite: .*dwellMinutes/);
  });
});

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
