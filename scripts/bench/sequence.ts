import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { lowerBound } from '../../core/src/sequence/lower-bound.ts';
import type { SequenceProblem } from '../../core/src/sequence/problem.ts';
import { solve } from '../../core/src/sequence/solve.ts';
import { packedVisit, visitProblem } from '../../core/src/sequence/visit-problem.ts';
import { ROOT } from '../provision.mjs';
import { median, ms } from './times.ts';
import type { Row } from './times.ts';

/** What is the best that anybody has found for a visit, and how it was found. */
export interface BestKnown {
  readonly seconds: number;
  readonly how: 'hidden answer' | 'proved by a lazy-clause solver' | 'meets its bound' | 'long run';
}

export interface Instance {
  readonly name: string;
  readonly problem: SequenceProblem;
  /** The finish of the schedule that it was made from. */
  readonly hidden: number | null;
}

interface Group {
  readonly what: string;
  readonly target: string;
  readonly milliseconds: number;
  readonly instances: readonly Instance[];
}

export const BEST_KNOWN = join(ROOT, 'scripts/bench/sequence-best.json');
/** How many operations, how many visits of them, the target, and the time for one, ms. */
const SIZES = [
  [12, 20, 'optimal on 95 %, never above 1 %, in 1 s', 1000],
  [20, 20, 'optimal on 95 %, never above 1 %, in 1 s', 1000],
  [30, 10, 'mean 1.5 % in 1 s', 1000],
  [60, 5, 'mean 2 % in 2 s', 2000],
  [120, 5, 'mean 2 %, worst 4 % in 5 s', 5000],
  [400, 5, 'first in 100 ms, 3 % in 10 s', 10_000],
] as const;
const PACKED = [12, 20, 30, 60] as const;

const seedsTo = (count: number) => Array.from({ length: count }, (_, i) => i + 1);

/** Visits of each size, and packed ones. */
export function sequenceGroups(): readonly Group[] {
  return [
    ...SIZES.map(([size, count, target, milliseconds]) => ({
      what: `visits of ${size} operations`,
      target,
      milliseconds,
      instances: seedsTo(count).map((seed) => ({
        name: `visit-${size}-${seed}`,
        problem: visitProblem(1000 * seed + size, size),
        hidden: null,
      })),
    })),
    {
      what: `packed visits of ${PACKED.join(', ')} operations, everybody busy`,
      target: '4 % in 2 s',
      milliseconds: 2000,
      instances: PACKED.flatMap((size) =>
        seedsTo(3).map((seed) => {
          const { problem, makespan } = packedVisit(1000 * seed + size, size);
          return { name: `packed-${size}-${seed}`, problem, hidden: makespan };
        }),
      ),
    },
  ];
}

/** The best of a search in so many milliseconds, and when its first schedule was there. */
export function searched(
  problem: SequenceProblem,
  seed: number,
  milliseconds: number,
  isRestless = false,
): { readonly seconds: number; readonly firstAfter: number } {
  const began = performance.now();
  let seconds = Infinity;
  let firstAfter = Infinity;
  for (const schedule of solve(problem, { seed, budget: Infinity, isRestless })) {
    const passed = performance.now() - began;
    if (schedule) {
      if (seconds === Infinity) firstAfter = passed;
      seconds = Math.min(seconds, schedule.makespan);
    }
    if (passed > milliseconds && seconds < Infinity) break;
  }
  return { seconds, firstAfter };
}

/** How far the search stays behind the best that is known, in the time that it has. */
export function sequenceRows(): Row[] {
  const best = JSON.parse(readFileSync(BEST_KNOWN, 'utf8')) as Readonly<Record<string, BestKnown>>;
  return sequenceGroups().map(({ what, target, milliseconds, instances }): Row => {
    const runs = instances.map(({ name, problem }) => {
      const known = best[name]?.seconds ?? lowerBound(problem).seconds;
      const { seconds, firstAfter } = searched(problem, 1, milliseconds);
      return { excess: 100 * (seconds / known - 1), firstAfter };
    });
    const excess = runs.map((run) => run.excess);
    const mean = excess.reduce((sum, one) => sum + one, 0) / excess.length;
    const met = excess.filter((one) => one <= 0).length;
    return [
      `the sequence of ${what} beside the best known`,
      target,
      `mean ${mean.toFixed(1)} %, worst ${Math.max(...excess).toFixed(1)} %, met on ${met} of ${runs.length}; first schedule after ${ms(median(runs.map((run) => run.firstAfter)))}`,
    ];
  });
}
