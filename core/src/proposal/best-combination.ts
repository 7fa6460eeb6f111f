import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { kept } from '../quantity/kept.ts';
import type { Method } from '../catalogue/method.ts';
import { visitsFor, visitsForOne } from '../treatment/chain.ts';
import type { RankedMethod } from './method-ranking.ts';

/** What one finding may be treated with, best first; null stands for nothing permitted. */
export type Candidates = readonly (RankedMethod | null)[];

/** Points for a finding that another's application serves at least, and against each visit. */
export interface CombinationWeights {
  readonly visit: number;
  readonly shared: number;
}

/** Up to so many combinations are tried one by one; beyond, one choice after another is bettered. */
const MOST_COMBINATIONS = 4096;

/**
 * The combination with the most points in sum: each method's own, and a bonus for every application that serves
 * more than one finding. Exact for what one face usually has; for many findings at once a combination that no single
 * change, and no method taken for all it treats, makes better. The same for the same candidates.
 */
export function bestCombination(findings: readonly Candidates[], weights: CombinationWeights): Candidates {
  const [only, ...more] = findings;
  // Alone, the first is the best: they come in that order.
  if (only && more.length === 0) return only.slice(0, 1);
  const worth = findings.map((own, i) =>
    worthTrying(
      own,
      findings.filter((_, at) => at !== i),
    ),
  );
  const count = worth.reduce((product, own) => product * own.length, 1);
  return count <= MOST_COMBINATIONS ? bestOfAll(worth, weights) : bettered(worth, weights);
}

/** What can be in the best combination: methods that others share, and the best of each sort that nobody does. */
function worthTrying(own: Candidates, others: readonly Candidates[]): Candidates {
  const elsewhere = new Set(others.flatMap((list) => list.flatMap((ranked) => ranked?.method.id ?? [])));
  const shared = (ranked: RankedMethod | null) => ranked !== null && elsewhere.has(ranked.method.id);
  const alone = own.filter((ranked) => !shared(ranked));
  const rhythms = new Set(alone.map(rhythmOf));
  const bestAlone = [...rhythms].flatMap((rhythm) => alone.find((r) => rhythmOf(r) === rhythm) ?? []);
  const kept = own.filter((ranked) => shared(ranked) || (ranked !== null && bestAlone.includes(ranked)));
  return kept.length > 0 ? kept : own.slice(0, 1);
}

function bestOfAll(findings: readonly Candidates[], weights: CombinationWeights): Candidates {
  let best: { readonly combination: Candidates; readonly points: number } | null = null;
  for (const combination of combinations(findings)) {
    const points = combinationPoints(combination, weights);
    if (!best || points > best.points) best = { combination, points };
  }
  return best?.combination ?? [];
}

function* combinations(lists: readonly Candidates[]): Generator<Candidates> {
  const [first, ...rest] = lists;
  if (!first) {
    yield [];
    return;
  }
  for (const item of first) for (const tail of combinations(rest)) yield [item, ...tail];
}

/** What of a method decides how often somebody comes: two of the same rhythm are as good for that. */
function rhythmOf(ranked: RankedMethod | null): string {
  return ranked ? rhythmOfMethod(ranked.method) : '';
}

const rhythmOfMethod = kept(({ stages, chainOrder, dryFirst }: Method): string => {
  const steps = stages.map((s) => (s.kind === 'wait' ? [s.for, s.days.from] : s.kind));
  return JSON.stringify([chainOrder, dryFirst?.days ?? null, steps]);
});

/** From the best of each finding, and from what one visit and what the dry face allows, change by change until none makes it better. */
function bettered(findings: readonly Candidates[], weights: CombinationWeights): Candidates {
  const only = (visits: number) =>
    findings.map((own) => own.find((r) => r === null || visitsForOne(r.method) === visits) ?? own[0] ?? null);
  const dry = findings.map((own) => own.find((r) => r?.method.dryFirst) ?? own[0] ?? null);
  const starts = [findings.map((own) => own[0] ?? null), only(1), dry];
  const found = starts.map((start) => climbed(start, findings, weights));
  return found.reduce((best, other) =>
    combinationPoints(other, weights) > combinationPoints(best, weights) ? other : best,
  );
}

function climbed(
  start: Candidates,
  findings: readonly Candidates[],
  weights: CombinationWeights,
): Candidates {
  let standing = start;
  for (;;) {
    const points = combinationPoints(standing, weights);
    const better = firstBetter(steps(standing, findings), points, weights);
    if (!better) return standing;
    standing = better;
  }
}

function firstBetter(
  next: Iterable<Candidates>,
  points: number,
  weights: CombinationWeights,
): Candidates | null {
  for (const candidate of next) if (combinationPoints(candidate, weights) > points) return candidate;
  return null;
}

/** One method taken for everything that it treats, then one finding treated otherwise. */
function* steps(standing: Candidates, findings: readonly Candidates[]): Generator<Candidates> {
  const methods = new Map(
    findings.flatMap((own) => own.flatMap((r) => (r ? [[r.method.id, r] as const] : []))),
  );
  for (const id of methods.keys())
    yield standing.map((now, i) => findings[i]?.find((r) => r?.method.id === id) ?? now);
  for (const [i, own] of findings.entries())
    for (const ranked of own) yield standing.map((now, at) => (at === i ? ranked : now));
}

/** Neither waits for anything nor needs a dry face: such methods fit into one visit. */
function isDoneAtOnce({ dryFirst, stages }: Method): boolean {
  return !dryFirst && stages.every((stage) => stage.kind !== 'wait');
}

/** Visits beyond the first cost what a company says; each method's own are in its points already. */
export function combinationPoints(combination: Candidates, weights: CombinationWeights): number {
  const byMethod = new Map<Method, RankedMethod[]>();
  let points = 0;
  for (const ranked of combination) {
    if (!ranked) continue;
    points += ranked.points;
    const same = byMethod.get(ranked.method);
    if (same) same.push(ranked);
    else byMethod.set(ranked.method, [ranked]);
  }
  const methods = [...byMethod.keys()];
  for (const served of byMethod.values()) points += sharedPoints(served, weights);
  points -= Math.max(0, methods.filter(isFinish).length - 1) * TRADE_DEFAULTS.secondCoatMalus;
  if (methods.every(isDoneAtOnce)) return points;
  const own = methods.reduce((sum, method) => sum + visitsForOne(method) - 1, 0);
  const together = Math.max(1, visitsFor(methods)) - 1;
  return points - weights.visit * (together - own);
}

/** What one application for several findings saves: all that it takes where it removes them, a bonus where it only lessens them. */
function sharedPoints(served: readonly RankedMethod[], { shared }: CombinationWeights): number {
  if (served.length < 2) return 0;
  const saved = served.map(({ removes, costs }) => (removes ? Math.max(shared, costs) : shared));
  return saved.reduce((sum, points) => sum + points, 0) - Math.min(...saved);
}

/** Fills or coats: one such layer to a face, sand and sealer together where both are wanted. */
function isFinish({ chainOrder }: Method): boolean {
  return chainOrder === 'fill' || chainOrder === 'coat';
}
