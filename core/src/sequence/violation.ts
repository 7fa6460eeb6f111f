import type { Operation } from './problem.ts';

/** One broken rule of a schedule. */
export interface Violation {
  readonly rule: string;
  readonly text: string;
}

/** An operation with who does it and when, in seconds from the start of the visit. */
export interface Done {
  readonly operation: Operation;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
}
