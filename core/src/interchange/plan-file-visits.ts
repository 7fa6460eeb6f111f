import { roundsInWords } from '../order/rounds-in-words.ts';
import { mixLetters } from '../visit/mix-letters.ts';
import type { PlannedOperation } from '../visit/work-builder.ts';
import type { Plan } from '../plan/plan.ts';
import { waitInWords } from '../plan/visit-outline.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { clockTime, secondOfDay } from '../quantity/duration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { Placement, StripSpan } from '../sequence/problem.ts';
import { applicationsOf, isFor } from '../supply/planned-mix.ts';
import { makingTimes } from '../visit/making-times.ts';
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
  const letters = mixLetters(plan.mixes, plan.work.planned, visit.schedule);
  const operations = new Map(plan.work.problem.operations.map((o) => [o.id, o]));
  const strips = stripsByOperation(plan, visit.schedule.placements, clock);
  return {
    days: [{ date, from: clock(0), to: clock(visit.schedule.makespan) }],
    operations: visit.schedule.placements.flatMap((p) => {
      const about = planned.get(p.operation);
      const share = plan.work.shares.find(({ person }) => person === p.person);
      const made = about?.task === 'set-out' && share ? makingTimes(share, p) : [];
      const surfaces = about?.parts.map(({ surface }) => surface) ?? [];
      const operation = {
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
        finish: clock(made[0]?.from ?? p.finish),
        people: [p.person],
        machine: operations.get(p.operation)?.machines[0] ?? null,
        mix: mixOf(about, plan, letters),
        strips: strips.get(p.operation) ?? [],
      };
      // What lasts the day is made at the end of setting out.
      return [
        operation,
        ...made.map(({ mix, from, to }) => ({
          ...operation,
          id: `mix.${mix.stage}`,
          kind: 'mix',
          stages: applicationsOf(mix).map(({ stage }) => stage),
          start: clock(from),
          finish: clock(to),
          mix: letters.get(mix.stage) ?? mix.agent,
        })),
      ];
    }),
    rounds: roundsOf(plan, letters, clock),
    lowerBoundMinutes: roundToStep(visit.lowerBound.seconds / 60, 0.1),
    minutes: roundToStep(visit.schedule.makespan / 60, 0.1),
  };
}

/** The letter of what an operation puts on, or makes alone; the name of the agent where it is ready to use. */
function mixOf(
  operation: PlannedOperation | undefined,
  plan: Plan,
  letters: ReadonlyMap<string, string>,
): string | null {
  const mix = plan.mixes.find((one) => operation?.stages.some((stage) => isFor(one, stage)));
  return mix ? (letters.get(mix.stage) ?? mix.agent) : null;
}

/** What each person does in one go. */
function roundsOf(
  plan: Plan,
  letters: ReadonlyMap<string, string>,
  clock: (seconds: number) => string,
): readonly Record<string, unknown>[] {
  const stages = new Map(
    plan.surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
  );
  const sides = new Map(plan.surfaces.map(({ surface }) => [surface.id as string, surface.side]));
  return roundsInWords(plan).map(({ person, name, acts, operations, start, finish }) => {
    const [first] = operations;
    const tools = operations.flatMap((o) => o.stages.flatMap((id) => stages.get(id)?.tool ?? []));
    return {
      person,
      name,
      verb: acts,
      tool: tools[0] ?? null,
      mix: operations.map((o) => mixOf(o, plan, letters)).find((letter) => letter !== null) ?? null,
      side: sides.get(first?.parts[0]?.surface ?? '') ?? null,
      operations: operations.map(({ id }) => id),
      start: clock(start),
      finish: clock(finish),
    };
  });
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
