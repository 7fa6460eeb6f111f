import { describe, expect, it } from '@jest/globals';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import type { StockLot } from '../company/stock-lot.ts';
import { readJobFile } from '../interchange/job-file.ts';
import { plan } from '../plan/plan.ts';

const lot = (more: Partial<StockLot> = {}): StockLot => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-05-01',
  openedOn: null,
  expiresOn: null,
  place: '',
  left: 10,
  storageCelsius: [15],
  measured: [],
  ...more,
});

function warned(lots: readonly StockLot[], more: object = {}) {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    start: '2026-05-04',
    site: { waterPoints: [{ id: 'tap' }] },
    handbook: { ...EMPTY_HANDBOOK, lots },
    surfaces: [
      {
        id: 'wall',
        material: 'painted-render',
        size: '8x3',
        topMetres: 3,
        findings: [{ contaminant: 'green-algae', severity: 2 }],
      },
    ],
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  const rules = ['lot-unfit', 'lot-unread', 'stock-short', 'injector-too-weak'];
  return plan(reading.survey, { asOf: '2026-05-04', seed: 1, budget: 1 })
    .warnings.filter((w) => rules.includes(w.rule))
    .map((w) => [w.rule, w.severity] as const);
}

describe('the shelf against a plan', () => {
  it('is not told of where the house writes no lots, or has enough that is fresh', () => {
    expect(warned([])).toEqual([]);
    expect(warned([lot()])).toEqual([]);
    expect(warned([lot({ agent: 'phosphoric-acid' })])).toEqual([]);
  });

  it('is told where a lot may not be used, or what is left does not suffice', () => {
    expect(warned([lot({ expiresOn: '2026-05-02' })])).toEqual([
      ['lot-unfit', 'warn'],
      ['stock-short', 'warn'],
    ]);
    expect(warned([lot({ left: 0.01 })])).toEqual([['stock-short', 'warn']]);
    expect(warned([lot({ left: 0 })])).toEqual([]);
  });

  it('is to be read where much of its strength is an estimate, and not once it was', () => {
    const old = { boughtOn: '2025-06-01', storageCelsius: [22] };
    expect(warned([lot(old)])).toEqual([['lot-unread', 'warn']]);
    const measured = [{ on: '2026-05-03', gramsPerLitre: 70, how: 'strip', by: 'Ada' }] as const;
    expect(warned([lot({ ...old, measured })])).toEqual([]);
  });
});
