import type { Operation, Placement, Schedule, SequenceProblem, StripSpan, WorkedFront } from './problem.ts';

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

/** Moments are whole seconds, each rounded by itself. */
const ROUNDING_SECONDS = 2;

interface Act {
  readonly what: string;
  readonly person: string;
  readonly from: number;
  readonly to: number;
}

/** Every strip of every front by the clock: on long enough, not too long, never dry, and nobody on two strips at once. */
function brokenFronts(problem: SequenceProblem, at: ReadonlyMap<string, Placement>): readonly Violation[] {
  const acts: Act[] = [];
  const found = problem.fronts.flatMap((front) => brokenFront(front, at, acts));
  return [...found, ...twoStripsAtOnce(acts, problem)];
}

/** @param acts takes up what is done on its strips */
function brokenFront(
  front: WorkedFront,
  at: ReadonlyMap<string, Placement>,
  acts: Act[],
): readonly Violation[] {
  const found: Violation[] = [];
  const act = (what: string, { operation, from, to }: StripSpan): Act | null => {
    const placement = at.get(operation);
    if (!placement) return null;
    const length = placement.finish - placement.start;
    if (from < 0 || to < from || to > length)
      found.push({
        rule: 'front',
        text: `${what} lies from ${from} to ${to} s in the ${length} s of ${operation}`,
      });
    const one = { what, person: placement.person, from: placement.start + from, to: placement.start + to };
    acts.push(one);
    return one;
  };
  for (const [i, strip] of front.strips.entries()) {
    const name = `strip ${i + 1} of ${front.id}`;
    const [apply, mists, finish] = [strip.apply, strip.mists, strip.finish].map((spans) =>
      spans.flatMap((span) => act(name, span) ?? []).sort((a, b) => a.from - b.from),
    );
    if (apply && mists && finish) found.push(...brokenStrip(name, front, apply, mists, finish));
  }
  return found;
}

function brokenStrip(
  name: string,
  { leastSeconds, mostSeconds, dryAfterSeconds }: WorkedFront,
  apply: readonly Act[],
  mists: readonly Act[],
  finish: readonly Act[],
): readonly Violation[] {
  const found: Violation[] = [];
  const [first, applied, finishing, last] = [apply[0], apply.at(-1), finish[0], finish.at(-1)];
  if (!first || !applied || !finishing || !last) return [];
  const contact = finishing.from - applied.to;
  const exposure = last.to - first.from;
  if (contact < leastSeconds - ROUNDING_SECONDS)
    found.push({ rule: 'dwell-too-short', text: `${name} waits ${contact} s, it needs ${leastSeconds} s` });
  if (exposure > mostSeconds + ROUNDING_SECONDS)
    found.push({ rule: 'late-rinse', text: `${name} is on for ${exposure} s, ${mostSeconds} s are allowed` });
  if (dryAfterSeconds === null) return found;
  const wetted = [applied, ...mists];
  for (const [i, wet] of wetted.entries()) {
    const dry = (wetted[i + 1] ?? finishing).from - wet.to;
    if (dry > dryAfterSeconds + ROUNDING_SECONDS)
      found.push({
        rule: 'keep-wet',
        text: `${name} dries for ${dry} s, it stays wet for ${dryAfterSeconds} s`,
      });
  }
  return found;
}

function twoStripsAtOnce(acts: readonly Act[], { people }: SequenceProblem): readonly Violation[] {
  return people.flatMap((person) => {
    const own = acts.filter((act) => act.person === person).sort((a, b) => a.from - b.from || a.to - b.to);
    return own.flatMap((act, i): readonly Violation[] => {
      const next = own[i + 1];
      return next && next.from < act.to
        ? [{ rule: 'one-place', text: `${person} is at ${act.what} and ${next.what} at once` }]
        : [];
    });
  });
}

function brokenWatches(
  problem: SequenceProblem,
  at: ReadonlyMap<string, Placement>,
  done: readonly Done[],
): readonly Violation[] {
  const watches = problem.watches.flatMap((w) => {
    const [from, to] = [at.get(w.from), at.get(w.to)];
    return from && to
      ? [{ person: from.person, zone: w.zone, start: from.start, finish: to.start, of: w.from }]
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
