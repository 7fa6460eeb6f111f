import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { ApplyTemplate } from '../catalogue/method.ts';
import type { FaceAir } from './face-air.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';
import { evaporation } from './evaporation.ts';
import { absorbedWater, dryOutSeconds, filmSeconds, heldLiquid } from './wet-window.ts';
import type { Lie } from './wet-window.ts';

/** How long one application stays wet on this face in this weather. */
export interface WetClocks {
  readonly lie: Lie;
  readonly evaporationMillimetresPerHour: number;
  readonly heldKilogramsPerSquareMetre: number;
  /** Of the pre-wetting, near the face in its pores. */
  readonly absorbedKilogramsPerSquareMetre: number;
  readonly filmMinutes: number;
  readonly dryOutMinutes: number;
  /** The face was measured below the dew point, °C. */
  readonly dewySurfaceC?: number;
}

/** A clock that runs longer than a day is not told apart. */
const LONGEST_MINUTES = 1440;

/** How a face lies, for what it holds. Tilts under 20° hold as floors, over 120° as overheads. */
export function lieOf(surface: Surface, clings: boolean, catalogue: Catalogue): Lie {
  if (surface.tiltDegrees < TRADE_DEFAULTS.levelDegrees) return 'floor';
  if (surface.tiltDegrees > 120) return 'overhead';
  if (catalogue.material(surface.material).rough) return 'rough-wall';
  return clings ? 'smooth-wall-clinging' : 'smooth-wall';
}

/** What of an application the clocks hang on. */
export type Applied = Pick<ApplyTemplate, 'litresPerSquareMetre' | 'clings' | 'covered'>;

/** Both clocks of one application; the film's starts after the pre-wet. */
export function wetClocks(
  surface: Surface,
  apply: Applied,
  preWetMinutes: number,
  air: FaceAir,
  catalogue: Catalogue,
): WetClocks {
  const lie = lieOf(surface, apply.clings, catalogue);
  const mmPerHour = evaporation({
    airTemperatureC: air.temperatureC,
    ...air,
  });
  const face = {
    heldKilogramsPerSquareMetre: heldLiquid(apply.litresPerSquareMetre, lie),
    evaporation: mmPerHour,
    sorptivity: sorptivityOf(surface, catalogue),
    preWetSeconds: preWetMinutes * 60,
  };
  // Under a cover nothing leaves into the air, and a gel gives little to the pores.
  const covered = apply.covered ? { filmMinutes: LONGEST_MINUTES, dryOutMinutes: LONGEST_MINUTES } : {};
  const minutes = (seconds: number) => Math.min(LONGEST_MINUTES, Math.round(seconds / 6) / 10);
  return {
    lie,
    evaporationMillimetresPerHour: Math.round(mmPerHour * 1000) / 1000,
    heldKilogramsPerSquareMetre: face.heldKilogramsPerSquareMetre,
    absorbedKilogramsPerSquareMetre: absorbedWater(face),
    filmMinutes: minutes(filmSeconds(face)),
    dryOutMinutes: minutes(dryOutSeconds(face)),
    ...(air.dewySurfaceC === undefined ? {} : { dewySurfaceC: air.dewySurfaceC }),
    ...covered,
  };
}
