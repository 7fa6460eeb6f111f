/** What is wrong in a tape expression, where, and the way out. Positions count UTF-16 units from 0. */
export interface TapeFault {
  readonly message: string;
  readonly position: number;
  readonly length: number;
  /** A text that could stand at the position instead. */
  readonly proposal?: string;
}

/** Carries a {@link TapeFault} out of the reader; never leaves this folder. */
export class TapeError extends Error {
  readonly fault: TapeFault;
  constructor(fault: TapeFault) {
    super(fault.message);
    this.fault = fault;
  }
}
