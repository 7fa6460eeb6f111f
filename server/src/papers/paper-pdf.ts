import { createRequire } from 'node:module';
import type { Paper, PaperKind, SheetSize } from '@etappe/core';
import type * as PdfMake from 'pdfmake';
import { paperDocument } from './paper-document.ts';
import type { Scale } from './paper-document.ts';
import { PAPER_FONTS } from './paper-fonts.ts';
import type { Pictures } from './paper-pictures.ts';

/** A singleton of the package, of the older form. */
const pdfmake = createRequire(import.meta.url)('pdfmake') as typeof PdfMake;
const files = new Set<string>(Object.values(PAPER_FONTS).flatMap(({ normal, bold }) => [normal, bold]));
pdfmake.setFonts(PAPER_FONTS);
// A paper is words that somebody typed: none of them opens a file or an address.
pdfmake.setUrlAccessPolicy(() => false);
pdfmake.setLocalAccessPolicy((path) => files.has(path));

/** Hung up, put behind a wiper or read out: one sheet, in smaller letters where there is much to say. */
const ONE_SHEET: readonly PaperKind[] = ['neighbour-notice', 'windscreen-notice', 'toolbox-talk'];
const SMALLER = [0.94, 0.88, 0.82] as const;
/** What takes more sheets is tried in smaller letters too: often a line or two go over to another. */
const USUAL_SHEETS = 10;
/** A site plan in half its size is still read. */
const DRAWN: readonly number[] = [1, 0.85, 0.7, 0.55];

/** A paper as a PDF/A file with all its fonts in it. */
export async function paperPdf(
  paper: Paper,
  size: SheetSize,
  pictures: Pictures = new Map(),
): Promise<Buffer> {
  const made = (scale?: Scale, own = paper) =>
    pdfmake.createPdf(paperDocument(own, size, pictures, scale)).getBuffer();
  const [first, second] = paper.parts;
  if (first && second?.isOnOwnSheet) {
    // What is for all stands on one sheet: its drawing gives way.
    const alone = { ...paper, parts: [first], imprint: '' };
    // Where no size of it is enough, it stays as it is.
    let drawing = 1;
    for (const tried of DRAWN)
      if (pagesOf(await made({ drawing: tried }, alone)) === 1) {
        drawing = tried;
        break;
      }
    const whole = await made({ drawing });
    if (pagesOf(whole) <= USUAL_SHEETS) return whole;
    const smaller = await made({ drawing, letters: SMALLER[0] });
    return pagesOf(smaller) < pagesOf(whole) ? smaller : whole;
  }
  let pdf = await made();
  if (!ONE_SHEET.includes(paper.kind)) return pdf;
  for (const letters of SMALLER) {
    if (pagesOf(pdf) === 1) return pdf;
    pdf = await made({ letters });
  }
  return pdf;
}

/** How many sheets a file has, by what it says of its pages. */
export function pagesOf(pdf: Buffer): number {
  return pdf.toString('latin1').match(/\/Type \/Page\b(?!s)/g)?.length ?? 0;
}
