import { lagsToEach } from './lags-to.ts';
import type { Hold, Lag, Operation, Pin, SequenceProblem, Watch } from './problem.ts';

/** Indexes of a problem that every placement run shares. */
export interface ProblemIndex {
  readonly problem: SequenceProblem;
  readonly lagsTo: ReadonlyMap<string, readonly Lag[]>;
  readonly watchFrom: ReadonlyMap<string, Watch>;
  readonly holdsFrom: ReadonlyMap<string, readonly Hold[]>;
  readonly pins: ReadonlyMap<string, Pin>;
}

export function indexOf(problem: SequenceProblem): ProblemIndex {
  return {
    problem,
    lagsTo: lagsToEach(problem.lags),
    watchFrom: new Map(problem.watches.map((w) => [w.from, w])),
    holdsFrom: holdsFromEach(problem.holds),
    pins: new Map(problem.pins.map((pin) => [pin.operation, pin])),
  };
}

function holdsFromEach(holds: readonly Hold[]): ReadonlyMap<string, readonly Hold[]> {
  const index = new Map<string, Hold[]>();
  for (const hold of holds) index.set(hold.from, [...(index.get(hold.from) ?? []), hold]);
  return index;
}

/** Who may do an operation, in the order of the crew. */
export function mayDo({ problem, pins }: ProblemIndex, operation: Operation): readonly string[] {
  const fixed = pins.get(operation.id)?.person ?? null;
  return problem.people.filter(
    (person) =>
      (fixed === null || person === fixed) &&
      (operation.people === null || operation.people.includes(person)),
  );
}
