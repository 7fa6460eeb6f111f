import { describe, expect, it } from '@jest/globals';
import { after, operation as clusteredOperation, problem as problemOf } from './small-problem.ts';
import { clustersOf } from './cluster-order.ts';
import { lowerBound } from './lower-bound.ts';
import type { Lag, Operation, SequenceProblem } from './problem.ts';
import { seededRandom } from './seeded-random.ts';

const operation = (id: string, seconds: number, more: Partial<Operation> = {}): Operation =>
  clusteredOperation(id, id, seconds, more);
const problem = (more: Partial<SequenceProblem>): SequenceProblem =>
  problemOf({ people: ['a', 'b'], machines: {}, ...more });

describe('the least time of a visit', () => {
  it.each<[string, Partial<SequenceProblem>, number, RegExp]>([
    [
      'is the longest chain',
      { operations: [operation('x', 60), operation('y', 60)], lags: [after('x', 'y', 600)] },
      720,
      /chain/,
    ],
    [
      'is the work shared by the crew',
      { operations: ['1', '2', '3', '4'].map((n) => operation(n, 100)) },
      200,
      /shared/,
    ],
    [
      'is all the work of the one machine',
      {
        operations: ['1', '2', '3'].map((n) => operation(n, 100, { machines: ['washer'] })),
        machines: { washer: 1 },
      },
      300,
      /washer/,
    ],
    ['is nothing for nothing', {}, 0, /chain/],
  ])('%s', (_, given, seconds, because) => {
    const bound = lowerBound(problem(given));
    expect(bound.seconds).toBe(seconds);
    expect(bound.because).toMatch(because);
  });

  it('lets rinses of one chain overlap where only they wait for each other', () => {
    const tied = (n: string) => [
      operation(`apply-${n}`, 20, { cluster: n }),
      operation(`rinse-${n}`, 20, { cluster: n }),
    ];
    const dwell = (n: string): Lag => ({
      from: `apply-${n}`,
      anchor: 'start',
      to: `rinse-${n}`,
      minSeconds: 20,
      maxSeconds: 20,
      rule: 'dwell',
    });
    const bound = lowerBound(
      problem({
        operations: [...tied('1'), ...tied('2')],
        lags: [dwell('1'), dwell('2'), after('rinse-1', 'rinse-2')],
      }),
    );
    expect(bound.seconds).toBe(60);
  });
});

describe('clusters', () => {
  it('stand after those they wait for, with the longest way to the end', () => {
    const clusters = clustersOf(
      problem({
        operations: [operation('c', 5), operation('a', 10), operation('b', 20)],
        lags: [after('a', 'b'), after('b', 'c')],
      }),
    );
    expect(clusters.map((c) => [c.id, c.tail])).toEqual([
      ['a', 35],
      ['b', 25],
      ['c', 5],
    ]);
  });

  it('that wait for each other are named', () => {
    expect(() =>
      clustersOf(
        problem({
          operations: [operation('a', 1), operation('b', 1), operation('c', 1)],
          lags: [after('a', 'b'), after('b', 'a')],
        }),
      ),
    ).toThrow('these wait for each other, so none can begin: a, b');
  });
});

describe('seeded numbers', () => {
  it('repeat for the same seed, differ for another, and stay in their span', () => {
    const draw = (seed: number) => {
      const random = seededRandom(seed);
      return Array.from({ length: 200 }, () => random());
    };
    expect(draw(1)).toEqual(draw(1));
    expect(draw(1)).not.toEqual(draw(2));
    expect(draw(7).every((n) => n >= 0 && n < 1)).toBe(true);
  });
});
