import type { Schedule, SequenceProblem, TimeSpan } from '../sequence/problem.ts';
import { scheduleViolations } from '../sequence/check.ts';
import { refillPauses } from '../water/refill-pauses.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { WorkingDay } from './working-day.ts';
import type { WaterPlan } from './visit-water.ts';

/** A day with the times in which nobody draws water and the tap fills the tank, s from its start. */
export interface RefilledDay {
  readonly schedule: Schedule;
  readonly refills: readonly TimeSpan[];
}

/**
 * A schedule with all that is not begun yet put off while the tap fills the tank, before it would run dry: at moments at which nobody
 * draws water and nothing is wet; what needs no water and is begun already goes on. As it was where it lasts, where no pause helps, where
 * nobody knows what the taps give, where hours or people would not allow it, and where the day would get too long.
 *
 * @param water of the schedule
 */
export function refilledDay(
  problem: SequenceProblem,
  schedule: Schedule,
  { input, line, sources, atBest, uses, tied }: WaterPlan,
  { gear }: Pick<JobHouse, 'gear'>,
  { to: end }: WorkingDay,
): RefilledDay {
  const asItIs = { schedule, refills: [] };
  const isKnown = gear.tank !== null && sources.length > 0 && atBest === null;
  if (line.firstDryMinute === null || !isKnown) return asItIs;
  const pauses = refillPauses(input, [...tied, ...uses]) ?? [];
  const refills = pauses.map(({ from, minutes }) => ({ from: 60 * from, to: 60 * (from + minutes) }));
  const later = refills.reduce(putOff, schedule);
  // A day that gets too long by it is better helped otherwise: that is for people to choose.
  const isTooLong = later.makespan > end && schedule.makespan <= end;
  return refills.length === 0 || isTooLong || scheduleViolations(problem, later).length > 0
    ? asItIs
    : { schedule: later, refills };
}

/** All that begins from a moment on begins so much later. */
function putOff({ placements, makespan }: Schedule, { from, to }: TimeSpan): Schedule {
  const seconds = to - from;
  return {
    placements: placements.map((placed) =>
      placed.start < from
        ? placed
        : { ...placed, start: placed.start + seconds, finish: placed.finish + seconds },
    ),
    makespan: makespan + seconds,
  };
}
