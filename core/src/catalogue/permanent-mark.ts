/** A mark that never comes out: an expectation of the customer, not a stage of the work. */
export interface PermanentMark {
  readonly id: string;
  readonly name: string;
  /** By what one recognises it. */
  readonly cue: string;
  /** What the customer should expect in writing. */
  readonly expectation: string;
}
