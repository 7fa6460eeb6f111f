import { describe, expect, it } from '@jest/globals';
import { operation, problem } from '../sequence/small-problem.ts';
import { solve } from '../sequence/solve.ts';
import { visitProblem } from '../sequence/visit-problem.ts';
import type { Lag, Schedule, SequenceProblem } from '../sequence/problem.ts';
import { executedDays, quantile } from './executed-day.ts';

const RUNS = 4000;
const executed = (
  p: SequenceProblem,
  schedule: Schedule,
  more: Partial<Parameters<typeof executedDays>[2]> = {},
) => executedDays(p, schedule, { runs: RUNS, seed: 7, spreadOf: () => 0.3, daySpread: 0, ...more });
const planned = (...placed: readonly (readonly [string, string, number, number])[]): Schedule => ({
  placements: placed.map(([id, person, start, finish]) => ({ operation: id, person, start, finish })),
  makespan: Math.max(...placed.map(([, , , finish]) => finish)),
});
/** Of a standard normal number, by the error function of Abramowitz and Stegun 7.1.26. */
function phi(x: number): number {
  const t = 1 / (1 + (0.3275911 * Math.abs(x)) / Math.SQRT2);
  const tail =
    ((((1.061405429 * t - 1.453152027) * t + 1.421413741) * t - 0.284496736) * t + 0.254829592) * t;
  const erf = 1 - tail * Math.exp((-x * x) / 2);
  return (1 + Math.sign(x) * erf) / 2;
}
const share = (finishes: Float64Array, by: number) =>
  finishes.filter((at) => at <= by).length / finishes.length;
/** Three standard deviations of a share that is counted. */
const margin = 1.5 / Math.sqrt(RUNS);

describe('a day as it turns out', () => {
  it('of two who work side by side ends as the product of their chances says', () => {
    const p = problem({
      operations: [operation('one', 'one', 3600), operation('other', 'other', 3000)],
      people: ['a', 'b'],
    });
    const { finishes, critical } = executed(p, planned(['one', 'a', 0, 3600], ['other', 'b', 0, 3000]));
    const by = (seconds: number, at: number) => phi(Math.log(at / seconds) / 0.3);
    for (const at of [3000, 3600, 4200, 5000])
      expect(Math.abs(share(finishes, at) - by(3600, at) * by(3000, at))).toBeLessThan(margin);
    // The other is longer with the chance that one normal number exceeds another.
    const chance = 1 - phi(Math.log(3600 / 3000) / (0.3 * Math.SQRT2));
    expect(Math.abs((critical.get('other') ?? 0) / RUNS - chance)).toBeLessThan(margin);
    expect((critical.get('one') ?? 0) + (critical.get('other') ?? 0)).toBe(RUNS);
  });

  it('takes the middle where one thing is done, and moves as a whole where the day does', () => {
    const p = problem({ operations: [operation('one', 'one', 3600)] });
    const alone = executed(p, planned(['one', 'a', 0, 3600]));
    expect(Math.abs(quantile(alone.finishes, 0.5) / 3600 - 1)).toBeLessThan(0.02);
    expect(Math.abs(quantile(alone.finishes, 0.9) / (3600 * Math.exp(0.3 * 1.2816)) - 1)).toBeLessThan(0.03);
    const both = executed(p, planned(['one', 'a', 0, 3600]), { spreadOf: () => 0.3, daySpread: 0.4 });
    expect(Math.abs(quantile(both.finishes, 0.9) / (3600 * Math.exp(0.5 * 1.2816)) - 1)).toBeLessThan(0.05);
  });

  it('counts what is rinsed later than it may be, by the chance that who comes is held up', () => {
    // Applied, left, and rinsed by the same person after something else, which has five minutes to spare.
    const lags: Lag[] = [
      { from: 'apply', anchor: 'finish', to: 'rinse', minSeconds: 600, maxSeconds: 1500, rule: 'dwell' },
    ];
    const p = problem({
      operations: [
        operation('apply', 'c', 600),
        operation('else', 'else', 1200),
        operation('rinse', 'c', 600),
      ],
      lags,
    });
    const day = planned(['apply', 'a', 0, 600], ['else', 'a', 600, 1800], ['rinse', 'a', 1800, 2400]);
    const { late } = executed(p, day);
    const chance = 1 - phi(Math.log(1500 / 1200) / 0.3);
    expect(Math.abs((late.get('rinse') ?? 0) / RUNS - chance)).toBeLessThan(margin);
    expect(executed(p, day, { spreadOf: () => 0 }).late.size).toBe(0);
  });

  it('counts a front that dwells too long because whoever works it is slow', () => {
    const strip = {
      apply: [{ operation: 'front', from: 0, to: 300 }],
      finish: [{ operation: 'front', from: 600, to: 900 }],
      mists: [],
    };
    const fronts = [
      { id: 'f', cycle: 'c', strips: [strip], leastSeconds: 300, mostSeconds: 1080, dryAfterSeconds: null },
    ];
    const p = problem({ operations: [operation('front', 'front', 900)], fronts });
    const { late } = executed(p, planned(['front', 'a', 0, 900]));
    // Ten minutes of work, and five that it must dwell: slower hands have thirteen minutes for theirs.
    expect(Math.abs((late.get('f') ?? 0) / RUNS - (1 - phi(Math.log(780 / 600) / 0.3)))).toBeLessThan(margin);
  });

  it('counts a front that dries before it is misted or finished on days that dry faster than expected', () => {
    const span = (from: number, to: number) => [{ operation: 'front', from, to }];
    const strip = { apply: span(0, 300), mists: span(700, 720), finish: span(1000, 1200) };
    const fronts = [
      { id: 'f', cycle: 'c', strips: [strip], leastSeconds: 300, mostSeconds: 9000, dryAfterSeconds: 500 },
    ];
    const p = problem({ operations: [operation('front', 'front', 1200)], fronts });
    const day = planned(['front', 'a', 0, 1200]);
    const { late } = executed(p, day, { spreadOf: () => 0, weatherSpread: 0.2 });
    // It stands 400 s after its application, of 500 that it stays wet.
    expect(Math.abs((late.get('f') ?? 0) / RUNS - phi(Math.log(400 / 500) / 0.2))).toBeLessThan(margin);
    expect(executed(p, day, { spreadOf: () => 0 }).late.size).toBe(0);
  });

  it('goes on after the quiet hours with what was not done before them, and comes in its hours', () => {
    // Quiet from 3600 to 7200 s; the work of 3000 s begins at 0 and takes longer on some days.
    const p = problem({
      operations: [
        operation('wash', 'wash', 3000, {
          starts: [
            { from: 0, to: 600 },
            { from: 7200, to: 99_000 },
          ],
        }),
      ],
    });
    const { finishes } = executed(p, planned(['wash', 'a', 0, 3000]));
    expect(finishes.filter((at) => at > 3600 && at < 7200)).toHaveLength(0);
    const onTime = phi(Math.log(3600 / 3000) / 0.3);
    expect(Math.abs(share(finishes, 3600) - onTime)).toBeLessThan(margin);
    const twice = phi(Math.log(4600 / 3000) / 0.3);
    expect(Math.abs(share(finishes, 8200) - twice)).toBeLessThan(margin);
  });

  it('ends no later than planned, and nothing comes late, where everything takes as long as planned', () => {
    const seen = { earlier: 0, held: 0, tied: 0 };
    for (const [size, seeds] of [
      [12, 20],
      [30, 12],
      [60, 4],
    ] as const)
      for (let seed = 1; seed <= seeds; seed += 1) {
        const p = visitProblem(300 * seed + size, size);
        const schedule = [...solve(p, { seed, budget: 20 })].findLast((s) => s !== null);
        if (!schedule) throw new Error('no schedule');
        const { finishes, late } = executed(p, schedule, { runs: 1, spreadOf: () => 0 });
        expect(finishes[0]).toBeLessThanOrEqual(schedule.makespan);
        expect([...late.keys()]).toEqual([]);
        if ((finishes[0] ?? 0) < schedule.makespan) seen.earlier += 1;
        if (p.holds.length > 0) seen.held += 1;
        if (p.lags.some(({ maxSeconds }) => maxSeconds !== null)) seen.tied += 1;
      }
    expect(seen.held).toBeGreaterThan(10);
    expect(seen.tied).toBeGreaterThan(10);
  });

  it('meets the same luck for the same seed, so that help shows by itself', () => {
    const p = visitProblem(4060, 60);
    const schedule = [...solve(p, { seed: 1, budget: 20 })].findLast((s) => s !== null);
    if (!schedule) throw new Error('no schedule');
    const [one, again] = [executed(p, schedule), executed(p, schedule)];
    expect([...again.finishes]).toEqual([...one.finishes]);
    const helped = executed(p, schedule, { factorOf: () => 0.8 });
    for (const share of [0.1, 0.5, 0.9])
      expect(quantile(helped.finishes, share)).toBeLessThan(quantile(one.finishes, share));
  });
});
