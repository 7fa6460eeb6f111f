import { groupedBy } from './grouped-by.ts';
import type { Lag } from './problem.ts';

/** The lags that bind the start of each operation, by its id. */
export function lagsToEach(lags: readonly Lag[]): ReadonlyMap<string, readonly Lag[]> {
  return groupedBy(lags, ({ to }) => to);
}
