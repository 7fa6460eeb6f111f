import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { requirePositive } from '../quantity/span.ts';

/**
 * Fraction of the delivered flow that an injector draws, by a test with a bucket. What is delivered includes what is drawn.
 * @param drawnLitres taken from the tank, > 0
 * @param deliveredLitres caught in the bucket meanwhile, more than was drawn
 * @throws RangeError where nothing is drawn, or more than is delivered
 * @example drawnFraction(1.2, 12) // 0.1
 */
export function drawnFraction(drawnLitres: number, deliveredLitres: number): number {
  requirePositive('drawn', drawnLitres, 'L');
  requirePositive('delivered', deliveredLitres, 'L');
  if (drawnLitres >= deliveredLitres)
    throw new RangeError(
      `drawn ${drawnLitres} L is not less than the delivered ${deliveredLitres} L: catch what leaves the tip, it includes what is drawn`,
    );
  return drawnLitres / deliveredLitres;
}

export type Injection =
  | { readonly ok: true; readonly tankGramsPerLitre: number }
  | {
      readonly ok: false;
      readonly reachableGramsPerLitre: number;
      readonly text: string;
    };

/** What puts a stronger mix onto the surface; a stronger tank is none of them. */
const WAYS_OUT = ['at-the-end', 'pump', 'hand'] as const;

/**
 * Strength that the tank of an injector must have for a strength at the surface, or why it cannot: nothing stronger than
 * the stock, and nothing stronger than may safely be mixed, stands in a tank.
 *
 * @param fraction drawn of the delivered flow, 0 to 1
 * @param strongestTank the stock, or the strongest mix that is safe to make, g/L
 * @example injection(12.5, 0.1, 125) // tank 125 g/L
 */
export function injection(targetGramsPerLitre: number, fraction: number, strongestTank: number): Injection {
  if (!(fraction > 0 && fraction < 1))
    throw new RangeError(`drawn fraction ${fraction} is outside 0 to 1: draw from a measured jug again`);
  const tank = targetGramsPerLitre / fraction;
  if (tank <= strongestTank * (1 + 1e-9)) return { ok: true, tankGramsPerLitre: tank };
  const reachable = strongestTank * fraction;
  return {
    ok: false,
    reachableGramsPerLitre: reachable,
    text: say('injector/too-weak', {
      percent: decimal(fraction * 100, 1),
      tank: decimal(strongestTank, 0),
      reachable: decimal(reachable, 1),
      needed: decimal(targetGramsPerLitre, 1),
      ways: WAYS_OUT.map((way) => say(`injector/way/${way}`)).join('; '),
    }),
  };
}
