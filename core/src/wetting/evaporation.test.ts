import { describe, expect, it } from '@jest/globals';
import { evaporation } from './evaporation.ts';

const air = (
  airTemperatureC: number,
  humidity: number,
  windMetresPerSecond: number,
  netRadiationWattsPerSquareMetre: number,
) => ({
  airTemperatureC,
  humidity,
  windMetresPerSecond,
  netRadiationWattsPerSquareMetre,
});

describe('evaporation from a wet face', () => {
  it.each([
    [air(25, 0.4, 2, 500), 0.64],
    [air(25, 0.4, 2, 100), 0.2],
    [air(12, 0.8, 1, 50), 0.06],
    [air(32, 0.3, 4, 600), 0.92],
    [air(18, 0.65, 2, 250), 0.29],
    [air(25, 0.4, 1, 0), 0.06],
  ])('%j: %p mm/h by Penman', (given, expected) => {
    expect(evaporation(given)).toBeCloseTo(expected, 2);
  });

  it('takes mass transfer where the wall is hotter than the air', () => {
    expect(evaporation({ ...air(25, 0.4, 1, 0), surfaceTemperatureC: 45 })).toBeCloseTo(1.05, 2);
  });

  it('is not positive when dew falls', () => {
    expect(evaporation(air(10, 1, 1, -40))).toBeLessThanOrEqual(0);
  });

  it('is dew on a wall that is colder than the dew point, though the sun begins to shine', () => {
    // Air of 18 °C and 65 % has its dew point at 11.3 °C.
    expect(evaporation({ ...air(18, 0.65, 2, 250), surfaceTemperatureC: 9 })).toBeLessThan(0);
    expect(evaporation({ ...air(18, 0.65, 2, 250), surfaceTemperatureC: 13 })).toBeCloseTo(0.29, 2);
  });

  it('names value, limit and way out for a slip', () => {
    expect(() => evaporation(air(18, 65, 2, 250))).toThrow('relative humidity 65 is outside 0 to 1');
  });
});
