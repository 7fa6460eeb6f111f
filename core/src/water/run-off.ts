import { requireSpan } from '../quantity/span.ts';

/** Water that comes onto faces, and what becomes of it. */
export interface RunOffInput {
  readonly appliedLitres: number;
  readonly rinseLitres: number;
  /** Share that leaves the faces, 0 to 1. */
  readonly leavingShare: number;
  /** What may be used again on the premises, where the labels allow it. */
  readonly reusedLitres: number;
  readonly captureLitres: number;
}

export interface RunOffLedger {
  readonly leavingLitres: number;
  readonly caughtLitres: number;
  readonly reusedLitres: number;
  readonly takenAwayLitres: number;
  /** More than the catch holds. */
  readonly overflowLitres: number;
  /** How often a full catch is emptied on the way. */
  readonly emptyings: number;
}

/**
 * The planned ledger of a catch: what leaves the faces is caught, used again or taken away, and nothing is lost in between.
 * @throws RangeError for a share outside 0 to 1
 */
export function runOffLedger(input: RunOffInput): RunOffLedger {
  const { appliedLitres, rinseLitres, leavingShare, captureLitres } = input;
  requireSpan('share that leaves the faces', leavingShare, 0, 1, '');
  const leavingLitres = (appliedLitres + rinseLitres) * leavingShare;
  const reusedLitres = Math.min(input.reusedLitres, leavingLitres);
  const takenAwayLitres = leavingLitres - reusedLitres;
  return {
    leavingLitres,
    caughtLitres: leavingLitres,
    reusedLitres,
    takenAwayLitres,
    overflowLitres: Math.max(0, leavingLitres - captureLitres),
    emptyings: captureLitres > 0 ? Math.max(0, Math.ceil(leavingLitres / captureLitres - 1e-9) - 1) : 0,
  };
}
