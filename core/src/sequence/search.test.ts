import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { scheduleViolations } from './check.ts';
import { lowerBound } from './lower-bound.ts';
import { packedVisit, visitProblem } from './visit-problem.ts';
import { operation, problem } from './small-problem.ts';
import type { Lag, Operation, Schedule, SequenceProblem } from './problem.ts';
import { solve } from './solve.ts';

function searched(p: SequenceProblem, budget: number, seed = 1): Schedule {
  const last = [...solve(p, { seed, budget })].findLast((s) => s !== null);
  if (!last) throw new Error('no schedule');
  return last;
}

/** Few operations of whole minutes, some after others, some needing the one hose, none tied. */
const smallVisit = fc
  .record({
    work: fc.array(
      fc.record({
        minutes: fc.integer({ min: 1, max: 9 }),
        hose: fc.boolean(),
        only: fc.option(fc.constantFrom('a', 'b')),
        after: fc.option(fc.record({ nth: fc.nat(5), wait: fc.integer({ min: 0, max: 6 }) })),
      }),
      { minLength: 3, maxLength: 6 },
    ),
  })
  .map(({ work }) => {
    const operations = work.map(({ minutes, hose, only }, i): Operation =>
      operation(`o${i}`, `o${i}`, minutes * 60, {
        machines: hose ? ['hose'] : [],
        people: only === null ? null : [only],
      }),
    );
    const lags = work.flatMap(({ after }, i): Lag[] =>
      after && after.nth < i
        ? [
            {
              from: `o${after.nth}`,
              anchor: 'finish',
              to: `o${i}`,
              minSeconds: after.wait * 60,
              maxSeconds: null,
              rule: 'dry',
            },
          ]
        : [],
    );
    return problem({ operations, lags, people: ['a', 'b'], machines: { hose: 1 } });
  });

/** The least finish: every order of the work, every person for each, each as early as may be; that holds an optimum where nothing is tied. */
function leastFinish({ operations, lags, people }: SequenceProblem): number {
  let least = Infinity;
  const start = new Map<string, number>();
  const free = new Map(people.map((person) => [person, 0]));
  const placed = (left: readonly Operation[], hoseFree: number, finish: number): void => {
    if (finish >= least) return;
    if (left.length === 0) least = finish;
    for (const next of left) {
      const before = lags.filter(({ to }) => to === next.id);
      if (before.some(({ from }) => !start.has(from))) continue;
      const ready = before.map(({ from, minSeconds }) => {
        const own = operations.find(({ id }) => id === from);
        return (start.get(from) ?? 0) + (own?.seconds ?? 0) + minSeconds;
      });
      for (const person of next.people ?? people) {
        const was = free.get(person) ?? 0;
        const needsHose = next.machines.includes('hose');
        const at = Math.max(0, was, needsHose ? hoseFree : 0, ...ready);
        const end = at + next.seconds;
        start.set(next.id, at);
        free.set(person, end);
        const rest = left.filter((other) => other !== next);
        placed(rest, needsHose ? end : hoseFree, Math.max(finish, end));
        free.set(person, was);
        start.delete(next.id);
      }
    }
  };
  placed(operations, 0, 0);
  return least;
}

describe('the search', () => {
  it('finds the shortest visit of a few operations, and its bound is never above that', () => {
    const seen = { boundMet: 0, chained: 0, hosed: 0 };
    fc.assert(
      fc.property(smallVisit, (p) => {
        const least = leastFinish(p);
        expect(searched(p, 4000).makespan).toBe(least);
        const bound = lowerBound(p).seconds;
        expect(bound).toBeLessThanOrEqual(least);
        if (bound === least) seen.boundMet += 1;
        if (p.lags.length > 1) seen.chained += 1;
        if (p.operations.filter(({ machines }) => machines.length > 0).length > 2) seen.hosed += 1;
      }),
      { numRuns: 150 },
    );
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(30);
  });

  it('fills a packing that leaves nobody a minute, hidden behind its order', () => {
    // Three people, each busy from the first minute to the last.
    const minutes = [
      [50, 30, 40],
      [70, 20, 30],
      [10, 60, 50],
    ];
    const operations = minutes
      .flatMap((day, i) => day.map((m, k) => operation(`${(7 * (3 * i + k)) % 9}`, `${i}-${k}`, m * 60)))
      .sort((a, b) => (a.id < b.id ? -1 : 1));
    const p = problem({ operations, people: ['a', 'b', 'c'] });
    expect(searched(p, 2000).makespan).toBe(120 * 60);
    expect(lowerBound(p).seconds).toBe(120 * 60);
  });

  it('gives up a shorter visit for fewer rounds just as far as they are worth it', () => {
    const operations = ['wash-1', 'brush-1', 'wash-2', 'brush-2'].map((id) =>
      operation(id, id, 600, { round: id.slice(0, -2), place: id }),
    );
    const lags: Lag[] = [
      { from: 'wash-1', anchor: 'finish', to: 'brush-1', minSeconds: 60, maxSeconds: null, rule: 'dry' },
      { from: 'brush-1', anchor: 'finish', to: 'wash-2', minSeconds: 0, maxSeconds: null, rule: 'order' },
    ];
    const rounds = ({ placements }: Schedule) =>
      placements.filter(
        ({ operation: id }, i) => placements[i - 1]?.operation.slice(0, -2) !== id.slice(0, -2),
      ).length;
    const free = problem({ operations, lags: lags.slice(0, 1), people: ['a'], roundWorthSeconds: 120 });
    expect(rounds(searched(free, 400))).toBe(2);
    const bound = { ...free, lags };
    expect(rounds(searched(bound, 400))).toBeGreaterThan(2);
  });

  it('brings what is wanted soon right after what it follows, as long as that costs less than the wait', () => {
    // The long work first is shortest; the neutraliser would come last, as nothing waits for it.
    const operations = [
      operation('rinse', 'rinse', 600),
      operation('neutralise', 'neutralise', 300),
      operation('long', 'long', 3600),
      operation('after-long', 'after-long', 1800, { people: ['b'] }),
    ];
    const lags: Lag[] = [
      { from: 'rinse', anchor: 'finish', to: 'neutralise', minSeconds: 0, maxSeconds: null, rule: 'order' },
      { from: 'rinse', anchor: 'finish', to: 'long', minSeconds: 0, maxSeconds: null, rule: 'order' },
      { from: 'long', anchor: 'finish', to: 'after-long', minSeconds: 0, maxSeconds: null, rule: 'order' },
    ];
    const waitIn = (withinSeconds: number | null) => {
      const soon = withinSeconds === null ? [] : [{ after: ['rinse'], then: 'neutralise', withinSeconds }];
      const { placements, makespan } = searched(
        problem({ operations, lags, soon, people: ['a', 'b'], machines: {} }),
        400,
      );
      const at = (id: string) => placements.find((one) => one.operation === id);
      return { wait: (at('neutralise')?.start ?? 0) - (at('rinse')?.finish ?? 0), makespan };
    };
    expect(waitIn(300)).toEqual({ wait: 0, makespan: 6000 });
    // One person alone: it comes before the long work, though the day ends no sooner by that.
    const alone = (within: number) =>
      searched(
        problem({
          operations: operations.map((o) => ({ ...o, people: null })),
          lags,
          soon: [{ after: ['rinse'], then: 'neutralise', withinSeconds: within }],
        }),
        400,
      ).placements.map((one) => one.operation);
    expect(alone(300)).toEqual(['rinse', 'neutralise', 'long', 'after-long']);
  });

  it('ends by itself once a long cooling has brought nothing, and is never left without the best', () => {
    const operations = Array.from({ length: 9 }, (_, i) => operation(`o${i}`, `o${i}`, 60 * (i + 1)));
    const p = problem({ operations, people: ['a', 'b'] });
    let best = Infinity;
    let moves = 0;
    for (const schedule of solve(p, { seed: 1, budget: 1_000_000 })) {
      moves += 1;
      if (!schedule) continue;
      expect(schedule.makespan).toBeLessThanOrEqual(best);
      best = schedule.makespan;
    }
    expect(best).toBe(Math.ceil(45 / 2) * 60);
    expect(moves).toBeLessThan(50_000);
  });

  it('finds a schedule where the first order closes a window on itself', () => {
    // Whoever takes the long work first comes too late for what has its hours.
    const operations = [
      operation('long', 'long', 3600),
      operation('after-long', 'after-long', 3600),
      operation('early', 'early', 600, { starts: [{ from: 0, to: 300 }] }),
    ];
    const lags: Lag[] = [
      { from: 'long', anchor: 'finish', to: 'after-long', minSeconds: 0, maxSeconds: null, rule: 'order' },
    ];
    const p = problem({ operations, lags });
    const schedule = searched(p, 50);
    expect(scheduleViolations(p, schedule)).toEqual([]);
    expect(schedule.makespan).toBe(7800);
  });
});

describe('visits shaped like real ones', () => {
  it('have valid schedules of every size, never below their bound', () => {
    const seen = { held: 0, misted: 0, above: 0, quiet: 0 };
    for (const [size, seeds] of [
      [12, 12],
      [30, 6],
      [60, 3],
      [120, 1],
    ] as const)
      for (let seed = 1; seed <= seeds; seed += 1) {
        const p = visitProblem(100 * seed + size, size);
        const schedule = searched(p, 60);
        expect(scheduleViolations(p, schedule)).toEqual([]);
        expect(schedule.makespan).toBeGreaterThanOrEqual(lowerBound(p).seconds);
        if (p.holds.length > 0) seen.held += 1;
        if (p.lags.some(({ rule }) => rule === 'keep-wet')) seen.misted += 1;
        if (p.lags.some(({ rule }) => rule === 'gravity')) seen.above += 1;
        if (p.operations.some(({ starts }) => starts !== null)) seen.quiet += 1;
      }
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(5);
  });

  it('are gone through order by order where they are small: valid, and no longer than without that', () => {
    const seen = { shorter: 0, held: 0, watched: 0 };
    for (const size of [12, 16, 20])
      for (let seed = 1; seed <= 6; seed += 1) {
        const p = visitProblem(700 * seed + size, size);
        const [cooled, through] = [250, 1500].map((budget) => searched(p, budget));
        if (!cooled || !through) throw new Error('no schedule');
        expect(scheduleViolations(p, through)).toEqual([]);
        expect(through.makespan).toBeLessThanOrEqual(cooled.makespan);
        expect(through.makespan).toBeGreaterThanOrEqual(lowerBound(p).seconds);
        if (through.makespan < cooled.makespan) seen.shorter += 1;
        if (p.holds.length > 0) seen.held += 1;
        if (p.watches.length > 1) seen.watched += 1;
      }
    expect([seen.shorter > 0, seen.held > 5, seen.watched > 10]).toEqual([true, true, true]);
  });

  it('are found behind a packing as far as the search reaches, and are never said to have none', () => {
    for (const size of [12, 20, 30])
      for (let seed = 1; seed <= 6; seed += 1) {
        const { problem: p, makespan } = packedVisit(100 * seed + size, size);
        const schedule = searched(p, 600);
        expect(scheduleViolations(p, schedule)).toEqual([]);
        expect(lowerBound(p).seconds).toBeLessThanOrEqual(makespan);
        expect(schedule.makespan).toBeLessThan(1.35 * makespan);
      }
  });
});
