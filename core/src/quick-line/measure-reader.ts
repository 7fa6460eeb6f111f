import { METRES_PER, lengthUnitOf } from '../quantity/length.ts';
import { meaningOf } from './quick-cursor.ts';
import type { QuickCursor } from './quick-cursor.ts';
import { sizeAt } from './size-run.ts';
import type { SizeReading } from './size-run.ts';

type Length = Extract<SizeReading, { readonly kind: 'length' | 'number' }>;

/** Reads a size, a height that is said after its figure ("4 m high") or a tilt ("30 degrees"). */
export function readSize(cursor: QuickCursor, from: number): boolean {
  const size = sizeAt(cursor.words, from, cursor.survey.job.units);
  if (size === null) return false;
  const to = from + size.count;
  const text = cursor.textOf(from, to);
  if (size.kind === 'fault') return cursor.refused(from, to, size.message);
  if (size.kind === 'area')
    return cursor.said('size')
      ? cursor.refused(from, to, 'a second size: one surface has one; put next between two surfaces')
      : cursor.understood(from, to, { kind: 'size', text: size.text }, size.text);
  const after = cursor.match(to);
  const end = to + (after?.count ?? 0);
  if (meaningOf(after, 'high'))
    return cursor.understood(
      from,
      end,
      { kind: 'heights', foot: null, top: metresOf(cursor, size) },
      `top ${text}`,
    );
  if (size.kind === 'number' && isDegrees(cursor, to)) return readTiltEnd(cursor, from, to + 1, size.value);
  if (size.kind === 'number' && meaningOf(after, 'tilt')) return readTiltEnd(cursor, from, to, size.value);
  return cursor.refused(
    from,
    to,
    size.kind === 'length'
      ? `${text} is a length: write two sides as in ${size.text} x 2m, or how high it is as in ${size.text} high`
      : `${text} alone: a size is written as 12x6, a severity after the dirt as in algae 3 (1 to 4)`,
  );
}

/** Reads "top 6 m", "from 2 to 5 m", "foot 2 m". */
export function readHeights(cursor: QuickCursor, which: 'top' | 'foot', from: number, to: number): boolean {
  const { units } = cursor.survey.job;
  const start = cursor.pastFillers(to);
  const first = sizeAt(cursor.words, start, units);
  if (!isLength(first)) return false;
  const end = start + first.count;
  const second =
    which === 'foot' && ['to', '-', '–'].includes(cursor.stem(end))
      ? sizeAt(cursor.words, end + 1, units)
      : null;
  if (isLength(second)) {
    const last = end + 1 + second.count;
    const top = metresOf(cursor, second);
    // "from 2 to 5 m": the unit is said once, after both.
    const said = second.kind === 'length' ? top / Number.parseFloat(second.text) : null;
    const foot = first.kind === 'number' && said !== null ? first.value * said : metresOf(cursor, first);
    return cursor.understood(from, last, { kind: 'heights', foot, top }, cursor.textOf(from, last));
  }
  const metres = metresOf(cursor, first);
  const value = which === 'top' ? { foot: null, top: metres } : { foot: metres, top: null };
  return cursor.understood(from, end, { kind: 'heights', ...value }, cursor.textOf(from, end));
}

/** Reads "pitch 30 degrees". */
export function readTilt(cursor: QuickCursor, from: number, to: number): boolean {
  const start = cursor.pastFillers(to);
  const size = sizeAt(cursor.words, start, cursor.survey.job.units);
  if (size?.kind !== 'number') return false;
  const end = start + size.count;
  return readTiltEnd(cursor, from, isDegrees(cursor, end) ? end + 1 : end, size.value);
}

function readTiltEnd(cursor: QuickCursor, from: number, to: number, degrees: number): boolean {
  const after = cursor.match(to);
  const end = meaningOf(after, 'tilt') ? to + (after?.count ?? 0) : to;
  return degrees > 180
    ? cursor.refused(
        from,
        end,
        `a tilt goes from 0 (floor) over 90 (wall) to 180 (underside), ${degrees} does not`,
      )
    : cursor.understood(from, end, { kind: 'tilt', degrees }, `tilt ${degrees}°`);
}

function isDegrees(cursor: QuickCursor, at: number): boolean {
  return ['deg', 'degree', '°'].includes(cursor.stem(at));
}

function isLength(size: SizeReading | null): size is Length {
  return size?.kind === 'length' || size?.kind === 'number';
}

/** A bare number counts in the job's unit. */
function metresOf(cursor: QuickCursor, size: Length): number {
  return size.kind === 'length'
    ? size.metres
    : size.value * METRES_PER[lengthUnitOf(cursor.survey.job.units)];
}
