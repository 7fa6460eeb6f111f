import type { Operation, Placement, SequenceProblem } from './problem.ts';
import type { Timelines } from './timelines.ts';

/**
 * What does not keep is done as late as what waits for it lets it, by whoever is free last before; nothing else is moved. The last
 * first, since one may wait for another.
 *
 * @param placed all operations as they stand; what is moved is moved in it and in the timelines
 */
export function asFreshAsCanBe(
  problem: SequenceProblem,
  placed: Map<string, Placement>,
  timelines: Timelines,
): void {
  const fixed = new Set(problem.pins.map(({ operation }) => operation));
  const moving = problem.operations
    .filter(({ id, perishes }) => perishes && !fixed.has(id))
    .flatMap((operation) => {
      const placement = placed.get(operation.id);
      return placement ? [{ operation, placement }] : [];
    })
    .sort((a, b) => b.placement.start - a.placement.start);
  for (const { operation, placement } of moving) {
    const latest = latestStart(problem, operation, placed);
    if (latest <= placement.start) continue;
    const busy = timelines.busyOf(operation, placement);
    if (!busy) continue;
    timelines.remove(busy);
    const able = problem.people.filter((person) => operation.people?.includes(person) ?? true);
    const better = able.flatMap((person) => {
      const start = timelines.lastStart(person, operation, placement.start, latest);
      return start === null ? [] : [{ person, start }];
    });
    const best = better.reduce((a, b) => (b.start > a.start ? b : a), placement);
    const { person, start } = best;
    const now = { operation: operation.id, person, start, finish: start + operation.seconds };
    placed.set(operation.id, now);
    timelines.add(operation, now);
  }
}

/** By those that wait for it. */
function latestStart(
  { lags }: SequenceProblem,
  { id, seconds }: Operation,
  placed: ReadonlyMap<string, Placement>,
): number {
  let latest = Infinity;
  for (const lag of lags) {
    const to = lag.from === id ? placed.get(lag.to) : undefined;
    if (!to) continue;
    latest = Math.min(latest, to.start - lag.minSeconds - (lag.anchor === 'finish' ? seconds : 0));
  }
  return latest === Infinity ? (placed.get(id)?.start ?? 0) : latest;
}
