import type { UnitSystem } from '../quantity/unit-system.ts';
import type { Front, PairFront } from '../wetting/front.ts';
import type { StripTimes } from '../wetting/front-strips.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import type { OperationPart } from './work-builder.ts';

/** What of a piece is on one surface: so many of its strips. */
export interface PiecePart {
  readonly cycle: WetCyclePlan;
  readonly about: OperationPart;
  readonly strips: number;
  /** Minutes: the least contact, the longest exposure, and how long it stays wet where that is watched. */
  readonly limits: { readonly from: number; readonly limit: number; readonly window: number | null };
}

/** A front between two breaks. */
export interface Piece {
  readonly id: string;
  readonly parts: readonly PiecePart[];
  readonly section: (units: UnitSystem) => string | null;
  readonly front: Front | PairFront;
  /** Of all parts, one after the other. */
  readonly strips: readonly StripTimes[];
  /** Minutes that every strip could stay on longer. */
  readonly spare: number;
  readonly leftAlone: boolean;
  readonly soakMinutes: number;
}
