import Joi from 'joi';
import { sha256Schema } from '../quantity/sha256.ts';
import { wordsSchema } from './detail-limits.ts';
import { entityIdSchema } from './entity-id.ts';
import type { EntityId } from './entity-id.ts';

/** A place on a photo: shares of its width and height from the upper left corner, 0 to 1. */
export interface PhotoPoint {
  readonly x: number;
  readonly y: number;
}

/** Drawn over a photo; the photo itself is never changed. */
export interface PhotoMark {
  readonly spot: PhotoPoint;
  /** Where its arrow comes from; null: the place is ringed. */
  readonly from: PhotoPoint | null;
  readonly text: string;
}

/** A flat face on a photo: a rectangle on it, with the length of one side. */
export interface PhotoFace {
  /** Corners of the rectangle, going round from the upper left one. */
  readonly corners: readonly PhotoPoint[];
  /** Which of its sides is known: along the first and the second corner, or along the second and the third. */
  readonly known: 'width' | 'height';
  readonly metres: number;
  /** The other side, where it was measured too; null: the perspective says it. */
  readonly otherMetres: number | null;
  /** What the rectangle is: a door, a course of bricks. */
  readonly what: string;
}

/** A picture of what was there; what it shows stays as it was taken. */
export interface Photo {
  readonly id: EntityId;
  readonly position: number;
  /** What it shows. */
  readonly of: EntityId;
  /** SHA-256 of the picture as it left the camera, hexadecimal: the evidence. */
  readonly originalSha256: string;
  /** SHA-256 of the file as it is sent, under which it is kept: another one where the device made it smaller. */
  readonly fileSha256: string;
  readonly widthPixels: number;
  readonly heightPixels: number;
  /** By the camera's clock, ISO 8601 without a zone; null where the picture does not say. */
  readonly takenAt: string | null;
  /** Where it was taken, degrees; null unless somebody chose to keep it. */
  readonly place: { readonly latitude: number; readonly longitude: number } | null;
  /** Focal length as on 35 mm film, mm; null where the picture does not say, left out of photos from before it was kept. */
  readonly lensMillimetres?: number | null;
  readonly takenBy: string;
  readonly caption: string;
  readonly marks: readonly PhotoMark[];
  readonly face: PhotoFace | null;
}

/** A photo of earlier damage lasts with the property, as the damage does. */
export type DamagePhoto = Photo;

const share = Joi.number().min(0).max(1).required();
const point = Joi.object<PhotoPoint>({ x: share, y: share });
const text = Joi.string().trim().max(120).allow('').default('');
const MOST_MARKS = 50;
const SHORTEST_LENS = 5;
const LONGEST_LENS = 2000;
const mark = Joi.object<PhotoMark>({ spot: point.required(), from: point.allow(null).default(null), text });
const MOST_PIXELS_A_SIDE = 30_000;
const pixels = Joi.number().integer().min(1).max(MOST_PIXELS_A_SIDE).required();
const metres = Joi.number().positive().max(1000);

export const photoSchema = Joi.object<Omit<Photo, 'id' | 'position'>>({
  of: entityIdSchema.required(),
  originalSha256: sha256Schema,
  fileSha256: sha256Schema,
  widthPixels: pixels,
  heightPixels: pixels,
  takenAt: Joi.string()
    .pattern(/^\d{4}-\d{2}-\d{2}T\d{2}:\d{2}:\d{2}$/, 'YYYY-MM-DDThh:mm:ss')
    .allow(null)
    .default(null),
  place: Joi.object({
    latitude: Joi.number().min(-90).max(90).required(),
    longitude: Joi.number().min(-180).max(180).required(),
  })
    .allow(null)
    .default(null),
  lensMillimetres: Joi.number().min(SHORTEST_LENS).max(LONGEST_LENS).allow(null),
  takenBy: wordsSchema,
  caption: wordsSchema,
  marks: Joi.array().items(mark).max(MOST_MARKS).default([]),
  face: Joi.object<PhotoFace>({
    corners: Joi.array().items(point).min(4).max(4).required(),
    known: Joi.valid('width', 'height').required(),
    metres: metres.required(),
    otherMetres: metres.allow(null).default(null),
    what: text,
  })
    .allow(null)
    .default(null),
});

/** The focal length that a camera writes down, as on 35 mm film, mm; null where it is none. */
export function cameraLens(tag: unknown): number | null {
  return typeof tag === 'number' && tag >= SHORTEST_LENS && tag <= LONGEST_LENS ? tag : null;
}

/**
 * The time as cameras write it, by their own clock; null where it is none.
 * @example cameraTime('2026:04:20 10:15:00') // "2026-04-20T10:15:00"
 */
export function cameraTime(tag: unknown): string | null {
  const found = typeof tag === 'string' ? /^(\d{4}):(\d\d):(\d\d) (\d\d:\d\d:\d\d)/.exec(tag) : null;
  if (!found) return null;
  const [, year = '', month = '', day = '', clock = ''] = found;
  const time = `${year}-${month}-${day}T${clock}`;
  return Number.isNaN(Date.parse(`${time}Z`)) ? null : time;
}
