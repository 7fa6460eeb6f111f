import type { KeptPhoto } from '@etappe/core';
import { stat } from 'node:fs/promises';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import { storageProblem } from '../problems/storage-problem.ts';
import type { PhotoFiles } from './photo-files.ts';
import { PhotoRecord } from './photo-record.ts';
import { fileSha256 } from './picture.ts';
import type { PictureQueue } from './picture-queue.ts';
import type { PhotoSize } from './picture.ts';

/** A photo that is kept. */
export interface PhotosStore {
  /** Folder for files that are being received. */
  readonly incoming: string;
  /** Reads, encodes and keeps the picture in a file; the same file twice is one photo. */
  keep(context: Context, path: string): Promise<KeptPhoto>;
  find(context: Pick<Context, 'house'>, sha256: string, size: PhotoSize): Promise<string | null>;
}

export function photosStore(database: Knex, files: PhotoFiles, pictures: PictureQueue): PhotosStore {
  return {
    incoming: files.incoming,

    async keep(context, path) {
      const { house, actor } = context;
      const sha256 = await fileSha256(path);
      const earlier = await PhotoRecord.query(database).findById([house, sha256]);
      if (earlier && (await files.find(house, sha256, 'thumb'))) return keptOf(earlier);
      const { sizes, ...picture } = await pictures(path);
      await files.keep(house, sha256, sizes).catch((error: unknown) => {
        throw storageProblem(error);
      });
      await PhotoRecord.query(database)
        .insert({
          house_id: house,
          sha256,
          bytes: (await stat(path)).size,
          width_pixels: picture.widthPixels,
          height_pixels: picture.heightPixels,
          taken_at: picture.takenAt,
          received_by: actor,
        })
        .onConflict(['house_id', 'sha256'])
        .ignore();
      const kept = await PhotoRecord.query(database).findById([house, sha256]).throwIfNotFound();
      return keptOf(kept);
    },

    find: ({ house }, sha256, size) => files.find(house, sha256, size),
  };
}

function keptOf(row: PhotoRecord): KeptPhoto {
  return {
    sha256: row.sha256,
    widthPixels: row.width_pixels,
    heightPixels: row.height_pixels,
    takenAt: row.taken_at,
    receivedAt: row.received_at.toISOString(),
    receivedBy: row.received_by,
  };
}
