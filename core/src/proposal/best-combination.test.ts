import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { visitsFor } from '../treatment/chain.ts';
import { bestCombination } from './best-combination.ts';
import type { Candidates } from './best-combination.ts';
import type { RankedMethod } from './method-ranking.ts';

/** One that lessens what it treats, unless it costs something. */
const ranked = (id: string, points: number, costs = 0): RankedMethod => ({
  method: CATALOGUE.method(id),
  points,
  costs,
  removes: costs > 0,
  factors: [],
  because: [],
  leftOut: null,
});
const best = (findings: readonly Candidates[]) => bestCombination(findings, { visit: 6, shared: 3 });
const ids = (found: Candidates) => found.map((r) => r?.method.id ?? null);
const [soft, acid, stay, brush] = [
  'soft-wash-hypochlorite',
  'rust-oxalic',
  'leave-on-biocide',
  'neutral-wash',
] as const;

/** Every combination, one by one. */
function plainBest(findings: readonly Candidates[]): number {
  const [first, ...rest] = findings;
  const all = (lists: readonly Candidates[]): readonly Candidates[] =>
    lists.length === 0
      ? [[]]
      : (lists[0] ?? []).flatMap((item) => all(lists.slice(1)).map((tail) => [item, ...tail]));
  return Math.max(...(first ? all([first, ...rest]).map(pointsOf) : [0]));
}
/** How often one comes: each of these methods that needs a dry face comes another day than those that wet it, or leave something on it. */
function comings(list: readonly string[]): number {
  const needDry = list.filter((id) => CATALOGUE.method(id).dryFirst);
  const wet = list.filter((id) => CATALOGUE.method(id).stages.some((s) => s.kind !== 'clear'));
  const isWetted = wet.some((id) => !needDry.includes(id));
  return Math.max(1, new Set(needDry).size + (isWetted ? 1 : 0));
}
function pointsOf(combination: Candidates): number {
  const methods = combination.flatMap((r) => r ?? []);
  return (
    methods.reduce((sum, r) => sum + r.points, 0) +
    3 * (methods.length - new Set(methods.map((r) => r.method.id)).size) -
    6 * (comings(methods.map((r) => r.method.id)) - 1) +
    6 * [...new Set(methods.map((r) => r.method.id))].reduce((sum, id) => sum + comings([id]) - 1, 0)
  );
}

/** The same with the chain's own count of visits, for every method there is. */
function sumOf(combination: Candidates): number {
  const methods = combination.flatMap((r) => r ?? []);
  const own = [...new Set(methods.map((r) => r.method))];
  return (
    methods.reduce((sum, r) => sum + r.points, 0) +
    3 * (methods.length - own.length) -
    6 * (visitsFor(own) - 1) +
    6 * own.reduce((sum, method) => sum + visitsFor([method]) - 1, 0)
  );
}

describe('the best combination of methods', () => {
  it('is the best of each where nothing is shared, and nothing where nothing is permitted', () => {
    expect(ids(best([[ranked(soft, 8), ranked(brush, 2)], [ranked(acid, 5)], [null]]))).toEqual([
      soft,
      acid,
      null,
    ]);
    expect(best([])).toEqual([]);
  });

  it('saves an application that serves two findings', () => {
    expect(ids(best([[ranked(soft, 8), ranked(brush, 7)], [ranked(brush, 4)]]))).toEqual([brush, brush]);
    expect(ids(best([[ranked(soft, 9), ranked(brush, 5)], [ranked(brush, 4)]]))).toEqual([soft, brush]);
  });

  it('counts what a method takes once, where it removes all that it is for', () => {
    // Alone 5 + 6; the brush takes 6 once: 4 + 4 + 6. Where it only lessens them it has a bonus of 3.
    const findings = (costs: number) => [
      [ranked(soft, 5), ranked(brush, 4, costs)],
      [ranked(acid, 6.5), ranked(brush, 4, costs)],
    ];
    expect(ids(best(findings(6)))).toEqual([brush, brush]);
    expect(ids(best(findings(0)))).toEqual([soft, acid]);
  });

  it('puts one coat on a face', () => {
    const [sand, coat, both] = ['fill-dry-sand', 'seal-paving', 'sand-and-seal'] as const;
    const findings = [
      [ranked(sand, 9), ranked(both, 1)],
      [ranked(coat, 9), ranked(both, 1)],
    ];
    expect(ids(best(findings))).toEqual([both, both]);
    expect(ids(best([[ranked(sand, 9)], [ranked(coat, 9)]]))).toEqual([sand, coat]);
  });

  it('comes once more for a leave-on beside a wet treatment where that is worth it', () => {
    expect(ids(best([[ranked(stay, 9), ranked(soft, 4)], [ranked(acid, 3)]]))).toEqual([soft, acid]);
    expect(ids(best([[ranked(stay, 9), ranked(soft, 2)], [ranked(acid, 3)]]))).toEqual([stay, acid]);
  });

  it('is as good as the best of all, found one by one', () => {
    const methods = CATALOGUE.methods.slice(0, 12).map((m) => m.id);
    const list = fc.uniqueArray(
      fc.record({ id: fc.constantFrom(...methods), points: fc.integer({ min: -5, max: 12 }) }),
      { minLength: 1, maxLength: 4, selector: (r) => r.id },
    );
    fc.assert(
      fc.property(fc.array(list, { minLength: 1, maxLength: 5 }), (lists) => {
        const findings = lists.map((own) =>
          own.map(({ id, points }) => ranked(id, points)).sort((a, b) => b.points - a.points),
        );
        expect(pointsOf(best(findings))).toBe(plainBest(findings));
      }),
      { numRuns: 300 },
    );
  });

  it('ends for every contaminant at once, with a method for each that has one', () => {
    const dirt = CATALOGUE.contaminants.filter(({ family }) => family !== 'wear');
    const findings = dirt.map((contaminant) =>
      CATALOGUE.methods
        .filter((m) => m.treats[contaminant.id])
        .map((m) => ranked(m.id, 3 * (m.treats[contaminant.id] ?? 0) - 2 * m.surfaceRisk - m.harmAround))
        .sort((a, b) => b.points - a.points),
    );
    const found = best(findings);
    expect(found).toHaveLength(dirt.length);
    expect(found.every((r, i) => r !== null && findings[i]?.includes(r))).toBe(true);
    const firsts = findings.map((own) => own[0] ?? null);
    expect(sumOf(found)).toBeGreaterThanOrEqual(sumOf(firsts));
    expect(new Set(ids(found)).size).toBeLessThan(dirt.length);
  });
});
