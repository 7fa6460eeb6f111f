import type { Fault } from '../problems/short-fault.ts';

/** Lists and objects within each other. */
const DEEPEST = 50;
/** Half of a pair of two code units, which no encoding of text can carry. */
const LONE_SURROGATE = /\p{Surrogate}/u;
const NUL = String.fromCharCode(0);

interface Place {
  readonly value: unknown;
  readonly key: string | number;
  readonly in: Place | null;
  readonly depth: number;
}

/**
 * What of a parsed body no part of the application can do with, found without looking at what it means: nesting, lists and
 * objects that are too large, text that cannot be stored, numbers that JSON cannot carry.
 * @param listed most entries of a list, and most fields of an object
 * @returns the first of it; null for a body that may be read
 */
export function boundFault(body: unknown, listed: number): Fault | null {
  const open: Place[] = [{ value: body, key: '', in: null, depth: 1 }];
  for (let place = open.pop(); place; place = open.pop()) {
    const { value, depth } = place;
    const message =
      typeof value === 'string' ? textFault(value) : typeof value === 'number' ? numberFault(value) : null;
    if (message !== null) return faultAt(place, message);
    if (typeof value !== 'object' || value === null) continue;
    if (depth > DEEPEST) return faultAt(place, `is nested deeper than ${DEEPEST}`);
    const keys = Array.isArray(value) ? null : Object.keys(value);
    const count = keys?.length ?? (value as readonly unknown[]).length;
    if (count > listed) return faultAt(place, `has ${count} entries, of at most ${listed}: send it in parts`);
    for (let i = 0; i < count; i += 1) {
      const key = keys?.[i] ?? i;
      if (key === '__proto__') return faultAt(place, 'has a field of a name that is not taken');
      const fault = typeof key === 'string' ? textFault(key) : null;
      if (fault !== null) return faultAt(place, `has a field whose name ${fault}`);
      open.push({
        value: (value as Record<string | number, unknown>)[key],
        key,
        in: place,
        depth: depth + 1,
      });
    }
  }
  return null;
}

function textFault(text: string): string | null {
  if (text.includes(NUL)) return 'has a NUL character, which cannot be stored';
  return LONE_SURROGATE.test(text) ? 'has half a character, which cannot be stored' : null;
}

/** A number like 1e999 is read as infinite. */
function numberFault(value: number): string | null {
  return Number.isFinite(value) ? null : 'is too large a number';
}

const LONGEST_KEY = 40;

function faultAt(place: Place, message: string): Fault {
  const keys: string[] = [];
  for (let at: Place | null = place; at.in; at = at.in) keys.unshift(String(at.key).slice(0, LONGEST_KEY));
  const path = keys.slice(0, DEEPEST).join('.') || '(body)';
  return { path, message: `${path} ${message}` };
}
