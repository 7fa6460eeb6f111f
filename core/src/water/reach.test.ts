import { describe, expect, it } from '@jest/globals';
import { reachToRidge } from './reach.ts';

const ROOF = {
  ridgeMetres: 7.8,
  handsMetres: 1.5,
  pitchDegrees: 35,
  roomMetres: null,
  longestPoleMetres: null,
};

describe('a pole to the ridge', () => {
  it('of 6.3 m above the hands at 35° stands 9.0 m off and is 11.0 m long', () => {
    const reach = reachToRidge(ROOF);
    expect(reach.standOffMetres).toBeCloseTo(9.0, 1);
    expect(reach.poleMetres).toBeCloseTo(11.0, 1);
    expect(reach.ok).toBe(true);
  });

  it('needs something else where there is no room, or no such pole', () => {
    expect(reachToRidge({ ...ROOF, roomMetres: 4 })).toMatchObject({ ok: false });
    const short = reachToRidge({ ...ROOF, roomMetres: 12, longestPoleMetres: 9 });
    expect(short.text).toContain('the longest pole has 9 m. Take a goose-neck, a tower or a lift.');
  });

  it('is of no use on a flat roof', () => {
    expect(() => reachToRidge({ ...ROOF, pitchDegrees: 0 })).toThrow(
      'pitch of the roof 0 ° is outside 5 ° to 75 °',
    );
  });
});
