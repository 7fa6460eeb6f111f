import type { Plan } from '../plan/plan.ts';
import { waitInWords } from '../plan/visit-outline.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { clockTime, secondOfDay } from '../quantity/duration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { Placement, StripSpan } from '../sequence/problem.ts';
import { isFor } from '../supply/planned-mix.ts';
import type { Survey } from '../survey/survey.ts';

/** The visits of a plan file; the one that is planned with its operations by date and time. */
export function visitsOf(plan: Plan, survey: Survey, asOf: string): readonly Record<string, unknown>[] {
  if (!plan.visit) return [];
  const start = survey.job.start ?? asOf.slice(0, 10);
  return plan.visits.map((visit) => {
    const date = daysAfter(start, visit.fromDay);
    const outline = {
      id: `visit-${visit.number}`,
      date,
      notBefore: visit.number === 1 ? null : date,
      latest: visit.latestDay === null ? null : daysAfter(start, visit.latestDay),
      because: visit.parts.flatMap(({ surface, wait }) =>
        wait ? [{ rule: `wait-${wait.for}`, surface, text: waitInWords(wait) }] : [],
      ),
      days: [],
      operations: [],
      stages: visit.parts.flatMap((part) => part.stages.map((stage) => stage.id)),
    };
    // The search is for one visit at a time.
    return visit.number === plan.visitNumber ? { ...outline, ...sequenced(plan, survey, date) } : outline;
  });
}

function sequenced(plan: Plan, survey: Survey, date: string): Record<string, unknown> {
  const { visit } = plan;
  if (!visit) return {};
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const clock = (seconds: number) => clockTime(dayStart + seconds);
  const planned = new Map(plan.work.planned.map((p) => [p.id, p]));
  const operations = new Map(plan.work.problem.operations.map((o) => [o.id, o]));
  const strips = stripsByOperation(plan, visit.schedule.placements, clock);
  return {
    days: [{ date, from: clock(0), to: clock(visit.schedule.makespan) }],
    operations: visit.schedule.placements.map((p) => {
      const about = planned.get(p.operation);
      const surfaces = about?.parts.map(({ surface }) => surface) ?? [];
      return {
        id: p.operation,
        kind: about?.task,
        surfaces,
        places: surfaces.map(
          (id) => plan.surfaces.find(({ surface }) => surface.id === id)?.surface.name ?? id,
        ),
        stages: about?.stages ?? [],
        section: about?.section ?? null,
        date,
        start: clock(p.start),
        finish: clock(p.finish),
        people: [p.person],
        machine: operations.get(p.operation)?.machines[0] ?? null,
        mix: plan.mixes.find((mix) => about?.stages.some((stage) => isFor(mix, stage)))?.stage ?? null,
        strips: strips.get(p.operation) ?? [],
      };
    }),
    lowerBoundMinutes: roundToStep(visit.lowerBound.seconds / 60, 0.1),
    minutes: roundToStep(visit.schedule.makespan / 60, 0.1),
  };
}

/** The strips of each front by the clock, with the operation in which they are finished. */
function stripsByOperation(
  { work }: Plan,
  placements: readonly Placement[],
  clock: (seconds: number) => string,
): ReadonlyMap<string, readonly Record<string, string>[]> {
  const starts = new Map(placements.map((p) => [p.operation, p.start]));
  const at = ({ operation }: StripSpan, seconds: number) => clock((starts.get(operation) ?? 0) + seconds);
  const found = new Map<string, Record<string, string>[]>();
  for (const { apply, finish } of work.problem.fronts.flatMap((front) => front.strips)) {
    const [applied, appliedLast, finished, last] = [apply[0], apply.at(-1), finish[0], finish.at(-1)];
    if (!applied || !appliedLast || !finished || !last) continue;
    const strip = {
      appliedFrom: at(applied, applied.from),
      appliedTo: at(appliedLast, appliedLast.to),
      finishedFrom: at(finished, finished.from),
      finishedTo: at(last, last.to),
    };
    const list = found.get(last.operation);
    if (list) list.push(strip);
    else found.set(last.operation, [strip]);
  }
  return found;
}
