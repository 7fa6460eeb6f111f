import { requireSpan } from '../quantity/span.ts';

/** Where the sun stands, degrees. */
export interface SunPosition {
  /** Above the horizon; below 0 at night. With refraction. */
  readonly altitude: number;
  /** Clockwise from north. */
  readonly azimuth: number;
}

const DAY_MILLISECONDS = 86_400_000;
const JULIAN_1970 = 2_440_587.5;
const JULIAN_2000 = 2_451_545;
/** Nearer to a pole no side has a compass direction that means anything. */
const GREATEST_LATITUDE = 89.9;
const radians = (degrees: number) => (degrees * Math.PI) / 180;
const degrees = (angle: number) => (angle * 180) / Math.PI;
const turn = (angle: number) => ((angle % 360) + 360) % 360;

/**
 * Position of the sun as seen from a place. Low-accuracy series of Meeus, Astronomical Algorithms, ch. 25; within 0.02° from
 * 1950 to 2050, apart from refraction at the horizon (Bennett's formula, ch. 16).
 *
 * @param instant milliseconds since 1970, UTC
 * @param latitude degrees north, −89.9 to 89.9
 * @param longitude degrees east, −180 to 180
 * @throws RangeError for a place outside these
 */
export function sunPosition(instant: number, latitude: number, longitude: number): SunPosition {
  requireSpan('latitude', latitude, -GREATEST_LATITUDE, GREATEST_LATITUDE, '°');
  requireSpan('longitude', longitude, -180, 180, '°');
  const julianDay = instant / DAY_MILLISECONDS + JULIAN_1970;
  const t = (julianDay - JULIAN_2000) / 36_525;
  const { rightAscension, declination } = sunEquatorial(t);
  const greenwich = turn(
    280.46061837 + 360.98564736629 * (julianDay - JULIAN_2000) + t * t * (0.000387933 - t / 38_710_000),
  );
  const hourAngle = radians(greenwich + longitude - rightAscension);
  const [phi, delta] = [radians(latitude), radians(declination)];
  const altitude = degrees(
    Math.asin(Math.sin(phi) * Math.sin(delta) + Math.cos(phi) * Math.cos(delta) * Math.cos(hourAngle)),
  );
  const azimuth = turn(
    180 +
      degrees(
        Math.atan2(
          Math.sin(hourAngle),
          Math.cos(hourAngle) * Math.sin(phi) - Math.tan(delta) * Math.cos(phi),
        ),
      ),
  );
  return { altitude: altitude + refraction(altitude), azimuth };
}

/** Apparent right ascension and declination, degrees, for Julian centuries since 2000. */
export function sunEquatorial(t: number): { readonly rightAscension: number; readonly declination: number } {
  const meanLongitude = 280.46646 + t * (36_000.76983 + 0.0003032 * t);
  const anomaly = radians(357.52911 + t * (35_999.05029 - 0.0001537 * t));
  const centre =
    (1.914602 - t * (0.004817 + 0.000014 * t)) * Math.sin(anomaly) +
    (0.019993 - 0.000101 * t) * Math.sin(2 * anomaly) +
    0.000289 * Math.sin(3 * anomaly);
  const node = radians(125.04 - 1934.136 * t);
  const longitude = radians(meanLongitude + centre - 0.00569 - 0.00478 * Math.sin(node));
  const obliquity = radians(
    23.4392911 - t * (0.0130042 + t * (1.64e-7 - 5.04e-7 * t)) + 0.00256 * Math.cos(node),
  );
  return {
    rightAscension: turn(degrees(Math.atan2(Math.cos(obliquity) * Math.sin(longitude), Math.cos(longitude)))),
    declination: degrees(Math.asin(Math.sin(obliquity) * Math.sin(longitude))),
  };
}

/** Below this altitude the formula for the day no longer holds. */
const LOWEST_SEEN = -0.575;

/**
 * What the air lifts the sun by, degrees, at 1010 hPa and 10 °C: Sæmundsson's formula; below the horizon NOAA's, which
 * fades towards the night (so that a sun that is not seen rises up to twice as fast in it as the sky turns).
 */
function refraction(altitude: number): number {
  if (altitude < LOWEST_SEEN) return -20.772 / Math.tan(radians(altitude)) / 3600;
  return 1.02 / Math.tan(radians(altitude + 10.3 / (altitude + 5.11))) / 60;
}
