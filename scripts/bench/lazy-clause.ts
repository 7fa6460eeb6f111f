import { createRequire } from 'node:module';
import { join } from 'node:path';
import { Worker } from 'node:worker_threads';
import { scheduleViolations } from '../../core/src/sequence/check.ts';
import type { Schedule, SequenceProblem } from '../../core/src/sequence/problem.ts';
import { ROOT } from '../provision.mjs';
import { clauseModel } from './clause-model.ts';

/** What a lazy-clause solver says of a visit. */
export interface Proof {
  /** The finish of the best that it found and our checker passes; null without any. */
  readonly seconds: number | null;
  /** No schedule ends before this; null where it was not through in its time. */
  readonly atLeast: number | null;
}

interface Answer {
  readonly s: readonly number[];
  readonly p: readonly number[];
  readonly finish: number;
}

type Message =
  | { readonly type: 'ready' | 'exit' }
  | { readonly type: 'solution'; readonly output: { readonly json: Answer } }
  | { readonly type: 'status'; readonly status: string }
  | { readonly type: 'error'; readonly message: string };

const require = createRequire(import.meta.url);
const FILES = {
  wasmURL: require.resolve('minizinc/minizinc.wasm'),
  dataURL: require.resolve('minizinc/minizinc.data'),
};
const THREAD = join(ROOT, 'scripts/bench/clause-thread.mjs');

/**
 * Asks a lazy-clause solver for the least finish of a visit.
 * @param known a finish that can be had, s
 * @throws Error what the solver says of a model that it does not take
 */
export function proved(problem: SequenceProblem, known: number, milliseconds: number): Promise<Proof> {
  const { text, unitSeconds } = clauseModel(problem, known);
  return new Promise((resolve, reject) => {
    const thread = new Worker(THREAD);
    let answer: Answer | null = null;
    let status = '';
    const end = () => {
      clearTimeout(timer);
      void thread.terminate();
      resolve(proofOf(problem, answer, status === 'OPTIMAL_SOLUTION', unitSeconds));
    };
    const timer = setTimeout(end, milliseconds);
    thread.on('error', reject);
    thread.on('message', (message: Message) => {
      if (message.type === 'ready') {
        const args = ['-i', '--output-mode', 'json', '--solver', 'chuffed', '-f', 'visit.mzn'];
        thread.postMessage({ jsonStream: true, files: { 'visit.mzn': text }, args });
      } else if (message.type === 'solution') answer = message.output.json;
      else if (message.type === 'status') status = message.status;
      else if (message.type === 'error') reject(new Error(message.message));
      else end();
    });
    thread.postMessage(FILES);
  });
}

function proofOf(problem: SequenceProblem, answer: Answer | null, isBest: boolean, unit: number): Proof {
  if (!answer) return { seconds: null, atLeast: null };
  const makespan = answer.finish * unit;
  const schedule: Schedule = {
    makespan,
    placements: problem.operations.map(({ id, seconds }, i) => {
      const start = (answer.s[i] ?? 0) * unit;
      const person = problem.people[(answer.p[i] ?? 0) - 1] ?? '';
      return { operation: id, person, start, finish: start + seconds };
    }),
  };
  const isValid = scheduleViolations(problem, schedule).length === 0;
  return { seconds: isValid ? makespan : null, atLeast: isBest ? makespan : null };
}
