import { decimal } from './numbers.ts';
import type { UnitSystem } from './unit-system.ts';
import { unitOf } from './units.ts';
import type { Measured } from './units.ts';

function shown(kept: number, measured: Measured, units: UnitSystem): string {
  const { unit, scale, digits } = unitOf(measured, units);
  return `${decimal(kept * scale, digits)} ${unit}`;
}

/** Below these, small units read better: a tenth of a litre and half a gallon, a kilogram and a pound. */
const LEAST_LITRES = { metric: 0.1, us: 0.5 / unitOf('volume', 'us').scale } as const;
const LEAST_KILOGRAMS = { metric: 1, us: 1 / unitOf('mass', 'us').scale } as const;

/** @example formatArea(43.5, 'metric') // "43.5 m²" */
export function formatArea(squareMetres: number, units: UnitSystem): string {
  return shown(squareMetres, 'area', units);
}

/** An area rate given per hour. @example formatAreaRate(100, 'metric') // "100 m²/h" */
export function formatAreaRate(squareMetresPerHour: number, units: UnitSystem): string {
  return `${formatArea(squareMetresPerHour, units)}/h`;
}

/** @example formatLength(3.7084, 'us') // "12.2 ft" */
export function formatLength(metres: number, units: UnitSystem): string {
  return shown(metres, 'length', units);
}

/** Short lengths such as a stand-off: centimetres or inches. */
export function formatStandOff(metres: number, units: UnitSystem): string {
  return shown(metres, 'shortLength', units);
}

/** @example formatVolume(4.8, 'metric') // "4.8 L" */
export function formatVolume(litres: number, units: UnitSystem): string {
  return shown(litres, litres < LEAST_LITRES[units] ? 'smallVolume' : 'volume', units);
}

/** A flow. @example formatFlow(14, 'us') // "3.7 US gal/min" */
export function formatFlow(litresPerMinute: number, units: UnitSystem): string {
  return shown(litresPerMinute, 'flow', units);
}

/** @example formatMass(1250, 'metric') // "1.25 kg" */
export function formatMass(grams: number, units: UnitSystem): string {
  const kilograms = grams / 1000;
  return shown(kilograms, kilograms < LEAST_KILOGRAMS[units] ? 'smallMass' : 'mass', units);
}

/** The inside of a hose. @example formatHoseBore(9.5, 'metric') // "9.5 mm" */
export function formatHoseBore(millimetres: number, units: UnitSystem): string {
  return shown(millimetres, 'smallLength', units);
}

/** Pressure of a pump or in a hose. @example formatPumpPressure(165, 'us') // "2393 psi" */
export function formatPumpPressure(bar: number, units: UnitSystem): string {
  return shown(bar, 'pumpPressure', units);
}

/** Mean pressure of a jet on the surface. @example formatJetPressure(2.5, 'us') // "0.36 psi" */
export function formatJetPressure(kilopascals: number, units: UnitSystem): string {
  return shown(kilopascals, 'jetPressure', units);
}

/** An amount of a product: litres of a liquid, kilograms of a powder. @example formatStock(0.54, 'kg', 'metric') // "540 g" */
export function formatStock(amount: number, unit: 'L' | 'kg', units: UnitSystem): string {
  return unit === 'L' ? formatVolume(amount, units) : formatMass(1000 * amount, units);
}
