import { longestChain, roughBound } from '../sequence/lower-bound.ts';
import type { Hands } from '../wetting/cycle-front.ts';
import type { WaysToWork } from '../wet-cycle/planned-surface.ts';
import { decidedFronts, decidedWays } from './decided-fronts.ts';
import type { Derivation } from './derivation.ts';

/** Fronts that are tried with more hands at most, the longest first. */
const MOST_TRIED = 12;
/** Less than this is not worth two people. */
const LEAST_GAIN_SECONDS = 300;
const TOGETHER: readonly Hands[] = ['shared', 'pair'];

/**
 * Where a day hangs on one piece of work after the other and somebody would stand by, the longest fronts on that chain are
 * shared out or worked as a pair: one front after another, as long as the day can get shorter by it. Gives way to the caller before
 * each that is tried.
 *
 * @param alone every front worked by one person
 * @param derivedBy the same with other hands
 * @returns null where more hands bring nothing
 */
export function* moreHands(
  alone: Derivation,
  derivedBy: (ways: WaysToWork) => Derivation,
): Generator<null, Derivation | null> {
  if (alone.work.problem.people.length < 2) return null;
  const { hands: before, hours } = decidedWays(decidedFronts(alone.surfaces));
  let best = { derivation: alone, hands: new Map(before), seconds: boundOf(alone) };
  const tried = new Set<string>();
  while (tried.size < MOST_TRIED) {
    const chain = longestChain(best.derivation.work.problem);
    // Otherwise everybody is busy, or a machine is.
    if (chain.seconds < best.seconds) break;
    const cycle = longestFront(best.derivation, chain.operations, tried);
    if (cycle === null) break;
    tried.add(cycle);
    for (const how of TOGETHER) {
      yield null;
      const hands = new Map([...best.hands, [cycle, how] as const]);
      const derivation = derivedBy({ hands, hours });
      const seconds = hasMachines(derivation, cycle) ? boundOf(derivation) : Infinity;
      if (seconds <= best.seconds - LEAST_GAIN_SECONDS) best = { derivation, hands, seconds };
    }
  }
  return best.derivation === alone ? null : best.derivation;
}

const boundOf = ({ work }: Derivation) => roughBound(work.problem);

/** The cycle of the longest front among operations, of those that one person works and nobody asked for yet. */
function longestFront(
  { work, surfaces }: Derivation,
  operations: readonly string[],
  tried: ReadonlySet<string>,
): string | null {
  // Where somebody foots the ladder, two are there already.
  const footed = new Set(
    work.planned.flatMap(({ standing, parts }) =>
      standing?.act === 'ladder-foot' ? parts.map(({ surface }) => surface) : [],
    ),
  );
  const alone = new Set(
    surfaces.flatMap(({ surface, cycles }) =>
      cycles.flatMap(({ id, front }) => (front?.hands === 'one' && !footed.has(surface.id) ? [id] : [])),
    ),
  );
  const seconds = new Map(work.problem.operations.map((operation) => [operation.id, operation.seconds]));
  const onChain = new Set(operations);
  const lengths = new Map<string, number>();
  for (const { id, parts, task } of work.planned) {
    const cycle = parts.length === 1 ? parts[0]?.cycle : null;
    if (cycle != null && task !== 'mix' && onChain.has(id) && alone.has(cycle) && !tried.has(cycle))
      lengths.set(cycle, (lengths.get(cycle) ?? 0) + (seconds.get(id) ?? 0));
  }
  const [longest] = [...lengths].sort(([, a], [, b]) => b - a);
  return longest?.[0] ?? null;
}

/** Whether those who are at one front at the same time have a machine each. */
function hasMachines({ work: { planned, problem } }: Derivation, cycle: string): boolean {
  const own = new Set(planned.flatMap((p) => (p.parts.some((part) => part.cycle === cycle) ? [p.id] : [])));
  const needs = new Map(problem.operations.map((operation) => [operation.id, operation.machines]));
  return problem.lags.every(({ from, to, rule }) => {
    if (!own.has(from) || (rule !== 'pair' && rule !== 'piece-order')) return true;
    const both = (needs.get(from) ?? []).filter((machine) => needs.get(to)?.includes(machine));
    return both.every((machine) => (problem.machines[machine] ?? 0) > 1);
  });
}
