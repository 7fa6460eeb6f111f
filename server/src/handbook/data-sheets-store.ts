import { readFile } from 'node:fs/promises';
import type { Knex } from 'knex';
import type { Context } from '../context.ts';
import { fileSha256 } from '../photos/picture.ts';
import type { PictureQueue } from '../photos/picture-queue.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { DataSheetRecord } from './handbook-record.ts';

/**
 * Data sheets under the hash of the file that came, never changed: documents as they came, pictures upright and without what a
 * camera writes beside them, such as where it was.
 */
export interface DataSheetsStore {
  /** Folder for files that are being received. */
  readonly incoming: string;
  /** @throws Problem 415 for what is neither a PDF nor a picture, 413 for too many pixels, 422 for one that is broken */
  keep(context: Context, path: string): Promise<{ readonly sha256: string }>;
  file(context: Context, sha256: string): Promise<{ readonly mediaType: string; readonly bytes: Buffer }>;
}

export const LARGEST_SHEET_BYTES = 15 * 1024 * 1024;
const PDF_HEAD = '%PDF-';
const PDF_END = '%%EOF';
/** Where readers of PDF look for head and end. */
const PDF_MARGIN_BYTES = 1024;

export function dataSheetsStore(database: Knex, incoming: string, pictures: PictureQueue): DataSheetsStore {
  return {
    incoming,

    async keep({ house, actor }, path) {
      const sha256 = await fileSha256(path);
      if (await DataSheetRecord.query(database).findById([house, sha256]).select('sha256')) return { sha256 };
      const { mediaType, bytes } = await sheetIn(path, pictures);
      await DataSheetRecord.query(database)
        .insert({ house_id: house, sha256, media_type: mediaType, bytes, received_by: actor })
        .onConflict(['house_id', 'sha256'])
        .ignore();
      return { sha256 };
    },

    async file({ house }, sha256) {
      const row = await DataSheetRecord.query(database).findById([house, sha256]);
      if (!row) throw notFound('data sheet');
      return { mediaType: row.media_type, bytes: row.bytes };
    },
  };
}

/** By what is in it, whatever its name says. */
async function sheetIn(
  path: string,
  pictures: PictureQueue,
): Promise<{ readonly mediaType: string; readonly bytes: Buffer }> {
  const bytes = await readFile(path);
  if (bytes.subarray(0, PDF_MARGIN_BYTES).includes(PDF_HEAD)) {
    if (bytes.subarray(-PDF_MARGIN_BYTES).includes(PDF_END)) return { mediaType: 'application/pdf', bytes };
    throw new Problem(
      422,
      'invalid',
      'Not accepted',
      'The PDF ends in the middle: nothing of it was kept. Get the file once more.',
    );
  }
  const { sizes } = await pictures(path).catch((error: unknown) => {
    throw error instanceof Problem && error.status === 415 ? neither(error) : error;
  });
  return { mediaType: 'image/jpeg', bytes: sizes.full };
}

function neither({ message }: Problem): Problem {
  return new Problem(
    415,
    'unsupported',
    'Not a data sheet',
    `A data sheet is a PDF or a picture; this is neither. ${message} Ask the maker for the PDF, or take a photo of the sheet.`,
  );
}
