import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { scheduleViolations } from './check.ts';
import { CircularWait } from './cluster-order.ts';
import { lowerBound } from './lower-bound.ts';
import type { Lag, Operation, SequenceProblem, WorkedFront } from './problem.ts';
import { solve } from './solve.ts';

const operation = (
  id: string,
  cluster: string,
  seconds: number,
  more: Partial<Operation> = {},
): Operation => ({
  id,
  cluster,
  seconds,
  machines: [],
  zone: 'north',
  place: 'wall',
  person: null,
  ...more,
});
const problem = (more: Partial<SequenceProblem>): SequenceProblem => ({
  operations: [],
  lags: [],
  watches: [],
  fronts: [],
  apart: [],
  people: ['a'],
  machines: { hose: 1, sprayer: 2 },
  watchesPerPerson: 2,
  ...more,
});
/** Two strips: applied at, finished at, mists at. */
const STRIPS = [
  [0, 80],
  [20, 120],
] as const;
const best = (p: SequenceProblem, budget = 6) => {
  const last = [...solve(p, { seed: 1, budget })].findLast((s) => s !== null);
  if (!last) throw new Error('no schedule');
  return last;
};

/** A random visit: cycles of apply and rinse with a dwell between, some after others, some below others. */
const cycle = fc.record({
  apply: fc.integer({ min: 20, max: 300 }),
  rinse: fc.integer({ min: 20, max: 600 }),
  earliest: fc.integer({ min: 0, max: 900 }),
  freedom: fc.integer({ min: 0, max: 400 }),
  zone: fc.constantFrom('north', 'east'),
  place: fc.constantFrom('roof', 'wall', 'yard'),
  mist: fc.boolean(),
  afterNth: fc.option(fc.nat(10)),
});
const visit = fc
  .record({
    cycles: fc.array(cycle, { minLength: 1, maxLength: 14 }),
    crew: fc.integer({ min: 1, max: 4 }),
    hoses: fc.integer({ min: 1, max: 2 }),
  })
  .map(({ cycles, crew, hoses }): SequenceProblem => {
    const operations: Operation[] = [];
    const lags: Lag[] = [];
    cycles.forEach((c, i) => {
      const id = String(i);
      const at = { zone: c.zone, place: c.place };
      const start = Math.max(c.earliest, c.apply);
      operations.push(operation(`apply-${id}`, id, c.apply, { ...at, machines: ['sprayer'] }));
      if (c.mist && c.earliest > c.apply + 60) {
        operations.push(operation(`mist-${id}`, id, 10, { ...at, machines: ['sprayer'] }));
        lags.push({
          from: `apply-${id}`,
          anchor: 'finish',
          to: `mist-${id}`,
          minSeconds: 0,
          maxSeconds: start - c.apply,
          rule: 'keep-wet',
        });
      }
      operations.push(operation(`rinse-${id}`, id, c.rinse, { ...at, machines: ['hose'] }));
      lags.push({
        from: `apply-${id}`,
        anchor: 'start',
        to: `rinse-${id}`,
        minSeconds: start,
        maxSeconds: start + c.freedom,
        rule: 'dwell',
      });
      if (c.afterNth !== null && c.afterNth < i) {
        lags.push({
          from: `rinse-${c.afterNth}`,
          anchor: 'finish',
          to: `rinse-${id}`,
          minSeconds: 0,
          maxSeconds: null,
          rule: 'gravity',
        });
      }
    });
    return problem({
      operations,
      lags,
      watches: cycles.map((c, i) => ({ from: `apply-${i}`, to: `rinse-${i}`, zone: c.zone })),
      apart: [
        ['roof', 'wall'],
        ['wall', 'yard'],
      ],
      people: ['a', 'b', 'c', 'd'].slice(0, crew),
      machines: { hose: hoses, sprayer: 2 },
    });
  });

describe('a solved visit', () => {
  it('breaks no rule: nobody and no machine twice at once, every lag kept, no dwell overrun, watches kept', () => {
    fc.assert(
      fc.property(visit, (p) => {
        const schedule = best(p, 3);
        expect(scheduleViolations(p, schedule)).toEqual([]);
        expect(schedule.makespan).toBeGreaterThanOrEqual(lowerBound(p).seconds);
      }),
      { numRuns: 200 },
    );
  });

  it('is the same for the same seed, and never worse with a larger budget', () => {
    fc.assert(
      fc.property(visit, (p) => {
        expect(best(p, 4)).toEqual(best(p, 4));
        expect(best(p, 8).makespan).toBeLessThanOrEqual(best(p, 2).makespan);
      }),
      { numRuns: 30 },
    );
  });

  it('uses the dwell of one section for work on another', () => {
    const two = problem({
      operations: ['1', '2'].flatMap((n) => [
        operation(`apply-${n}`, n, 60, { machines: ['sprayer'] }),
        operation(`rinse-${n}`, n, 120, { machines: ['hose'] }),
      ]),
      lags: ['1', '2'].map(
        (n) =>
          ({
            from: `apply-${n}`,
            anchor: 'start',
            to: `rinse-${n}`,
            minSeconds: 600,
            maxSeconds: 900,
            rule: 'dwell',
          }) as const,
      ),
      watches: ['1', '2'].map((n) => ({ from: `apply-${n}`, to: `rinse-${n}`, zone: 'north' })),
    });
    expect(best(two).makespan).toBe(840);
  });

  it('of nothing ends at once', () => {
    expect(best(problem({})).makespan).toBe(0);
  });

  it('names what waits for each other', () => {
    const lag = (from: string, to: string): Lag => ({
      from,
      anchor: 'finish',
      to,
      minSeconds: 0,
      maxSeconds: null,
      rule: 'gravity',
    });
    const loop = problem({
      operations: [operation('x', 'x', 1), operation('y', 'y', 1)],
      lags: [lag('x', 'y'), lag('y', 'x')],
    });
    expect(() => best(loop)).toThrow(CircularWait);
  });

  it('says which machine is not there', () => {
    expect(() => best(problem({ operations: [operation('wash', 'w', 60, { machines: ['lift'] })] }))).toThrow(
      'there is no lift',
    );
  });
});

describe('the checker', () => {
  const p = problem({
    operations: [
      operation('apply', 'c', 60),
      operation('rinse', 'c', 60),
      operation('other', 'o', 60, { zone: 'east' }),
    ],
    lags: [{ from: 'apply', anchor: 'start', to: 'rinse', minSeconds: 600, maxSeconds: 700, rule: 'dwell' }],
    watches: [{ from: 'apply', to: 'rinse', zone: 'north' }],
    fronts: [
      {
        id: 'front',
        cycle: 'cycle',
        strips: [
          {
            apply: [{ operation: 'apply', from: 0, to: 60 }],
            finish: [{ operation: 'rinse', from: 0, to: 60 }],
            mists: [],
          },
        ],
        leastSeconds: 540,
        mostSeconds: 760,
        dryAfterSeconds: null,
      },
    ],
  });
  const schedule = (apply: number, rinse: number, other: number, person = 'a') => ({
    placements: [
      { operation: 'apply', person: 'a', start: apply, finish: apply + 60 },
      { operation: 'rinse', person: 'a', start: rinse, finish: rinse + 60 },
      { operation: 'other', person, start: other, finish: other + 60 },
    ],
    makespan: Math.max(rinse, other) + 60,
  });
  it.each<[string, ReturnType<typeof schedule>, string[]]>([
    ['passes a good schedule', schedule(0, 600, 660), []],
    ['sees a late rinse', schedule(0, 800, 860), ['dwell', 'late-rinse']],
    ['sees a short dwell', schedule(0, 500, 560), ['dwell', 'dwell-too-short']],
    ['sees a section left alone', schedule(0, 600, 100), ['watches']],
    ['sees a person in two places', schedule(0, 600, 630), ['one-place']],
    ['sees a stranger', schedule(0, 600, 660, 'z'), ['people']],
    ['sees a wrong end', { ...schedule(0, 600, 660), makespan: 1 }, ['makespan']],
    ['sees missing work', { placements: [], makespan: 0 }, ['all', 'all', 'all']],
  ])('%s', (_, given, rules) => {
    expect(scheduleViolations(p, given).map((v) => v.rule)).toEqual(rules);
  });

  const front = (more: Partial<WorkedFront> = {}, strips: readonly (readonly number[])[] = STRIPS) =>
    problem({
      operations: [operation('front', 'c', 240)],
      fronts: [
        {
          id: 'front',
          cycle: 'cycle',
          strips: strips.map(([apply = 0, finish = 0, ...mists]) => ({
            apply: [{ operation: 'front', from: apply, to: apply + 20 }],
            finish: [{ operation: 'front', from: finish, to: finish + 40 }],
            mists: mists.map((at) => ({ operation: 'front', from: at, to: at + 10 })),
          })),
          leastSeconds: 40,
          mostSeconds: 140,
          dryAfterSeconds: null,
          ...more,
        },
      ],
    });
  /** The same on two surfaces, within one operation. */
  const twoSurfaces = (second: readonly [number, number]) => {
    const [one] = front({}, [[0, 80]]).fronts;
    const [other] = front({ id: 'other' }, [second]).fronts;
    return { ...front(), fronts: [one, other].flatMap((f) => f ?? []) };
  };
  it.each<[string, SequenceProblem, string[]]>([
    ['passes a good front', front(), []],
    ['sees a strip that is finished too soon', front({ leastSeconds: 70 }), ['dwell-too-short']],
    ['sees one that is on too long', front({ mostSeconds: 100 }), ['late-rinse', 'late-rinse']],
    ['sees one that dries', front({ dryAfterSeconds: 50 }), ['keep-wet', 'keep-wet']],
    [
      'sees it kept wet',
      front({ dryAfterSeconds: 50 }, [
        [0, 80, 60],
        [20, 120, 70],
      ]),
      [],
    ],
    [
      'sees two strips at once',
      front({}, [
        [0, 80],
        [30, 110],
      ]),
      ['one-place'],
    ],
    [
      'sees a strip beyond its work',
      front({}, [
        [0, 80],
        [20, 230],
      ]),
      ['front', 'late-rinse'],
    ],
    ['passes two surfaces in one front', twoSurfaces([20, 120]), []],
    ['sees somebody at two surfaces at once', twoSurfaces([20, 100]), ['one-place']],
  ])('%s', (_, given, rules) => {
    const placements = [{ operation: 'front', person: 'a', start: 0, finish: 240 }];
    expect(scheduleViolations(given, { placements, makespan: 240 }).map((v) => v.rule)).toEqual(rules);
  });
});
