import { toolById } from '../catalogue/catalogue.ts';
import type { PlannedSurface } from './planned-surface.ts';
import type { WorkBuilder } from './work-builder.ts';

/** A wall whose foot is no higher than this above the floor is splashed when the floor is washed, m. Trade default. */
const SPLASH_METRES = 1;
/** How high the foot is rinsed, m. */
const FOOT_METRES = 1;
const RINSE_SQUARE_METRES_PER_HOUR = 194;
const HOSE = 'garden-hose';

/** Whether washing the lower surface splashes the foot of the upper, and a plain rinse may follow on it. */
export function splashesUp(upper: PlannedSurface, lower: PlannedSurface): boolean {
  const washed = lower.treatment?.stages.some((s) => s.kind === 'wash') ?? false;
  const floor = lower.surface.tiltDegrees < 20;
  const wall =
    upper.surface.tiltDegrees >= 60 && upper.surface.footMetres - lower.surface.topMetres <= SPLASH_METRES;
  const leftOn = upper.treatment?.stages.some((s) => s.apply?.leaveOn) ?? false;
  return washed && floor && wall && !leftOn && upper.takeOff.ok;
}

/** The rinse of a wall's foot after the floor below was washed; also of walls that are not treated themselves. */
export function footRinse(builder: WorkBuilder, wall: PlannedSurface, afterFloor: readonly string[]): string {
  const { surface, takeOff } = wall;
  const area = takeOff.ok ? takeOff.squareMetres : 0;
  const height = Math.max(FOOT_METRES, surface.topMetres - surface.footMetres);
  const foot = (area / height) * FOOT_METRES;
  const id = `${surface.id}.foot-rinse.${String(builder.operations.length)}`;
  builder.add(
    {
      id,
      cluster: id,
      seconds: (3600 * foot) / RINSE_SQUARE_METRES_PER_HOUR,
      machines: toolById(HOSE).machines,
      zone: surface.side ?? `site.${surface.id}`,
      place: surface.id,
    },
    {
      task: 'foot-rinse',
      surface: surface.id,
      stages: [],
      cycle: null,
      section: null,
      areaSquareMetres: foot,
    },
  );
  builder.allAfter([id], afterFloor, 'splash-rinsed');
  return id;
}
