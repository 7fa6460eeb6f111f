import type { CompiledOperation } from './compiled-problem.ts';

/** Work at one place, or of one round, may all be one round; no two that are not joined by any of these ever are. */
export function fewestRounds(operations: readonly Pick<CompiledOperation, 'place' | 'round'>[]): number {
  const joined = new Map<string, string>();
  const root = (key: string): string => {
    const up = joined.get(key);
    return up === undefined || up === key ? key : root(up);
  };
  for (const { place, round } of operations) joined.set(root(`place ${place}`), root(`round ${round}`));
  return new Set(operations.map(({ place }) => root(`place ${place}`))).size;
}
