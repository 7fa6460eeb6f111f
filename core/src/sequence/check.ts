import type { Operation, Placement, Schedule, SequenceProblem } from './problem.ts';

/** One broken rule of a schedule. */
export interface Violation {
  readonly rule: string;
  readonly text: string;
}

interface Done {
  readonly operation: Operation;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
}

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
    ...machinesInUse(problem, done),
    ...brokenLags(problem, at),
    ...brokenDwells(problem, at),
    ...brokenWatches(problem, at, done),
  ];
}

function completeness(
  problem: SequenceProblem,
  schedule: Schedule,
  at: ReadonlyMap<string, Placement>,
): readonly Violation[] {
  const found: Violation[] = [];
  const known = new Set(problem.operations.map((o) => o.id));
  if (at.size < schedule.placements.length) found.push({ rule: 'once', text: 'an operation is done twice' });
  for (const p of schedule.placements)
    if (!known.has(p.operation)) found.push({ rule: 'all', text: `nobody asked for ${p.operation}` });
  for (const id of known) if (!at.has(id)) found.push({ rule: 'all', text: `${id} is missing` });
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
  if (operation.person !== null && operation.person !== person) {
    found.push({ rule: 'people', text: `${operation.id} belongs to ${operation.person}` });
  }
  for (const machine of operation.machines) {
    if (!(machine in problem.machines))
      found.push({ rule: 'machines', text: `there is no ${machine} for ${operation.id}` });
  }
  return found;
}

function inTwoPlaces(problem: SequenceProblem, done: readonly Done[]): readonly Violation[] {
  const found: Violation[] = [];
  const below = new Set(problem.apart.flatMap(([x, y]) => [`${x} ${y}`, `${y} ${x}`]));
  const byStart = [...done].sort((a, b) => a.start - b.start);
  for (const [i, a] of byStart.entries()) {
    for (let k = i + 1; k < byStart.length; k += 1) {
      const b = byStart[k];
      if (!b || b.start >= a.finish) break;
      if (b.finish === b.start) continue;
      if (a.person === b.person) {
        found.push({
          rule: 'one-place',
          text: `${a.person} does ${a.operation.id} and ${b.operation.id} at once`,
        });
      } else if (below.has(`${a.operation.place} ${b.operation.place}`)) {
        found.push({
          rule: 'nobody-below',
          text: `${a.operation.id} and ${b.operation.id} run at once, one below the other`,
        });
      }
    }
  }
  return found;
}

function machinesInUse(problem: SequenceProblem, done: readonly Done[]): readonly Violation[] {
  return Object.entries(problem.machines).flatMap(([machine, count]) => {
    const users = done.filter((d) => d.operation.machines.includes(machine));
    return users.flatMap((user) => {
      const inUse = users.filter((u) => u.start <= user.start && user.start < u.finish).length;
      return inUse > count
        ? [
            {
              rule: 'machines',
              text: `${inUse} × ${machine} at ${user.start} s, there are ${count}`,
            },
          ]
        : [];
    });
  });
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

/** Durations are whole seconds, so a strip may be off by the rounding of its application and its rinse. */
const ROUNDING_SECONDS = 2;

function brokenDwells(problem: SequenceProblem, at: ReadonlyMap<string, Placement>): readonly Violation[] {
  const found: Violation[] = [];
  for (const dwell of problem.dwells) {
    const [apply, rinse] = [at.get(dwell.apply), at.get(dwell.rinse)];
    if (!apply || !rinse) continue;
    const after = (n: number, job: Placement) => job.start + ((job.finish - job.start) * n) / dwell.strips;
    for (let strip = 0; strip < dwell.strips; strip += 1) {
      const shortest = after(strip, rinse) - after(strip + 1, apply);
      const longest = after(strip + 1, rinse) - after(strip, apply);
      const text = `a strip of ${dwell.apply} waits`;
      if (shortest < dwell.fromSeconds - ROUNDING_SECONDS) {
        found.push({
          rule: 'dwell-too-short',
          text: `${text} ${Math.round(shortest)} s, it needs ${dwell.fromSeconds} s`,
        });
      }
      if (longest > dwell.toSeconds + ROUNDING_SECONDS) {
        found.push({
          rule: 'late-rinse',
          text: `${text} ${Math.round(longest)} s, ${dwell.toSeconds} s are allowed`,
        });
      }
    }
  }
  return found;
}

function brokenWatches(
  problem: SequenceProblem,
  at: ReadonlyMap<string, Placement>,
  done: readonly Done[],
): readonly Violation[] {
  const watches = problem.watches.flatMap((w) => {
    const [from, to] = [at.get(w.from), at.get(w.to)];
    return from && to
      ? [{ person: from.person, zone: w.zone, start: from.start, finish: to.finish, of: w.from }]
      : [];
  });
  return watches.flatMap((w) => {
    const found: Violation[] = [];
    const together = watches.filter((o) => o.person === w.person && o.start <= w.start && w.start < o.finish);
    if (together.length > problem.watchesPerPerson)
      found.push({
        rule: 'watches',
        text: `${w.person} watches ${together.length} sections at once`,
      });
    if (together.some((o) => o.zone !== w.zone))
      found.push({ rule: 'watches', text: `${w.person} watches sections in two zones at once` });
    for (const d of done) {
      if (d.person === w.person && d.operation.zone !== w.zone && d.start < w.finish && w.start < d.finish) {
        found.push({ rule: 'watches', text: `${w.person} leaves ${w.of} alone for ${d.operation.id}` });
      }
    }
    return found;
  });
}
