import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import { plainRinse } from './plain-rinse.ts';
import type { WorkBuilder } from './work-builder.ts';

/** The rinse of a wall's foot after the floor below was washed; also of walls that are not treated themselves. */
export function footRinse(builder: WorkBuilder, wall: PlannedSurface, afterFloor: readonly string[]): string {
  const { surface, takeOff } = wall;
  const area = takeOff.ok ? takeOff.squareMetres : 0;
  const height = Math.max(TRADE_DEFAULTS.footRinseMetres, surface.topMetres - surface.footMetres);
  const id = plainRinse(builder, {
    id: `${surface.id}.foot-rinse`,
    task: 'foot-rinse',
    surface: surface.id,
    cycle: null,
    zone: surface.side ?? `site.${surface.id}`,
    areaSquareMetres: (area / height) * TRADE_DEFAULTS.footRinseMetres,
  });
  builder.allAfter([id], afterFloor, 'splash-rinsed');
  return id;
}
