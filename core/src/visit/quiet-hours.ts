import { LATEST_SECOND } from '../sequence/problem.ts';
import type { Operation, TimeSpan } from '../sequence/problem.ts';
import type { MachineKind } from '../catalogue/tool.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { HourSpan } from '../survey/detail-limits.ts';

/** Machines that neighbours hear; hoses, sprayers and hands go on in quiet hours. */
const NOISY: readonly MachineKind[] = ['pressure-washer', 'surface-cleaner', 'hot-washer'];

/** Operations with what is noisy kept out of the quiet hours: it ends before them, or begins after. */
export function outsideQuietHours(
  operations: readonly Operation[],
  quietHours: readonly HourSpan[],
  dayStart: string,
): readonly Operation[] {
  const begin = secondOfDay(dayStart);
  const quiet = quietHours
    .map(({ from, to }) => ({ from: secondOfDay(from) - begin, to: secondOfDay(to) - begin }))
    .filter(({ to }) => to > 0)
    .sort((a, b) => a.from - b.from);
  if (quiet.length === 0) return operations;
  return operations.map((operation) =>
    NOISY.some((kind) => operation.machines.includes(kind))
      ? { ...operation, starts: startsBeside(quiet, operation.seconds) }
      : operation,
  );
}

function startsBeside(quiet: readonly TimeSpan[], seconds: number): readonly TimeSpan[] {
  const starts: TimeSpan[] = [];
  let from = 0;
  for (const { from: begins, to: ends } of quiet) {
    if (begins - seconds >= from) starts.push({ from, to: begins - seconds });
    from = Math.max(from, ends);
  }
  return [...starts, { from, to: LATEST_SECOND }];
}
