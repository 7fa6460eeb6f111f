import { lengthError } from './photo-error.ts';
import type { PixelPoint } from './pixel-point.ts';
import { METRES_PER, lengthUnitOf } from '../quantity/length.ts';
import { decimal } from '../quantity/numbers.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';

/**
 * Lengths on a flat face from a photo of it: a rectangle on the face is marked by its four corners, one side of it is
 * known, and everything else on the same face follows by perspective.
 */

type Corners = readonly [PixelPoint, PixelPoint, PixelPoint, PixelPoint];
/** 3 × 3, by rows. */
type Matrix = readonly [number, number, number, number, number, number, number, number, number];

export interface MeasuredRectangle {
  /** Corners going round from the upper left one: upper left, upper right, lower right, lower left. */
  readonly corners: readonly PixelPoint[];
  readonly known: 'width' | 'height';
  readonly metres: number;
  /** The other side, metres; null: the perspective says it. */
  readonly otherMetres: number | null;
}

export interface FlatFace {
  readonly widthMetres: number;
  readonly heightMetres: number;
  /** How the other side came to be known. */
  readonly otherSide: 'measured' | 'from-perspective' | 'seen-straight-on';
  /** Distance of two places on the face, metres. */
  readonly metresBetween: (a: PixelPoint, b: PixelPoint) => number;
  /** How far that distance may be off, as a share of it: corners and ends marked within 2 pixels, the lens as well as it is known. */
  readonly errorBetween: (a: PixelPoint, b: PixelPoint) => number;
}

/** A photo's size, pixels, and the lens that it was taken with. */
export interface Picture {
  readonly widthPixels: number;
  readonly heightPixels: number;
  /** Focal length as on 35 mm film, mm; null or left out where the picture does not say. */
  readonly lensMillimetres?: number | null;
}

/**
 * Two sides that were measured, as a size in the tape language, to the centimetre or the tenth of a foot.
 * @example measuredSize(4.118, 2.351, 'metric') // "4.12m x 2.35m"
 */
export function measuredSize(widthMetres: number, heightMetres: number, units: UnitSystem): string {
  const unit = lengthUnitOf(units);
  const side = (metres: number) => `${decimal(metres / METRES_PER[unit], unit === 'm' ? 2 : 1)}${unit}`;
  return `${side(widthMetres)} x ${side(heightMetres)}`;
}

/** A rectangle whose marked corners are no convex quadrilateral cannot be one seen from the front. */
export type FaceReading =
  { readonly ok: true; readonly face: FlatFace } | { readonly ok: false; readonly message: string };

/** Corners nearer to each other than this share of the picture's width are one place. */
const LEAST_SIDE_SHARE = 0.01;
/** Opposite sides that run together slower than this (relative) count as parallel in the picture. */
const PARALLEL = 0.02;
/** Focal length of a pocket camera as on 35 mm film, mm. Source: trade default. */
const USUAL_LENS_MILLIMETRES = 26;
/** Diagonal of a picture on 35 mm film, mm: what such a focal length is counted against (CIPA DCG-001). */
const FILM_DIAGONAL_MILLIMETRES = 43.27;
/** How far a lens may be off that a picture names, and one that is taken as usual, as shares of it. */
const LENS_NAMED_WITHIN = 0.03;
const LENS_USUAL_WITHIN = 0.25;

/**
 * The flat face that a marked rectangle lies on.
 *
 * The map between picture and rectangle: P. Heckbert, Fundamentals of Texture Mapping and Image Warping (1989),
 * section 2.2.3. Which shape the rectangle has, from its perspective alone: Z. Zhang and L. He, Whiteboard scanning and
 * image enhancement, Digital Signal Processing 17 (2007), equations 11 and 20, for a camera with square pixels that
 * looks through the middle of the picture. The lens is the one that the picture names; else the perspective says it; else the usual one.
 *
 * @returns the face, or why the corners are none
 */
export function flatFace(rectangle: MeasuredRectangle, picture: Picture): FaceReading {
  const [a, b, c, d] = rectangle.corners;
  if (!a || !b || !c || !d || rectangle.corners.length !== 4)
    return { ok: false, message: `a rectangle has four corners, not ${rectangle.corners.length}` };
  const corners: Corners = [a, b, c, d];
  const least = LEAST_SIDE_SHARE * picture.widthPixels;
  if (corners.some((p, i) => distance(p, corners[(i + 1) % 4] ?? p) < least))
    return { ok: false, message: 'two of the corners lie on one place: pull them apart' };
  if (!isConvex(corners))
    return {
      ok: false,
      message: 'the corners go criss-cross: mark them going round, from the upper left one',
    };
  const { widthMetres, heightMetres, shape } = sized(rectangle, corners, picture, 1);
  const between = (marked: Corners, lens: number, p: PixelPoint, q: PixelPoint): number => {
    const size = sized(rectangle, marked, picture, lens);
    const toFace = inverse(ofUnitSquare(marked));
    const [[px, py], [qx, qy]] = [mapped(toFace, p), mapped(toFace, q)];
    return Math.hypot((px - qx) * size.widthMetres, (py - qy) * size.heightMetres);
  };
  const lensWithin = picture.lensMillimetres ? LENS_NAMED_WITHIN : LENS_USUAL_WITHIN;
  return {
    ok: true,
    face: {
      widthMetres,
      heightMetres,
      otherSide: rectangle.otherMetres === null ? shape.by : 'measured',
      metresBetween: (p, q) => between(corners, 1, p, q),
      errorBetween: (p, q) =>
        lengthError(
          [...corners, p, q],
          ([m1 = a, m2 = b, m3 = c, m4 = d, from = p, to = q], lens) =>
            between([m1, m2, m3, m4], lens, from, to),
          lensWithin,
        ),
    },
  };
}

/** Both sides of the rectangle with its corners where they are; `lens` stretches the focal length that is taken for it. */
function sized(
  { known, metres, otherMetres }: MeasuredRectangle,
  corners: Corners,
  picture: Picture,
  lens: number,
) {
  const shape = shapeOf(corners, picture, lens);
  const other = otherMetres ?? (known === 'width' ? metres / shape.aspect : metres * shape.aspect);
  const [widthMetres, heightMetres] = known === 'width' ? [metres, other] : [other, metres];
  return { widthMetres, heightMetres, shape };
}

function distance(p: PixelPoint, q: PixelPoint): number {
  return Math.hypot(p.x - q.x, p.y - q.y);
}

function isConvex(corners: Corners): boolean {
  const turns = corners.map((p, i) => {
    const q = corners[(i + 1) % 4] ?? p;
    const r = corners[(i + 2) % 4] ?? p;
    return Math.sign((q.x - p.x) * (r.y - q.y) - (q.y - p.y) * (r.x - q.x));
  });
  return turns.every((turn) => turn !== 0 && turn === turns[0]);
}

/** The projective map that takes the unit square to a quadrilateral. */
function ofUnitSquare([p0, p1, p2, p3]: Corners): Matrix {
  const sx = p0.x - p1.x + p2.x - p3.x;
  const sy = p0.y - p1.y + p2.y - p3.y;
  const [dx1, dx2] = [p1.x - p2.x, p3.x - p2.x];
  const [dy1, dy2] = [p1.y - p2.y, p3.y - p2.y];
  const det = dx1 * dy2 - dx2 * dy1;
  const g = (sx * dy2 - dx2 * sy) / det;
  const h = (dx1 * sy - sx * dy1) / det;
  return [
    p1.x - p0.x + g * p1.x,
    p3.x - p0.x + h * p3.x,
    p0.x,
    p1.y - p0.y + g * p1.y,
    p3.y - p0.y + h * p3.y,
    p0.y,
    g,
    h,
    1,
  ];
}

/** Up to a factor, which a projective map does not see. */
function inverse([a, b, c, d, e, f, g, h, i]: Matrix): Matrix {
  return [
    e * i - f * h,
    c * h - b * i,
    b * f - c * e,
    f * g - d * i,
    a * i - c * g,
    c * d - a * f,
    d * h - e * g,
    b * g - a * h,
    a * e - b * d,
  ];
}

function mapped([a, b, c, d, e, f, g, h, i]: Matrix, { x, y }: PixelPoint): readonly [number, number] {
  const w = g * x + h * y + i;
  return [(a * x + b * y + c) / w, (d * x + e * y + f) / w];
}

/** Width over height of a rectangle, by its perspective. */
function shapeOf(
  corners: Corners,
  { widthPixels, heightPixels, lensMillimetres }: Picture,
  lens: number,
): { readonly aspect: number; readonly by: 'from-perspective' | 'seen-straight-on' } {
  const centred = corners.map((p) => ({
    x: p.x - widthPixels / 2,
    y: p.y - heightPixels / 2,
  })) as unknown as Corners;
  const [m1, m2, , m4, m5, , g, h] = ofUnitSquare(centred);
  const focalOf = (millimetres: number) =>
    (lens * millimetres * Math.hypot(widthPixels, heightPixels)) / FILM_DIAGONAL_MILLIMETRES;
  // Both directions of the rectangle run to a vanishing point: together they give the focal length.
  const seen = Math.abs(g) > PARALLEL && Math.abs(h) > PARALLEL ? -(m1 * m2 + m4 * m5) / (g * h) : 0;
  const focalSquared = lensMillimetres
    ? focalOf(lensMillimetres) ** 2
    : seen > 0
      ? seen
      : focalOf(USUAL_LENS_MILLIMETRES) ** 2;
  const along = (m1 * m1 + m4 * m4) / focalSquared + g * g;
  const down = (m2 * m2 + m5 * m5) / focalSquared + h * h;
  const straight = Math.abs(g) <= PARALLEL && Math.abs(h) <= PARALLEL;
  return { aspect: Math.sqrt(along / down), by: straight ? 'seen-straight-on' : 'from-perspective' };
}
