import { describe, expect, it } from '@jest/globals';
import fc from 'fast-check';
import { Contradiction, contradiction, leastStarts } from './contradiction.ts';
import type { Binding } from './contradiction.ts';
import { NoPlace } from './decode.ts';
import type { Lag, SequenceProblem } from './problem.ts';
import { operation, problem } from './small-problem.ts';
import { solve } from './solve.ts';

const IDS = ['p', 'q', 'r', 's', 't'];
const id = fc.constantFrom(...IDS);
const lagOf = fc.record({
  from: id,
  to: id,
  anchor: fc.constantFrom('start' as const, 'finish' as const),
  minSeconds: fc.nat(300),
  slack: fc.option(fc.nat(400), { nil: null }),
});
const visit = fc
  .record({
    seconds: fc.array(fc.integer({ min: 30, max: 600 }), { minLength: 5, maxLength: 5 }),
    lags: fc.array(lagOf, { maxLength: 7 }),
    hours: fc.array(fc.option(fc.record({ from: fc.nat(1500), long: fc.nat(900) }), { nil: null }), {
      minLength: 5,
      maxLength: 5,
    }),
  })
  .map(({ seconds, lags, hours }): SequenceProblem => {
    const tied = lags.filter(({ from, to }) => from !== to);
    return problem({
      people: ['a', 'b', 'c', 'd', 'e'],
      operations: IDS.map((own, i) => {
        const span = hours[i];
        // All in one cluster: greatest lags tie them.
        return operation(own, 'one', seconds[i] ?? 60, {
          starts: span ? [{ from: span.from, to: span.from + span.long }] : null,
        });
      }),
      lags: tied.map(({ slack, ...lag }): Lag => ({
        ...lag,
        maxSeconds: slack === null ? null : lag.minSeconds + slack,
        rule: 'tied',
      })),
    });
  });

/** A problem that holds nothing but some of the things of a contradiction. */
function only(own: SequenceProblem, bindings: readonly Binding[]): SequenceProblem {
  const hours = (of: string, kind: 'opens' | 'closes') =>
    bindings.find((binding) => binding.kind === kind && binding.operation === of);
  return {
    ...own,
    lags: bindings.flatMap((binding) => (binding.kind === 'lag' ? [binding.lag] : [])),
    operations: own.operations.map((one) => {
      const [opens, closes] = [hours(one.id, 'opens'), hours(one.id, 'closes')];
      const at = (binding: Binding | undefined, none: number) =>
        binding && binding.kind !== 'lag' ? binding.at : none;
      return { ...one, starts: opens || closes ? [{ from: at(opens, 0), to: at(closes, 1e9) }] : null };
    }),
  };
}

describe('what contradicts itself', () => {
  it('is a circle of lags and hours, each of which is needed for it', () => {
    const seen = { none: 0, lags: 0, hours: 0 };
    fc.assert(
      fc.property(visit, (own) => {
        const found = contradiction(own);
        if (!found) {
          seen.none += 1;
          expect(leastStarts(own)?.size).toBe(6);
          return;
        }
        seen[found.some(({ kind }) => kind === 'closes') ? 'hours' : 'lags'] += 1;
        expect(leastStarts(own)).toBeNull();
        expect(contradiction(only(own, found))).not.toBeNull();
        for (const binding of found)
          expect(
            contradiction(
              only(
                own,
                found.filter((other) => other !== binding),
              ),
            ),
          ).toBeNull();
      }),
      { numRuns: 400 },
    );
    for (const count of Object.values(seen)) expect(count).toBeGreaterThan(15);
  });

  it('is never told of what has a schedule', () => {
    let solved = 0;
    fc.assert(
      fc.property(visit, (own) => {
        try {
          if (![...solve(own, { seed: 1, budget: 4 })].some((schedule) => schedule !== null)) return;
        } catch (error) {
          if (error instanceof NoPlace || error instanceof Contradiction) return;
          throw error;
        }
        solved += 1;
        expect(contradiction(own)).toBeNull();
      }),
      { numRuns: 200 },
    );
    expect(solved).toBeGreaterThan(40);
  });

  it('tells when each is begun at the earliest', () => {
    const lags: Lag[] = [
      { from: 'p', anchor: 'finish', to: 'q', minSeconds: 60, maxSeconds: null, rule: 'r' },
    ];
    const operations = [
      operation('p', 'p', 600, { starts: [{ from: 120, to: 900 }] }),
      operation('q', 'q', 60),
    ];
    expect(leastStarts(problem({ operations, lags }))?.get('q')).toBe(780);
  });
});
