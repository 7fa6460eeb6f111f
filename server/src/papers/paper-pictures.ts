import { readFile } from 'node:fs/promises';
import { picturesIn } from '@etappe/core';
import type { Paper } from '@etappe/core';
import type { Context } from '../context.ts';
import type { PhotosStore } from '../photos/photos-store.ts';

/** JPEG files by the hash under which they are kept. */
export type Pictures = ReadonlyMap<string, Uint8Array>;

/** The pictures of a paper, as large as a screen; one that is still on somebody's phone is not among them. */
export async function picturesOf(
  paper: Paper,
  context: Pick<Context, 'house'>,
  photos: Pick<PhotosStore, 'find'>,
): Promise<Pictures> {
  const found = new Map<string, Uint8Array>();
  for (const sha256 of picturesIn(paper)) {
    const path = await photos.find(context, sha256, 'screen');
    if (path !== null) found.set(sha256, await readFile(path));
  }
  return found;
}
