import { describe, expect, it } from '@jest/globals';
import { crewOrder } from '../order/crew-order.ts';
import { jobFileOf, readJobFile } from '../interchange/job-file.ts';
import { inputsHash } from '../plan/inputs-hash.ts';
import { plan } from '../plan/plan.ts';

const options = { asOf: '2026-05-04', seed: 1, budget: 1 };
const about = { by: 'Ida', at: '2026-05-04T08:00:00Z' };
const sheet = { kind: 'file', name: 'white.pdf', sha256: 'a'.repeat(64), dated: '2026-01-05' };
const white = (more: object = {}) => ({
  id: 'house-white',
  name: 'House white',
  agent: 'hypochlorite',
  strength: { basis: '% w/v', value: 14 },
  packs: [{ size: 25, price: 4711 }],
  dataSheet: sheet,
  ...about,
  ...more,
});
const jet = (value: number) => ({
  id: 'material.cement-render.jetLimitKilopascal',
  kind: 'material',
  entry: 'cement-render',
  path: 'jetLimitKilopascal',
  value,
  replaced: 25,
  reason: 'sound and dense here',
  ...about,
});

const survey = (handbook: object, more: object = {}) => {
  const reading = readJobFile({
    format: 'etappe-job',
    version: 1,
    name: 'Mill',
    site: { waterPoints: [{ id: 'tap', kind: 'tap', flowLitresPerMinute: 14 }] },
    surfaces: [
      {
        id: 'wall',
        material: 'cement-render',
        size: '4x3',
        findings: [{ contaminant: 'green-algae', severity: 2 }],
      },
    ],
    choices: [{ surface: 'wall', contaminant: 'green-algae', method: 'soft-wash-hypochlorite', ...about }],
    handbook,
    ...more,
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.survey;
};
const warnings = (handbook: object, more: object = {}) =>
  plan(survey(handbook, more), options).warnings.map((w) => `${w.severity} ${w.rule}`);

describe('what the handbook of the house says of a plan', () => {
  it('is a note while no product is named', () => {
    expect(warnings({})).toContain('note no-product');
    expect(warnings({ products: [white()] })).not.toContain('note no-product');
  });

  it('is a stop for a product without a data sheet, until it has one or is out of use', () => {
    const stop = 'stop data-sheet-missing';
    expect(warnings({ products: [white({ dataSheet: null })] })).toContain(stop);
    expect(warnings({ products: [white()] })).not.toContain(stop);
    expect(warnings({ products: [white({ dataSheet: null, inUse: false })] })).not.toContain(stop);
  });

  it('refuses the product below the temperature of its label, whatever reason somebody has', () => {
    const products = [white({ label: { coldestCelsius: 12 } })];
    const choices = [
      {
        surface: 'wall',
        contaminant: 'green-algae',
        method: 'soft-wash-hypochlorite',
        reason: 'we are in a hurry',
        ...about,
      },
    ];
    const chosen = (temperatureC: number) =>
      plan(survey({ products }, { weather: { temperatureC }, choices }), options).surfaces[0]?.treatment
        ?.proposals[0];
    expect(chosen(14)?.chosen?.method.id).toBe('soft-wash-hypochlorite');
    const cold = chosen(10);
    expect(cold?.chosen?.method.id).not.toBe('soft-wash-hypochlorite');
    const refused = cold?.refused.find((r) => r.method.id === 'soft-wash-hypochlorite');
    expect([refused?.overridable, refused?.refusals.map((r) => r.rule)]).toEqual([
      false,
      ['too-cold-for-agent', 'label-house-white-cold'],
    ]);
  });

  it('stands on the order: the product with its sheet, and every value that is looser', () => {
    const made = survey({ products: [white()], overrides: [jet(30)] });
    const planned = plan(made, options);
    const order = crewOrder(planned, made);
    expect(order.mixes[0]).toMatchObject({
      agent: 'Sodium hypochlorite',
      product: { name: 'House white', dataSheet: 'white.pdf, 2026-01-05' },
    });
    expect(order.setAside.join(' ')).toContain(
      'highest jet force 30 kPa instead of 25 kPa, set by Ida: “sound and dense here”',
    );
    expect(warnings({ overrides: [jet(10)] })).not.toContain('warn house-value');
    expect(planned.surfaces[0]?.jetLimitKilopascal).toBe(30);
  });

  it('tells of a looser value of an own material as of any other', () => {
    const own = (jetLimitKilopascal: number) => ({
      materials: [
        {
          id: 'own-dense',
          name: 'Dense render',
          like: 'cement-render',
          values: { jetLimitKilopascal },
          reason: 'from the new kiln',
          ...about,
        },
      ],
    });
    const face = {
      surfaces: [
        {
          id: 'wall',
          material: 'own-dense',
          size: '4x3',
          findings: [{ contaminant: 'green-algae', severity: 2 }],
        },
      ],
    };
    const told = plan(survey(own(30), face), options).warnings.find((w) => w.rule === 'house-value')?.text;
    expect(told).toContain(
      'Dense render, highest jet force 30 kPa instead of 25 kPa, set by Ida: “from the new kiln”',
    );
    expect(warnings(own(20), face)).not.toContain('warn house-value');
  });

  it('changes the mix by the strength of the label', () => {
    const stock = (handbook: object) =>
      plan(survey(handbook), options)
        .mixes[0]?.batches.flatMap((b) => b.card.parts)
        .find((p) => p.role === 'stock')?.litres;
    const [usual, strong] = [
      stock({}),
      stock({ products: [white({ strength: { basis: 'g/L', value: 250 } })] }),
    ];
    expect(strong).toBeLessThan(Number(usual));
  });
});

describe('a job file with the handbook that it was planned with', () => {
  it('reads back the same, but for what the house pays', () => {
    const made = survey({ products: [white()], overrides: [jet(30)] });
    const file = JSON.parse(JSON.stringify(jobFileOf(made))) as { handbook: unknown };
    expect(JSON.stringify(file.handbook)).not.toContain('4711');
    const again = readJobFile(file);
    expect(again.ok && inputsHash(again.survey)).toBe(inputsHash(made));
  });

  it('takes part in what a plan was made from, without the price', () => {
    const hash = (handbook: object) => inputsHash(survey(handbook));
    expect(hash({ products: [white()] })).not.toBe(hash({}));
    expect(hash({ products: [white({ packs: [{ size: 25, price: 99 }] })] })).toBe(
      hash({ products: [white()] }),
    );
    expect(hash({ overrides: [jet(10)] })).not.toBe(hash({ overrides: [jet(12)] }));
  });

  it('may have materials and methods of its own, and only those that it brings', () => {
    const own = {
      id: 'own-lake-stone',
      name: 'Lake stone',
      like: 'limestone',
      reason: 'from the lake',
      ...about,
    };
    const surfaces = [{ id: 'wall', material: 'Lake stone', size: '4x3', findings: [] }];
    const named = { surfaces: [{ ...surfaces[0], material: 'own-lake-stone' }], choices: [] };
    expect(survey({ materials: [own] }, named).surfaces[0]).toMatchObject({
      material: 'own-lake-stone',
      finish: 'bare',
    });
    const reading = readJobFile({
      format: 'etappe-job',
      version: 1,
      surfaces: [{ ...surfaces[0], material: 'own-marble', finish: 'bare' }],
    });
    expect(reading.ok ? [] : reading.faults).toMatchObject([
      {
        path: 'surfaces[0].material',
        message:
          'the company handbook has no material "own-marble": add it there, or take one of the catalogue',
      },
    ]);
  });

  it('is refused with the path of what is wrong in it', () => {
    const reading = readJobFile({
      format: 'etappe-job',
      version: 1,
      surfaces: [],
      handbook: { overrides: [jet(900)], potions: [] },
    });
    expect(reading.ok ? [] : reading.faults.map((f) => f.path)).toEqual(['handbook.potions']);
    const past = readJobFile({
      format: 'etappe-job',
      version: 1,
      surfaces: [],
      handbook: { overrides: [jet(900)] },
    });
    expect(past.ok ? [] : past.faults.map((f) => f.path)).toEqual(['handbook.overrides[0].value']);
  });
});
