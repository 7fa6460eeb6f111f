import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { faceRadiation } from './face-radiation.ts';
import { sunPosition } from './sun-position.ts';

const wall = (aspectDegrees: number | null) => ({ tiltDegrees: 90, aspectDegrees, sunShare: 1, skyShare: 1 });
const MILD = { cloud: 0, airTemperatureC: 18, humidity: 0.6 };
/** 4 May 2026 at 47.1° N, 9.3° E, by the clock of Central European Summer Time. */
const at = (hour: number) => sunPosition(Date.UTC(2026, 4, 4, hour - 2), 47.1, 9.3);

describe('net radiation on a face', () => {
  it('is all of the clear-sky light on a level face', () => {
    const { direct, diffuse, reflected } = faceRadiation(
      { ...wall(0), tiltDegrees: 0 },
      { altitude: 60, azimuth: 180 },
      MILD,
    );
    // 906 W/m² under a clear sky, four fifths absorbed; 792 of them straight from the sun.
    expect(direct + diffuse + reflected).toBeCloseTo(0.8 * 906.4, 0);
    expect(direct / (direct + diffuse)).toBeCloseTo(0.8737, 3);
  });

  it('under a closed sky has no direct sun, and a quarter of the light', () => {
    const closed = faceRadiation(
      { ...wall(0), tiltDegrees: 0 },
      { altitude: 60, azimuth: 180 },
      { ...MILD, cloud: 1 },
    );
    expect(closed.direct).toBe(0);
    expect(closed.diffuse).toBeCloseTo(0.8 * 906.4 * 0.25, 0);
  });

  it('comes round with the sun: east in the morning, west in the evening, north hardly ever', () => {
    const net = (hour: number, aspect: number) => faceRadiation(wall(aspect), at(hour), MILD).net;
    expect(net(8, 90)).toBeGreaterThan(net(8, 270) + 200);
    expect(net(18, 270)).toBeGreaterThan(net(18, 90) + 200);
    expect(net(13, 180)).toBeGreaterThan(net(13, 0) + 200);
    for (const hour of [9, 11, 13, 15, 17]) expect(faceRadiation(wall(0), at(hour), MILD).direct).toBe(0);
    expect(net(23, 180)).toBeLessThan(0);
  });

  it('of a face whose side nobody gave is that of a face turned to the sun', () => {
    for (let aspect = 0; aspect < 360; aspect += 15)
      expect(faceRadiation(wall(null), at(11), MILD).net).toBeGreaterThanOrEqual(
        faceRadiation(wall(aspect), at(11), MILD).net,
      );
  });

  it('never grows with cloud by more than the night sky keeps, and never with shade', () => {
    const face = fc.record({
      tiltDegrees: fc.double({ min: 0, max: 180, noNaN: true }),
      aspectDegrees: fc.double({ min: 0, max: 359, noNaN: true }),
      sunShare: fc.double({ min: 0, max: 1, noNaN: true }),
      skyShare: fc.constant(1),
    });
    fc.assert(
      fc.property(
        face,
        fc.integer({ min: 0, max: 23 }),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (given, hour, cloud) => {
          const sunny = faceRadiation({ ...given, sunShare: 1 }, at(hour), { ...MILD, cloud });
          const shaded = faceRadiation(given, at(hour), { ...MILD, cloud });
          expect(shaded.net).toBeLessThanOrEqual(sunny.net + 1e-9);
          const all = [sunny.direct, sunny.diffuse, sunny.reflected, sunny.longWaveLoss];
          for (const part of all) expect(part).toBeGreaterThanOrEqual(0);
          expect(sunny.net).toBeLessThan(900);
          expect(sunny.net).toBeGreaterThan(-130);
        },
      ),
    );
  });

  it('refuses more cloud than there is sky', () => {
    expect(() => faceRadiation(wall(0), at(9), { ...MILD, cloud: 1.3 })).toThrow(
      'cloud 1.3 is outside 0 to 1',
    );
    expect(() => faceRadiation(wall(0), at(9), { ...MILD, humidity: 1.3 })).toThrow('relative humidity 1.3');
  });
});
