/** A value of an entry by its path: keys and places in lists, joined by dots, as `stages.1.dwellMinutes.to`. */

/** @returns the value, undefined where the path leads nowhere */
export function valueAt(entry: unknown, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>(
      (at, key) =>
        typeof at === 'object' && at !== null && Object.hasOwn(at, key)
          ? (at as Record<string, unknown>)[key]
          : undefined,
      entry,
    );
}

/** The same entry with another value at a path that it has; what is not on the way stays the same object. */
export function withValueAt<Entry>(entry: Entry, path: string, value: unknown): Entry {
  return replaced(entry, path.split('.'), value) as Entry;
}

function replaced(at: unknown, [key, ...rest]: readonly string[], value: unknown): unknown {
  if (key === undefined) return value;
  if (Array.isArray(at))
    return at.map((item: unknown, i) => (String(i) === key ? replaced(item, rest, value) : item));
  const object = at as Record<string, unknown>;
  return { ...object, [key]: replaced(object[key], rest, value) };
}
