import type { QuickTest } from '../catalogue/look-alike.ts';
import type { SurfaceTest } from '../survey/surface-test.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';
import { testStanding } from '../treatment/test-refusal.ts';
import type { TestStanding } from '../treatment/test-refusal.ts';
import { entropyBits } from '../diagnosis/belief.ts';
import type { Belief } from '../diagnosis/belief.ts';
import { expectedGainBits } from '../diagnosis/evidence.ts';

export interface ProposedTest extends TestStanding {
  readonly test: QuickTest;
  /** What it is expected to settle, bits. */
  readonly gainBits: number;
  /** The same as a share of what is open, 0 to 1. */
  readonly shareOfDoubt: number;
}

/** Where a test would be done. */
export interface TestPlace {
  /** The face in every state that it may be in. */
  readonly states: readonly SurfaceState[];
  /** What was done on the surface before. */
  readonly earlier: readonly SurfaceTest[];
  /** The spot; agents that oppose each other never share one. */
  readonly spot: string;
}

/** Tests worth doing on a belief: those that may be done here first, of these the one that settles most. */
export function proposedTests(
  belief: Belief,
  tests: readonly QuickTest[],
  { states, earlier, spot }: TestPlace,
): readonly ProposedTest[] {
  const doubt = entropyBits(belief);
  return tests
    .map((test): ProposedTest => {
      const gainBits = expectedGainBits(belief, test);
      return {
        test,
        gainBits,
        shareOfDoubt: doubt > 0 ? gainBits / doubt : 0,
        ...testStanding(test, states, earlier, spot),
      };
    })
    .sort((a, b) => rank(a) - rank(b) || b.gainBits - a.gainBits);
}

/** Tests that something speaks against stand behind the others, refused ones last. */
function rank({ refusal, caution }: ProposedTest): number {
  if (refusal === null) return caution === null ? 0 : 1;
  return refusal.otherSpot ? 2 : 3;
}
