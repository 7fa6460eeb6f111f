/** Containers to bring: sizes with counts, and what is left over in the unit of the sizes. */
export interface Containers {
  readonly containers: readonly { readonly size: number; readonly count: number }[];
  readonly leftOver: number;
}

/**
 * Whole containers that cover an amount: first the least left over, then the fewest containers.
 *
 * @param needed in the unit of the sizes (L or kg), ≥ 0
 * @param sizes on sale, at least one, > 0
 * @example wholeContainers(34.3, [5, 20]) // 20 + 3 × 5, 0.7 left over
 */
export function wholeContainers(needed: number, sizes: readonly number[]): Containers {
  const ascending = [...sizes].sort((a, b) => a - b);
  const [smallest = 1] = ascending;
  const largest = ascending.at(-1) ?? smallest;
  if (needed <= 0) return { containers: [], leftOver: 0 };
  // Far more than the largest: all but the last two of those are surely largest ones.
  const bulk = Math.max(0, Math.floor(needed / largest) - 2);
  const rest = needed - bulk * largest;
  let best: { counts: number[]; over: number; total: number } | null = null;
  const counts = ascending.map(() => 0);
  const fill = (index: number, left: number): void => {
    if (left <= 1e-9 || index < 0) {
      if (left > 1e-9) return;
      const total = counts.reduce((sum, c) => sum + c, 0);
      if (!best || -left < best.over - 1e-9 || (Math.abs(-left - best.over) <= 1e-9 && total < best.total))
        best = { counts: [...counts], over: -left, total };
      return;
    }
    const size = ascending[index] ?? smallest;
    for (let count = Math.ceil(left / size - 1e-9); count >= 0; count -= 1) {
      counts[index] = count;
      fill(index - 1, left - count * size);
    }
    counts[index] = 0;
  };
  fill(ascending.length - 1, rest);
  const found = best as { counts: number[]; over: number } | null;
  const chosen = ascending.map((size, i) => ({
    size,
    count: (found?.counts[i] ?? 0) + (size === largest ? bulk : 0),
  }));
  return {
    containers: chosen.filter((c) => c.count > 0).reverse(),
    // Down to a thousandth: rounded up, almost a whole container would read as one that need not be bought.
    leftOver: Math.floor((found?.over ?? 0) * 1000 + 1e-6) / 1000,
  };
}
