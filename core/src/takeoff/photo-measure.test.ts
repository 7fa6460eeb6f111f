import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { GREATEST_PHOTO_ERROR } from './photo-error.ts';
import { flatFace, measuredSize } from './photo-measure.ts';
import { takeOffArea } from './take-off.ts';
import type { MeasuredRectangle } from './photo-measure.ts';
import type { PixelPoint } from './pixel-point.ts';

const PICTURE = { widthPixels: 4000, heightPixels: 3000 };

interface Camera {
  /** Degrees by which it looks sideways and up. */
  readonly yaw: number;
  readonly pitch: number;
  readonly roll: number;
  /** From the middle of the face, metres. */
  readonly away: number;
  /** Pixels. */
  readonly focal: number;
}

/** Where a camera that looks at the middle of a wall sees a place on it: metres right of and below the middle. */
function seen({ yaw, pitch, roll, away, focal }: Camera, x: number, y: number): PixelPoint {
  const [sy, cy] = [Math.sin((yaw * Math.PI) / 180), Math.cos((yaw * Math.PI) / 180)];
  const [sp, cp] = [Math.sin((pitch * Math.PI) / 180), Math.cos((pitch * Math.PI) / 180)];
  const [sr, cr] = [Math.sin((roll * Math.PI) / 180), Math.cos((roll * Math.PI) / 180)];
  const [x1, z1] = [cy * x, sy * x];
  const [y2, z2] = [cp * y - sp * z1, sp * y + cp * z1];
  const [x3, y3] = [cr * x1 - sr * y2, sr * x1 + cr * y2];
  const depth = away + z2;
  return { x: 2000 + (focal * x3) / depth, y: 1500 + (focal * y3) / depth };
}

/** A door of 0.9 by 2.0 m with its middle right of and below the middle of the wall, as the camera sees it. */
const door = (camera: Camera, known: 'width' | 'height', both = false): MeasuredRectangle => ({
  corners: [seen(camera, 0.2, -0.8), seen(camera, 1.1, -0.8), seen(camera, 1.1, 1.2), seen(camera, 0.2, 1.2)],
  known,
  metres: known === 'width' ? 0.9 : 2,
  otherMetres: both ? (known === 'width' ? 2 : 0.9) : null,
});
const face = (rectangle: MeasuredRectangle, lensMillimetres: number | null = null) => {
  const reading = flatFace(rectangle, { ...PICTURE, lensMillimetres });
  if (!reading.ok) throw new Error(reading.message);
  return reading.face;
};
const slanted = fc.record({
  yaw: fc.double({ min: 15, max: 45, noNaN: true }),
  pitch: fc.double({ min: 12, max: 30, noNaN: true }),
  roll: fc.double({ min: -10, max: 10, noNaN: true }),
  away: fc.double({ min: 4, max: 8, noNaN: true }),
  focal: fc.double({ min: 2200, max: 5000, noNaN: true }),
});

describe('a length on a flat face', () => {
  it('is exact where both sides of the rectangle were measured, from wherever it was taken', () => {
    fc.assert(
      fc.property(slanted, (camera) => {
        const { metresBetween } = face(door(camera, 'height', true));
        expect(metresBetween(seen(camera, -1.4, -1), seen(camera, 1.6, -1))).toBeCloseTo(3, 6);
        expect(metresBetween(seen(camera, -1, -1), seen(camera, 0, 0))).toBeCloseTo(Math.SQRT2, 6);
      }),
      { seed: 1, numRuns: 200 },
    );
  });

  it('is found by the perspective where one side is known, whatever the lens', () => {
    fc.assert(
      fc.property(slanted, fc.constantFrom('width' as const, 'height' as const), (camera, known) => {
        const measured = face(door(camera, known));
        expect(measured.otherSide).toBe('from-perspective');
        expect(measured.widthMetres).toBeCloseTo(0.9, 4);
        expect(measured.heightMetres).toBeCloseTo(2, 4);
        expect(measured.metresBetween(seen(camera, -1.5, 0), seen(camera, 1.5, 0))).toBeCloseTo(3, 3);
      }),
      { seed: 2, numRuns: 200 },
    );
  });

  it('is plain proportion when it is seen straight on', () => {
    const straight = { yaw: 0, pitch: 0, roll: 3, away: 5, focal: 2900 };
    const measured = face(door(straight, 'height'));
    expect(measured.otherSide).toBe('seen-straight-on');
    expect(measured.widthMetres).toBeCloseTo(0.9, 6);
    expect(measured.metresBetween(seen(straight, -2, 1), seen(straight, 2, 1))).toBeCloseTo(4, 6);
  });

  // 26 mm on 43.27 mm of film, of a picture of 5000 pixels across its corners: 3004.
  it('is close when it is seen from one side only, by the usual lens', () => {
    const aside = { yaw: 30, pitch: 0, roll: 0, away: 5, focal: 3004 };
    expect(face(door(aside, 'height')).widthMetres).toBeCloseTo(0.9, 2);
  });

  it('is exact there by the lens that the picture names, and off without it', () => {
    const long = { yaw: 30, pitch: 0, roll: 0, away: 9, focal: (77 * 5000) / 43.27 };
    expect(face(door(long, 'height')).widthMetres).not.toBeCloseTo(0.9, 2);
    expect(face(door(long, 'height'), 77).widthMetres).toBeCloseTo(0.9, 4);
  });

  it('says how far it may be off: little from near with all known, more with the lens unknown or the door small', () => {
    const aside = { yaw: 30, pitch: 0, roll: 0, away: 5, focal: 3004 };
    const error = (at: Camera, both: boolean, lens: number | null) => {
      const { errorBetween } = face(door(at, 'height', both), lens);
      return errorBetween(seen(at, -1.4, 0), seen(at, 1.6, 0));
    };
    expect(error(aside, true, 26)).toBeLessThan(0.02);
    expect(error(aside, false, 26)).toBeLessThan(error(aside, false, null));
    expect(error(aside, false, null)).toBeGreaterThan(GREATEST_PHOTO_ERROR);
    expect(error({ ...aside, away: 40 }, true, 26)).toBeGreaterThan(GREATEST_PHOTO_ERROR);
    const place = seen(aside, 0, 0);
    expect(face(door(aside, 'height', true), 26).errorBetween(place, place)).toBe(1);
  });

  it('is mostly off by no more than it says where corners are marked two pixels off', () => {
    let beyond = 0;
    const off = fc.array(fc.integer({ min: -2, max: 2 }), { minLength: 8, maxLength: 8 });
    fc.assert(
      fc.property(slanted, off, (camera, by) => {
        const sound = door(camera, 'height', true);
        const marked = {
          ...sound,
          corners: sound.corners.map(({ x, y }, i) => ({
            x: x + (by[2 * i] ?? 0),
            y: y + (by[2 * i + 1] ?? 0),
          })),
        };
        const ends = [seen(camera, -1.5, 0), seen(camera, 1.5, 0)] as const;
        const { metresBetween, errorBetween } = face(marked, 26);
        if (Math.abs(metresBetween(...ends) / 3 - 1) > errorBetween(...ends)) beyond += 1;
      }),
      { seed: 3, numRuns: 300 },
    );
    // Two pixels are taken as one standard deviation: five in six lie within.
    expect(beyond).toBeLessThan(60);
    expect(beyond).toBeGreaterThan(0);
  });
});

describe('corners that are no rectangle are refused with the way out', () => {
  const p = (x: number, y: number): PixelPoint => ({ x, y });
  it.each<[string, readonly PixelPoint[], string]>([
    ['three', [p(0, 0), p(900, 0), p(900, 900)], 'four corners, not 3'],
    ['two on one place', [p(0, 0), p(3, 0), p(900, 900), p(0, 900)], 'pull them apart'],
    ['criss-cross', [p(0, 0), p(900, 900), p(900, 0), p(0, 900)], 'going round'],
    ['three in a row', [p(0, 0), p(450, 0), p(900, 0), p(0, 900)], 'going round'],
  ])('%s', (_, corners, message) => {
    const reading = flatFace({ corners, known: 'width', metres: 1, otherMetres: null }, PICTURE);
    expect(reading.ok ? '' : reading.message).toContain(message);
  });
});

describe('a size from a photo', () => {
  it.each([
    [4.118, 2.351, 'metric', '4.12m x 2.35m', 9.682],
    [4.118, 2.351, 'us', '13.5ft x 7.7ft', 9.657],
  ] as const)('%d by %d m (%s) is one that the tape field reads', (width, height, units, text, area) => {
    expect(measuredSize(width, height, units)).toBe(text);
    expect(takeOffArea(text, units)).toMatchObject({ ok: true, squareMetres: area });
  });
});
