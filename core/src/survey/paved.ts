import type { Catalogue } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Paving } from '../takeoff/joint-sand.ts';
import type { Surface } from './surface.ts';

/** How a face with joints of sand is laid: as it was measured, or as its material usually is; null for one without. */
export function pavingOf({ paving, material: id }: Pick<Surface, 'paving' | 'material'>, catalogue: Catalogue): Paving | null {
  const material = catalogue.material(id);
  if (material.joints !== 'sand') return null;
  return paving ?? material.paving ?? TRADE_DEFAULTS.usualPaving;
} // prettier-ignore
