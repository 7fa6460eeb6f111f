/** One application that a mix may serve. */
export interface WantedStrength {
  /** g/L; what does the same lies between the two others. */
  readonly wanted: number;
  readonly weakest: number;
  readonly strongest: number;
  /** How much of it is put on, L: of equally few mixes those are taken that change the least of it. */
  readonly litres: number;
}

/** The way to a set of strengths whose last one is given. */
interface Way {
  readonly count: number;
  readonly cost: number;
  readonly before: number | null;
}

/** Costs are compared to this: what differs by less is alike, and the weaker mix is taken. */
const SAME_COST = 1e-9;

/**
 * The fewest strengths with one in every band (interval stabbing), and of those the nearest to what is wanted, by share and litres. Exact:
 * the shortest way through the ends and the wanted strengths of the bands, which is where the best lie.
 *
 * @returns g/L, ascending; empty for no applications
 * @throws RangeError where a wanted strength lies outside its band
 * @example fewestStrengths([{ wanted: 8, weakest: 6.4, strongest: 10, litres: 5 }, { wanted: 10, weakest: 8, strongest: 12.5, litres: 2 }]) // [8]
 */
export function fewestStrengths(all: readonly WantedStrength[]): readonly number[] {
  for (const { wanted, weakest, strongest } of all)
    if (!(weakest <= wanted && wanted <= strongest))
      throw new RangeError(`${wanted} g/L lies outside its band of ${weakest} to ${strongest} g/L`);
  if (all.length === 0) return [];
  const points = [...new Set(all.flatMap((a) => [a.weakest, a.wanted, a.strongest]))].sort((a, b) => a - b);
  const ways = new Map<number, Way>();
  for (const point of points) {
    const found = [null, ...points.filter((p) => p < point)].flatMap((before): readonly Way[] => {
      const way = before === null ? { count: 0, cost: 0 } : ways.get(before);
      const cost = costBetween(before, point, all);
      return way && cost !== null ? [{ count: way.count + 1, cost: way.cost + cost, before }] : [];
    });
    const best = leastOf(found);
    if (best) ways.set(point, best);
  }
  const ends = points.flatMap((point) => {
    const [way, rest] = [ways.get(point), costBetween(point, null, all)];
    return way && rest !== null ? [{ ...way, cost: way.cost + rest, before: point }] : [];
  });
  const strengths: number[] = [];
  for (let at = leastOf(ends)?.before ?? null; at !== null; at = ways.get(at)?.before ?? null)
    strengths.unshift(at);
  return strengths;
}

function leastOf(ways: readonly Way[]): Way | undefined {
  return ways.reduce<Way | undefined>(
    (best, way) =>
      !best || way.count < best.count || (way.count === best.count && way.cost < best.cost - SAME_COST)
        ? way
        : best,
    undefined,
  );
}

/** What it costs to serve what is wanted between two neighbouring strengths by one of them; null where neither does. */
function costBetween(
  below: number | null,
  above: number | null,
  all: readonly WantedStrength[],
): number | null {
  let sum = 0;
  for (const one of all) {
    if ((below !== null && one.wanted < below) || (above !== null && one.wanted >= above)) continue;
    const chosen = strengthFor(
      one,
      [below, above].flatMap((strength) => strength ?? []),
    );
    if (chosen === null) return null;
    sum += (one.litres * Math.abs(chosen - one.wanted)) / one.wanted;
  }
  return sum;
}

/** The strength that serves an application, the nearest to what it wants; null where none lies in its band. */
export function strengthFor(
  { wanted, weakest, strongest }: Pick<WantedStrength, 'wanted' | 'weakest' | 'strongest'>,
  strengths: readonly number[],
): number | null {
  return strengths
    .filter((strength) => weakest <= strength && strength <= strongest)
    .reduce<number | null>(
      (best, strength) =>
        best === null || Math.abs(strength - wanted) < Math.abs(best - wanted) ? strength : best,
      null,
    );
}
