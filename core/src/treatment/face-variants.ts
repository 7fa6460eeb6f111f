import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';
import { bestCombination, combinationPoints } from './best-combination.ts';
import type { Candidates, CombinationWeights } from './best-combination.ts';
import { visitsFor } from './chain.ts';

/** One way to treat a face as a whole. */
export interface FaceVariant {
  readonly combination: Candidates;
  readonly points: number;
  /** What is put on, in the order of their ids. */
  readonly agents: readonly string[];
  readonly visits: number;
}

/** More than this is not tried for one face. */
const MOST_COMBINATIONS = 256;

/**
 * The ways to treat a face that may be best on some property: its own best first, then for each other set of agents the best way with
 * it that gives up no more than is allowed. A way with more agents and fewer points than another is none.
 */
export function faceVariants(
  findings: readonly Candidates[],
  weights: CombinationWeights,
  mostLoss: number,
  catalogue: Catalogue,
): readonly FaceVariant[] {
  const variant = (combination: Candidates): FaceVariant => {
    const methods = combination.flatMap((ranked) => (ranked ? [ranked.method] : []));
    const agents = [...new Set(methods.flatMap((method) => agentsOf(method, catalogue)))].sort();
    const points = combinationPoints(combination, weights);
    return { combination, points, agents, visits: Math.max(1, visitsFor(methods)) };
  };
  const own = variant(bestCombination(findings, weights));
  const bySet = new Map([[own.agents.join(' '), own]]);
  for (const combination of near(findings, mostLoss + weights.shared * findings.length)) {
    const other = variant(combination);
    if (other.points < own.points - mostLoss) continue;
    const key = other.agents.join(' ');
    const known = bySet.get(key);
    if (!known || other.points > known.points) bySet.set(key, other);
  }
  const all = [...bySet.values()];
  const useful = all.filter(
    (one) => one === own || !all.some((other) => other !== one && isNoWorse(other, one)),
  );
  return [own, ...useful.filter((one) => one !== own).sort((a, b) => b.points - a.points || order(a, b))];
}

const order = (a: FaceVariant, b: FaceVariant) => (a.agents.join(' ') < b.agents.join(' ') ? -1 : 1);

function isNoWorse(one: FaceVariant, other: FaceVariant): boolean {
  return (
    one.points >= other.points &&
    one.visits <= other.visits &&
    one.agents.every((agent) => other.agents.includes(agent))
  );
}

/** Combinations of what is near the best of each finding, as many as are tried. */
function near(findings: readonly Candidates[], loss: number): readonly Candidates[] {
  let count = 1;
  const kept = findings.map((own) => {
    const best = own[0]?.points ?? 0;
    const close = own.filter((ranked) => ranked === null || ranked.points >= best - loss);
    const some = close.slice(0, Math.max(1, Math.floor(MOST_COMBINATIONS / count)));
    count *= some.length;
    return some;
  });
  return kept.reduce<readonly Candidates[]>(
    (heads, own) => heads.flatMap((head) => own.map((ranked) => [...head, ranked])),
    [[]],
  );
}

/** What a method puts on; what brings it to rest goes with it. */
const agentsOf = kept((method: Method, catalogue: Catalogue): readonly string[] => [
  ...new Set(
    workedStages(method).flatMap((stage) =>
      stage.kind === 'apply' && catalogue.agent(stage.agent).class !== 'coating' ? [stage.agent] : [],
    ),
  ),
]);
