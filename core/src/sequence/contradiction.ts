import type { Lag, SequenceProblem } from './problem.ts';

/** One thing of a contradiction. Seconds are from the start of the visit. */
export type Binding =
  | { readonly kind: 'lag'; readonly lag: Lag }
  /** It is not begun before. */
  | { readonly kind: 'opens'; readonly operation: string; readonly at: number }
  /** It is begun by then. */
  | { readonly kind: 'closes'; readonly operation: string; readonly at: number };

/** A request that no schedule can meet, with what cannot all hold. */
export class Contradiction extends Error {
  readonly bindings: readonly Binding[];
  constructor(bindings: readonly Binding[]) {
    super(`these cannot all hold: ${bindings.map(inWords).join('; ')}`);
    this.bindings = bindings;
  }
}

function inWords(binding: Binding): string {
  switch (binding.kind) {
    case 'lag':
      return `${binding.lag.to} after ${binding.lag.from} (${binding.lag.rule})`;
    case 'opens':
      return `${binding.operation} not before ${binding.at} s`;
    case 'closes':
      return `${binding.operation} begun by ${binding.at} s`;
  }
}

interface Edge {
  readonly from: string;
  readonly to: string;
  /** `to` starts at least so long after `from` does, s; below 0: no earlier than so long before. */
  readonly weight: number;
  readonly binding: Binding;
}

/** Stands for the start of the visit. */
const ORIGIN = '';

/**
 * Lags and hours that cannot all hold, whoever does the work and whatever it is done with; null where none contradict each other, which
 * is no promise that there is a schedule. They are a circle of what waits for what: without any one of them it is open. In the order of
 * the circle, beginning at the start of the visit where it is part of it.
 *
 * By Bellman and Ford on start-to-start distances: a circle of positive length is a contradiction.
 */
export function contradiction(problem: SequenceProblem): readonly Binding[] | null {
  const { circle } = pushedApart(problem, edgesOf(problem));
  if (!circle) return null;
  // That nothing is begun before the visit holds without being told: what comes before the rest of a circle may not be needed.
  let needed = circle.filter(({ binding }) => !isNoBound(binding));
  for (const edge of needed) {
    const without = needed.filter((other) => other !== edge);
    if (pushedApart(problem, [...noBounds(problem), ...without]).circle) needed = without;
  }
  return needed.map(({ binding }) => binding);
}

/**
 * When each operation is begun at the earliest by lags and hours alone, s from the start of the visit, by its id; null where they
 * contradict each other.
 */
export function leastStarts(problem: SequenceProblem): ReadonlyMap<string, number> | null {
  const { starts, circle } = pushedApart(problem, edgesOf(problem));
  return circle ? null : starts;
}

function pushedApart(
  { operations }: SequenceProblem,
  edges: readonly Edge[],
): { readonly starts: ReadonlyMap<string, number>; readonly circle: readonly Edge[] | null } {
  const starts = new Map<string, number>([[ORIGIN, 0]]);
  const cameBy = new Map<string, Edge>();
  for (let round = 0; ; round += 1) {
    let moved: Edge | null = null;
    for (const edge of edges) {
      const from = starts.get(edge.from);
      if (from === undefined || from + edge.weight <= (starts.get(edge.to) ?? -Infinity)) continue;
      starts.set(edge.to, from + edge.weight);
      cameBy.set(edge.to, edge);
      moved = edge;
    }
    if (!moved) return { starts, circle: null };
    if (round > operations.length) return { starts, circle: circleBefore(moved.to, cameBy) };
  }
}

function edgesOf(problem: SequenceProblem): readonly Edge[] {
  const seconds = new Map(problem.operations.map((operation) => [operation.id, operation.seconds]));
  return [
    ...noBounds(problem),
    ...hourEdges(problem),
    ...problem.lags.flatMap((lag) => lagEdges(lag, seconds)),
  ];
}

function noBounds({ operations }: SequenceProblem): readonly Edge[] {
  return operations.map(({ id }) => ({
    from: ORIGIN,
    to: id,
    weight: 0,
    binding: { kind: 'opens', operation: id, at: 0 },
  }));
}

function hourEdges({ operations }: SequenceProblem): readonly Edge[] {
  return operations.flatMap(({ id, starts }): Edge[] => {
    if (starts === null) return [];
    // Without any hour left it is never begun.
    const [from, to] = [Math.max(0, starts[0]?.from ?? 0), starts.at(-1)?.to ?? -1];
    return [
      { from: ORIGIN, to: id, weight: from, binding: { kind: 'opens', operation: id, at: from } },
      { from: id, to: ORIGIN, weight: -to, binding: { kind: 'closes', operation: id, at: to } },
    ];
  });
}

function lagEdges(lag: Lag, seconds: ReadonlyMap<string, number>): readonly Edge[] {
  const own = lag.anchor === 'finish' ? (seconds.get(lag.from) ?? 0) : 0;
  const binding: Binding = { kind: 'lag', lag };
  const least: Edge = { from: lag.from, to: lag.to, weight: own + lag.minSeconds, binding };
  return lag.maxSeconds === null
    ? [least]
    : [least, { from: lag.to, to: lag.from, weight: -(own + lag.maxSeconds), binding }];
}

/** Whoever still moves after as many rounds as there are operations is moved by a circle: some steps back one is on it. */
function circleBefore(last: string, cameBy: ReadonlyMap<string, Edge>): readonly Edge[] {
  let on = last;
  for (let step = 0; step <= cameBy.size; step += 1) on = cameBy.get(on)?.from ?? on;
  const circle: Edge[] = [];
  let at = on;
  do {
    const edge = cameBy.get(at);
    if (!edge) break;
    circle.unshift(edge);
    at = edge.from;
  } while (at !== on);
  const start = circle.findIndex(({ from }) => from === ORIGIN);
  return start > 0 ? [...circle.slice(start), ...circle.slice(0, start)] : circle;
}

/** That nothing is begun before the visit is nobody's wish. */
const isNoBound = (binding: Binding) => binding.kind === 'opens' && binding.at === 0;
