import type { Jet } from '../catalogue/tool.ts';
import { PASCALS_PER_PSI } from '../quantity/units.ts';

const WATER_DENSITY = 1000; // kg/m³
const LITRES_PER_MINUTE_AT_ORIFICE_1 = 3.785; // at 4000 psi
const REFERENCE_PSI = 4000;
/** Size of the fan where it leaves the tip, and how it thickens, estimates. */
const TIP_WIDTH_METRES = 0.0015;
const TIP_THICKNESS_METRES = 0.002;
const THICKENING_DEGREES = 2;

const radians = (degrees: number) => (degrees * Math.PI) / 180;

/** Flow of a nozzle, L/min: 3.785·n·√(p/4000), p in psi. @example nozzleFlow(3.5, 2400) // 10.3 */
export function nozzleFlow(orifice: number, psi: number): number {
  return LITRES_PER_MINUTE_AT_ORIFICE_1 * orifice * Math.sqrt(psi / REFERENCE_PSI);
}

/** Pressure at which a pump of `flow` L/min runs through nozzles of Σn, psi. @example pumpPressure(15, 5) // 2513 */
export function pumpPressure(flow: number, orificeSum: number): number {
  return REFERENCE_PSI * (flow / (LITRES_PER_MINUTE_AT_ORIFICE_1 * orificeSum)) ** 2;
}

/** Orifice that lets a flow out at a pressure. @example orificeFor(15, 2513) // 5 */
export function orificeFor(flow: number, psi: number): number {
  return flow / (LITRES_PER_MINUTE_AT_ORIFICE_1 * Math.sqrt(psi / REFERENCE_PSI));
}

/** Thrust of one nozzle, N: ρ·Q·v with v = √(2p/ρ). @example jetForce(3.5, 2400) // 31.1 */
export function jetForce(orifice: number, psi: number): number {
  const cubicMetresPerSecond = nozzleFlow(orifice, psi) / 60_000;
  return WATER_DENSITY * cubicMetresPerSecond * Math.sqrt((2 * psi * PASCALS_PER_PSI) / WATER_DENSITY);
}

/** Width of a flat fan at a distance, m. @example fanWidth(25, 0.2) // 0.09 */
export function fanWidth(fanDegrees: number, standOffMetres: number): number {
  return TIP_WIDTH_METRES + 2 * standOffMetres * Math.tan(radians(fanDegrees / 2));
}

/**
 * Mean pressure of a jet on the face, kPa: thrust over footprint; a rotating tip as its cone times the factor of its entry,
 * for the pencil that runs round in it strikes harder than the mean; the bar of a surface cleaner by its factor, as hard as a
 * fan led by hand that would do the same. An estimate; a test patch confirms it.
 * @throws RangeError for a distance of nothing
 * @example surfacePressure({ orifice: 3.5, nozzles: 1, psi: 2400, fanDegrees: 25, standOffMetres: 0.2 }) // 22
 */
export function surfacePressure(jet: Jet): number {
  const d = jet.standOffMetres;
  if (!(d > 0))
    throw new RangeError(`distance ${d} m must be above 0 m: measure from the tip to the surface`);
  const width = fanWidth(jet.fanDegrees, d);
  const force = jetForce(jet.orifice, jet.psi);
  if (jet.rotatingFactor !== undefined)
    return (force / ((Math.PI * width ** 2) / 4) / 1000) * jet.rotatingFactor;
  const thickness = TIP_THICKNESS_METRES + 2 * d * Math.tan(radians(THICKENING_DEGREES));
  return ((jet.sweepFactor ?? 1) * force) / (width * thickness) / 1000;
}
