import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { formatDuration, secondOfDay, shortTime } from '../quantity/duration.ts';
import type { Schedule } from '../sequence/problem.ts';
import type { FacedSurvey } from '../survey/face.ts';
import type { VisitWork } from '../visit/visit-work.ts';
import { warning } from './warning.ts';
import type { Warning } from './warning.ts';

/** Of faces on which what was rinsed off waits long for what brings it to rest. */
export function lateNeutraliserWarnings(
  { problem, planned }: Pick<VisitWork, 'problem' | 'planned'>,
  schedule: Schedule,
  { job: { house }, surfaces }: Pick<FacedSurvey, 'job' | 'surfaces'>,
): readonly Warning[] {
  const placed = new Map(schedule.placements.map((placement) => [placement.operation, placement]));
  const parts = new Map(planned.map((operation) => [operation.id, operation.parts]));
  const clock = (seconds: number) => shortTime(secondOfDay(house.dayStart) + seconds);
  return problem.soon.flatMap(({ after, then }) => {
    const from = Math.max(...after.map((id) => placed.get(id)?.finish ?? 0));
    const at = placed.get(then)?.start ?? from;
    if (at - from <= TRADE_DEFAULTS.neutraliseLateSeconds) return [];
    return (parts.get(then) ?? []).map(({ surface }) => {
      const place = surfaces.find(({ id }) => id === surface)?.name ?? surface;
      const times = { from: clock(from), at: clock(at), takes: formatDuration(at - from) };
      return warning('neutralised-late', 'warn', { place, ...times }, surface);
    });
  });
}
