import { createHash } from 'node:crypto';
import { createReadStream } from 'node:fs';
import { cameraTime } from '@etappe/core';
import exifr from 'exifr';
import sharp from 'sharp';
import type { Sharp } from 'sharp';
import { Problem } from '../problems/problem.ts';

/** A picture as it is kept: upright, without what a camera writes beside it, in three sizes of JPEG. */
export interface Picture {
  readonly widthPixels: number;
  readonly heightPixels: number;
  /** By the camera's clock, ISO 8601 without a zone; null where the picture does not say. */
  readonly takenAt: string | null;
  readonly sizes: Readonly<Record<PhotoSize, Buffer>>;
}

export const PHOTO_SIZES = ['full', 'screen', 'thumb'] as const;
export type PhotoSize = (typeof PHOTO_SIZES)[number];

export const LARGEST_FILE_BYTES = 40 * 1024 * 1024;
const LARGEST_PIXELS = 64e6;
const LONGEST_SIDE_PIXELS = 30_000;
const MEGA = 1e6;
/** Longest side in pixels, and JPEG quality. */
const KEPT: Readonly<Record<PhotoSize, { readonly pixels: number; readonly quality: number }>> = {
  full: { pixels: 4096, quality: 84 },
  screen: { pixels: 1600, quality: 80 },
  thumb: { pixels: 320, quality: 74 },
};
const TAKEN_KINDS = ['jpeg', 'png', 'webp'];
const LONGEST_SECONDS = 60;

// One thread for each picture: many wait in a queue, and pages are served meanwhile.
sharp.concurrency(1);
sharp.cache(false);

/** SHA-256 of a file, hexadecimal. */
export async function fileSha256(path: string): Promise<string> {
  const hash = createHash('sha256');
  for await (const part of createReadStream(path)) hash.update(part as Buffer);
  return hash.digest('hex');
}

/**
 * A picture read from a file, whatever its name says, and encoded anew: nothing of the file but what it shows is kept.
 * @throws Problem 415 for another kind of file, 413 for too many pixels, 422 for one that is broken
 */
export async function readPicture(path: string): Promise<Picture> {
  await checkHead(path);
  try {
    const options = { failOn: 'error', limitInputPixels: LARGEST_PIXELS, pages: 1 } as const;
    const full = await encoded(sharp(path, options).autoOrient(), 'full');
    const screen = await encoded(sharp(full.data), 'screen');
    const thumb = await encoded(sharp(screen.data), 'thumb');
    return {
      widthPixels: full.info.width,
      heightPixels: full.info.height,
      takenAt: await takenAt(path),
      sizes: { full: full.data, screen: screen.data, thumb: thumb.data },
    };
  } catch (error) {
    if (!(error instanceof Error) || 'code' in error) throw error;
    throw broken();
  }
}

/** Refuses by the first bytes and the size that they tell, before anything is decoded. */
async function checkHead(path: string): Promise<void> {
  // libvips would read a drawing or a document as well, which is more than a camera gives.
  const head = await sharp(path, { failOn: 'error', limitInputPixels: false, pages: 1 })
    .metadata()
    .catch(() => null);
  const kind = head?.format;
  if (kind === 'heif')
    throw new Problem(
      415,
      'unsupported-picture',
      'This kind of picture is not taken',
      'This is a HEIC or AVIF picture. Set the camera of the phone to “most compatible” (JPEG), or save the picture as JPEG, PNG or WebP.',
    );
  if (!head || !kind || !TAKEN_KINDS.includes(kind))
    throw new Problem(
      415,
      'unsupported-picture',
      'This kind of file is not taken',
      `This is ${kind ? `a ${kind.toUpperCase()} file` : 'no picture, or a broken one'}. JPEG, PNG and WebP pictures are taken: save it as one of these.`,
    );
  const { width, height } = head;
  if (width * height > LARGEST_PIXELS || Math.max(width, height) > LONGEST_SIDE_PIXELS)
    throw new Problem(
      413,
      'too-large',
      'The picture has too many pixels',
      `The picture has ${width} × ${height} = ${Math.round((width * height) / MEGA)} million pixels; up to ${LARGEST_PIXELS / MEGA} million are taken. Set the camera to a smaller size, or make the picture smaller.`,
    );
}

function encoded(image: Sharp, size: PhotoSize) {
  const { pixels, quality } = KEPT[size];
  return image
    .resize({ width: pixels, height: pixels, fit: 'inside', withoutEnlargement: true })
    .flatten({ background: '#ffffff' })
    .toColourspace('srgb')
    .jpeg({ quality })
    .timeout({ seconds: LONGEST_SECONDS })
    .toBuffer({ resolveWithObject: true });
}

function broken(): Problem {
  return new Problem(
    422,
    'broken-picture',
    'The picture is broken',
    'The picture ends too early or is damaged inside: nothing of it was kept. Send again from the camera.',
  );
}

/** Where the picture was taken is not even read. */
async function takenAt(path: string): Promise<string | null> {
  const tags = (await exifr
    .parse(path, { pick: ['DateTimeOriginal', 'CreateDate'], reviveValues: false, gps: false })
    .catch(() => undefined)) as { DateTimeOriginal?: unknown; CreateDate?: unknown } | undefined;
  return cameraTime(tags?.DateTimeOriginal ?? tags?.CreateDate);
}
