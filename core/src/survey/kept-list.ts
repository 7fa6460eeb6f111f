const byFirst = new WeakMap<object, readonly unknown[]>();
const NOTHING: readonly never[] = Object.freeze([]);

/**
 * A list with the same items as one that was handed out before is that very list, so that others can tell by identity
 * that nothing of it changed.
 *
 * @example keptList([a, b]) === keptList([a, b]) // true, and false for [a, c]
 */
export function keptList<T extends object>(list: readonly T[]): readonly T[] {
  const [first] = list;
  if (first === undefined) return NOTHING;
  const handedOut = byFirst.get(first) as readonly T[] | undefined;
  if (handedOut?.length === list.length && handedOut.every((item, i) => item === list[i])) return handedOut;
  byFirst.set(first, list);
  return list;
}
