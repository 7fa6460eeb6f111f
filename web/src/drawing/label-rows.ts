/** A label that begins at its mark. */
interface Mark {
  readonly text: string;
  readonly x: number;
}

export interface PlacedLabel extends Mark {
  readonly row: number;
}

/** Of a letter at the size of the labels, px: rather too much. */
const LETTER = 6.4;
const GAP = 10;
const LEAST_LETTERS = 4;

export const labelWidth = (text: string) => text.length * LETTER;

/** As much of a text as there is room for, px; nothing where that says nothing. */
export function shortened(text: string, width: number): string {
  const room = Math.floor(width / LETTER);
  if (text.length <= room) return text;
  return room >= LEAST_LETTERS ? `${text.slice(0, room - 1)}…` : '';
}

/**
 * Labels of marks along a line, in so many rows beneath it, none over another: each in the first row that is free at its mark, else in the
 * one that is free soonest, moved on to there; cut short at the end of the line.
 *
 * @param marks in the order of their places
 */
export function labelRows(
  marks: readonly Mark[],
  { rows, to }: { readonly rows: number; readonly to: number },
): readonly PlacedLabel[] {
  const ends = Array.from({ length: rows }, () => -Infinity);
  return marks.map(({ text, x }) => {
    const free = ends.findIndex((end) => end + GAP <= x);
    const row = free >= 0 ? free : ends.indexOf(Math.min(...ends));
    const from = Math.min(Math.max(x, (ends[row] ?? 0) + GAP), to);
    const fits = shortened(text, to - from);
    ends[row] = from + labelWidth(fits);
    return { text: fits, x: from, row };
  });
}
