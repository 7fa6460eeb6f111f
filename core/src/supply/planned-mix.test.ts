import { describe, expect, it } from '@jest/globals';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import { SHIPPED, companyCatalogue } from '../company/company-catalogue.ts';
import { NO_RESTRICTIONS } from '../company/product.ts';
import type { Product } from '../company/product.ts';
import type { StockLot } from '../company/stock-lot.ts';
import type { Stage } from '../treatment/stage.ts';
import { litresByMaking, plannedMix } from './planned-mix.ts';
import type { MixInput } from './planned-mix.ts';
import { StockShelf, lotOnDay } from './stock-shelf.ts';

const stage = (more: Partial<Stage> = {}, apply: object = {}): Stage => ({
  id: 'wall.wash.1-apply',
  surface: 'wall',
  kind: 'apply',
  method: 'soft-wash-hypochlorite',
  cycle: 1,
  areaSquareMetres: 100,
  tool: 'low-pressure-sprayer',
  rate: null,
  direction: 'bottom-up',
  maxSurfacePressureKilopascal: null,
  checks: [],
  cautions: [],
  minutes: null,
  reading: null,
  bulk: null,
  neutralises: [],
  wear: [],
  apply: {
    agent: 'hypochlorite',
    agentClass: 'hypochlorite',
    strengthGramsPerLitre: 10,
    basis: 'available chlorine',
    litresPerSquareMetre: 0.2,
    coats: 1,
    dwell: { fromMinutes: 8, toMinutes: 15, usefulMinutes: 15, lookFromMinutes: 4, expectedMinutes: 10 },
    leaveOn: false,
    needs: 'not-dry',
    clings: true,
    covered: false,
    stopWhen: '',
    ifNotEnough: '',
    ...apply,
  },
  ...more,
});
const by = (own: Stage = stage(), wetFilm = 0): Pick<MixInput, 'makings'> => ({
  makings: [[{ stage: own, mistPasses: 0, wetFilm }]],
});
const given = {
  ...by(),
  wasteShare: 0.1,
  gear: { sprayerLitres: 15, drumLitres: null, injectorShare: 0.1 },
  units: 'metric' as const,
  catalogue: SHIPPED,
  shelf: new StockShelf([], SHIPPED, null),
};
const lot = (more: Partial<StockLot> = {}): StockLot => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-05-01',
  openedOn: null,
  expiresOn: null,
  place: '',
  left: 0.9,
  storageCelsius: [15],
  measured: [],
  ...more,
});
const product = (id: string, inUse: boolean): Product => ({
  id,
  name: id,
  agent: 'hypochlorite',
  strength: { basis: 'g/L', value: 125 },
  strengthRead: false,
  packs: [{ size: 5, price: null }],
  label: NO_RESTRICTIONS,
  dataSheet: null,
  inUse,
  by: 'Ida',
  at: '2026-05-04T08:00:00Z',
});

describe('what a mix is made in', () => {
  it('is the sprayer, and a drum from four fillings on where there is one', () => {
    const gear = { ...given.gear, drumLitres: 60 };
    expect(plannedMix({ ...given, gear })?.vessel).toBe('sprayer');
    const large = plannedMix({ ...given, gear, ...by(stage({ areaSquareMetres: 400 })) });
    expect(large?.vessel).toBe('drum');
    expect(large?.batches.map((b) => [b.count, b.card.litres])).toEqual([
      [1, 60],
      [1, 28],
    ]);
  });

  it('is the tank of an injector, so much stronger and so much less', () => {
    const mix = plannedMix({ ...given, ...by(stage({ tool: 'hose-end-injector' })) });
    expect(mix).toMatchObject({ vessel: 'injector-tank', litres: 2.2, unreachable: null });
    expect(mix?.batches[0]?.card.targetGramsPerLitre).toBeCloseTo(100, 6);
    expect(mix?.sum).toContain('of which the injector draws 10 %');
  });

  it('is none of an injector that does not reach it, and no stronger tank is a way out', () => {
    const strong = stage({ tool: 'lance-injector' }, { strengthGramsPerLitre: 30 });
    const mix = plannedMix({ ...given, ...by(strong) });
    expect(mix?.unreachable).toContain('at most 12.5 g/L reach the surface, and 30 are needed');
    expect(mix?.unreachable).toContain('a hand sprayer with the finished mix');
    const caustic = stage({ tool: 'lance-injector' }, { agent: 'caustic', strengthGramsPerLitre: 40 });
    // Caustic is sold at 762 g/L, and nobody puts more than 125 into the tank of an injector.
    expect(plannedMix({ ...given, ...by(caustic) })?.unreachable).toContain('from 125 g/L in the tank');
  });
});

describe('what else is said of a mix', () => {
  it('is how the film of a pre-wet weakens its first coat', () => {
    expect(plannedMix({ ...given, ...by(stage(), 0.15) })?.onWetFace).toEqual({
      gramsPerLitre: 5.7,
      sum: '10 g/L × 0.2 ÷ (0.2 + 0.15 kg/m² of pre-wet) = 5.7 g/L',
    });
    expect(plannedMix(given)?.onWetFace).toBeNull();
  });

  it('is how a caustic would be made from solid, and nothing of the sort of any other', () => {
    const caustic = stage({}, { agent: 'caustic', strengthGramsPerLitre: 40 });
    expect(plannedMix({ ...given, ...by(caustic) })?.fromSolid).toContain('warms the mix by 11 K');
    expect(plannedMix(given)?.fromSolid).toBeNull();
  });
});

describe('fillings', () => {
  it('are each made from one lot, and the next from the next', () => {
    const lots = [lot({ left: 1.3 }), lot({ id: 'b', boughtOn: '2026-05-02', left: 20 })];
    const mix = plannedMix({ ...given, shelf: new StockShelf(lots, SHIPPED, '2026-05-02') });
    expect(mix?.batches.map((b) => b.card.stock?.lot)).toEqual(['a', 'b']);
  });

  it('take no lot of another product than the one in use', () => {
    const house = companyCatalogue({
      ...EMPTY_HANDBOOK,
      products: [product('white', true), product('old', false)],
    });
    expect(lotOnDay(lot({ product: 'old' }), house, null).unfit).toBe(
      'of another product than “white”, which is in use',
    );
    expect(lotOnDay(lot({ product: 'white' }), house, null).unfit).toBeNull();
    expect(lotOnDay(lot(), house, null).unfit).toBeNull();
    const none = companyCatalogue({ ...EMPTY_HANDBOOK, products: [product('old', false)] });
    expect(lotOnDay(lot({ product: 'old' }), none, null).unfit).toBe('of a product that is not in use');
    const mix = plannedMix({
      ...given,
      shelf: new StockShelf([lot({ product: 'old', left: 50 })], house, null),
    });
    expect(mix?.batches.every((b) => b.card.stock?.lot === null)).toBe(true);
  });

  it('use up one lot of a powder after another, for they are all alike', () => {
    const powder = (id: string, left: number) => lot({ id, agent: 'percarbonate', left });
    const shelf = new StockShelf([powder('a', 0.5), powder('b', 5)], SHIPPED, null);
    const wood = stage({}, { agent: 'percarbonate', agentClass: 'peroxide', strengthGramsPerLitre: 80 });
    const mix = plannedMix({ ...given, ...by(wood), shelf });
    const [first, second] = shelf.uses();
    expect(first).toMatchObject({ lot: 'a', amount: 0.5 });
    const kilograms = (mix?.batches ?? []).reduce(
      (sum, { count, card }) => sum + (count * card.parts.reduce((g, p) => g + (p.grams ?? 0), 0)) / 1000,
      0,
    );
    expect((second?.amount ?? 0) + 0.5).toBeCloseTo(kilograms, 6);
  });

  it('is made in one go, or each time what its stages take, in equal parts where one is made for in pieces', () => {
    const own = (id: string, areaSquareMetres: number) => ({
      stage: stage({ id, surface: id, areaSquareMetres }),
      mistPasses: 0,
      wetFilm: 0,
    });
    const mix = plannedMix({ ...given, makings: [[own('wall', 100)], [own('gable', 50)]] });
    if (!mix) throw new Error('there is a mix');
    const making = (id: string, ...stages: string[]) => ({ id, mixes: [mix.stage], stages });
    expect([...litresByMaking(mix, [making('set-out.a')])]).toEqual([['set-out.a', mix.litres]]);
    const each = litresByMaking(mix, [making('1', 'wall'), making('2', 'wall'), making('3', 'gable')]);
    expect([...each.values()].map((litres) => Math.round(litres))).toEqual([11, 11, 11]);
    expect([...each.values()].reduce((sum, litres) => sum + litres, 0)).toBeCloseTo(mix.litres, 9);
  });
});
