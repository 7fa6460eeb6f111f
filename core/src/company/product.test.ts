import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { methodRefusals } from '../treatment/limit-verdict.ts';
import { soundState } from '../treatment/surface-state.ts';
import { handbookFaults } from './handbook-faults.ts';
import { labelledStage } from './product-label.ts';
import { companyCatalogue } from './company-catalogue.ts';
import { EMPTY_HANDBOOK } from './company-handbook.ts';
import { NO_RESTRICTIONS, addressHash, strengthQuestion } from './product.ts';
import type { LabelRestrictions, Product } from './product.ts';

const product = (more: Partial<Product> = {}, label: Partial<LabelRestrictions> = {}): Product => ({
  id: 'house-white',
  name: 'House white',
  agent: 'hypochlorite',
  strength: { basis: '% w/v', value: 14 },
  strengthRead: false,
  packs: [
    { size: 25, price: 30 },
    { size: 10, price: null },
  ],
  label: { ...NO_RESTRICTIONS, ...label },
  dataSheet: null,
  inUse: true,
  by: 'Ida',
  at: '2026-05-04T08:00:00Z',
  ...more,
});
const house = (...products: readonly Product[]) => companyCatalogue({ ...EMPTY_HANDBOOK, products });
const faults = (...products: readonly Product[]) =>
  handbookFaults({ ...EMPTY_HANDBOOK, products }).map((f) => `${f.path}: ${f.message}`);
const washStages = (catalogue: typeof CATALOGUE) =>
  catalogue.method('soft-wash-hypochlorite').stages.filter((s) => s.kind === 'apply');

describe('the strength on a label', () => {
  const hypochlorite = CATALOGUE.agent('hypochlorite');

  it('is questioned where it looks like a slip of the unit, with what was perhaps meant', () => {
    const question = strengthQuestion({ basis: 'g/L', value: 12.5 }, hypochlorite);
    expect(question?.meant).toEqual({ basis: '% w/v', value: 12.5 });
    expect(question?.text).toBe(
      '12.5 g/L is 12.5 g/L of available chlorine, and such agents have about 125 g/L: is 12.5 % w/v meant?',
    );
    expect(strengthQuestion({ basis: '% w/v', value: 125 }, hypochlorite)?.meant).toEqual({
      basis: 'g/L',
      value: 125,
    });
    expect(strengthQuestion({ basis: '% w/v', value: 0.1 }, hypochlorite)?.meant).toBeNull();
  });

  it('is questioned, not broken off, where it is more than all of it', () => {
    const slip = { basis: '% w/w', value: 125, densityKilogramsPerLitre: 1.2 } as const;
    expect(strengthQuestion(slip, hypochlorite)).toEqual({
      text: 'a strength of 125 % w/w is not a strength: nothing is more than 100 % of itself, and such agents have about 125 g/L: is 125 g/L meant?',
      meant: { basis: 'g/L', value: 125 },
    });
  });

  it('is not questioned within the usual, nor of what is ready to use', () => {
    for (const value of [50, 125, 160])
      expect(strengthQuestion({ basis: 'g/L', value }, hypochlorite)).toBeNull();
    expect(strengthQuestion({ basis: 'g/L', value: 1 }, CATALOGUE.agent('neutral-biocidal'))).toBeNull();
  });

  it('is taken once somebody says that it was read there', () => {
    const weak: Partial<Product> = { strength: { basis: 'g/L', value: 12.5 } };
    expect(faults(product(weak))[0]).toContain('is 12.5 % w/v meant?');
    expect(faults(product({ ...weak, strengthRead: true }))).toEqual([]);
    const more = { strength: { basis: '% w/w', value: 130, densityKilogramsPerLitre: 1.2 } } as const;
    expect(faults(product({ ...more, strengthRead: true })).join()).toContain('more than 100 % of itself');
  });

  it('is needed for liquids, and has no place on powders', () => {
    expect(faults(product({ strength: null }))[0]).toContain('write its strength from the label');
    expect(faults(product({ agent: 'percarbonate' }))[0]).toContain('is a powder');
    expect(faults(product({ agent: 'percarbonate', strength: null }))).toEqual([]);
  });
});

describe('products of a house', () => {
  it('are refused for an agent that is for specialists or is not there, and twice for one agent', () => {
    expect(faults(product({ agent: 'ammonium-bifluoride' }))[0]).toContain('never scheduled');
    expect(faults(product({ agent: 'beer' }))[0]).toContain('no agent "beer"');
    const [two] = faults(product(), product({ id: 'other', name: 'Other' }));
    expect(two).toBe(
      'products[1].inUse: “House white” is in use as sodium hypochlorite: take it out of use first',
    );
    expect(faults(product(), product({ id: 'other', inUse: false }))).toEqual([]);
  });

  it('name an address with its hash', () => {
    const dataSheet = {
      kind: 'link',
      name: 'https://sheets.example/white.pdf',
      sha256: addressHash('x'),
      dated: '2026-01-05',
    } as const;
    expect(faults(product({ dataSheet }))[0]).toContain('not the hash of the address');
    expect(faults(product({ dataSheet: { ...dataSheet, sha256: addressHash(dataSheet.name) } }))).toEqual([]);
  });

  it('give their strength and packs to the agent; one out of use gives nothing', () => {
    const agent = house(product()).agent('hypochlorite');
    expect(agent.stock).toEqual({ form: 'liquid', strength: { basis: '% w/v', value: 14 } });
    expect(agent.containers).toEqual([10, 25]);
    expect(house(product({ inUse: false })).agent('hypochlorite')).toBe(CATALOGUE.agent('hypochlorite'));
    expect(house(product()).product('hypochlorite')?.name).toBe('House white');
    expect(house(product()).product('caustic')).toBeNull();
  });

  it('shorten how long it does good where the label lets it on for less', () => {
    const [stage] = washStages(CATALOGUE);
    const agent = CATALOGUE.agent('hypochlorite');
    if (!stage) throw new Error('a soft wash applies something');
    const long = { ...stage, dwellMinutes: { from: 8, useful: 18, to: 30 } };
    const label = (longestDwellMinutes: number | null) =>
      labelledStage(long, agent, product({}, { longestDwellMinutes })).dwellMinutes;
    expect(label(null)).toEqual({ from: 8, useful: 18, to: 30 });
    expect(label(20)).toMatchObject({ useful: 18, to: 20 });
    expect(label(12)).toMatchObject({ useful: 12, to: 12 });
  });

  it('cap what is planned where the label is stricter, and say so', () => {
    const catalogue = house(
      product(
        {},
        { greatestGramsPerLitre: 9, longestDwellMinutes: 10, coldestCelsius: 8, squareMetresPerLitre: 4 },
      ),
    );
    expect(washStages(catalogue)[0]).toMatchObject({
      strengthGramsPerLitre: [5, 8, 9, 9],
      dwellMinutes: { from: 6, to: 10 },
      litresPerSquareMetre: 0.25,
    });
    expect(catalogue.agent('hypochlorite').coldestCelsius).toBe(8);
    expect(catalogue.labelNotes('hypochlorite').map((n) => n.rule)).toEqual([
      'label-stricter',
      'label-stricter',
      'label-note',
      'label-note',
    ]);
  });

  it('leave the catalogue as it is where the label is looser, and say so', () => {
    const catalogue = house(product({}, { greatestGramsPerLitre: 90 }));
    expect(washStages(catalogue)).toEqual(washStages(CATALOGUE));
    expect(catalogue.agent('hypochlorite').strengthSpan).toEqual(
      CATALOGUE.agent('hypochlorite').strengthSpan,
    );
    expect(catalogue.labelNotes('hypochlorite')).toEqual([
      {
        rule: 'label-looser',
        text: 'Strongest on the surface: the label of “House white” allows 90 g/L, 60 g/L of the handbook stays.',
      },
    ]);
  });

  it('are never mixed stronger than they are sold', () => {
    // Stored before such were refused: the plan goes on with the trade's strength.
    const none = house(
      product({
        strength: { basis: '% w/w', value: 130, densityKilogramsPerLitre: 1.2 },
        strengthRead: true,
      }),
    );
    expect(none.agent('hypochlorite').stock).toEqual(CATALOGUE.agent('hypochlorite').stock);
    const weak = house(product({ strength: { basis: 'g/L', value: 9 }, strengthRead: true }));
    expect(washStages(weak)[0]).toMatchObject({ strengthGramsPerLitre: [5, 8, 9, 9] });
    expect(weak.labelNotes('hypochlorite')[0]?.text).toContain('comes at 9 g/L: nothing stronger is planned');
  });

  it('are refused where their label forbids them, and nobody sets that aside', () => {
    const catalogue = house(product({}, { notOn: ['render'], keepFromWater: true }));
    const wash = catalogue.method('soft-wash-hypochlorite');
    const refusals = (material: string, drainsToWater: boolean) =>
      methodRefusals(
        {
          ...soundState(catalogue.material(material), catalogue.material(material).finishes[0], catalogue),
          drainsToWater,
        },
        wash,
        catalogue,
      ).filter((r) => r.rule.startsWith('label-'));
    expect(refusals('painted-render', false)).toMatchObject([
      { overridable: false, source: 'label of “House white”' },
    ]);
    expect(refusals('painted-render', false)[0]?.text).toBe(
      'The label of “House white” says: not on render.',
    );
    expect(refusals('granite', true).map((r) => r.rule)).toEqual(['label-house-white-water']);
    expect(refusals('granite', false)).toEqual([]);
  });
});
