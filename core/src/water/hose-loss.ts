import { PASCALS_PER_BAR } from '../quantity/units.ts';
import { requirePositive } from '../quantity/span.ts';

/** Wall of a smooth hose, m, and cold water, m²/s. */
const ROUGHNESS_METRES = 1.5e-6;
const KINEMATIC_VISCOSITY = 1.14e-6;
const WATER_DENSITY = 1000; // kg/m³
/** Below it the flow is laminar. */
const LAMINAR_REYNOLDS = 2300;

/**
 * Pressure that a hose eats: Darcy–Weisbach with the friction factor of Swamee and Jain (1976); laminar flow by 64/Re.
 *
 * @param litresPerMinute ≥ 0
 * @param metres of hose, ≥ 0
 * @param innerMillimetres > 0
 * @returns bar
 * @example hoseLoss(15, 60, 9.5) // 9.4
 */
export function hoseLoss(litresPerMinute: number, metres: number, innerMillimetres: number): number {
  requirePositive('inner diameter', innerMillimetres, 'mm');
  if (!(metres >= 0)) throw new RangeError(`hose length ${metres} m is below 0 m: pace the way again`);
  if (litresPerMinute <= 0 || metres === 0) return 0;
  const diameter = innerMillimetres / 1000;
  const velocity = litresPerMinute / 60_000 / ((Math.PI * diameter ** 2) / 4);
  const reynolds = (velocity * diameter) / KINEMATIC_VISCOSITY;
  const friction =
    reynolds < LAMINAR_REYNOLDS
      ? 64 / reynolds
      : 0.25 / Math.log10(ROUGHNESS_METRES / (3.7 * diameter) + 5.74 / reynolds ** 0.9) ** 2;
  return (friction * (metres / diameter) * WATER_DENSITY * velocity ** 2) / 2 / PASCALS_PER_BAR;
}

/**
 * The longest hose that loses no more than may be lost.
 * @returns m; Infinity without flow
 */
export function longestHose(litresPerMinute: number, innerMillimetres: number, mayLoseBar: number): number {
  requirePositive('pressure that may be lost', mayLoseBar, 'bar');
  const perMetre = hoseLoss(litresPerMinute, 1, innerMillimetres);
  return perMetre === 0 ? Infinity : mayLoseBar / perMetre;
}

/** A booster pump: what it adds with no flow, and the flow at which it adds nothing more. */
export interface Booster {
  readonly shutOffBar: number;
  readonly greatestLitresPerMinute: number;
}

/** What a booster adds at a flow: p₀·(1 − (Q/Qmax)²), bar; 0 beyond its greatest flow. */
export function boostBar({ shutOffBar, greatestLitresPerMinute }: Booster, litresPerMinute: number): number {
  return Math.max(0, shutOffBar * (1 - (litresPerMinute / greatestLitresPerMinute) ** 2));
}

const HALVINGS = 60;

/**
 * Flow that arrives through a hose from a pressure, with a booster where there is one.
 * @param greatest L/min that the source gives at most
 * @returns L/min
 */
export function flowThroughHose(
  sourceBar: number,
  metres: number,
  innerMillimetres: number,
  greatest: number,
  booster: Booster | null = null,
): number {
  const passes = (flow: number) =>
    hoseLoss(flow, metres, innerMillimetres) <= sourceBar + (booster ? boostBar(booster, flow) : 0);
  if (passes(greatest)) return greatest;
  let [low, high] = [0, greatest];
  for (let i = 0; i < HALVINGS; i += 1) {
    const middle = (low + high) / 2;
    if (passes(middle)) low = middle;
    else high = middle;
  }
  return low;
}
