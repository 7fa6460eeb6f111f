import type { Paper, PaperBlock, PaperLine, PaperRound, PaperTone, SheetSize } from '@etappe/core';
import type { Column, Content, ContentTable, TDocumentDefinitions, TableCell } from 'pdfmake/interfaces';
import { pageInWords } from '@etappe/core';
import { fontRuns } from './paper-fonts.ts';
import { sitePlanSvg } from './site-plan-svg.ts';

const INK = '#1d2526';
const QUIET = '#4a5354';
const LINE = '#8a9292';
/** Points; 1 mm is 2.83 of them. */
const MARGINS = [26, 33, 26, 22] as const;
const WIDTHS: Readonly<Record<SheetSize, number>> = { A4: 595.28, LETTER: 612 };
const widthOf = (size: SheetSize) => WIDTHS[size] - MARGINS[0] - MARGINS[2];
/** A US Letter sheet is lower: its letters are a little smaller. */
const SIZES: Readonly<Record<SheetSize, number>> = { A4: 8.2, LETTER: 7.9 };
const BOX = 7;
/** How the layout knows a heading. */
const HEADING = 1;
const LABELS_IN_A_ROW = 2;

/**
 * A paper as pdfmake lays it out.
 * @param scale of its letters, below 1 where it has to fit
 */
export function paperDocument(paper: Paper, size: SheetSize, scale = 1): TDocumentDefinitions {
  const head = [paper.company, paper.job, paper.title].filter((part) => part !== '').join(' · ');
  const parts = paper.parts.map((part, i): Content => ({
    stack: part.blocks.flatMap((block) => blockContent(block, size, part.person)),
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
    defaultStyle: { font: 'Reading', fontSize: scale * SIZES[size], color: INK, lineHeight: 1 },
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
    content: [
      { ...runs(paper.title, true), fontSize: 17, margin: [0, 0, 0, 1] },
      ...(paper.job === '' ? [] : [{ ...runs(paper.job, true), fontSize: 11 }]),
      ...(paper.about === ''
        ? []
        : [{ ...runs(paper.about), color: QUIET, margin: [0, 1, 0, 4] } as Content]),
      ...parts,
      ...(paper.imprint === ''
        ? []
        : [{ ...runs(paper.imprint), fontSize: 7.5, color: QUIET, margin: [0, 12, 0, 0] } as Content]),
    ],
  };
}

/** Text in whichever fonts can write it. */
function runs(text: string, bold = false) {
  return { text: fontRuns(text).map(({ text: part, font }) => ({ text: part, font, bold })) };
}

const lengthOf = (own: PaperLine) =>
  typeof own === 'string' ? own.length : own.strong.length + own.text.length;

function line(own: PaperLine) {
  if (typeof own === 'string') return runs(own);
  const strong = runs(own.strong, true).text;
  return { text: own.text === '' ? strong : [...strong, ...runs(` ${own.text}`).text] };
}

const TONES: Readonly<Record<PaperTone, object>> = {
  warning: {},
  quiet: { color: QUIET, fontSize: 8 },
  large: { fontSize: 15 },
};
const isBold = (tone: PaperTone | undefined) => tone === 'warning' || tone === 'large';
const toned = (tone: PaperTone | undefined) => (tone ? TONES[tone] : {});

/** To be ticked with a pen. */
const box = (): Column => ({
  canvas: [{ type: 'rect', x: 0, y: 1.5, w: BOX, h: BOX, lineWidth: 0.9, lineColor: INK }],
  width: BOX + 4,
});

/** Made anew for each line: what is laid out is written into it. */
const dash = (): Column => ({ text: '–', width: 9 });

function blockContent(block: PaperBlock, size: SheetSize, person: string | null): readonly Content[] {
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
      return planContent(block.plan, size);
    case 'rounds':
      return [roundsTable(block, person)];
    case 'labels':
      return [labelTable(block)];
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

/** What is told in a few words stands two in a row. */
function factTable(facts: Extract<PaperBlock, { is: 'facts' }>['facts']): ContentTable {
  const rows: TableCell[][] = [];
  let half: TableCell[] | null = null;
  for (const { about, text } of facts) {
    const cells: TableCell[] = [runs(about, true), runs(text)];
    if (text.length > LONGEST_IN_HALF)
      rows.push([...cells.slice(0, 1), { ...runs(text), colSpan: 3 }, '', '']);
    else if (half) {
      half.push(...cells);
      half = null;
    } else {
      half = cells;
      rows.push(half);
    }
  }
  half?.push('', '');
  return plainTable(['13%', '37%', '13%', '37%'], rows);
}
const LONGEST_IN_HALF = 48;

/** Without rules. */
function plainTable(widths: readonly string[], body: TableCell[][]): ContentTable {
  return {
    table: { widths: [...widths], body, dontBreakRows: true },
    layout: {
      hLineWidth: () => 0,
      vLineWidth: () => 0,
      paddingLeft: () => 0,
      paddingTop: () => 1,
      paddingBottom: () => 1,
    },
    margin: [0, 0, 0, 3],
  };
}

function rowTable({ head, shares, rows }: Extract<PaperBlock, { is: 'table' }>): ContentTable {
  const hasHead = head.some((own) => own !== '');
  const body: TableCell[][] = [
    ...(hasHead ? [head.map((own): TableCell => ({ ...runs(own, true), fontSize: 8 }))] : []),
    ...rows.map((row) => row.map((own): TableCell => runs(own))),
  ];
  return {
    table: {
      widths: shares.map((share) => (share === Math.max(...shares) ? '*' : `${Math.round(100 * share)}%`)),
      body,
      headerRows: hasHead ? 1 : 0,
      dontBreakRows: true,
    },
    layout: RULED,
    margin: [0, 1, 0, 4],
  };
}

const RULED = {
  hLineWidth: () => 0.5,
  vLineWidth: () => 0,
  hLineColor: () => LINE,
  paddingLeft: () => 0,
  paddingRight: () => 6,
  paddingTop: () => 1,
  paddingBottom: () => 1,
} as const;

/** Each round with its time beside it, ruled off from the next, and whose they are on top of every sheet; it may go on overleaf between its lines, but not right after its name. */
function roundsTable({ rounds }: Extract<PaperBlock, { is: 'rounds' }>, person: string | null): Content {
  const begins = new Set<number>([0]);
  const whose: TableCell[] = ['', { ...runs(person ?? '', true), alignment: 'right' }];
  const body = rounds.flatMap(({ time, name, lines }, i): TableCell[][] => {
    const [first, ...more] = lines.map(roundLine);
    const head = { columns: [box(), { ...runs(name, true), width: '*', fontSize: 8.8 }] };
    begins.add(
      1 + rounds.slice(0, i).reduce((sum, { lines: before }) => sum + Math.max(1, before.length), 0),
    );
    return [
      [runs(time, true), { stack: [head, ...(first ? [first] : [])] }],
      ...more.map((own): TableCell[] => [{ text: '' }, own]),
    ];
  });
  if (body.length === 0) return { text: '' };
  return {
    table: { widths: [TIME_WIDTH, '*'], body: [whose, ...body], headerRows: 1, dontBreakRows: true },
    layout: {
      ...RULED,
      hLineWidth: (row) => (begins.has(row) || row > body.length ? 0.5 : 0),
      paddingTop: (row) => (begins.has(row) ? 1 : 0),
      paddingBottom: (row) => (begins.has(row + 1) || row === body.length ? 1 : 0),
    },
    margin: [0, 1, 0, 4],
  };
}
const TIME_WIDTH = 54;

function roundLine({ text, strong = '', tone, isTicked = false }: PaperRound['lines'][number]) {
  const words = { ...line(strong === '' ? mark(text, tone) : { strong, text }), ...toned(tone) };
  const margin: [number, number, number, number] = [BOX + 4, 0.3, 0, 0];
  return isTicked ? { columns: [box(), { ...words, width: '*' }], margin } : { ...words, margin };
}

const mark = (text: string, tone: PaperTone | undefined) => (tone === 'warning' ? `△ ${text}` : text);

/** Of the width: the card of the site fits one sheet by it. */
const PLAN_SHARE: Readonly<Record<SheetSize, number>> = { A4: 0.86, LETTER: 0.72 };

/** The drawing, and what its numbers and letters stand for in two columns. */
function planContent(
  plan: Extract<PaperBlock, { is: 'site-plan' }>['plan'],
  size: SheetSize,
): readonly Content[] {
  const numbered = plan.surfaces
    .flatMap(({ number, name }) => (number === null ? [] : [{ number, name }]))
    .sort((a, b) => a.number - b.number);
  return [
    { svg: sitePlanSvg(plan), width: PLAN_SHARE[size] * widthOf(size), margin: [0, 1, 0, 2] },
    { ...runs(numbered.map(({ number, name }) => `${number} ${name}`).join('   ')), fontSize: 8 },
    {
      ...runs(plan.marks.map(({ letter, text }) => `${letter} ${text}`).join('   ')),
      fontSize: 8,
      margin: [0, 1, 0, 3],
    },
  ];
}

/** To be cut out: two side by side, in frames. */
function labelTable({ labels }: Extract<PaperBlock, { is: 'labels' }>): Content {
  const cells = labels.map(({ name, lines }): TableCell => ({
    stack: [{ ...runs(name, true), fontSize: 15 }, ...lines.map((own) => ({ ...runs(own), fontSize: 9 }))],
    margin: [4, 4, 4, 6],
  }));
  const body: TableCell[][] = [];
  for (let i = 0; i < cells.length; i += LABELS_IN_A_ROW)
    body.push(Array.from({ length: LABELS_IN_A_ROW }, (_, k) => cells[i + k] ?? { text: '' }));
  if (body.length === 0) return { text: '' };
  return {
    table: { widths: Array.from({ length: LABELS_IN_A_ROW }, () => '*'), body, dontBreakRows: true },
    layout: {
      hLineStyle: () => ({ dash: { length: 3 } }),
      vLineStyle: () => ({ dash: { length: 3 } }),
      hLineWidth: () => 0.7,
      vLineWidth: () => 0.7,
    },
  };
}
