import type { PaperBlock } from '@etappe/core';
import type { Content } from 'pdfmake/interfaces';
import { runs } from './paper-words.ts';

/** Points: as wide and as high as a logo is at most, at the head of the first sheet. */
export const LOGO_FIT: [number, number] = [150, 44];
const SIDE_BY_SIDE = 2;
const GAP = 10;
const HIGHEST = 120;

/** Where the layout finds the bytes of a picture. */
export const jpegAddress = (file: Uint8Array): string =>
  `data:image/jpeg;base64,${Buffer.from(file).toString('base64')}`;

/** Two pictures side by side, each with its words below it; none is cut from them. @param width of the sheet between its margins */
export function pictureRows(
  pictures: Extract<PaperBlock, { is: 'pictures' }>['pictures'],
  width: number,
): readonly Content[] {
  const each = (width - GAP * (SIDE_BY_SIDE - 1)) / SIDE_BY_SIDE;
  return pictures.flatMap((_, i): readonly Content[] => {
    if (i % SIDE_BY_SIDE > 0) return [];
    const row = pictures.slice(i, i + SIDE_BY_SIDE).map(({ sha256, caption }) => ({
      stack: [
        { image: sha256, fit: [each, HIGHEST] as [number, number] },
        { ...runs(caption), fontSize: 8, margin: [0, 1, 0, 0] as [number, number, number, number] },
      ],
      width: each,
    }));
    return [{ columns: row, columnGap: GAP, unbreakable: true, margin: [0, 5, 0, 2] }];
  });
}
