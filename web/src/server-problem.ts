import type { FieldConflict, SurveyFault } from '@etappe/core';

/** A person has to make room first. */
const STORAGE_FULL = 507;
/** Refused for how it came, not for what it is: no leave, too slow, by another name, too often. */
const OF_THE_WAY = [401, 403, 408, 421, 425, 429];

/** A problem document of the server, or that it could not be reached at all (status 0). */
export class ServerProblem extends Error {
  readonly status: number;
  readonly faults: readonly SurveyFault[];
  readonly conflicts: readonly FieldConflict[];
  constructor(
    status: number,
    detail: string,
    more: { faults?: readonly SurveyFault[]; conflicts?: readonly FieldConflict[] } = {},
  ) {
    super(detail);
    this.status = status;
    this.faults = more.faults ?? [];
    this.conflicts = more.conflicts ?? [];
  }
  /** Nothing is wrong with what was sent: trying again later can help, and a repeat is harmless. */
  get passes(): boolean {
    const { status } = this;
    return status === 0 || (status >= 500 && status !== STORAGE_FULL) || OF_THE_WAY.includes(status);
  }
}
