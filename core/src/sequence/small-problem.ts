import { NO_SET_UP } from './problem.ts';
import type { Lag, Operation, SequenceProblem } from './problem.ts';

/** A piece of work that anybody may do at any time at the wall. */
export const operation = (
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
  people: null,
  starts: null,
  begins: NO_SET_UP,
  ends: NO_SET_UP,
  round: id,
  ...more,
});

/** The second begins once the first is through, and so much later at least. */
export const after = (from: string, to: string, minSeconds = 0): Lag => ({
  from,
  anchor: 'finish',
  to,
  minSeconds,
  maxSeconds: null,
  rule: 'order',
});

/** A visit of one person with a hose and two sprayers, who changes in no time. */
export const problem = (more: Partial<SequenceProblem>): SequenceProblem => ({
  operations: [],
  lags: [],
  watches: [],
  holds: [],
  fronts: [],
  pins: [],
  soon: [],
  hours: [],
  apart: [],
  people: ['a'],
  machines: { hose: 1, sprayer: 2 },
  stayingSeconds: 0,
  roundWorthSeconds: 0,
  roundPauseSeconds: 600,
  ways: [],
  setUpSeconds: { place: 0, tool: 0, mix: 0 },
  watchesPerPerson: 2,
  ...more,
});
