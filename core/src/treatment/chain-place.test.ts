import { describe, expect, it } from '@jest/globals';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { chainPlace } from './chain-place.ts';

const place = (id: string) => chainPlace(CATALOGUE.method(id));

describe('the place of a method in the chain', () => {
  it.each<[string, string]>([
    ['weed-by-hand', 'degrease-caustic-hot'],
    ['scrape-off', 'soft-wash-hypochlorite'],
    ['ivy-brush', 'neutral-wash'],
    ['degrease-caustic-hot', 'pre-treat-and-surface-clean'],
    ['degrease-citrus', 'soft-wash-hypochlorite'],
    ['soft-wash-hypochlorite', 'phosphate-wash'],
    ['soft-wash-hypochlorite', 'rust-oxalic'],
    ['degrease-caustic-brush', 'rust-oxalic'],
    ['rust-oxalic', 'leave-on-biocide'],
  ])('%s comes before %s', (first, then) => {
    expect(place(first)).toBeLessThan(place(then));
  });

  it('is the first for every method of dry work, and for no other', () => {
    const dry = CATALOGUE.methods.filter((method) => chainPlace(method) < 0);
    expect(dry.length).toBeGreaterThan(2);
    for (const method of dry)
      expect(new Set(method.stages.map(({ kind }) => kind))).toEqual(new Set(['clear']));
  });
});
