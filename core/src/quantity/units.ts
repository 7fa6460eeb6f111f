import { METRES_PER } from './length.ts';
import type { UnitSystem } from './unit-system.ts';

/** Litres per US gallon, exact. */
const LITRES_PER_US_GALLON = 3.785411784;
export const LITRES_PER_US_FLUID_OUNCE = LITRES_PER_US_GALLON / 128;

/** Pascals per pound-force per square inch. */
export const PASCALS_PER_PSI = 6894.757;
export const PASCALS_PER_BAR = 100_000;
export const BAR_PER_PSI = PASCALS_PER_PSI / PASCALS_PER_BAR;

/** Kilograms per avoirdupois pound and ounce, exact (international yard and pound agreement, 1959). */
const KILOGRAMS_PER_POUND = 0.45359237;
const KILOGRAMS_PER_OUNCE = KILOGRAMS_PER_POUND / 16;

/** How a figure that is kept in SI is shown and typed: shown = kept × scale, with so many decimals at most. */
export interface Unit {
  readonly unit: string;
  readonly scale: number;
  readonly digits: number;
}

const unit = (name: string, scale: number, digits: number): Unit => ({ unit: name, scale, digits });

/** Every unit that people read and type, by what is measured; each says in what it is kept. */
const UNITS = {
  /** m² */
  area: { metric: unit('m²', 1, 1), us: unit('sq ft', 1 / METRES_PER.ft ** 2, 0) },
  /** m */
  length: { metric: unit('m', 1, 2), us: unit('ft', 1 / METRES_PER.ft, 1) },
  /** m: a stand-off */
  shortLength: { metric: unit('cm', 100, 0), us: unit('in', 1 / METRES_PER.in, 0) },
  /** mm: a joint, a hose */
  smallLength: { metric: unit('mm', 1, 1), us: unit('in', METRES_PER.mm / METRES_PER.in, 2) },
  /** L */
  volume: { metric: unit('L', 1, 2), us: unit('US gal', 1 / LITRES_PER_US_GALLON, 2) },
  /** L */
  smallVolume: { metric: unit('mL', 1000, 0), us: unit('US fl oz', 1 / LITRES_PER_US_FLUID_OUNCE, 0) },
  /** L/min */
  flow: { metric: unit('L/min', 1, 1), us: unit('US gal/min', 1 / LITRES_PER_US_GALLON, 2) },
  /** kg */
  mass: { metric: unit('kg', 1, 2), us: unit('lb', 1 / KILOGRAMS_PER_POUND, 2) },
  /** kg */
  smallMass: { metric: unit('g', 1000, 0), us: unit('oz', 1 / KILOGRAMS_PER_OUNCE, 1) },
  /** bar: of a pump, in a hose */
  pumpPressure: { metric: unit('bar', 1, 0), us: unit('psi', 1 / BAR_PER_PSI, 0) },
  /** kPa: the mean of a jet on the surface */
  jetPressure: { metric: unit('kPa', 1, 1), us: unit('psi', 1000 / PASCALS_PER_PSI, 2) },
} satisfies Record<string, Record<UnitSystem, Unit>>;

export type Measured = keyof typeof UNITS;

/** The unit in which people with these units read and type something. */
export function unitOf(measured: Measured, units: UnitSystem): Unit {
  return UNITS[measured][units];
}
