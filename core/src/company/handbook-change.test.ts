import { describe, expect, it } from '@jest/globals';
import { applyHandbookChanges, handbookOf } from './handbook-change.ts';
import type { HandbookChange, HandbookRecord } from './handbook-change.ts';
import { EMPTY_HANDBOOK } from './company-handbook.ts';

const ID = 'material.granite.jetLimitKilopascal';
const set = (value: unknown, base = 0, entry = ID): HandbookChange => ({
  id: `01900000-0000-7000-8000-00000000000${base}`,
  part: 'override',
  entry,
  op: 'put',
  base,
  detail: {
    kind: 'material',
    entry: 'granite',
    path: 'jetLimitKilopascal',
    value,
    replaced: 200,
    reason: 'old steps',
    by: 'Ida',
    at: '2026-05-04T08:00:00Z',
  },
});
const remove = (base: number): HandbookChange => ({ ...set(0, base), op: 'remove', detail: null });
const done = (records: readonly HandbookRecord[], ...changes: readonly HandbookChange[]) => {
  const outcome = applyHandbookChanges(records, changes);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome));
  return outcome.records;
};

describe('changes of the handbook', () => {
  it('set a value, set it again, and take it back', () => {
    const first = done([], set(150));
    expect(first).toMatchObject([{ part: 'override', id: ID, revision: 1, detail: { value: 150 } }]);
    const second = done(first, set(120, 1));
    expect(handbookOf(second).overrides).toMatchObject([{ id: ID, value: 120 }]);
    expect(handbookOf(done(second, remove(2)))).toEqual(EMPTY_HANDBOOK);
  });

  it('rest on what is there: an older base is answered with the entry as it is', () => {
    const [there] = done([], set(150));
    const outcome = applyHandbookChanges(there ? [there] : [], [set(100, 0)]);
    expect(outcome).toEqual({ ok: false, faults: [], conflict: there });
    expect(applyHandbookChanges([], [remove(1)])).toEqual({ ok: false, faults: [], conflict: null });
  });

  it('are taken all or none', () => {
    const outcome = applyHandbookChanges([], [set(150), set(900, 1)]);
    expect(outcome).toMatchObject({ ok: false, conflict: null });
    expect(outcome.ok ? '' : outcome.faults[0]?.message).toContain('lies past the bound');
  });

  it('are not blocked by what a newer catalogue no longer allows elsewhere, and may take it out', () => {
    const { detail } = set(150);
    const old: HandbookRecord = { part: 'override', id: ID, revision: 1, detail: { ...detail, value: 900 } };
    const other = set(9, 0, 'agent.caustic.coldestCelsius');
    const cold = {
      ...other,
      detail: { ...detail, kind: 'agent', entry: 'caustic', path: 'coldestCelsius', value: 9 },
    };
    expect(handbookOf(done([old], cold)).overrides).toHaveLength(2);
    expect(handbookOf(done([old], remove(1))).overrides).toEqual([]);
    const worse = applyHandbookChanges([old], [{ ...cold, detail: { ...cold.detail, value: 90 } }]);
    expect(worse).toMatchObject({ ok: false });
  });

  it('name the field that is wrong', () => {
    const faults = (change: HandbookChange) => {
      const outcome = applyHandbookChanges([], [change]);
      return outcome.ok ? [] : outcome.faults.map((f) => f.path);
    };
    const { detail } = set(150);
    expect(faults({ ...set(150), detail: { ...detail, reason: '' } })).toEqual(['reason']);
    expect(faults({ ...set(150), detail: { ...detail, colour: 'red' } })).toEqual(['colour']);
    expect(faults({ ...set(150), part: 'product', entry: 'My Product' })).toEqual(['id']);
    expect(faults({ ...set(150), part: 'material', entry: 'granite' })).toEqual(['id']);
    expect(faults({ ...remove(0), part: 'material', entry: 'own-stone' })).toEqual(['op']);
  });
});
