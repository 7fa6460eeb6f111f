import { formatDuration, secondOfDay, shortTime } from '../quantity/duration.ts';
import { listed } from '../quantity/words.ts';
import type { TimeSpan } from '../sequence/problem.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { WorkingDay } from '../visit/working-day.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** A day that goes on after the company's hours, those of the property or the light. */
export function tooLongStops(
  makespan: number,
  { to, endsBy }: WorkingDay,
  { dayStart }: Pick<JobHouse, 'dayStart'>,
): readonly Warning[] {
  if (makespan <= to) return [];
  const start = secondOfDay(dayStart);
  const times = { until: shortTime(start + makespan), end: shortTime(start + to) };
  switch (endsBy) {
    case 'house':
      return [warning('day-too-long', 'stop', { takes: formatDuration(makespan), day: formatDuration(to) })];
    case 'property':
      return [warning('day-too-long/property', 'stop', times)];
    case 'light':
      return [warning('day-too-long/light', 'stop', times)];
  }
}

/** When everybody waits for the tank. */
export function refillNotes(
  refills: readonly TimeSpan[],
  { dayStart }: Pick<JobHouse, 'dayStart'>,
): readonly Warning[] {
  const start = secondOfDay(dayStart);
  const times = refills.map(({ from, to }) => `${shortTime(start + from)}–${shortTime(start + to)}`);
  return times.length > 0 ? [warning('water-refill', 'note', { times: listed(times) })] : [];
}
