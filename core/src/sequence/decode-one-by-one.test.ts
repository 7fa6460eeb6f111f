import { describe, expect, it } from '@jest/globals';
import { scheduleViolations } from './check.ts';
import { CircularWait } from './cluster-order.ts';
import { clusterNetwork } from './cluster-network.ts';
import { compiled } from './compiled-problem.ts';
import { Decoder, NoPlace } from './decode.ts';
import { OneByOneDecoder } from './decode-one-by-one.ts';
import { byPriority } from './priority-order.ts';
import type { SequenceProblem } from './problem.ts';
import { scheduleCost } from './schedule-cost.ts';
import { seededRandom } from './seeded-random.ts';
import { operation, problem } from './small-problem.ts';
import { packedVisit, visitProblem } from './visit-problem.ts';
import type { Wishes } from './wishes.ts';

/** One person: what is applied dwells for 10 to 30 min, and there is a quarter of an hour of other work. */
const DWELL = problem({
  operations: [
    operation('apply', 'cycle', 600),
    operation('rinse', 'cycle', 300),
    operation('brush', 'brush', 900),
  ],
  lags: [{ from: 'apply', anchor: 'finish', to: 'rinse', minSeconds: 600, maxSeconds: 1800, rule: 'dwell' }],
});

const WAYS = [{ between: ['north', 'south'], seconds: 400 }] as const;

/** Placed by keys and people; null where something finds no place or the end comes too late. */
function placed(of: SequenceProblem, keys: readonly number[], people?: readonly number[], limit = Infinity) {
  const decoder = new Decoder(compiled(of));
  const placing = new OneByOneDecoder(decoder).place(
    Float64Array.from(keys),
    Int32Array.from(people ?? keys.map(() => -1)),
    limit,
  );
  let step = placing.next();
  while (!step.done) step = placing.next();
  return step.value === null ? null : decoder.schedule(step.value);
}

describe('operations placed one by one', () => {
  it('let what ends a dwell wait for what fits in before it, which whole clusters never do', () => {
    expect(placed(DWELL, [0, 2, 1])?.makespan).toBe(1800);
    const of = compiled(DWELL);
    for (const keys of [
      [0, 0, 1],
      [1, 1, 0],
    ]) {
      const placing = new Decoder(of).place(
        byPriority(of.clusters, Float64Array.from(keys)),
        Int32Array.of(-1, -1, -1),
      );
      expect(placing.next().value).toBe(2400);
    }
  });

  it('place a cluster whole where what ends it misses its time', () => {
    // The brush takes longer than what dwells may wait.
    const late = {
      ...DWELL,
      operations: DWELL.operations.map((o) => (o.id === 'brush' ? { ...o, seconds: 7200 } : o)),
    };
    const schedule = placed(late, [0, 2, 1]);
    expect(schedule && scheduleViolations(late, schedule)).toEqual([]);
    expect(schedule?.makespan).toBe(600 + 7200 + 600 + 600 + 300);
  });

  it('stop once they end too late', () => {
    expect(placed(DWELL, [0, 2, 1], [0, 0, 0], 1000)).toBeNull();
  });

  it('keep every rule, whatever is wanted when and by whom', () => {
    const random = seededRandom(7);
    const seen = { placed: 0, watched: 0, held: 0 };
    for (let n = 0; n < 200; n += 1) {
      const of =
        n % 2 === 0
          ? { ...visitProblem(n, 20 + (n % 40)), ways: WAYS }
          : packedVisit(n, 12 + (n % 30)).problem;
      const keys = of.operations.map(() => random() * 20_000);
      const people = of.operations.map(() => Math.floor(random() * (of.people.length + 1)) - 1);
      try {
        const schedule = placed(of, keys, people);
        if (!schedule) continue;
        expect(scheduleViolations(of, schedule)).toEqual([]);
        seen.placed += 1;
        seen.watched += of.watches.length;
        seen.held += of.holds.length;
      } catch (error) {
        if (!(error instanceof NoPlace || error instanceof CircularWait)) throw error;
      }
    }
    expect(seen.placed).toBeGreaterThan(150);
    expect(Math.min(seen.watched, seen.held)).toBeGreaterThan(200);
  });
});

/** What came of placing: the schedule and its cost, why there is none, or null where it costs too much. */
function outcome(decoder: Decoder, oneByOne: OneByOneDecoder, { keys, people }: Wishes, limit = Infinity) {
  try {
    const placing = oneByOne.place(keys, people, limit);
    let step = placing.next();
    while (!step.done) step = placing.next();
    if (step.value === null) return null;
    const { cost } = scheduleCost(decoder.of, decoder.board);
    return { cost, placements: decoder.schedule(step.value).placements };
  } catch (error) {
    if (error instanceof NoPlace) return { cost: Infinity, placements: error.message };
    throw error;
  }
}

describe('an order that begins as the one before did', () => {
  it('comes to the same as if all of it were placed', () => {
    const seen = { schedules: 0, without: 0 };
    const random = seededRandom(11);
    for (let n = 0; n < 24; n += 1) {
      const of = compiled(n % 2 === 0 ? visitProblem(n, 18 + n) : packedVisit(n, 12 + n).problem);
      const anyone = () => Math.floor(random() * (of.people + 1)) - 1;
      const decoder = new Decoder(of);
      const remembering = new OneByOneDecoder(decoder);
      const wishes = {
        keys: Float64Array.from(of.operations, () => random() * 20_000),
        people: Int32Array.from(of.operations, anyone),
      };
      for (let k = 0; k < 25; k += 1) {
        const any = Math.floor(random() * of.operations.length);
        if (k % 2 === 0) wishes.keys[any] = random() * 20_000;
        else wishes.people[any] = anyone();
        // Sometimes it stops half way, and goes on from there with the next.
        if (k % 5 === 4) outcome(decoder, remembering, wishes, 9000);
        const fresh = new Decoder(of);
        const whole = outcome(fresh, new OneByOneDecoder(fresh), wishes);
        expect(outcome(decoder, remembering, wishes)).toEqual(whole);
        seen[whole && whole.cost < Infinity ? 'schedules' : 'without'] += 1;
      }
    }
    expect(seen.schedules).toBeGreaterThan(300);
    expect(seen.without).toBeGreaterThan(0);
  });

  it('is given up only where it costs more than it may', () => {
    const random = seededRandom(5);
    let givenUp = 0;
    for (let n = 0; n < 40; n += 1) {
      const of = compiled({ ...visitProblem(n, 15 + n), roundWorthSeconds: 180 });
      const decoder = new Decoder(of);
      const oneByOne = new OneByOneDecoder(decoder);
      const wishes = {
        keys: Float64Array.from(of.operations, () => random() * 20_000),
        people: Int32Array.from(of.operations, () => -1),
      };
      const whole = outcome(decoder, oneByOne, wishes);
      if (!whole || whole.cost === Infinity) continue;
      expect(outcome(decoder, oneByOne, wishes, whole.cost + 1)).toEqual(whole);
      if (outcome(decoder, oneByOne, wishes, 0.9 * whole.cost) === null) givenUp += 1;
    }
    expect(givenUp).toBeGreaterThan(5);
  });
});

describe('what ties the operations of a cluster', () => {
  it('goes by all lags together: what lies between two must leave room for both', () => {
    const [cluster] = compiled(
      problem({
        operations: [operation('a', 'c', 60), operation('b', 'c', 60), operation('d', 'c', 60)],
        lags: [
          { from: 'a', anchor: 'start', to: 'b', minSeconds: 100, maxSeconds: null, rule: 'mist' },
          { from: 'b', anchor: 'finish', to: 'd', minSeconds: 40, maxSeconds: null, rule: 'dwell' },
          { from: 'a', anchor: 'start', to: 'd', minSeconds: 0, maxSeconds: 300, rule: 'dwell' },
        ],
      }),
    ).clusters;
    expect(cluster && clusterNetwork(cluster)).toEqual([
      [0, 100, 200],
      [-200, 0, 100],
      [-300, -200, 0],
    ]);
  });
});
