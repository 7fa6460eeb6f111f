import { brokenFronts } from './check-fronts.ts';
import { hurriedChanges, inTwoPlaces, machinesInUse } from './check-resources.ts';
import { brokenWatches } from './check-watches.ts';
import type { Placement, Schedule, SequenceProblem } from './problem.ts';
import type { Done, Violation } from './violation.ts';

/**
 * Every rule that a schedule breaks. Written from the rules alone, by sweeps over all pairs: it shares no code with
 * the method that builds schedules.
 * @returns violations; empty when the schedule may be issued
 */
export function scheduleViolations(problem: SequenceProblem, schedule: Schedule): readonly Violation[] {
  const at = new Map(schedule.placements.map((p) => [p.operation, p]));
  const done = problem.operations.flatMap((operation): Done[] => {
    const placement = at.get(operation.id);
    return placement
      ? [{ operation, person: placement.person, start: placement.start, finish: placement.finish }]
      : [];
  });
  return [
    ...completeness(problem, schedule, at),
    ...done.flatMap((d) => eachAlone(problem, d)),
    ...inTwoPlaces(problem, done),
    ...hurriedChanges(problem, done),
    ...machinesInUse(problem, done, at),
    ...brokenPins(problem, at),
    ...brokenLags(problem, at),
    ...brokenFronts(problem, at),
    ...brokenWatches(problem, at, done),
  ];
}

function completeness(
  problem: SequenceProblem,
  schedule: Schedule,
  at: ReadonlyMap<string, Placement>,
): readonly Violation[] {
  const found: Violation[] = [];
  const operationIds = new Set(problem.operations.map((o) => o.id));
  if (at.size < schedule.placements.length) found.push({ rule: 'once', text: 'an operation is done twice' });
  for (const p of schedule.placements)
    if (!operationIds.has(p.operation)) found.push({ rule: 'all', text: `nobody asked for ${p.operation}` });
  for (const id of operationIds) if (!at.has(id)) found.push({ rule: 'all', text: `${id} is missing` });
  const end = schedule.placements.reduce((latest, p) => Math.max(latest, p.finish), 0);
  if (schedule.makespan !== end)
    found.push({
      rule: 'makespan',
      text: `the visit ends at ${end} s, not ${schedule.makespan} s`,
    });
  return found;
}

function eachAlone(
  problem: SequenceProblem,
  { operation, person, start, finish }: Done,
): readonly Violation[] {
  const found: Violation[] = [];
  if (!Number.isInteger(start) || start < 0)
    found.push({ rule: 'whole-seconds', text: `${operation.id} starts at ${start}` });
  if (finish - start !== operation.seconds) {
    found.push({
      rule: 'duration',
      text: `${operation.id} takes ${finish - start} s instead of ${operation.seconds} s`,
    });
  }
  if (!problem.people.includes(person))
    found.push({ rule: 'people', text: `${operation.id} is given to ${person}, who is not in the crew` });
  if (operation.people?.includes(person) === false)
    found.push({ rule: 'people', text: `${operation.id} belongs to ${operation.people.join(' or ')}` });
  const there = problem.hours.find((own) => own.person === person);
  if (there && (start < there.from || finish > there.to))
    found.push({
      rule: 'person-hours',
      text: `${operation.id} is given to ${person}, who is not there then`,
    });
  if (operation.starts?.some(({ from, to }) => from <= start && start <= to) === false)
    found.push({ rule: 'start-window', text: `${operation.id} starts at ${start} s, outside its hours` });
  for (const machine of operation.machines) {
    if (!(machine in problem.machines))
      found.push({ rule: 'machines', text: `there is no ${machine} for ${operation.id}` });
  }
  return found;
}

function brokenLags(problem: SequenceProblem, at: ReadonlyMap<string, Placement>): readonly Violation[] {
  return problem.lags.flatMap((lag) => {
    const [from, to] = [at.get(lag.from), at.get(lag.to)];
    if (!from || !to) return [];
    const waited = to.start - (lag.anchor === 'start' ? from.start : from.finish);
    const text = `${lag.to} starts ${waited} s after ${lag.from}`;
    if (waited < lag.minSeconds)
      return [{ rule: lag.rule, text: `${text}, at least ${lag.minSeconds} s are needed` }];
    if (lag.maxSeconds !== null && waited > lag.maxSeconds)
      return [{ rule: lag.rule, text: `${text}, at most ${lag.maxSeconds} s are allowed` }];
    return [];
  });
}

/** What was fixed stands as it was fixed. */
function brokenPins({ pins }: SequenceProblem, at: ReadonlyMap<string, Placement>): readonly Violation[] {
  return pins.flatMap(({ operation, person, start }) => {
    const placed = at.get(operation);
    if (!placed) return [];
    const found: Violation[] = [];
    if (person !== null && placed.person !== person)
      found.push({ rule: 'pin', text: `${operation} is fixed to ${person}, not ${placed.person}` });
    if (start !== null && placed.start !== start)
      found.push({ rule: 'pin', text: `${operation} is fixed to ${start} s, not ${placed.start} s` });
    return found;
  });
}
