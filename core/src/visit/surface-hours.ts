import { secondOfDay } from '../quantity/duration.ts';
import type { Operation } from '../sequence/problem.ts';
import type { HourRange } from '../wet-cycle/hour-range.ts';
import type { PlannedOperation } from './work-builder.ts';
import { startsWithin } from './start-spans.ts';

/**
 * An operation of a wet cycle, begun and ended within the hours that all of its faces are worked in.
 *
 * @param hours by the id of the surface
 */
export function inItsHours(
  operation: Operation,
  planned: PlannedOperation | undefined,
  hours: ReadonlyMap<string, HourRange>,
  dayStart: string,
): Operation {
  const begin = secondOfDay(dayStart);
  const ranges = (planned?.parts ?? []).flatMap(({ surface, cycle }) =>
    cycle === null ? [] : (hours.get(surface) ?? []),
  );
  if (ranges.length === 0) return operation;
  const from = Math.max(0, ...ranges.map((range) => 3600 * range.from - begin));
  const to = Math.min(...ranges.map((range) => 3600 * range.to - begin)) - operation.seconds;
  return { ...operation, starts: startsWithin(operation, { from, to }) };
}
