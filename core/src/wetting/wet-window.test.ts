import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { evaporation } from './evaporation.ts';
import { RETAINED, absorbedWater, dryOutSeconds, filmSeconds, heldLiquid } from './wet-window.ts';
import type { Lie } from './wet-window.ts';

const mild = evaporation({
  airTemperatureC: 18,
  humidity: 0.65,
  windMetresPerSecond: 2,
  netRadiationWattsPerSquareMetre: 250,
});
const face = (lie: Lie, sorptivity: number, preWetMinutes: number) => ({
  heldKilogramsPerSquareMetre: RETAINED[lie],
  evaporation: mild,
  sorptivity,
  preWetSeconds: 60 * preWetMinutes,
});

describe('the two clocks in mild weather', () => {
  it.each<[string, Lie, number, number, number, number]>([
    ['clinging film on painted metal', 'smooth-wall-clinging', 0.0001, 0, 18.0, 0.1],
    ['rough render, dry', 'rough-wall', 0.008, 0, 5.4, 0.1],
    ['rough render after 10 min', 'rough-wall', 0.008, 10, 13.5, 0.1],
    ['concrete floor, dry', 'floor', 0.015, 0, 4.6, 0.1],
    ['concrete floor after 10 min', 'floor', 0.015, 10, 14.0, 0.1],
    ['sandstone floor, dry', 'floor', 0.06, 0, 20 / 60, 0.01],
    ['sandstone floor after 10 min', 'floor', 0.06, 10, 3.7, 0.05],
    ['sandstone floor after 30 min', 'floor', 0.06, 30, 6.0, 0.05],
    ['soft limestone wall, dry', 'rough-wall', 0.12, 0, 2 / 60, 0.01],
    ['soft limestone wall after 10 min', 'rough-wall', 0.12, 10, 69 / 60, 0.02],
    ['soft limestone wall after 30 min', 'rough-wall', 0.12, 30, 115 / 60, 0.02],
  ])('film on %s', (_, lie, sorptivity, preWet, minutes, tolerance) => {
    expect(Math.abs(filmSeconds(face(lie, sorptivity, preWet)) / 60 - minutes)).toBeLessThan(tolerance);
  });

  it.each<[Lie, number]>([
    ['smooth-wall-clinging', 18.7],
    ['rough-wall', 35],
    ['floor', 56],
  ])('dry-out of a %s is %p min', (lie, minutes) => {
    expect(Math.abs(dryOutSeconds(face(lie, 0.001, 0)) / 60 - minutes)).toBeLessThan(0.6);
  });

  it.each<[string, Lie, number, number, number, number]>([
    ['rough render after 10 min', 'rough-wall', 0.008, 10, 0.196, 76],
    ['sandstone floor after 10 min: what went deep does not count', 'floor', 0.06, 10, 0.2, 97.6],
    ['sandstone floor after 30 min', 'floor', 0.06, 30, 0.2, 97.6],
    ['painted wall after 10 min', 'smooth-wall-clinging', 0.0001, 10, 0.002, 19.2],
    ['sandstone floor, dry', 'floor', 0.06, 0, 0, 56],
  ])('dry-out on %s, with what the pores give back', (_, lie, sorptivity, preWet, absorbed, minutes) => {
    const wetted = face(lie, sorptivity, preWet);
    expect(absorbedWater(wetted)).toBeCloseTo(absorbed, 3);
    expect(Math.abs(dryOutSeconds(wetted) / 60 - minutes)).toBeLessThan(0.6);
  });

  it('never lets a film outlast the dry-out, and pre-wetting never shortens it', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.01, max: 0.4, noNaN: true }),
        fc.double({ min: 0.01, max: 1.2, noNaN: true }),
        fc.double({ min: 0, max: 0.2, noNaN: true }),
        fc.integer({ min: 0, max: 3600 }),
        (held, e, sorptivity, preWetSeconds) => {
          const given = { heldKilogramsPerSquareMetre: held, evaporation: e, sorptivity, preWetSeconds };
          expect(filmSeconds(given)).toBeLessThanOrEqual(dryOutSeconds(given) + 1e-6);
          expect(filmSeconds({ ...given, preWetSeconds: preWetSeconds + 600 })).toBeGreaterThanOrEqual(
            filmSeconds(given) - 1e-6,
          );
        },
      ),
    );
  });

  it('holds no more than was applied, and dries never in dew', () => {
    expect(heldLiquid(0.05, 'floor')).toBe(0.05);
    expect(dryOutSeconds({ ...face('floor', 0, 0), evaporation: 0 })).toBe(Infinity);
    expect(filmSeconds({ ...face('floor', 0, 0), evaporation: -1 })).toBe(Infinity);
  });
});
