/** How probable each candidate is; the probabilities sum to one. */
export type Belief = ReadonlyMap<string, number>;

/**
 * Weights as probabilities that sum to one.
 * @throws RangeError where no candidate has any weight
 */
export function normalised(weights: ReadonlyMap<string, number>): Belief {
  const sum = [...weights.values()].reduce((a, b) => a + b, 0);
  if (!(sum > 0)) throw new RangeError('a belief needs a candidate with some weight');
  return new Map([...weights].map(([id, weight]) => [id, weight / sum]));
}

/**
 * What is still open of a belief, in bits: 0 when one candidate is certain, log₂ n when n are equally probable.
 * Source: C. E. Shannon, A Mathematical Theory of Communication (1948), section 6.
 *
 * @example entropyBits(new Map([['a', 0.5], ['b', 0.5]])) // 1
 */
export function entropyBits(belief: Belief): number {
  return [...belief.values()].reduce((sum, p) => (p > 0 ? sum - p * Math.log2(p) : sum), 0);
}

/** The most probable candidate; of equals the one listed first. */
export function mostProbable(belief: Belief): { readonly id: string; readonly probability: number } {
  let best = { id: '', probability: -1 };
  for (const [id, probability] of belief) if (probability > best.probability) best = { id, probability };
  return best;
}
