import type { StripSpan } from '../sequence/problem.ts';
import type { Span } from '../wetting/front-strips.ts';

/** Spans of a front as spans within one of its operations. */
export function spansIn(operation: string, at: (minutes: number) => number) {
  return (spans: readonly Span[]): readonly StripSpan[] =>
    spans.map(({ from, to }) => ({ operation, from: at(from), to: at(to) }));
}

/** Rounded alike wherever a moment of a front stands, so that what touches goes on touching. */
export const wholeSeconds = (minutes: number) => Math.round(60 * minutes);
