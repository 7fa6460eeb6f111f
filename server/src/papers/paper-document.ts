import { pageInWords } from '@etappe/core';
import type { Paper, PaperBlock, SheetSize } from '@etappe/core';
import type { Content, TDocumentDefinitions } from 'pdfmake/interfaces';
import { factTable, labelTable, roundsTable, rowTable } from './paper-tables.ts';
import { INK, QUIET, box, dash, isBold, lengthOf, line, mark, runs, toned } from './paper-words.ts';
import type { Pictures } from './paper-pictures.ts';
import { LOGO_FIT, jpegAddress, pictureRows } from './picture-rows.ts';
import { sitePlanSvg } from './site-plan-svg.ts';

/** Points; 1 mm is 2.83 of them. */
const MARGINS = [26, 33, 26, 22] as const;
const WIDTHS: Readonly<Record<SheetSize, number>> = { A4: 595.28, LETTER: 612 };
const widthOf = (size: SheetSize) => WIDTHS[size] - MARGINS[0] - MARGINS[2];
/** A US Letter sheet is lower: its letters are a little smaller. */
const SIZES: Readonly<Record<SheetSize, number>> = { A4: 8.2, LETTER: 7.9 };
/** How the layout knows a heading. */
const HEADING = 1;

/** Below 1 where it has to fit. */
export interface Scale {
  readonly letters?: number;
  /** Of the site plan. */
  readonly drawing?: number;
}

/**
 * A paper as pdfmake lays it out.
 * @param pictures of the paper; one that is not there is left out
 */
export function paperDocument(
  paper: Paper,
  size: SheetSize,
  pictures: Pictures,
  { letters = 1, drawing = 1 }: Scale = {},
): TDocumentDefinitions {
  const head = [paper.company, paper.job, paper.title].filter((part) => part !== '').join(' · ');
  // Before what is cut up: labels end the last sheet.
  const last = paper.parts.findLastIndex(({ isOnOwnSheet }) => !isOnOwnSheet);
  const parts = paper.parts.map((part, i): Content => ({
    stack: [
      ...part.blocks.flatMap((block) =>
        blockContent(block, { size, pictures, drawing, person: part.person }),
      ),
      ...(i === last && paper.imprint !== '' ? [imprintContent(paper.imprint)] : []),
    ],
    ...(i > 0 && part.isOnOwnSheet && { pageBreak: 'before' as const }),
  }));
  return {
    pageSize: size,
    pageMargins: [...MARGINS],
    version: '1.7',
    subset: 'PDF/A-3b',
    language: 'en',
    displayTitle: true,
    info: {
      title: [paper.job, paper.title].filter((part) => part !== '').join(' · '),
      creator: 'Etappe',
      producer: 'Etappe',
    },
    defaultStyle: { font: 'Reading', fontSize: letters * SIZES[size], color: INK, lineHeight: 1 },
    header: { ...runs(head), fontSize: 8, margin: [MARGINS[0], 15, MARGINS[2], 0] },
    footer: (page, pages) => ({
      ...runs(pageInWords(page, pages)),
      fontSize: 8,
      alignment: 'right',
      margin: [MARGINS[0], 6, MARGINS[2], 0],
    }),
    // No heading stands alone at the foot of a sheet.
    pageBreakBefore: (node, around) =>
      node.headlineLevel === HEADING && around.getFollowingNodesOnPage().length === 0,
    images: Object.fromEntries([...pictures].map(([sha256, file]) => [sha256, jpegAddress(file)])),
    content: [headContent(paper, pictures), ...parts],
  };
}

const imprintContent = (imprint: string): Content => ({
  ...runs(imprint),
  fontSize: 7.5,
  color: QUIET,
  margin: [0, 12, 0, 0],
});

/** Title, job and what it is about, with the logo beside them. */
function headContent(paper: Paper, pictures: Pictures): Content {
  const words: Content[] = [
    { ...runs(paper.title, true), fontSize: 17, margin: [0, 0, 0, 1] },
    ...(paper.job === '' ? [] : [{ ...runs(paper.job, true), fontSize: 11 } as Content]),
    ...(paper.about === '' ? [] : [{ ...runs(paper.about), color: QUIET, margin: [0, 1, 0, 4] } as Content]),
  ];
  const { logo } = paper;
  if (!logo || !pictures.has(logo.sha256)) return { stack: words };
  return {
    columns: [
      { stack: words, width: '*' },
      { stack: [{ image: logo.sha256, fit: LOGO_FIT }], width: 'auto' },
    ],
    columnGap: 10,
  };
}

/** What a block is laid out in. */
interface Around {
  readonly size: SheetSize;
  readonly pictures: Pictures;
  readonly drawing: number;
  readonly person: string | null;
}

function blockContent(block: PaperBlock, { size, pictures, drawing, person }: Around): readonly Content[] {
  switch (block.is) {
    case 'heading':
      return [{ ...runs(block.text, true), fontSize: 11, margin: [0, 6, 0, 1.5], headlineLevel: HEADING }];
    case 'text':
      return [
        {
          ...runs(mark(block.text, block.tone), isBold(block.tone)),
          ...toned(block.tone),
          margin: [0, block.tone === 'large' ? 5 : 1, 0, block.tone === 'large' ? 5 : 2],
        },
      ];
    case 'list': {
      const items = block.lines.map((own): Content => ({
        columns: [block.isTicked ? box() : dash(), { ...line(own), width: '*' }],
        margin: [0, 0.4, 0, 0.4],
        unbreakable: true,
      }));
      return [
        ...(block.isShort ? [inColumns(items, Math.max(0, ...block.lines.map(lengthOf)))] : items),
        { text: '', margin: [0, 0, 0, 2] },
      ];
    }
    case 'facts':
      return [factTable(block.facts)];
    case 'table':
      return [rowTable(block)];
    case 'site-plan':
      return planContent(block.plan, size, drawing);
    case 'rounds':
      return [roundsTable(block, person)];
    case 'labels':
      return [labelTable(block)];
    case 'pictures':
      return pictureRows(
        block.pictures.filter(({ sha256 }) => pictures.has(sha256)),
        widthOf(size),
      );
    case 'signatures':
      return [
        {
          margin: [0, 14, 0, 0],
          unbreakable: true,
          stack: block.who.map((who): Content => ({
            columns: [
              { ...runs(who), width: '45%' },
              {
                canvas: [
                  {
                    type: 'line',
                    x1: 0,
                    y1: 12,
                    x2: widthOf(size) * 0.5,
                    y2: 12,
                    lineWidth: 0.7,
                    lineColor: INK,
                  },
                ],
                width: '*',
              },
            ],
            margin: [0, 6, 0, 0],
          })),
        },
      ];
  }
}

/** Short things, read down one column after the other. */
function inColumns(items: readonly Content[], longest: number): Content {
  const count = longest > LONGEST_IN_THREE ? 2 : 3;
  const each = Math.ceil(items.length / count);
  return {
    columns: Array.from({ length: count }, (_, i) => ({
      stack: items.slice(i * each, (i + 1) * each),
      width: '*',
    })),
    columnGap: 10,
  };
}
/** Letters that fit a third of the width. */
const LONGEST_IN_THREE = 45;

/** Of the width: the card of the site fits one sheet by it. */
const PLAN_SHARE: Readonly<Record<SheetSize, number>> = { A4: 0.86, LETTER: 0.72 };

/** The drawing, and what its numbers and letters stand for in two columns. */
function planContent(
  plan: Extract<PaperBlock, { is: 'site-plan' }>['plan'],
  size: SheetSize,
  drawing: number,
): readonly Content[] {
  const numbered = plan.surfaces
    .flatMap(({ number, name }) => (number === null ? [] : [{ number, name }]))
    .sort((a, b) => a.number - b.number);
  return [
    { svg: sitePlanSvg(plan), width: drawing * PLAN_SHARE[size] * widthOf(size), margin: [0, 1, 0, 2] },
    { ...runs(numbered.map(({ number, name }) => `${number} ${name}`).join('   ')), fontSize: 8 },
    {
      ...runs(plan.marks.map(({ letter, text }) => `${letter} ${text}`).join('   ')),
      fontSize: 8,
      margin: [0, 1, 0, 3],
    },
  ];
}
