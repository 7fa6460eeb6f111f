import { bytesHash, cameraLens, cameraTime } from '@etappe/core';
import { expose } from 'comlink';
import exifr from 'exifr';
import { say } from '../messages/files.ts';

/** A picture as the device takes it: what it is, and what is sent of it. */
export interface TakenPicture {
  readonly originalSha256: string;
  /** Of `file`: another one where it was made smaller. */
  readonly fileSha256: string;
  readonly file: Blob;
  /** Upright. */
  readonly widthPixels: number;
  readonly heightPixels: number;
  readonly takenAt: string | null;
  /** Focal length as on 35 mm film, mm. */
  readonly lensMillimetres: number | null;
  /** Where it was taken; kept only if somebody chooses to. */
  readonly place: { readonly latitude: number; readonly longitude: number } | null;
}

export type PictureReading =
  { readonly ok: true; readonly picture: TakenPicture } | { readonly ok: false; readonly message: string };

const LONGEST_SIDE_PIXELS = 2560;
const QUALITY = 0.85;
const KINDS: readonly { readonly kind: string; readonly at: number; readonly bytes: readonly number[] }[] = [
  { kind: 'image/jpeg', at: 0, bytes: [0xff, 0xd8, 0xff] },
  { kind: 'image/png', at: 0, bytes: [0x89, 0x50, 0x4e, 0x47] },
  { kind: 'image/webp', at: 8, bytes: [0x57, 0x45, 0x42, 0x50] },
  // The box of files that phones write: "ftyp".
  { kind: 'heic', at: 4, bytes: [0x66, 0x74, 0x79, 0x70] },
];

/** Reads pictures away from the page: hashes, times and sizes of many megabytes. */
const reader = {
  /** @param smaller whether it waits on the device, and is made small for that */
  async read(file: File, smaller: boolean): Promise<PictureReading> {
    const bytes = new Uint8Array(await file.arrayBuffer());
    const kind = kindOf(bytes);
    if (kind === 'heic') return refused(say('is-a-heic-or-avif', { name: file.name }));
    if (kind === null) return refused(say('is-no-jpeg-png-or', { name: file.name }));
    const bitmap = await createImageBitmap(new Blob([bytes], { type: kind }), {
      imageOrientation: 'from-image',
    }).catch(() => null);
    if (!bitmap) return refused(say('is-broken-or-cut-off', { name: file.name }));
    const { width, height } = bitmap;
    const scale = Math.min(1, LONGEST_SIDE_PIXELS / Math.max(width, height));
    const sent = smaller && scale < 1 ? await shrunk(bitmap, scale) : new Blob([bytes], { type: kind });
    bitmap.close();
    const originalSha256 = bytesHash(bytes);
    const same = sent.size === bytes.length;
    return {
      ok: true,
      picture: {
        originalSha256,
        fileSha256: same ? originalSha256 : bytesHash(new Uint8Array(await sent.arrayBuffer())),
        file: sent,
        widthPixels: width,
        heightPixels: height,
        ...(await tagsOf(bytes)),
      },
    };
  },
};

function kindOf(bytes: Uint8Array): string | null {
  const found = KINDS.find(({ at, bytes: magic }) => magic.every((byte, i) => bytes[at + i] === byte));
  return found?.kind ?? null;
}

function refused(message: string): PictureReading {
  return { ok: false, message };
}

async function shrunk(bitmap: ImageBitmap, scale: number): Promise<Blob> {
  const canvas = new OffscreenCanvas(Math.round(bitmap.width * scale), Math.round(bitmap.height * scale));
  canvas.getContext('2d')?.drawImage(bitmap, 0, 0, canvas.width, canvas.height);
  return canvas.convertToBlob({ type: 'image/jpeg', quality: QUALITY });
}

/** What the camera wrote beside the picture: when, with which lens, and where. */
async function tagsOf(
  bytes: Uint8Array,
): Promise<Pick<TakenPicture, 'takenAt' | 'lensMillimetres' | 'place'>> {
  const tags = (await exifr
    .parse(bytes, {
      pick: ['DateTimeOriginal', 'CreateDate', 'FocalLengthIn35mmFormat'],
      reviveValues: false,
    })
    .catch(() => undefined)) as Readonly<Record<string, unknown>> | undefined;
  const gps = await exifr.gps(bytes).catch(() => undefined);
  const place = gps && Number.isFinite(gps.latitude) && Number.isFinite(gps.longitude) ? gps : null;
  return {
    takenAt: cameraTime(tags?.['DateTimeOriginal'] ?? tags?.['CreateDate']),
    lensMillimetres: cameraLens(tags?.['FocalLengthIn35mmFormat']),
    place: place && { latitude: place.latitude, longitude: place.longitude },
  };
}

export type PictureReader = typeof reader;

expose(reader);
