/** Light under a clear sky, W/m². */
export interface ClearSky {
  /** On a level face. */
  readonly global: number;
  /** On a face square to the sun, straight from it. */
  readonly beam: number;
}

/** At the top of the air, W/m²; the distance of the sun, which changes it by 3 % over the year, is left out. */
const SOLAR_CONSTANT = 1361;
/** How hazy the air is: 2 in the mountains, 3 over clean country, 5 over a city in summer. The clear end: what dries on does harm. */
const LINKE_TURBIDITY = 3;
/** Of a sun nearer to the horizon the formula says nothing, degrees. */
const LOWEST_ALTITUDE = 2;
const DARK: ClearSky = { global: 0, beam: 0 };

/**
 * Clear-sky light after Ineichen and Perez, A new airmass independent formulation for the Linke turbidity coefficient, Solar
 * Energy 73 (2002), equations 8 and 9, at sea level; path through the air after Kasten and Young (1989).
 *
 * @param altitude of the sun over the horizon, degrees
 * @example clearSky(30) // 485 on a level face, 786 square to the sun
 */
export function clearSky(altitude: number): ClearSky {
  if (altitude < LOWEST_ALTITUDE) return DARK;
  const sine = Math.sin((altitude * Math.PI) / 180);
  const airMass = 1 / (sine + 0.50572 * (altitude + 6.07995) ** -1.6364);
  const global =
    0.868 *
    SOLAR_CONSTANT *
    sine *
    Math.exp(-0.0387 * airMass * LINKE_TURBIDITY) *
    Math.exp(0.01 * airMass ** 1.8);
  const normal = 0.827 * SOLAR_CONSTANT * Math.exp(-0.09 * airMass * (LINKE_TURBIDITY - 1));
  // Of low sun the formula would leave less sky light than there is.
  const most = (1 - (0.1 - 0.2 * Math.exp(-LINKE_TURBIDITY)) / 0.982) * (global / sine);
  return { global, beam: Math.min(normal, most) };
}
