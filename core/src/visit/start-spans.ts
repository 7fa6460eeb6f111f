import { LATEST_SECOND } from '../sequence/problem.ts';
import type { Operation, TimeSpan } from '../sequence/problem.ts';

/** When an operation may start, cut to a span; both ends are within it. */
export function startsWithin({ starts }: Operation, { from, to }: TimeSpan): readonly TimeSpan[] {
  return (starts ?? [{ from: 0, to: LATEST_SECOND }]).flatMap((span): TimeSpan[] => {
    const cut = { from: Math.max(span.from, from), to: Math.min(span.to, to) };
    return cut.from <= cut.to ? [cut] : [];
  });
}
