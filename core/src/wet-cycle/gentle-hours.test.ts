import { describe, expect, it } from '@jest/globals';
import { gentleHours } from './gentle-hours.ts';

const day = (from: number, ...evaporation: readonly number[]) =>
  evaporation.map((evaporationMillimetresPerHour, i) => ({
    hour: from + i,
    evaporationMillimetresPerHour,
    air: { temperatureC: 20, humidity: 0.5, windMetresPerSecond: 1, netRadiationWattsPerSquareMetre: 0 },
  }));

describe('the gentler hours of a face', () => {
  it('are the morning where the sun comes later, the afternoon where it goes', () => {
    expect(gentleHours(day(8, 0.2, 0.2, 0.3, 0.5, 0.6, 0.6, 0.6))).toEqual({ from: 8, to: 11 });
    expect(gentleHours(day(8, 0.6, 0.6, 0.5, 0.3, 0.2, 0.2, 0.2))).toEqual({ from: 11, to: 15 });
  });

  it('are the longer ones of the two, and none where the day is alike or they are too few', () => {
    expect(gentleHours(day(6, 0.1, 0.1, 0.1, 0.9, 0.1, 0.1, 0.1, 0.1))).toEqual({ from: 10, to: 14 });
    expect(gentleHours(day(8, 0.5, 0.5, 0.5))).toBeNull();
    expect(gentleHours(day(8, 0.1, 0.1, 0.5, 0.5, 0.5, 0.1))).toBeNull();
    expect(gentleHours([])).toBeNull();
  });
});
