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

  const answered = new Set<string>();
  it.each([1, 2, 3, 4])(
    'are answered or refused, in few words and soon; none is an error of the server: quarter %p',
    async (seed) => {
      const { fresh, addresses, known } = ground;
      const { statuses, faults } = await fuzz(fresh.app, addresses, known, { count: 500, seed });
      expect(faults).toEqual([]);
      for (const status of Object.keys(statuses)) answered.add(status);
    },
    120_000,
  );

  it('are taken where they are sound', () => {
    expect([...answered]).toEqual(expect.arrayContaining(['200', '201', '400', '404', '409', '415', '422']));
  });
});
