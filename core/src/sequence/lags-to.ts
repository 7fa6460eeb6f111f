import type { Lag } from './problem.ts';

/** The lags that bind the start of each operation, by its id. */
export function lagsToEach(lags: readonly Lag[]): ReadonlyMap<string, readonly Lag[]> {
  const index = new Map<string, Lag[]>();
  for (const lag of lags) {
    const list = index.get(lag.to);
    if (list) list.push(lag);
    else index.set(lag.to, [lag]);
  }
  return index;
}
