/**
 * The values of a list without repeats, the one that stands in it most often first; of equals the one met first.
 *
 * @example mostUsed(['render', 'granite', 'granite']) // ['granite', 'render']
 */
export function mostUsed<T extends string>(values: readonly T[]): readonly T[] {
  const counts = new Map<T, number>();
  for (const value of values) counts.set(value, (counts.get(value) ?? 0) + 1);
  return [...counts].sort(([, a], [, b]) => b - a).map(([value]) => value);
}
