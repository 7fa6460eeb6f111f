import type { PaperBlock, PaperRound } from '@etappe/core';
import type { Content, ContentTable, TableCell } from 'pdfmake/interfaces';
import { BOX, box, line, mark, runs, toned } from './paper-words.ts';

const LINE = '#8a9292';
const LABELS_IN_A_ROW = 2;

/** What is told in a few words stands two in a row. */
export function factTable(facts: Extract<PaperBlock, { is: 'facts' }>['facts']): ContentTable {
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

export function rowTable({ head, shares, rows }: Extract<PaperBlock, { is: 'table' }>): ContentTable {
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
export function roundsTable(
  { rounds }: Extract<PaperBlock, { is: 'rounds' }>,
  person: string | null,
): Content {
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

/** To be cut out: two side by side, in frames. */
export function labelTable({ labels }: Extract<PaperBlock, { is: 'labels' }>): Content {
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
