import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { sunEquatorial, sunPosition } from './sun-position.ts';

const CENTURY_DAYS = 36_525;

describe('the position of the sun', () => {
  it('is that of the published solar position reference to a tenth of a degree', () => {
    // Reda and Andreas (2004), worked example: zenith 50.1116°, azimuth 194.3402° at 12:30:30 mountain time.
    const { altitude, azimuth } = sunPosition(Date.UTC(2003, 9, 17, 19, 30, 30), 39.742476, -105.1786);
    expect(Math.abs(90 - altitude - 50.1116)).toBeLessThan(0.1);
    expect(Math.abs(azimuth - 194.3402)).toBeLessThan(0.1);
  });

  it('has the published apparent place of 1992 October 13', () => {
    // Meeus, Astronomical Algorithms, example 25.a: right ascension 198.38083°, declination −7.78507°.
    const { rightAscension, declination } = sunEquatorial((2_448_908.5 - 2_451_545) / CENTURY_DAYS);
    expect(rightAscension).toBeCloseTo(198.38083, 2);
    expect(declination).toBeCloseTo(-7.78507, 2);
  });

  it.each([
    // Almanac: instants of equinox and solstice, where the apparent declination is 0 or the obliquity.
    ['March equinox 2024', Date.UTC(2024, 2, 20, 3, 6), 0],
    ['June solstice 2024', Date.UTC(2024, 5, 20, 20, 51), 23.44],
    ['September equinox 2024', Date.UTC(2024, 8, 22, 12, 44), 0],
    ['December solstice 2024', Date.UTC(2024, 11, 21, 9, 21), -23.44],
    ['March equinox 2026', Date.UTC(2026, 2, 20, 14, 46), 0],
    ['June solstice 2026', Date.UTC(2026, 5, 21, 8, 25), 23.44],
  ])('%s', (_, instant, expected) => {
    const days = instant / 86_400_000 + 2_440_587.5 - 2_451_545;
    expect(Math.abs(sunEquatorial(days / CENTURY_DAYS).declination - expected)).toBeLessThan(0.02);
  });

  it('stands at noon where latitude and declination put it, in the south or in the north', () => {
    // Greenwich, 2026-06-21: noon by the sun comes 1.9 min after 12:00.
    const north = sunPosition(Date.UTC(2026, 5, 21, 12, 2), 51.4779, 0);
    expect(Math.abs(north.altitude - (90 - 51.4779 + 23.44))).toBeLessThan(0.1);
    expect(Math.abs(north.azimuth - 180)).toBeLessThan(0.5);
    const south = sunPosition(Date.UTC(2026, 5, 21, 12, 2), -51.4779, 0);
    expect(Math.min(south.azimuth, 360 - south.azimuth)).toBeLessThan(0.5);
  });

  it('moves by no more than it can in a minute, anywhere and at any time', () => {
    const place = fc.record({
      instant: fc.integer({ min: Date.UTC(1950, 0), max: Date.UTC(2050, 0) }),
      latitude: fc.double({ min: -89, max: 89, noNaN: true }),
      longitude: fc.double({ min: -180, max: 180, noNaN: true }),
    });
    fc.assert(
      fc.property(place, ({ instant, latitude, longitude }) => {
        const now = sunPosition(instant, latitude, longitude);
        const then = sunPosition(instant + 60_000, latitude, longitude);
        // The sky turns 0.251° in a minute. Below the horizon the lift by the air fades by up to 1° for each, so twice that.
        const lowest = Math.min(now.altitude, then.altitude);
        expect(Math.abs(then.altitude - now.altitude)).toBeLessThan(lowest < 0 ? 0.51 : 0.26);
        expect(now.altitude).toBeGreaterThanOrEqual(-90);
        expect(now.altitude).toBeLessThanOrEqual(90.1);
        expect(now.azimuth).toBeGreaterThanOrEqual(0);
        expect(now.azimuth).toBeLessThan(360);
      }),
      { examples: [[{ instant: -369_684_180_480, latitude: 0, longitude: 0 }]] },
    );
  });

  it('refuses the pole and a place off the globe, with the limit', () => {
    expect(() => sunPosition(0, 90, 0)).toThrow('latitude 90 ° is outside -89.9 ° to 89.9 °');
    expect(() => sunPosition(0, 47, 200)).toThrow('longitude 200 °');
  });
});
