import { requireSpan } from '../quantity/span.ts';
import { clearSky } from './clear-sky.ts';
import { saturationVapourPressure } from './evaporation.ts';
import type { SunPosition } from './sun-position.ts';

/** A face as the sun sees it. */
export interface SunnyFace {
  /** 0 level, 90 upright, above 90 overhead. */
  readonly tiltDegrees: number;
  /** Clockwise from north; null: turned to the sun, the least favourable. */
  readonly aspectDegrees: number | null;
  /** Share of the direct sun that trees and buildings leave, 0 to 1. */
  readonly sunShare: number;
  /** Share of the sky that they leave, 0 to 1. */
  readonly skyShare: number;
}

export interface SkyAndAir {
  /** Share of the sky, 0 to 1. */
  readonly cloud: number;
  readonly airTemperatureC: number;
  readonly humidity: number;
}

/** What a face takes up and gives off, W/m². */
export interface FaceRadiation {
  readonly direct: number;
  readonly diffuse: number;
  readonly reflected: number;
  readonly longWaveLoss: number;
  /** Absorbed less lost. */
  readonly net: number;
}

/** What a wet face absorbs of the light on it. */
const ABSORBED = 0.8;
/** What light ground throws back. */
const GROUND_REFLECTS = 0.2;
const STEFAN_BOLTZMANN = 5.67e-8; // W/(m²·K⁴)
const radians = (degrees: number) => (degrees * Math.PI) / 180;

/**
 * Net radiation on a face. Light under a clear sky by `clearSky`; cloud takes off it after Kasten and Czeplak (1980): all
 * light × (1 − 0.75·N^3.4), the share of it that comes straight from the sun × (1 − N²); sky light even over the dome;
 * long-wave loss after FAO-56 eq. 39.
 * @throws RangeError for cloud or humidity outside 0…1, tilt outside 0…180
 */
export function faceRadiation(face: SunnyFace, sun: SunPosition, air: SkyAndAir): FaceRadiation {
  requireSpan('cloud', air.cloud, 0, 1, '');
  requireSpan('relative humidity', air.humidity, 0, 1, '');
  requireSpan('tilt', face.tiltDegrees, 0, 180, '°');
  const tilt = radians(face.tiltDegrees);
  const skyView = ((1 + Math.cos(tilt)) / 2) * face.skyShare;
  const groundView = (1 - Math.cos(tilt)) / 2;
  const { global, diffuse, beam } = daylight(sun.altitude, air.cloud);
  const parts = {
    direct: ABSORBED * beam * face.sunShare * incidence(face, sun),
    diffuse: ABSORBED * diffuse * skyView,
    reflected: ABSORBED * GROUND_REFLECTS * global * groundView,
    longWaveLoss: longWaveLoss(air) * skyView,
  };
  return { ...parts, net: parts.direct + parts.diffuse + parts.reflected - parts.longWaveLoss };
}

function daylight(altitude: number, cloud: number) {
  const clear = clearSky(altitude);
  const letThrough = 1 - 0.75 * cloud ** 3.4;
  const global = clear.global * letThrough;
  const beam = clear.beam * letThrough * (1 - cloud ** 2);
  return { global, beam, diffuse: global - beam * Math.sin(radians(altitude)) };
}

/** Cosine of the angle between the sun and the face's normal, 0 where the sun stands behind it. */
function incidence({ tiltDegrees, aspectDegrees }: SunnyFace, { altitude, azimuth }: SunPosition): number {
  if (altitude <= 0) return 0;
  const [tilt, high] = [radians(tiltDegrees), radians(altitude)];
  const off = radians(azimuth - (aspectDegrees ?? azimuth));
  return Math.max(0, Math.sin(high) * Math.cos(tilt) + Math.cos(high) * Math.sin(tilt) * Math.cos(off));
}

function longWaveLoss({ airTemperatureC, humidity, cloud }: SkyAndAir): number {
  const vapour = saturationVapourPressure(airTemperatureC) * humidity; // kPa
  const clearness = 1.35 * (1 - 0.75 * cloud ** 3.4) - 0.35;
  return (
    STEFAN_BOLTZMANN *
    (airTemperatureC + 273.15) ** 4 *
    (0.34 - 0.14 * Math.sqrt(vapour)) *
    Math.max(0.05, clearness)
  );
}
