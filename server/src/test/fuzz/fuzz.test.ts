import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { fuzz } from './fuzz.ts';
import { fuzzGround } from './fuzz-ground.ts';
import { FORM_FIELDS, SOUND_BODIES } from './sound-bodies.ts';

let ground: Awaited<ReturnType<typeof fuzzGround>>;
beforeAll(async () => {
  ground = await fuzzGround();
});
afterAll(() => ground.fresh.close());

describe('two thousand requests to every address', () => {
  it('are known by a sound body each, where they take one', () => {
    const writing = ground.addresses.filter((address) => /^(POST|PUT|PATCH) /.test(address));
    expect([...writing].sort()).toEqual([...Object.keys(SOUND_BODIES), ...Object.keys(FORM_FIELDS)].sort());
  });

  it('are answered or refused, in few words and soon; none is an error of the server', async () => {
    const { fresh, addresses, known } = ground;
    const { statuses, faults } = await fuzz(fresh.app, addresses, known, { count: 2000, seed: 1 });
    expect(faults).toEqual([]);
    // What is sound among them is taken.
    expect(Object.keys(statuses)).toEqual(
      expect.arrayContaining(['200', '201', '400', '404', '409', '415', '422']),
    );
  }, 120_000);
});
