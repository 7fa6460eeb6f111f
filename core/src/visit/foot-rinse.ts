import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import { WHOLE } from './work-builder.ts';
import type { WorkBuilder } from './work-builder.ts';

const HOSE = 'garden-hose';
/** A foot stands on the ground and is only wetted. */
const PLAIN = { severity: 1, shaded: false, topMetres: 0, dependsOnDirt: false } as const;

/** The rinse of a wall's foot after the floor below was washed; also of walls that are not treated themselves. */
export function footRinse(builder: WorkBuilder, wall: PlannedSurface, afterFloor: readonly string[]): string {
  const { surface, takeOff } = wall;
  const area = takeOff.ok ? takeOff.squareMetres : 0;
  const height = Math.max(TRADE_DEFAULTS.footRinseMetres, surface.topMetres - surface.footMetres);
  const foot = (area / height) * TRADE_DEFAULTS.footRinseMetres;
  const id = `${surface.id}.foot-rinse`;
  const zone = surface.side ?? `site.${surface.id}`;
  const setUp = { place: zone, tool: HOSE, mix: null };
  builder.add(
    {
      id,
      cluster: id,
      seconds: (3600 * foot) / plannedRate(TRADE_DEFAULTS.plainRinse, PLAIN).squareMetresPerHour,
      machines: CATALOGUE.tool(HOSE).machines,
      zone,
      place: surface.id,
      begins: setUp,
      ends: setUp,
    },
    {
      task: 'foot-rinse',
      parts: [{ surface: surface.id, cycle: null, share: WHOLE, areaSquareMetres: foot }],
      stages: [],
      section: null,
      areaSquareMetres: foot,
    },
  );
  builder.allAfter([id], afterFloor, 'splash-rinsed');
  return id;
}
