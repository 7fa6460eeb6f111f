import { clustersOf } from './cluster-order.ts';
import { lagsToEach } from './lags-to.ts';
import type { SequenceProblem } from './problem.ts';

/** No schedule of the visit can finish before this; with what makes it so. */
export interface LowerBound {
  readonly seconds: number;
  readonly because: string;
}

/**
 * The greatest of: the longest chain of work and least waits; all work shared out evenly over the people; the work of
 * each machine kind over how many there are.
 */
export function lowerBound(problem: SequenceProblem): LowerBound {
  const total = problem.operations.reduce((sum, o) => sum + o.seconds, 0);
  const bounds: LowerBound[] = [
    {
      seconds: longestChain(problem),
      because: 'the longest chain of work and waits that must follow each other',
    },
    {
      seconds: Math.ceil(total / Math.max(1, problem.people.length)),
      because: 'all hands-on work shared evenly by the crew',
    },
  ];
  for (const [machine, count] of Object.entries(problem.machines)) {
    const seconds = problem.operations
      .filter((o) => o.machines.includes(machine))
      .reduce((sum, o) => sum + o.seconds, 0);
    if (count > 0)
      bounds.push({ seconds: Math.ceil(seconds / count), because: `all work of the ${machine}` });
  }
  return bounds.reduce((best, bound) => (bound.seconds > best.seconds ? bound : best));
}

/** Earliest conceivable finish with any number of people: the longest way along the least lags. */
function longestChain(problem: SequenceProblem): number {
  const lagsTo = lagsToEach(problem.lags);
  const start = new Map<string, number>();
  const seconds = new Map(problem.operations.map((o) => [o.id, o.seconds]));
  let end = 0;
  for (const operation of clustersOf(problem).flatMap((c) => c.operations)) {
    const earliest = (lagsTo.get(operation.id) ?? []).map(
      (lag) =>
        (start.get(lag.from) ?? 0) +
        (lag.anchor === 'finish' ? (seconds.get(lag.from) ?? 0) : 0) +
        lag.minSeconds,
    );
    const at = Math.max(0, ...earliest);
    start.set(operation.id, at);
    end = Math.max(end, at + operation.seconds);
  }
  return end;
}
