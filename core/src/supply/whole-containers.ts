/** Containers to bring: sizes with counts, and what is left over in the unit of the sizes. */
export interface Containers {
  readonly containers: readonly { readonly size: number; readonly count: number }[];
  readonly leftOver: number;
}

/** Sizes are counted in thousandths of the unit. */
const STEPS = 1000;
/** Beyond this many of the largest the rest of a big amount is surely largest ones: less than a hundredth of it could be saved. */
const LARGEST_TRIED = 12;
/** Totals that differ by less than this share are alike: nobody carries eight bottles for two to save a spoonful. */
const ALIKE = 0.005;

/**
 * Whole containers that cover an amount: first the least left over, then the fewest containers. Exact: for each total that
 * containers can make, the fewest that make it (unbounded coin change); of big amounts for the last dozen of the largest.
 *
 * @param needed in the unit of the sizes (L or kg), ≥ 0
 * @param sizes on sale, at least one, > 0
 * @example wholeContainers(34.3, [5, 20]) // 20 + 3 × 5, 0.7 left over
 * @example wholeContainers(50.84, [2.5, 4]) // 9 × 4 + 6 × 2.5 = 51, not 13 × 4 = 52
 */
export function wholeContainers(needed: number, sizes: readonly number[]): Containers {
  const own = [...new Set(sizes.map((size) => Math.round(size * STEPS)))].sort((a, b) => a - b);
  const largest = own.at(-1) ?? STEPS;
  if (needed <= 0) return { containers: [], leftOver: 0 };
  const unit = own.reduce(commonDivisor, largest);
  const steps = own.map((size) => size / unit);
  const wanted = Math.ceil((needed * STEPS - 1e-6) / unit);
  const most = largest / unit;
  const bulk = Math.max(0, Math.floor(wanted / most) - LARGEST_TRIED);
  const counts = fewest(wanted - bulk * most, steps);
  const total = counts.reduce((sum, count, i) => sum + count * (own[i] ?? 0), bulk * largest);
  return {
    containers: own
      .map((size, i) => ({ size: size / STEPS, count: (counts[i] ?? 0) + (size === largest ? bulk : 0) }))
      .filter(({ count }) => count > 0)
      .reverse(),
    // Down to a thousandth: rounded up, almost a whole container would read as one that need not be bought.
    leftOver: Math.floor((total / STEPS - needed) * 1000 + 1e-6) / 1000,
  };
}

/** How many of each size make the least total that covers the wanted one, with the fewest containers. */
function fewest(wanted: number, sizes: readonly number[]): readonly number[] {
  const smallest = sizes[0] ?? 1;
  const reach = wanted + smallest;
  /** Fewest containers for a total, and the last one put to it. */
  const count = new Array<number>(reach + 1).fill(Infinity);
  const last = new Array<number>(reach + 1).fill(-1);
  count[0] = 0;
  for (let total = 1; total <= reach; total += 1)
    sizes.forEach((size, i) => {
      const before = (count[total - size] ?? Infinity) + 1;
      if (before < (count[total] ?? Infinity)) {
        count[total] = before;
        last[total] = i;
      }
    });
  let total = Math.max(0, wanted);
  while (count[total] === Infinity) total += 1;
  const alike = Math.min(wanted + smallest - 1, Math.floor(total * (1 + ALIKE)));
  for (let more = total + 1; more <= alike; more += 1)
    if ((count[more] ?? Infinity) < (count[total] ?? Infinity)) total = more;
  const used = sizes.map(() => 0);
  while (total > 0) {
    const i = last[total] ?? 0;
    used[i] = (used[i] ?? 0) + 1;
    total -= sizes[i] ?? 1;
  }
  return used;
}

function commonDivisor(a: number, b: number): number {
  return b === 0 ? a : commonDivisor(b, a % b);
}
