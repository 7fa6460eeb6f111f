import { kept } from '../quantity/kept.ts';
import type { QuickTest } from '../catalogue/look-alike.ts';
import { entropyBits, normalised } from './belief.ts';
import type { Belief } from './belief.ts';

/** An outcome that a candidate would never give is held possible all the same: nobody's table is that sure. */
const LEAST_LIKELIHOOD = 0.005;

export interface Evidence {
  readonly test: QuickTest;
  readonly outcome: string;
}

/**
 * A belief after tests: Bayes' rule, the outcomes taken as independent given the candidate. The order of the tests
 * makes no difference. A candidate that a test has no row for is not touched by it.
 */
export function posteriorOf(prior: Belief, evidence: readonly Evidence[]): Belief {
  return normalised(
    new Map(
      [...prior].map(([id, p]) => [
        id,
        evidence.reduce((product, { test, outcome }) => product * likelihoodOf(test, outcome, id), p),
      ]),
    ),
  );
}

/** How probable an outcome is for a candidate; the same for all outcomes where the test says nothing of it. */
function likelihoodOf(test: QuickTest, outcome: string, candidate: string): number {
  const at = test.outcomes.findIndex((o) => o.id === outcome);
  if (at < 0) throw new RangeError(`${test.id} has no outcome "${outcome}"`);
  return rowOf(test, candidate)[at] ?? LEAST_LIKELIHOOD;
}

/** The probabilities of a test's outcomes for a candidate, none of them impossible. */
const rowOf = kept((test: QuickTest, candidate: string): readonly number[] => {
  const given = test.likelihood[candidate] ?? test.outcomes.map(() => 1 / test.outcomes.length);
  const floored = given.map((p) => Math.max(LEAST_LIKELIHOOD, p));
  const sum = floored.reduce((a, b) => a + b, 0);
  return floored.map((p) => p / sum);
});

/**
 * What a test is expected to settle, in bits: the entropy now less its mean over the outcomes. Never below zero.
 * Source: mutual information, C. E. Shannon (1948).
 */
export function expectedGainBits(belief: Belief, test: QuickTest): number {
  const candidates = [...belief].map(([id, p]) => ({ p, row: rowOf(test, id) }));
  // Over outcomes k and candidates i: −Σ p(i, k) · log₂ p(i | k).
  let after = 0;
  test.outcomes.forEach((_, k) => {
    const joint = candidates.map(({ p, row }) => p * (row[k] ?? 0));
    const sum = joint.reduce((a, b) => a + b, 0);
    for (const p of joint) if (p > 0) after -= p * Math.log2(p / sum);
  });
  return Math.max(0, entropyBits(belief) - after);
}
