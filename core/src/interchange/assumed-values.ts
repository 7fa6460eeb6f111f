/** A value that a file left open and its default filled. */
export interface AssumedValue {
  readonly path: string;
  readonly value: unknown;
}

/**
 * What a completed file holds beyond what was given.
 * @returns the paths of the outermost missing keys, with the value taken
 */
export function assumedValues(given: unknown, completed: unknown, path = ''): readonly AssumedValue[] {
  if (Array.isArray(given) && Array.isArray(completed)) {
    return completed.flatMap((item: unknown, i) =>
      i < given.length
        ? assumedValues(given[i], item, `${path}[${i}]`)
        : [{ path: `${path}[${i}]`, value: item }],
    );
  }
  if (!isRecord(given) || !isRecord(completed)) return [];
  return Object.entries(completed).flatMap(([key, value]) => {
    const at = path === '' ? key : `${path}.${key}`;
    return key in given ? assumedValues(given[key], value, at) : [{ path: at, value }];
  });
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
