import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { SHIPPED } from '../company/company-catalogue.ts';
import { daysAhead, lotFaults } from '../company/stock-lot.ts';
import type { StockLot } from '../company/stock-lot.ts';
import { mixCard, stockTaken } from '../mixing/mix-card.ts';
import { lotStrength } from './lot-strength.ts';
import { StockShelf, lotOnDay } from './stock-shelf.ts';

const CHLORINE = SHIPPED.agent('hypochlorite');
const lot = (more: Partial<StockLot> = {}): StockLot => ({
  id: 'a',
  agent: 'hypochlorite',
  product: null,
  lot: 'A-1',
  boughtOn: '2026-04-04',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 20,
  storageCelsius: [25],
  measured: [],
  ...more,
});

describe('the strength of a lot', () => {
  it('falls by age and warmth, rounded down, with its sum', () => {
    expect(lotStrength(lot(), CHLORINE, '2026-05-04')).toEqual({
      gramsPerLitre: 102.5,
      fromGramsPerLitre: 125,
      known: 'aged',
      sum: '125 g/L on the label, bought 2026-04-04; 30 days at 25 °C leave about 102.5 g/L, ±20 % of the loss: a strip reading counts first',
    });
    expect(lotStrength(lot(), CHLORINE, null)?.gramsPerLitre).toBe(125);
    const acid = SHIPPED.agent('phosphoric-acid');
    expect(lotStrength(lot({ agent: 'phosphoric-acid' }), acid, '2026-05-04')).toMatchObject({
      known: 'label',
    });
    expect(lotStrength(lot({ agent: 'percarbonate' }), SHIPPED.agent('percarbonate'), null)).toBeNull();
  });

  it('goes on from the last reading before the day, and never from a later one', () => {
    const measured = [
      { on: '2026-05-01', gramsPerLitre: 90, how: 'strip', by: 'Ada' },
      { on: '2026-05-20', gramsPerLitre: 70, how: 'titration', by: 'Bo' },
    ] as const;
    expect(lotStrength(lot({ measured }), CHLORINE, '2026-05-01')).toMatchObject({
      gramsPerLitre: 90,
      known: 'measured',
    });
    const later = lotStrength(lot({ measured }), CHLORINE, '2026-05-04');
    expect(later?.gramsPerLitre).toBeGreaterThan(85);
    expect(later?.sum).toContain('measured 90 g/L by strip on 2026-05-01');
  });

  it('goes by the months where each has its own temperature', () => {
    const months = [5, 5, 10, 15, 20, 25, 30, 30, 20, 15, 10, 5];
    const byMonth = lotStrength(
      lot({ storageCelsius: months, boughtOn: '2026-06-15' }),
      CHLORINE,
      '2026-08-15',
    );
    expect(byMonth?.sum).toContain('61 days at 25 to 30 °C');
    const cool = lotStrength(lot({ storageCelsius: [25], boughtOn: '2026-06-15' }), CHLORINE, '2026-08-15');
    const hot = lotStrength(lot({ storageCelsius: [30], boughtOn: '2026-06-15' }), CHLORINE, '2026-08-15');
    expect(byMonth?.gramsPerLitre).toBeLessThan(cool?.gramsPerLitre ?? 0);
    expect(byMonth?.gramsPerLitre).toBeGreaterThan(hot?.gramsPerLitre ?? 0);
  });
});

describe('a shelf', () => {
  const litres = (filling: number) => (strength: number) =>
    stockTaken(CHLORINE, filling, 10, 'metric', {
      stock: { lot: null, gramsPerLitre: strength },
      greatestGramsPerLitre: 60,
    });

  it('gives what expires first, from one lot for a filling, and what it has not is bought by the label', () => {
    const lots = [
      lot({ id: 'late', expiresOn: '2027-01-01', left: 1.5 }),
      lot({ id: 'soon', expiresOn: '2026-06-01', left: 1.5 }),
    ];
    const shelf = new StockShelf(lots, SHIPPED, '2026-05-04');
    const taken = [15, 15, 15].map((filling) => shelf.take(CHLORINE, litres(filling)));
    expect(taken).toEqual([
      { lot: 'soon', gramsPerLitre: 102.5 },
      { lot: 'late', gramsPerLitre: 102.5 },
      { lot: null, gramsPerLitre: 125 },
    ]);
    expect(shelf.uses()).toEqual([
      { lot: 'soon', agent: 'hypochlorite', amount: 1.5 },
      { lot: 'late', agent: 'hypochlorite', amount: 1.5 },
    ]);
  });

  it('gives nothing that has expired, was bought later, or has grown too weak', () => {
    expect(lotOnDay(lot({ expiresOn: '2026-05-03' }), SHIPPED, '2026-05-04').unfit).toBe(
      'expired 2026-05-03',
    );
    expect(lotOnDay(lot({ boughtOn: '2026-06-01' }), SHIPPED, '2026-05-04').unfit).toContain(
      'after the day of the work',
    );
    const measured = [{ on: '2026-05-04', gramsPerLitre: 5, how: 'strip', by: '' }] as const;
    const shelf = new StockShelf([lot({ measured })], SHIPPED, '2026-05-04');
    expect(shelf.take(CHLORINE, litres(15)).lot).toBeNull();
  });

  it('never takes more of a lot than is left, and never needs less of an older one', () => {
    const days = fc.integer({ min: 0, max: 400 });
    fc.assert(
      fc.property(days, days, fc.double({ min: 0.2, max: 10, noNaN: true }), (one, more, left) => {
        const dated = (age: number) =>
          lot({
            boughtOn: new Date(Date.UTC(2026, 4, 4) - age * 86_400_000).toISOString().slice(0, 10),
            left,
          });
        const strong = lotStrength(dated(one), CHLORINE, '2026-05-04')?.gramsPerLitre ?? 0;
        const weak = lotStrength(dated(one + more), CHLORINE, '2026-05-04')?.gramsPerLitre ?? 0;
        const [fresh, old] = [litres(15)(strong), litres(15)(weak)];
        if (old !== null) expect(old).toBeGreaterThanOrEqual((fresh ?? Infinity) - 1e-9);
        const shelf = new StockShelf([dated(one)], SHIPPED, '2026-05-04');
        for (let i = 0; i < 6; i += 1) shelf.take(CHLORINE, litres(15));
        for (const use of shelf.uses()) expect(use.amount).toBeLessThanOrEqual(left + 1e-6);
      }),
    );
  });
});

describe('rounding', () => {
  it('never takes a mix above its limit', () => {
    // Neutralisers are rounded up: they must suffice.
    const liquids = SHIPPED.agents.filter((a) => a.stock.form !== 'ready' && a.class !== 'neutraliser');
    fc.assert(
      fc.property(
        fc.constantFrom(...liquids),
        fc.double({ min: 0.5, max: 60, noNaN: true }),
        fc.double({ min: 0.2, max: 1, noNaN: true }),
        fc.constantFrom('metric' as const, 'us' as const),
        (agent, volume, share, units) => {
          const greatest = agent.strengthSpan.to;
          const target = share * greatest;
          const stock = { lot: null, gramsPerLitre: Math.max(120, 2 * greatest) };
          const card = mixCard(agent, volume, target, units, { stock, greatestGramsPerLitre: greatest });
          const smallest = card.parts.some((p) => p.grams === 10 || p.litres === 0.001);
          if (!smallest) expect(card.strengthGramsPerLitre).toBeLessThanOrEqual(greatest + 0.05);
        },
      ),
    );
  });
});

describe('what is written of a lot', () => {
  it('is refused where days are in the wrong order, or lead nowhere', () => {
    const messages = (more: Partial<StockLot>) => lotFaults(lot(more), []).map((f) => f.message);
    expect(messages({})).toEqual([]);
    expect(messages({ openedOn: '2026-04-01' })).toEqual([
      'opened on 2026-04-01 is before the lot was bought, 2026-04-04: one of the two is wrong',
    ]);
    expect(messages({ expiresOn: '2026-04-01' })[0]).toContain('expiry 2026-04-01');
    expect(messages({ agent: 'moonshine' })[0]).toBe('the catalogue has no agent "moonshine"');
    expect(messages({ product: 'gone' })).toEqual([
      'this product is not in the handbook: pick another, or none',
    ]);
    const measured = [{ on: '2026-05-01', gramsPerLitre: 5, how: 'strip', by: '' }] as const;
    expect(messages({ agent: 'percarbonate', measured })[0]).toContain('take the readings out');
  });

  it('is refused for days that have not come yet', () => {
    expect(daysAhead(lot({ boughtOn: '2026-05-04' }), '2026-05-04')).toEqual([]);
    expect(daysAhead(lot({ boughtOn: '2026-05-05' }), '2026-05-04')).toEqual([
      {
        path: 'boughtOn',
        message: 'bought on 2026-05-05 has not come yet, today is 2026-05-04: write the day on which it was',
      },
    ]);
  });
});
