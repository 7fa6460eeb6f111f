import { say } from '../messages/message.ts';
import { secondOfDay, shortTime } from '../quantity/duration.ts';
import { listed } from '../quantity/words.ts';
import { contradiction, leastStarts } from '../sequence/contradiction.ts';
import type { Derivation } from './derivation.ts';

/** What of the work of a plan cannot all hold, as a crew lead says it, a sentence; null where nothing contradicts itself. */
export function contradictionInWords(
  { work: { problem, planned }, surfaces }: Pick<Derivation, 'work' | 'surfaces'>,
  dayStart: string,
): string | null {
  const circle = contradiction(problem);
  if (!circle) return null;
  const names = new Map(surfaces.map(({ surface }) => [surface.id as string, surface.name]));
  const placeOf = new Map(
    planned.map(({ id, parts }) => [id, names.get(parts[0]?.surface ?? '') ?? say('pin/set-out')]),
  );
  const lags = circle.flatMap((binding) => (binding.kind === 'lag' ? [binding.lag] : []));
  const closing = circle.find((binding) => binding.kind === 'closes');
  const places = (ids: readonly string[]) => [...new Set(ids.flatMap((id) => placeOf.get(id) ?? []))];
  if (!closing)
    return say('pin/circle', { places: listed(places(lags.flatMap(({ from, to }) => [from, to]))) });
  const place = placeOf.get(closing.operation) ?? '';
  const start = secondOfDay(dayStart);
  const by = shortTime(start + Math.max(0, closing.at));
  const open = problem.operations.map((one) =>
    one.id === closing.operation ? { ...one, starts: null } : one,
  );
  const earliest = leastStarts({ ...problem, operations: open })?.get(closing.operation);
  const before = places(lags.map(({ from }) => from)).filter((name) => name !== place);
  return earliest === undefined || before.length === 0
    ? say('pin/no-hour', { place, by })
    : say('pin/too-late', { place, by, first: listed(before), earliest: shortTime(start + earliest) });
}
