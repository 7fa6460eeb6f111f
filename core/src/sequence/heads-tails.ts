import { clustersOf } from './cluster-order.ts';
import { lagsToEach } from './lags-to.ts';
import type { Lag, Operation, SequenceProblem } from './problem.ts';

/** What must pass before an operation can start and after it has ended, whoever does it, s. */
export interface HeadAndTail {
  readonly operation: Operation;
  readonly head: number;
  readonly tail: number;
  /** The operation that its head comes from; null where none does. */
  readonly boundBy: string | null;
}

/** By the least lags, and by the hours in which each may start. @throws CircularWait */
export function headsAndTails(problem: SequenceProblem): readonly HeadAndTail[] {
  const inOrder = clustersOf(problem).flatMap(({ operations }) => operations);
  const seconds = new Map(inOrder.map((operation) => [operation.id, operation.seconds]));
  const lagsTo = lagsToEach(problem.lags);
  const fixed = new Map(problem.pins.map(({ operation, start }) => [operation, start ?? 0]));
  const heads = new Map<string, { readonly at: number; readonly boundBy: string | null }>();
  for (const operation of inOrder) {
    let at = fixed.get(operation.id) ?? 0;
    let boundBy: string | null = null;
    for (const lag of lagsTo.get(operation.id) ?? []) {
      const from = (heads.get(lag.from)?.at ?? 0) + ownSeconds(lag, seconds) + lag.minSeconds;
      if (from <= at) continue;
      at = from;
      boundBy = lag.from;
    }
    heads.set(operation.id, { at: withinHours(operation, at), boundBy });
  }
  const tails = new Map<string, number>();
  const lagsFrom = new Map<string, Lag[]>();
  for (const lag of problem.lags) lagsFrom.set(lag.from, [...(lagsFrom.get(lag.from) ?? []), lag]);
  for (const { id } of inOrder.toReversed()) {
    let tail = 0;
    for (const lag of lagsFrom.get(id) ?? []) {
      const later = (seconds.get(lag.to) ?? 0) + (tails.get(lag.to) ?? 0);
      const since = lag.anchor === 'finish' ? 0 : (seconds.get(id) ?? 0);
      tail = Math.max(tail, lag.minSeconds - since + later);
    }
    tails.set(id, tail);
  }
  return inOrder.map((operation) => ({
    operation,
    head: heads.get(operation.id)?.at ?? 0,
    tail: tails.get(operation.id) ?? 0,
    boundBy: heads.get(operation.id)?.boundBy ?? null,
  }));
}

/** From the start of what a lag comes from to its anchor, s. */
const ownSeconds = ({ from, anchor }: Lag, seconds: ReadonlyMap<string, number>) =>
  anchor === 'finish' ? (seconds.get(from) ?? 0) : 0;

function withinHours({ starts }: Operation, at: number): number {
  const next = starts?.find(({ to }) => at <= to);
  return next ? Math.max(at, next.from) : at;
}
