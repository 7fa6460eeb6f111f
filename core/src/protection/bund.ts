import type { FeatureProtection, ProtectionAct } from '../catalogue/protection-act.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { formatLength } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/**
 * Length of a bund along the feet of surfaces, m, up to a whole metre: of what stands or slopes its area over its height or slope, of
 * all else the side of a square as large. 0 where nothing is measured.
 */
export function bundMetres(surfaces: readonly Pick<TreatedSurface, 'surface' | 'takeOff'>[]): number {
  return Math.ceil(surfaces.reduce((sum, one) => sum + footMetres(one), 0) - 1e-9);
}

function footMetres({ surface, takeOff }: Pick<TreatedSurface, 'surface' | 'takeOff'>): number {
  if (!takeOff.ok) return 0;
  const { topMetres, footMetres: foot, tiltDegrees } = surface;
  const square = Math.sqrt(takeOff.squareMetres);
  const { levelDegrees } = TRADE_DEFAULTS;
  // On what lies flat, or overhead, height says nothing of how far it reaches.
  if (topMetres <= foot || tiltDegrees < levelDegrees || tiltDegrees > 180 - levelDegrees) return square;
  return takeOff.squareMetres / ((topMetres - foot) / Math.sin((tiltDegrees * Math.PI) / 180));
}

/** Acts with the length of what is laid, and its minutes. */
export function laidOut(
  { before, during, after }: FeatureProtection,
  metres: number,
  units: UnitSystem,
): FeatureProtection {
  const withLength = (text: string) =>
    metres > 0 ? text.replace('{length}', formatLength(metres, units)) : text.replace('{length} of ', '');
  const lay = (act: ProtectionAct): ProtectionAct =>
    act.minutesPerMetre === 0
      ? act
      : {
          ...act,
          lengthMetres: metres,
          text: withLength(act.text),
          minutes: Math.round(act.minutes + metres * act.minutesPerMetre),
        };
  return { before: lay(before), during: during && lay(during), after: lay(after) };
}
