import { createHash } from 'node:crypto';
import type { Knex } from 'knex';
import sharp from 'sharp';
import type { Context } from '../context.ts';
import { Problem, notFound } from '../problems/problem.ts';
import { DataSheetRecord } from './handbook-record.ts';

/** Data sheets as they came, under the hash of their bytes: they are evidence and never changed. */
export interface DataSheetsStore {
  /** @throws Problem 415 for what is neither a PDF nor a picture, 422 for one that is broken */
  keep(context: Context, bytes: Buffer): Promise<{ readonly sha256: string }>;
  file(context: Context, sha256: string): Promise<{ readonly mediaType: string; readonly bytes: Buffer }>;
}

export const LARGEST_SHEET_BYTES = 15 * 1024 * 1024;
const LARGEST_PIXELS = 64e6;
const PICTURES: Readonly<Record<string, string>> = {
  jpeg: 'image/jpeg',
  png: 'image/png',
  webp: 'image/webp',
};
const PDF_HEAD = '%PDF-';
const PDF_END = '%%EOF';
/** Where readers of PDF look for head and end. */
const PDF_MARGIN_BYTES = 1024;

export function dataSheetsStore(database: Knex): DataSheetsStore {
  return {
    async keep({ house, actor }, bytes) {
      const mediaType = await mediaTypeOf(bytes);
      const sha256 = createHash('sha256').update(bytes).digest('hex');
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
async function mediaTypeOf(bytes: Buffer): Promise<string> {
  if (bytes.subarray(0, PDF_MARGIN_BYTES).includes(PDF_HEAD)) {
    if (bytes.subarray(-PDF_MARGIN_BYTES).includes(PDF_END)) return 'application/pdf';
    throw broken('The PDF ends in the middle');
  }
  const format = await pictureFormat(bytes);
  const mediaType = PICTURES[format];
  if (mediaType === undefined)
    throw new Problem(
      415,
      'unsupported',
      'Not a data sheet',
      'A data sheet is a PDF or a picture (JPEG, PNG, WebP); this is neither. Ask the maker for the PDF, or take a photo of the sheet.',
    );
  await sharp(bytes, { failOn: 'error', limitInputPixels: LARGEST_PIXELS })
    .stats()
    .catch(() => {
      throw broken('The picture is broken or too large');
    });
  return mediaType;
}

/** By the head of the file alone; empty for what is no picture. */
async function pictureFormat(bytes: Buffer): Promise<string> {
  if (bytes.length === 0) return '';
  return sharp(bytes, { failOn: 'none' })
    .metadata()
    .then(
      ({ format }) => format,
      () => '',
    );
}

function broken(what: string): Problem {
  return new Problem(422, 'invalid', 'Not accepted', `${what}: nothing of it was kept. Get the file once more.`);
} // prettier-ignore
