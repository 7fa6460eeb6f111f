import type { Catalogue } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { jointSand } from '../takeoff/joint-sand.ts';
import type { JointSand, Paving } from '../takeoff/joint-sand.ts';
import type { Surface } from './surface.ts';

/** How a face with joints of sand is laid: as it was measured, or as its material usually is; null for one without. */
export function pavingOf(
  { paving, material: id }: Pick<Surface, 'paving' | 'material'>,
  catalogue: Catalogue,
): Paving | null {
  const material = catalogue.material(id);
  if (material.joints !== 'sand') return null;
  return paving ?? material.paving ?? TRADE_DEFAULTS.usualPaving;
}

/** Dry sand that its joints take where they are empty. */
export function dryJointSand(paving: Paving): JointSand {
  return jointSand(paving, TRADE_DEFAULTS.jointSandKilogramsPerCubicMetre);
}
