import { requireSpan } from '../quantity/span.ts';

/** Air, wind and sun at the surface. */
export interface AirAtSurface {
  readonly airTemperatureC: number;
  /** Relative humidity 0–1. */
  readonly humidity: number;
  readonly windMetresPerSecond: number;
  /** Net radiation absorbed by the face, W/m²; typed in until the sun's position gives it. */
  readonly netRadiationWattsPerSquareMetre: number;
  /** Measured surface temperature, °C; with it mass transfer competes with Penman's estimate. */
  readonly surfaceTemperatureC?: number;
}

const AIR_DENSITY = 1.2; // kg/m³
const HEAT_CAPACITY = 1013; // J/(kg·K), moist air
const LATENT_HEAT = 2.45e6; // J/kg
const PRESSURE = 101.3; // kPa
const PSYCHROMETRIC = (HEAT_CAPACITY * PRESSURE) / (0.622 * LATENT_HEAT); // kPa/K
const SECONDS_PER_HOUR = 3600;

/** Saturation vapour pressure in kPa at °C (FAO-56 eq. 11). @example saturationVapourPressure(25) // 3.168 */
export function saturationVapourPressure(celsius: number): number {
  return 0.6108 * Math.exp((17.27 * celsius) / (celsius + 237.3));
}

/** Convection conductance for vapour, m/s, from h = 2.8 + 3.0 u (Watmuff et al. 1977, to 7 m/s). */
function conductance(windMetresPerSecond: number): number {
  return (2.8 + 3 * windMetresPerSecond) / (AIR_DENSITY * HEAT_CAPACITY);
}

/**
 * Evaporation from a wet face.
 *
 * Penman's combination equation; where a surface temperature is given, the larger of it and mass transfer. A face below the
 * dew point takes water up whatever the sun would do: there mass transfer alone.
 * @returns kg/(m²·h), which is mm/h of water; 0 or below means dew: nothing dries
 * @throws RangeError for air outside −20…50 °C, humidity outside 0…1, wind outside 0…15 m/s
 * @example evaporation({ airTemperatureC: 18, humidity: 0.65, windMetresPerSecond: 2, netRadiationWattsPerSquareMetre: 250 }) // 0.29
 */
export function evaporation(air: AirAtSurface): number {
  requireSpan('air temperature', air.airTemperatureC, -20, 50, '°C');
  requireSpan('relative humidity', air.humidity, 0, 1, '');
  requireSpan('wind', air.windMetresPerSecond, 0, 15, 'm/s');
  const g = conductance(air.windMetresPerSecond);
  const es = saturationVapourPressure(air.airTemperatureC);
  const slope = (4098 * es) / (air.airTemperatureC + 237.3) ** 2; // FAO-56 eq. 13
  const penman =
    (slope * air.netRadiationWattsPerSquareMetre +
      AIR_DENSITY * HEAT_CAPACITY * es * (1 - air.humidity) * g) /
    (LATENT_HEAT * (slope + PSYCHROMETRIC));
  const transfer = massTransfer(air, g, es);
  return (
    (transfer !== null && transfer <= 0 ? transfer : Math.max(penman, transfer ?? penman)) * SECONDS_PER_HOUR
  );
}

function massTransfer(air: AirAtSurface, g: number, es: number): number | null {
  if (air.surfaceTemperatureC === undefined) return null;
  return (
    ((g * AIR_DENSITY * 0.622) / PRESSURE) *
    (saturationVapourPressure(air.surfaceTemperatureC) - es * air.humidity)
  );
}
