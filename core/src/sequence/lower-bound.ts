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
      seconds: longestChain(problem).seconds,
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

/** Work that follows each other, and how long it takes with the least waits between. */
export interface Chain {
  readonly seconds: number;
  /** Ids, in their order. */
  readonly operations: readonly string[];
}

/** Earliest conceivable finish with any number of people: the longest way along the least lags. */
export function longestChain(problem: SequenceProblem): Chain {
  const lagsTo = lagsToEach(problem.lags);
  const start = new Map<string, number>();
  const seconds = new Map(problem.operations.map((o) => [o.id, o.seconds]));
  const boundBy = new Map<string, string>();
  let last: string | null = null;
  let end = 0;
  for (const operation of clustersOf(problem).flatMap((c) => c.operations)) {
    let at = 0;
    for (const lag of lagsTo.get(operation.id) ?? []) {
      const from = (start.get(lag.from) ?? 0) + (lag.anchor === 'finish' ? (seconds.get(lag.from) ?? 0) : 0);
      if (from + lag.minSeconds <= at) continue;
      at = from + lag.minSeconds;
      boundBy.set(operation.id, lag.from);
    }
    start.set(operation.id, at);
    if (at + operation.seconds <= end) continue;
    end = at + operation.seconds;
    last = operation.id;
  }
  const operations: string[] = [];
  for (let id = last ?? undefined; id !== undefined; id = boundBy.get(id)) operations.unshift(id);
  return { seconds: end, operations };
}
