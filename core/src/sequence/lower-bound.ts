import { idInWords } from '../language/in-language.ts';
import { say } from '../messages/message.ts';
import { headsAndTails } from './heads-tails.ts';
import type { HeadAndTail } from './heads-tails.ts';
import type { Operation, SequenceProblem } from './problem.ts';

/** No schedule of the visit can finish before this; with what makes it so. */
export interface LowerBound {
  readonly seconds: number;
  readonly because: string;
}

const CHAIN = say('bound/chain');
const CREW = say('bound/crew');

/** Between these nobody is at any of some operations. */
interface Closed {
  readonly from: number;
  readonly to: number;
}

/** Work that some hands or machines must do between them. */
interface Load {
  readonly because: string;
  readonly count: number;
  readonly operations: readonly HeadAndTail[];
  readonly closed: readonly Closed[];
}

/**
 * The greatest of: the longest chain of work, least waits and hours; for the crew, for those who alone may do something, and for each
 * kind of machine, over all of their work that cannot begin before one time and is followed by at least so much else, that time, the
 * work shared out, and what follows.
 */
export function lowerBound(problem: SequenceProblem): LowerBound {
  const all = headsAndTails(problem);
  const bounds = [
    { seconds: Math.max(0, ...all.map(throughOperation)), because: CHAIN },
    ...loadsOf(problem, all).map((load) => ({ seconds: loadBound(load), because: load.because })),
  ];
  return bounds.reduce((best, bound) => (bound.seconds > best.seconds ? bound : best));
}

const throughOperation = ({ head, operation, tail }: HeadAndTail) => head + operation.seconds + tail;

/** The rough one: the longest chain, or all work shared by the crew or by the machines of a kind, whichever takes longer, s. */
export function roughBound(problem: SequenceProblem): number {
  const sum = (operations: readonly Operation[]) => operations.reduce((all, { seconds }) => all + seconds, 0);
  const machines = Object.entries(problem.machines).map(([machine, count]) => {
    const own = problem.operations.filter((operation) => operation.machines.includes(machine));
    return count > 0 ? Math.ceil(sum(own) / count) : 0;
  });
  const crew = Math.ceil(sum(problem.operations) / Math.max(1, problem.people.length));
  return Math.max(longestChain(problem).seconds, crew, ...machines);
}

function loadsOf(problem: SequenceProblem, all: readonly HeadAndTail[]): readonly Load[] {
  const loads: Load[] = [{ because: CREW, count: problem.people.length, operations: all, closed: [] }];
  const sets = new Map(
    all.flatMap(({ operation: { people } }) => (people ? [[[...people].sort().join(' '), people]] : [])),
  );
  for (const people of sets.values()) {
    const operations = all.filter(({ operation }) => operation.people?.every((p) => people.includes(p)));
    const count = people.filter((person) => problem.people.includes(person)).length;
    loads.push({
      because: say('bound/people', { people: people.join(', ') }),
      count,
      operations,
      closed: [],
    });
  }
  for (const [machine, count] of Object.entries(problem.machines)) {
    const because = say('bound/machine', { machine: idInWords(machine) });
    const own = all.filter(({ operation }) => operation.machines.includes(machine));
    loads.push({ because, count, operations: own, closed: [] });
    for (const [closed, operations] of byClosed(own)) loads.push({ because, count, operations, closed });
  }
  return loads.filter(({ count, operations }) => count > 0 && operations.length > 0);
}

/** Operations that pause between the same times. */
function byClosed(
  all: readonly HeadAndTail[],
): readonly (readonly [readonly Closed[], readonly HeadAndTail[]])[] {
  const groups = new Map<string, [readonly Closed[], HeadAndTail[]]>();
  for (const one of all) {
    const closed = closedTo(one.operation);
    if (closed.length === 0) continue;
    const key = JSON.stringify(closed);
    const group = groups.get(key);
    if (group) group[1].push(one);
    else groups.set(key, [closed, [one]]);
  }
  return [...groups.values()];
}

/** The times in which an operation is never under way, by the hours in which it may start. */
function closedTo({ starts, seconds }: Operation): readonly Closed[] {
  return (starts ?? []).flatMap((span, i): Closed[] => {
    const next = starts?.[i + 1];
    const from = span.to + seconds;
    return next && from < next.from ? [{ from, to: next.from }] : [];
  });
}

/** Over all operations with at least such a head and such a tail: the head, the work shared out, the tail; the most of these. */
function loadBound({ count, operations, closed }: Load): number {
  const byTail = [...operations].sort((a, b) => b.tail - a.tail);
  const heads = [...new Set(operations.map(({ head }) => head))];
  let most = 0;
  for (const head of heads) {
    let work = 0;
    for (const one of byTail) {
      if (one.head < head) continue;
      work += one.operation.seconds;
      most = Math.max(most, workedBy(head, Math.ceil(work / count), closed) + one.tail);
    }
  }
  return most;
}

/** When work that takes so long is through at the earliest, if it begins at a time and rests while it is closed. */
function workedBy(begin: number, seconds: number, closed: readonly Closed[]): number {
  let at = begin;
  let left = seconds;
  for (const { from, to } of closed) {
    if (to <= at) continue;
    const before = Math.max(0, from - at);
    if (left <= before) break;
    left -= before;
    at = to;
  }
  return at + left;
}

/** Work that follows each other, and how long it takes with the least waits between. */
export interface Chain {
  readonly seconds: number;
  /** Ids, in their order. */
  readonly operations: readonly string[];
}

/** Earliest conceivable finish with any number of people at any time of day: the longest way along the least lags. */
export function longestChain(problem: SequenceProblem): Chain {
  const operations = problem.operations.map((operation) => ({ ...operation, starts: null }));
  const all = headsAndTails({ ...problem, operations, pins: [] });
  const byId = new Map(all.map((one) => [one.operation.id, one]));
  const end = (one: HeadAndTail) => one.head + one.operation.seconds;
  let last: HeadAndTail | undefined;
  for (const one of all) if (!last || end(one) > end(last)) last = one;
  const chain: string[] = [];
  for (let one = last; one; one = byId.get(one.boundBy ?? '')) chain.unshift(one.operation.id);
  return { seconds: last ? end(last) : 0, operations: chain };
}
