import { describe, expect, it } from '@jest/globals';
import { NO_RESTRICTIONS } from '../company/product.ts';
import { DATE, TAP, WASHER, gear, lot, product, provided, wall, yard } from '../test/provided-job.ts';
import type { Provisions } from './provisions.ts';

describe('stock', () => {
  const chlorine = (made: Provisions) => made.stock.find((s) => s.product === 'hypochlorite');

  it('comes from the lots, weaker ones giving more, and what they have not is bought in whole packs', () => {
    const none = chlorine(provided());
    expect(none?.text).toContain('no lot recorded');
    const fresh = chlorine(provided({}, { lots: [lot({ boughtOn: DATE })] }));
    expect(fresh).toMatchObject({ toBuy: { containers: [] }, fromLots: fresh?.needed });
    const old = chlorine(provided({}, { lots: [lot({ boughtOn: '2025-09-01', storageCelsius: [22] })] }));
    expect(old?.needed).toBeGreaterThan(fresh?.needed ?? Infinity);
    expect(old?.lots[0]?.strength?.known).toBe('aged');
    const short = chlorine(provided({}, { lots: [lot({ left: 0.01 })] }));
    expect(short?.text).toMatch(/^0 mL of .* not enough: buy 1 × 5 L$/);
  });

  it('that other jobs have ordered is not there twice', () => {
    const line = chlorine(provided({}, { lots: [lot()] }, { a: 9.9 }));
    expect(line?.lots[0]).toMatchObject({ reserved: 9.9 });
    expect(line?.lots[0]?.after).toBeLessThan(0);
    expect(line?.toBuy.containers).toEqual([{ size: 5, count: 1 }]);
  });

  it('that was written down as used takes the place of what was planned', () => {
    const planned = chlorine(provided({}, { lots: [lot()] }))?.lots[0];
    const line = chlorine(provided({}, { lots: [lot()] }, {}, { a: 4 }))?.lots[0];
    expect(planned).toMatchObject({ recorded: 0 });
    expect(planned?.after).toBeCloseTo(10 - (planned?.used ?? 0), 6);
    expect(line).toMatchObject({ recorded: 4, used: planned?.used, after: 6 });
  });
});

describe('water', () => {
  it('runs dry at a minute that can be told, with ways out that hold', () => {
    const weak = {
      site: { waterPoints: [{ ...TAP, flowLitresPerMinute: 2 }] },
      surfaces: [wall({ size: '20x5' }), yard],
    };
    const { water } = provided({
      ...weak,
      ...gear({
        tank: { litres: 100, startLitres: 100 },
        waterPrice: { perCubicMetre: 4, perTruck: 180, truckLitres: 1000 },
      }),
    });
    expect(water?.dryAt).toMatch(/^\d\d:\d\d$/);
    expect(water?.waysOut.map((w) => w.what)).toEqual(['supply', 'tank', 'truck', 'nozzle']);
    expect(water?.waysOut.find((w) => w.what === 'truck')?.cost).toBe(180);
    expect(water?.cost?.cost).toBeCloseTo(((water?.line.usedLitres ?? 0) / 1000) * 4, 1);
    const litres = Number(
      /A tank of (\d+) L/.exec(water?.waysOut.find((w) => w.what === 'tank')?.text ?? '')?.[1],
    );
    expect(provided({ ...weak, ...gear({ tank: { litres, startLitres: litres } }) }).water?.dryAt).toBeNull();
  });

  it('lasts where work waits for the tap, and does not where a full tank does not suffice', () => {
    const water = (flowLitresPerMinute: number, litres: number) =>
      provided({
        site: { waterPoints: [{ ...TAP, flowLitresPerMinute }] },
        surfaces: [wall({ size: '20x5' }), yard],
        ...gear({ tank: { litres, startLitres: litres / 2 } }),
      }).water;
    expect(water(2, 450)?.dryAt).toBeNull();
    expect(water(2, 150)?.dryAt).not.toBeNull();
    expect(water(2, 150)?.waysOut.map(({ what }) => what)).not.toContain('pause');
  });

  it('is held back by a thin hose, which a wider one mends', () => {
    const far = {
      site: { waterPoints: [{ ...TAP, flowLitresPerMinute: 40, distanceMetres: 120, pressureBar: 1.5 }] },
      surfaces: [yard],
    };
    const { water } = provided({ ...far, ...gear({ tank: { litres: 10, startLitres: 0 } }) });
    const [source] = water?.sources ?? [];
    expect(source?.heldByHose).toBe(true);
    expect(source?.litresPerMinute).toBeLessThan(40);
    expect(source?.sum).toContain('120 m of 12.7 mm at 1.5 bar let');
    if (water?.dryAt) expect(water.waysOut[0]?.text).toContain('A hose of ¾ in to Tap');
  });

  it('does not come from a hydrant without permission, nor from a tap that nobody timed', () => {
    const points = [{ id: 'hydrant', kind: 'hydrant', flowLitresPerMinute: 100 }, { id: 'tap' }];
    const { water, load } = provided({ site: { waterPoints: points } });
    expect(water?.sources.map((s) => [s.name, s.litresPerMinute])).toEqual([['Tap', null]]);
    expect(load.faults).toContain('Permission for Hydrant: not granted yet');
  });
});

describe('hoses', () => {
  it('go by the ways that were paced, with 10 % spare, against what the house has', () => {
    const { hoses, load } = provided({
      surfaces: [wall(), yard],
      ...gear({ hoses: [{ use: 'supply', metres: 25, innerMillimetres: 12.7 }] }, [
        WASHER,
        { kind: 'sprayer', count: 3 },
        { kind: 'hose', count: 2 },
        { kind: 'surface-cleaner', count: 1 },
      ]),
    });
    expect(hoses.runs.map((r) => [r.what, Math.round(r.metres ?? 0)])).toEqual([
      ['Tap to the vehicle', 22],
      ['Rinse hose to North', 33],
      ['Pressure washer to North', 33],
    ]);
    expect(hoses.totals.find((t) => t.use === 'supply')?.neededMetres).toBeCloseTo(55, 6);
    expect(load.faults.join(' ')).toContain('55 m needed, you have 25 m: borrow 30 m');
    expect(hoses.runs[2]?.text).toContain('no pressure hose recorded');
  });

  it('eat pressure, and are told where they eat too much', () => {
    const far = { sides: [{ id: 'north', aspectDegrees: 0, routeMetres: 120 }], surfaces: [yard] };
    const [, , run] = provided({
      ...far,
      ...gear({ hoses: [{ use: 'pressure', metres: 150, innerMillimetres: 7.9 }] }, [
        WASHER,
        { kind: 'sprayer', count: 3 },
        { kind: 'hose', count: 2 },
        { kind: 'surface-cleaner', count: 1 },
      ]),
    }).hoses.runs;
    expect(run?.ok).toBe(false);
    expect(run?.text).toMatch(
      /132 m of 7.9 mm eat [\d.]+ of 150 bar: more than 10 %\. From \d+ m on, lay supply hose/,
    );
  });

  it('of a machine that is carried nearer are shorter, fed by one of its own', () => {
    const far = { sides: [{ id: 'north', aspectDegrees: 0, routeMetres: 120 }], surfaces: [yard] };
    const machines = [
      WASHER,
      { kind: 'sprayer', count: 3 },
      { kind: 'hose', count: 2 },
      { kind: 'surface-cleaner', count: 1 },
    ];
    const hose = [{ use: 'pressure', metres: 60, innerMillimetres: 9.5 }];
    const { runs } = provided({ ...far, ...gear({ hoses: hose, machineMetres: 80 }, machines) }).hoses;
    expect(runs.map((r) => [r.what, Math.round(r.metres ?? 0), r.ok])).toEqual([
      ['Tap to the vehicle', 22, true],
      ['Vehicle to the machine', 88, true],
      ['Rinse hose to North', 132, true],
      ['Pressure washer to North', 44, true],
    ]);
    // Past the work it is as near as can be.
    const past = provided({ ...far, ...gear({ hoses: hose, machineMetres: 200 }, machines) }).hoses.runs;
    expect(past.find(({ use }) => use === 'pressure')?.metres).toBe(0);
  });

  it('ask for the way where nobody has paced it', () => {
    const { hoses } = provided({ sides: [{ id: 'north', aspectDegrees: 0 }] });
    expect(hoses.runs.some((r) => r.text === 'Distance not paced: ask on the Walk.')).toBe(true);
  });
});

describe('run-off', () => {
  it('that must be caught has its ledger, its neutraliser and its emptyings', () => {
    const site = { features: [{ id: 'bed', kind: 'plant-bed' }], waterPoints: [TAP] };
    const rusty = {
      ...yard,
      material: 'granite',
      beside: ['bed'],
      schools: { plants: 'capture' },
      findings: [{ contaminant: 'surface-rust', severity: 2, share: 1 }],
    };
    const { runOff } = provided({ site, surfaces: [rusty], ...gear({ catchLitres: 50 }) });
    expect(runOff?.faces).toEqual(['Yard']);
    expect(runOff?.ledger.leavingLitres).toBeGreaterThan(100);
    expect(runOff?.ledger.takenAwayLitres).toBeCloseTo(runOff?.ledger.leavingLitres ?? 0, 6);
    expect(runOff?.notes[0]).toMatch(/^The catch is full at \d\d:\d\d.*: empty it before\.$/);
    expect(runOff?.fullAt).toHaveLength(runOff?.ledger.emptyings ?? 0);
    expect(runOff?.neutralisers[0]).toMatch(
      /^For \d+ g of oxalic acid .* at most [\d.]+ kg of sodium bicarbonate/,
    );
    expect(provided().runOff).toBeNull();
  });

  it('is used again on the premises only where the label of all that is in it says that it may be', () => {
    const site = { features: [{ id: 'bed', kind: 'plant-bed' }], waterPoints: [TAP] };
    const rusty = {
      ...yard,
      material: 'granite',
      beside: ['bed'],
      schools: { plants: 'capture' },
      findings: [{ contaminant: 'surface-rust', severity: 2, share: 1 }],
    };
    const made = provided({ site, surfaces: [rusty] });
    const agents = new Set(made.stock.map((line) => line.product).filter((id) => id !== 'surfactant'));
    expect(made.runOff?.ledger.reusedLitres).toBe(0);
    expect(made.runOff?.notes.join(' ')).toContain(
      'Do not reuse it on the premises: no product label in use allows it, for oxalic acid',
    );
    const allowed = (ids: readonly string[]) =>
      ids.map((id) =>
        product({
          id: `of-${id}`,
          agent: id,
          strength: null,
          label: { ...NO_RESTRICTIONS, caughtMayBeReused: true },
        }),
      );
    const all = provided({ site, surfaces: [rusty] }, { products: allowed([...agents]) });
    expect(all.runOff?.ledger.reusedLitres).toBeGreaterThan(100);
    expect(all.runOff?.ledger.takenAwayLitres).toBe(0);
    const one = provided({ site, surfaces: [rusty] }, { products: allowed(['oxalic-acid']) });
    expect(one.runOff?.ledger.reusedLitres).toBe(agents.size === 1 ? one.runOff?.ledger.leavingLitres : 0);
  });
});

describe('the load list', () => {
  it('has everything once, by keys that outlive a new plan, and weighs it against the vehicle', () => {
    const { load } = provided({
      surfaces: [wall(), yard],
      ...gear({ tank: { litres: 600, startLitres: 600 }, vehicle: { kilograms: 500, litres: 50_000 } }),
    });
    const keys = load.items.map((i) => i.key);
    expect(new Set(keys).size).toBe(keys.length);
    expect(keys).toEqual(
      expect.arrayContaining([
        'product hypochlorite',
        'machine sprayer',
        'hose supply',
        'water tank',
        'paper order',
      ]),
    );
    expect(load.items.some((i) => i.group === 'wear')).toBe(true);
    expect(load.kilograms).toBeGreaterThan(600);
    expect(load.faults.join(' ')).toMatch(
      /The load weighs about \d+ kg, the vehicle carries 500 kg: start with less water in the tank/,
    );
  });

  it('lists apart the mixes that keep, and none that gives off gas', () => {
    const rusty = {
      ...yard,
      material: 'granite',
      findings: [{ contaminant: 'surface-rust', severity: 2, share: 1 }],
    };
    const deck = {
      id: 'deck',
      material: 'larch-boards',
      side: 'north',
      band: 'floor',
      tiltDegrees: 0,
      topMetres: 0,
      size: '6x4',
      findings: [{ contaminant: 'green-algae', severity: 3 }],
    };
    const { load, stock } = provided({ surfaces: [rusty, deck, wall()] });
    const apart = load.yardMixes;
    expect(apart.find((m) => m.agent === 'oxalic-acid')?.text).toMatch(/^[\d.]+ L, keeps 72 h$/);
    expect(stock.map((s) => s.product)).toContain('percarbonate');
    expect(apart.map((m) => m.agent)).not.toContain('percarbonate');
  });
});
