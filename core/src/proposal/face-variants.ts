import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';
import { bestCombination, combinationPoints } from './best-combination.ts';
import type { Candidates, CombinationWeights } from './best-combination.ts';
import { visitsFor } from '../treatment/chain.ts';

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
  const close = near(findings, mostLoss + weights.shared * findings.length);
  for (const other of close ? close.map(variant) : withFewer(own, findings, weights, variant)) {
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

/** Combinations of what is near the best of each finding; null where they are too many to try. */
function near(findings: readonly Candidates[], loss: number): readonly Candidates[] | null {
  const close = findings.map((own) => {
    const best = own[0]?.points ?? 0;
    return own.filter((ranked) => ranked === null || ranked.points >= best - loss);
  });
  if (close.reduce((count, own) => count * own.length, 1) > MOST_COMBINATIONS) return null;
  return close.reduce<readonly Candidates[]>(
    (heads, own) => heads.flatMap((head) => own.map((ranked) => [...head, ranked])),
    [[]],
  );
}

/** From the face's own best, each of its agents given up, and of what comes in its place again. */
function withFewer(
  own: FaceVariant,
  findings: readonly Candidates[],
  weights: CombinationWeights,
  variant: (combination: Candidates) => FaceVariant,
): readonly FaceVariant[] {
  const found: FaceVariant[] = [];
  const open: (readonly [FaceVariant, readonly Candidates[]])[] = [[own, findings]];
  for (let next = open.shift(); next && found.length < MOST_FEWER; next = open.shift()) {
    const [from, candidates] = next;
    for (const agent of from.agents) {
      const left = candidates.map((list) =>
        list.filter((ranked) => ranked === null || !putsOn(ranked.method, agent)),
      );
      if (left.some((list) => list.length === 0)) continue;
      const other = variant(bestCombination(left, weights));
      found.push(other);
      open.push([other, left]);
    }
  }
  return found;
}

const MOST_FEWER = 24;

const putsOn = (method: Method, agent: string) =>
  workedStages(method).some((stage) => stage.kind === 'apply' && stage.agent === agent);

/** What a method puts on; what brings it to rest goes with it. */
const agentsOf = kept((method: Method, catalogue: Catalogue): readonly string[] => [
  ...new Set(
    workedStages(method).flatMap((stage) =>
      stage.kind === 'apply' && catalogue.agent(stage.agent).class !== 'coating' ? [stage.agent] : [],
    ),
  ),
]);
