import { describe, expect, it } from '@jest/globals';
import { clearSky } from './clear-sky.ts';

describe('light under a clear sky', () => {
  // Worked apart from this code by the published equations, turbidity 3, sea level.
  it.each([
    [10, 134, 412],
    [20, 309, 667],
    [30, 485, 786],
    [60, 906, 914],
    [90, 1062, 940],
  ])('of a sun at %d° is %d W/m² on the ground and %d W/m² towards the sun', (altitude, global, beam) => {
    expect(Math.abs(clearSky(altitude).global - global)).toBeLessThan(1);
    expect(Math.abs(clearSky(altitude).beam - beam)).toBeLessThan(1);
  });

  it('grows with the sun, and the sky is never darker than nothing', () => {
    for (let altitude = 0; altitude < 90; altitude += 1) {
      const { global, beam } = clearSky(altitude);
      expect(global).toBeLessThanOrEqual(clearSky(altitude + 1).global);
      expect(global - beam * Math.sin((altitude * Math.PI) / 180)).toBeGreaterThanOrEqual(0);
    }
  });

  it('is none at night', () => {
    expect(clearSky(0)).toEqual({ global: 0, beam: 0 });
    expect(clearSky(-12)).toEqual({ global: 0, beam: 0 });
  });
});
