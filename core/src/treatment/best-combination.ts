import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { isLeaveOn } from './method-ranking.ts';
import type { RankedMethod } from './method-ranking.ts';

/** What one finding may be treated with, best first; null stands for nothing permitted. */
export type Candidates = readonly (RankedMethod | null)[];

/** A leave-on beside a wet treatment is no chain for one visit: it loses against every other. */
const CLASH_POINTS = 1000;
/** Up to so many combinations are tried one by one; beyond, one choice after another is bettered. */
const MOST_COMBINATIONS = 4096;

/**
 * The combination with the most points in sum: each method's own, and a bonus for every application that serves
 * more than one finding. Exact for what one face usually has; for many findings at once a combination that no single
 * change, and no method taken for all it treats, makes better. The same for the same candidates.
 */
export function bestCombination(findings: readonly Candidates[]): Candidates {
  const worth = findings.map((own, i) => worthTrying(own, findings.filter((_, at) => at !== i))); // prettier-ignore
  const count = worth.reduce((product, own) => product * own.length, 1);
  return count <= MOST_COMBINATIONS ? bestOfAll(worth) : bettered(worth);
}

/** What can be in the best combination: methods that others share, and the best of each sort that nobody does. */
function worthTrying(own: Candidates, others: readonly Candidates[]): Candidates {
  const elsewhere = new Set(others.flatMap((list) => list.flatMap((ranked) => ranked?.method.id ?? [])));
  const shared = (ranked: RankedMethod | null) => ranked !== null && elsewhere.has(ranked.method.id);
  const alone = own.filter((ranked) => !shared(ranked));
  const bestAlone = [true, false].flatMap(
    (leaveOn) => alone.find((r) => (r === null ? !leaveOn : isLeaveOn(r.method) === leaveOn)) ?? [],
  );
  const kept = own.filter((ranked) => shared(ranked) || (ranked !== null && bestAlone.includes(ranked)));
  return kept.length > 0 ? kept : own.slice(0, 1);
}

function bestOfAll(findings: readonly Candidates[]): Candidates {
  let best: { readonly combination: Candidates; readonly points: number } | null = null;
  for (const combination of combinations(findings)) {
    const points = combinationPoints(combination);
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

/** From the best of each finding, and from all wet and all leave-on, change by change until none makes it better. */
function bettered(findings: readonly Candidates[]): Candidates {
  const only = (leaveOn: boolean) =>
    findings.map((own) => own.find((r) => r === null || isLeaveOn(r.method) === leaveOn) ?? own[0] ?? null);
  const starts = [findings.map((own) => own[0] ?? null), only(false), only(true)];
  const found = starts.map((start) => climbed(start, findings));
  return found.reduce((best, other) => (combinationPoints(other) > combinationPoints(best) ? other : best));
}

function climbed(start: Candidates, findings: readonly Candidates[]): Candidates {
  let standing = start;
  for (;;) {
    const points = combinationPoints(standing);
    const better = firstBetter(steps(standing, findings), points);
    if (!better) return standing;
    standing = better;
  }
}

function firstBetter(next: Iterable<Candidates>, points: number): Candidates | null {
  for (const candidate of next) if (combinationPoints(candidate) > points) return candidate;
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

function combinationPoints(combination: Candidates): number {
  const methods = combination.filter((ranked) => ranked !== null);
  const distinct = new Set(methods.map((ranked) => ranked.method.id)).size;
  const leaveOns = methods.filter((ranked) => isLeaveOn(ranked.method)).length;
  const clash = leaveOns > 0 && leaveOns < methods.length;
  return (
    methods.reduce((sum, ranked) => sum + ranked.points, 0) +
    TRADE_DEFAULTS.sharedMethodBonus * (methods.length - distinct) -
    (clash ? CLASH_POINTS : 0)
  );
}
