import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE, lookAlikeById, quickTestById } from '../catalogue/catalogue.ts';
import { entropyBits, mostProbable, normalised } from './belief.ts';
import { expectedGainBits, posteriorOf } from './evidence.ts';
import type { Evidence } from './evidence.ts';
import { priorOf } from './prior.ts';
import type { MarkSite } from './prior.ts';

const site = (more: Partial<MarkSite> = {}): MarkSite => ({
  family: 'render',
  calcareous: false,
  painted: false,
  shaded: false,
  floor: false,
  near: new Set(),
  ...more,
});

const anySite: fc.Arbitrary<MarkSite> = fc.record({
  family: fc.constantFrom(...new Set(CATALOGUE.materials.map((m) => m.family))),
  calcareous: fc.boolean(),
  painted: fc.boolean(),
  shaded: fc.boolean(),
  floor: fc.boolean(),
  near: fc
    .subarray(['bare-metal', 'lamp', 'plant-bed', 'lawn', 'vehicle', 'footway', 'pond'])
    .map((kinds) => new Set(kinds)),
});

/** A group at a site, with outcomes of some of its tests in some order. */
const anyCase = fc.constantFrom(...CATALOGUE.lookAlikes).chain((group) =>
  fc.record({
    group: fc.constant(group),
    at: anySite,
    evidence: fc
      .shuffledSubarray([...group.tests])
      .chain((tests) =>
        fc.tuple(
          ...tests.map((id) =>
            fc
              .constantFrom(...quickTestById(id).outcomes.map((o) => o.id))
              .map((outcome): Evidence => ({ test: quickTestById(id), outcome })),
          ),
        ),
      ),
  }),
);

describe('a belief', () => {
  it('is in bits what is still open of it', () => {
    expect(
      entropyBits(
        normalised(
          new Map([
            ['a', 2],
            ['b', 2],
          ]),
        ),
      ),
    ).toBeCloseTo(1, 12);
    expect(
      entropyBits(
        new Map([
          ['a', 1],
          ['b', 0],
        ]),
      ),
    ).toBe(0);
    expect(entropyBits(normalised(new Map(['a', 'b', 'c', 'd'].map((id) => [id, 1]))))).toBeCloseTo(2, 12);
  });

  it('needs somebody to believe in', () => {
    expect(() => normalised(new Map([['a', 0]]))).toThrow('a belief needs a candidate with some weight');
  });
});

describe('what a mark may be', () => {
  it('follows Bayes’ rule: a worked case', () => {
    // 0.6 · 0.9 against 0.4 · 0.12 of a test whose rows are 0.9/0.1 and 0.12/0.88.
    const prior = new Map([
      ['iron-clay', 0.6],
      ['surface-rust', 0.4],
    ]);
    const after = posteriorOf(prior, [{ test: quickTestById('wet-smear'), outcome: 'yes' }]);
    expect(after.get('iron-clay')).toBeCloseTo(0.54 / 0.588, 9);
  });

  it('sums to one, whatever was found, and the order of the tests makes no difference', () => {
    fc.assert(
      fc.property(anyCase, ({ group, at, evidence }) => {
        const prior = priorOf(group, at);
        const after = posteriorOf(prior, evidence);
        const sum = [...after.values()].reduce((a, b) => a + b, 0);
        expect(sum).toBeCloseTo(1, 9);
        const turned = posteriorOf(prior, [...evidence].reverse());
        for (const [id, p] of after) expect(turned.get(id)).toBeCloseTo(p, 9);
      }),
    );
  });

  it('is never less clear after a test than before, on the average of its outcomes', () => {
    fc.assert(
      fc.property(anyCase, ({ group, at, evidence }) => {
        const belief = posteriorOf(priorOf(group, at), evidence);
        for (const id of group.tests) {
          const gain = expectedGainBits(belief, quickTestById(id));
          expect(gain).toBeGreaterThanOrEqual(0);
          expect(gain).toBeLessThanOrEqual(entropyBits(belief) + 1e-9);
        }
      }),
    );
  });

  it('can be told for every candidate of every group: the outcomes that it most likely gives decide for it', () => {
    for (const group of CATALOGUE.lookAlikes) {
      for (const { id } of group.candidates) {
        const evidence = group.tests.flatMap((test) => {
          const { outcomes, likelihood } = quickTestById(test);
          const row = likelihood[id];
          const outcome = row && outcomes[row.indexOf(Math.max(...row))]?.id;
          return outcome ? [{ test: quickTestById(test), outcome }] : [];
        });
        const best = mostProbable(
          posteriorOf(priorOf(group, site({ painted: true, floor: true })), evidence),
        );
        expect(`${group.id}: ${best.id}`).toBe(`${group.id}: ${id}`);
      }
    }
  });

  it('is not decided by one test that allows a doubt, however sure its table is', () => {
    const prior = priorOf(lookAlikeById('tag'), site());
    const after = posteriorOf(prior, [{ test: quickTestById('look-edge'), outcome: 'yes' }]);
    expect(mostProbable(after).probability).toBeLessThan(1);
  });

  it.each<[string, string, Partial<MarkSite>, string]>([
    ['rust under metal', 'red-tint', { near: new Set(['bare-metal']) }, 'surface-rust'],
    ['clay beside a bed', 'red-tint', { near: new Set(['plant-bed']), floor: false }, 'iron-clay'],
    ['mildew in the shade', 'black-film', { shaded: true }, 'mildew'],
    ['tyres where cars stand', 'black-film', { floor: true, near: new Set(['vehicle']) }, 'tyre-marks'],
    ['scale on glass', 'white-bloom', { family: 'glass' }, 'hard-water-scale'],
    ['bloom on brick', 'white-bloom', { family: 'masonry' }, 'efflorescence'],
  ])('is by its place first of all %s', (_, group, at, expected) => {
    expect(mostProbable(priorOf(lookAlikeById(group), site(at))).id).toBe(expected);
  });

  it('refuses an outcome that a test does not have', () => {
    const prior = priorOf(lookAlikeById('tag'), site());
    expect(() => posteriorOf(prior, [{ test: quickTestById('look-edge'), outcome: 'maybe' }])).toThrow(
      'look-edge has no outcome "maybe"',
    );
  });
});
