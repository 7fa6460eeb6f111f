import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { SHIPPED, companyCatalogue } from '../company/company-catalogue.ts';
import { EMPTY_HANDBOOK } from '../company/company-handbook.ts';
import { NO_RESTRICTIONS } from '../company/product.ts';
import type { Product } from '../company/product.ts';
import { productAmounts } from './product-amounts.ts';
import { plannedMix } from './planned-mix.ts';
import { StockShelf } from './stock-shelf.ts';
import { wholeContainers } from './whole-containers.ts';
import type { Stage } from '../treatment/stage.ts';

const stage: Stage = {
  id: 'wall.soft-wash.1-apply',
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
  },
};
const by = (mistPasses: number) => ({ makings: [[{ stage, mistPasses, wetFilm: 0 }]] });
const given = {
  ...by(0),
  wasteShare: 0.1,
  gear: { sprayerLitres: 15, drumLitres: null, injectorShare: 0.1 },
  units: 'metric',
  catalogue: SHIPPED,
  shelf: new StockShelf([], SHIPPED, null),
} as const;

describe('the mix of a stage', () => {
  it('is area × amount × waste, batch by batch of the sprayer', () => {
    const mix = plannedMix(given);
    expect(mix?.litres).toBe(22);
    expect(mix?.batches.map((b) => [b.count, b.card.litres])).toEqual([
      [1, 15],
      [1, 7],
    ]);
  });

  it('counts product mists', () => {
    expect(plannedMix({ ...given, ...by(2) })?.litres).toBe(35.2);
  });

  it('adds up to products in whole containers', () => {
    const mix = plannedMix(given);
    const [, hypochlorite] = productAmounts(mix ? [mix, mix] : [], SHIPPED);
    expect(hypochlorite).toMatchObject({
      product: 'hypochlorite',
      unit: 'L',
      amount: 3.6,
      containers: [{ size: 5, count: 1 }],
      called: null,
      price: null,
    });
  });

  it('costs what its containers cost, once all of them are priced', () => {
    const product = (price: number | null): Product => ({
      id: 'white',
      name: 'White',
      agent: 'hypochlorite',
      strength: { basis: 'g/L', value: 125 },
      strengthRead: false,
      packs: [
        { size: 2, price },
        { size: 1, price: 3 },
      ],
      label: NO_RESTRICTIONS,
      dataSheet: null,
      inUse: true,
      by: 'Ida',
      at: '2026-05-04T08:00:00Z',
    });
    const cost = (price: number | null) => {
      const catalogue = companyCatalogue({ ...EMPTY_HANDBOOK, products: [product(price)] });
      const mix = plannedMix({ ...given, catalogue });
      return productAmounts(mix ? [mix] : [], catalogue).find((p) => p.product === 'hypochlorite');
    };
    expect(cost(5)).toMatchObject({ called: 'White', amount: 1.8, price: 5 });
    expect(cost(null)?.price).toBeNull();
  });
});

describe('whole containers', () => {
  it('leave the least over', () => {
    expect(wholeContainers(34.3, [5, 20])).toEqual({
      containers: [
        { size: 20, count: 1 },
        { size: 5, count: 3 },
      ],
      leftOver: 0.7,
    });
    expect(wholeContainers(0, [5])).toEqual({ containers: [], leftOver: 0 });
  });

  it('leave the least over that any of them could', () => {
    expect(wholeContainers(50.84, [2.5, 4])).toEqual({
      containers: [
        { size: 4, count: 9 },
        { size: 2.5, count: 6 },
      ],
      leftOver: 0.16,
    });
    const sizes = fc.uniqueArray(fc.integer({ min: 1, max: 12 }), { minLength: 1, maxLength: 3 });
    fc.assert(
      fc.property(fc.integer({ min: 1, max: 100 }), sizes, (needed, packs) => {
        const makes = [true];
        for (let total = 1; total <= needed + 12; total += 1)
          makes[total] = packs.some((size) => makes[total - size] === true);
        const least = Array.from({ length: 13 }, (_, over) => over).find((over) => makes[needed + over]);
        expect(wholeContainers(needed, packs).leftOver).toBe(least);
      }),
      { numRuns: 60 },
    );
  });

  it('are few where a spoonful is all that more of them would save', () => {
    expect(wholeContainers(7, [0.946, 3.785]).containers).toEqual([{ size: 3.785, count: 2 }]);
  });

  it('that are almost all left over do not read as one too many', () => {
    expect(wholeContainers(5.0003, [1])).toEqual({ containers: [{ size: 1, count: 6 }], leftOver: 0.999 });
  });

  it('always suffice and never leave a whole smallest container over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 3000, noNaN: true }),
        fc.uniqueArray(fc.integer({ min: 1, max: 30 }), { minLength: 1, maxLength: 4 }),
        (needed, sizes) => {
          const { containers, leftOver } = wholeContainers(needed, sizes);
          const total = containers.reduce((sum, c) => sum + c.size * c.count, 0);
          expect(total).toBeGreaterThanOrEqual(needed - 1e-6);
          expect(leftOver).toBeLessThan(Math.min(...sizes));
        },
      ),
    );
  });
});
