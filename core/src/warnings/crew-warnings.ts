import { secondOfDay, shortTime } from '../quantity/duration.ts';
import type { Schedule } from '../sequence/problem.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** Of who leaves before the day lets them go: it looked as if it would be over by then. */
export function lateLeaverWarnings(
  { placements }: Schedule,
  { crew, dayStart }: Pick<JobHouse, 'crew' | 'dayStart'>,
): readonly Warning[] {
  const begin = secondOfDay(dayStart);
  return crew.flatMap(({ id, name, until = null }) => {
    const last = Math.max(0, ...placements.filter(({ person }) => person === id).map(({ finish }) => finish));
    if (until === null || begin + last <= secondOfDay(until)) return [];
    return [warning('leaves-before', 'warn', { name, until, at: shortTime(begin + last) })];
  });
}
