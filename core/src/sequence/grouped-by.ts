/** Those with the same key together, in the order in which they came. */
export function groupedBy<T, K>(all: readonly T[], keyOf: (one: T) => K): ReadonlyMap<K, readonly T[]> {
  const groups = new Map<K, T[]>();
  for (const one of all) {
    const key = keyOf(one);
    const group = groups.get(key);
    if (group) group.push(one);
    else groups.set(key, [one]);
  }
  return groups;
}
