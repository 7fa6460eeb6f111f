import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/** Whether washing the lower surface splashes the foot of the upper. */
export function splashesOnto(upper: TreatedSurface, lower: TreatedSurface): boolean {
  const washed = lower.treatment?.stages.some((s) => s.kind === 'wash') ?? false;
  const floor = lower.surface.tiltDegrees < TRADE_DEFAULTS.levelDegrees;
  const wall =
    upper.surface.tiltDegrees >= 60 &&
    upper.surface.footMetres - lower.surface.topMetres <= TRADE_DEFAULTS.splashMetres;
  return washed && floor && wall;
}

/** Whether it is splashed, and a plain rinse may follow on it. */
export function splashesUp(upper: TreatedSurface, lower: TreatedSurface): boolean {
  const leftOn = upper.treatment?.stages.some((s) => s.apply?.leaveOn) ?? false;
  return splashesOnto(upper, lower) && !leftOn && upper.takeOff.ok;
}
