import { span } from './tape-cursor.ts';
import type { NumberToken, Place, TapeCursor } from './tape-cursor.ts';
import type { LengthPart, TapeExpression } from './tape-expression.ts';
import { TapeError } from './tape-fault.ts';
import type { TapeToken } from './tape-tokens.ts';

const INCHES_PER_FOOT = 12;
const isTight = (one: Place, next: Place) => one.at + one.length === next.at;

/** The sign for feet, not their name. */
const isMark = ({ text }: TapeToken) => /^['′’]$/.test(text);

/** A length: a bare number, one with its unit, or several that add up. @param first its first number, already read */
export function lengthAt(cursor: TapeCursor, first: NumberToken): TapeExpression {
  const unit = cursor.peek();
  if (unit.kind !== 'unit')
    return { kind: 'length', parts: [{ value: first.value, unit: null }], ...span(first, first) };
  cursor.next();
  let last: Place = unit;
  const parts: LengthPart[] = [{ value: first.value, unit: unit.unit }];
  for (
    let more = cursor.peek(), its = cursor.peek(1);
    more.kind === 'number' && its.kind === 'unit';
    more = cursor.peek(), its = cursor.peek(1)
  ) {
    parts.push({ value: more.value, unit: its.unit });
    last = its;
    cursor.skip(2);
  }
  const rest = parts.length === 1 ? restOf(cursor, unit) : null;
  if (!rest) return { kind: 'length', parts, ...span(first, last) };
  return { kind: 'length', parts: [...parts, rest.part], ...span(first, rest.last) };
}

/** What stands behind feet or metres without a space and belongs to them: `5'-6"`, `18'6`, `3m50`. */
function restOf(
  cursor: TapeCursor,
  unit: TapeToken & { readonly kind: 'unit' },
): { readonly part: LengthPart; readonly last: Place } | null {
  const hyphen = unit.unit === 'ft' && cursor.peek().kind === '-' ? cursor.peek() : null;
  const number = cursor.peek(hyphen ? 1 : 0);
  if (number.kind !== 'number') return null;
  const its = cursor.peek(hyphen ? 2 : 1);
  if (its.kind === 'unit' && its.unit !== 'in') return null;
  if (its.kind === 'area-unit' || its.kind === 'pieces' || its.kind === '(') return null;
  if (hyphen) {
    const [before, behind] = [isTight(unit, hyphen), isTight(hyphen, number)];
    if (!before && !behind) return null;
    if (its.kind !== 'unit' && !(before && behind)) return null;
    const isClear = before && behind && (its.kind === 'unit' || isMark(unit));
    if (!isClear || number.value >= INCHES_PER_FOOT) throw feetOrLess(unit, number, its);
  } else if (!isTight(unit, number)) return null;
  if (unit.unit === 'ft' && number.value < INCHES_PER_FOOT) {
    const last = its.kind === 'unit' ? its : number;
    cursor.skip((hyphen ? 2 : 1) + (its.kind === 'unit' ? 1 : 0));
    return { part: { value: number.value, unit: 'in' }, last };
  }
  if (unit.unit !== 'm' || its.kind === 'unit' || !/^\d\d$/.test(number.text)) return null;
  cursor.skip(1);
  return { part: { value: number.value, unit: 'cm' }, last: number };
}

/** A hyphen that may add inches or take them away. */
function feetOrLess(unit: TapeToken, number: TapeToken, its: TapeToken): TapeError {
  const last = its.kind === 'unit' ? its : number;
  return new TapeError({
    message: `feet and inches, or inches less? Write ${unit.text} ${number.text}${its.kind === 'unit' ? its.text : '"'} to add, with a space on both sides of the hyphen to take away`,
    position: unit.at,
    length: last.at + last.length - unit.at,
  });
}
