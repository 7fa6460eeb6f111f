import { executedDays } from '../../core/src/risk/executed-day.ts';
import { solve } from '../../core/src/sequence/solve.ts';
import { visitProblem } from '../../core/src/sequence/visit-problem.ts';
import { median, ms } from './times.ts';
import type { Row } from './times.ts';

const OPERATIONS = 60;
const RUNS = 2000;
const SEEDS = [1, 2, 3, 4, 5];

/** A day of so many operations, worked so many times. */
export function riskRows(): Row[] {
  const times = SEEDS.map((seed) => {
    const problem = visitProblem(1000 * seed + OPERATIONS, OPERATIONS);
    const schedule = [...solve(problem, { seed, budget: 20 })].findLast((found) => found !== null);
    if (!schedule) throw new Error(`visit ${seed} has no schedule`);
    const began = performance.now();
    executedDays(problem, schedule, { runs: RUNS, seed, spreadOf: () => 0.12, daySpread: 0.05 });
    return performance.now() - began;
  });
  return [
    [
      `${RUNS} runs of a day of ${OPERATIONS} operations`,
      '1 s',
      `${ms(median(times))}, at most ${ms(Math.max(...times))}`,
    ],
  ];
}
