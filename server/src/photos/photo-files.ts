import { constants } from 'node:fs';
import { access, mkdir, open, readdir, rename, rm, stat } from 'node:fs/promises';
import { join, resolve } from 'node:path';
import { v7 as uuidv7 } from 'uuid';
import { PHOTO_SIZES } from './picture.ts';
import type { PhotoSize } from './picture.ts';

/**
 * Where the files of photos lie, by company and content: what is kept under a hash never changes. On disk here; an object
 * store can fill the same.
 */
export interface PhotoFiles {
  /** A folder for files that are being received. */
  readonly incoming: string;
  /** All sizes or none; a repeat is harmless. */
  keep(house: string, sha256: string, sizes: Readonly<Record<PhotoSize, Buffer>>): Promise<void>;
  /** Path of a file to be sent; null when there is none. */
  find(house: string, sha256: string, size: PhotoSize): Promise<string | null>;
}

type WriteFile = (path: string, bytes: Buffer) => Promise<void>;

/** What a process that was killed left behind is cleared away after this time. */
const LEFT_BEHIND_MILLISECONDS = 3_600_000;

/** @param write writes a file for good: on the disk when it returns */
export async function photosOnDisk(folder: string, write: WriteFile = writeForGood): Promise<PhotoFiles> {
  const root = resolve(folder);
  const incoming = join(root, 'incoming');
  await mkdir(incoming, { recursive: true });
  await clearLeftovers(incoming);
  const placeOf = (house: string, sha256: string) => join(root, house, sha256.slice(0, 2), sha256);
  return {
    incoming,

    async keep(house, sha256, sizes) {
      const place = placeOf(house, sha256);
      const draft = join(incoming, uuidv7());
      try {
        await mkdir(draft);
        for (const size of PHOTO_SIZES) await write(join(draft, `${size}.jpg`), sizes[size]);
        await mkdir(join(place, '..'), { recursive: true });
        // A folder appears as a whole or not at all.
        await rename(draft, place).catch((error: unknown) => {
          if (!isThere(error)) throw error;
        });
      } finally {
        await rm(draft, { recursive: true, force: true });
      }
    },

    async find(house, sha256, size) {
      const path = join(placeOf(house, sha256), `${size}.jpg`);
      return access(path, constants.R_OK).then(
        () => path,
        () => null,
      );
    },
  };
}

async function writeForGood(path: string, bytes: Buffer): Promise<void> {
  const file = await open(path, 'wx');
  try {
    await file.writeFile(bytes);
    await file.sync();
  } finally {
    await file.close();
  }
}

function isThere(error: unknown): boolean {
  const code = (error as { code?: string }).code;
  return code === 'ENOTEMPTY' || code === 'EEXIST';
}

async function clearLeftovers(incoming: string): Promise<void> {
  for (const name of await readdir(incoming)) {
    const path = join(incoming, name);
    const { mtimeMs } = await stat(path).catch(() => ({ mtimeMs: Infinity }));
    if (Date.now() - mtimeMs > LEFT_BEHIND_MILLISECONDS) await rm(path, { recursive: true, force: true });
  }
}
