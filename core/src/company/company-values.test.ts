import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { catalogueFaults } from '../catalogue/catalogue-check.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { handbookFaults } from './handbook-faults.ts';
import { CHANGED_KINDS, LIST_OF_KIND, handbookValues } from './handbook-value.ts';
import { directionOf, settingFault, settingInWords } from './setting.ts';
import type { ChangedKind } from './handbook-value.ts';
import type { HandbookValue, Setting } from './setting.ts';
import { valueAt, withValueAt } from './value-path.ts';
import { override, handbookWith, valueOf } from '../test/company-overrides.ts';

/** Some settings of a value within its bound. */
function settingsOf({ span, shipped }: HandbookValue): readonly Setting[] {
  if ('steps' in span) return span.steps;
  const middle = (a: number, b: number) => (span.whole ? Math.round((a + b) / 2) : (a + b) / 2);
  return [span.least, span.most, middle(span.least, Number(shipped)), middle(Number(shipped), span.most)];
}

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
