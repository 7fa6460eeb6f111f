import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { conditionById, materialById } from '../catalogue/catalogue.ts';
import type { LimitFacts } from '../catalogue/limit.ts';
import { isOpenWater } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/thirst.ts';

/** What the limits need to know of a surface, whatever is done on it. */
export type SurfaceState = Omit<LimitFacts, 'agent' | 'agentClass' | 'jetKilopascal' | 'hot' | 'abrasive'>;

/** What a surface's run-off can reach. */
export interface RunOffSurroundings {
  readonly surfaces: readonly Pick<Surface, 'id' | 'drainsOnto'>[];
  readonly features: readonly Feature[];
}

/**
 * A surface as the limits see it for every material that it may be: the surveyor's first, then those he is unsure
 * between. The strictest holds until a test settles it.
 */
export function plausibleStates(
  surface: Surface,
  survey: RunOffSurroundings,
): readonly [SurfaceState, ...SurfaceState[]] {
  const others = surface.unsureBetween.filter((material) => material !== surface.material);
  return [
    surfaceState(surface, survey),
    ...others.map((material) => surfaceState({ ...surface, material }, survey)),
  ];
}

/** A surface as the limits see it: the material, changed by finish and conditions, and where its run-off ends. */
export function surfaceState(surface: Surface, survey: RunOffSurroundings): SurfaceState {
  const material = materialById(surface.material);
  const jetLimits = surface.conditions.map((id) => conditionById(id).jetLimitKilopascal ?? Infinity);
  return {
    material: material.id,
    family: material.family,
    finish: surface.finish,
    conditions: surface.conditions,
    calcareous: material.calcareous,
    saltSensitive: material.saltSensitive,
    drainsToWater: reachesOpenWater(surface, survey),
    jetLimitKilopascal: Math.min(material.jetLimitKilopascal, ...jetLimits),
  };
}

/** Whether run-off ends in open water, over any number of surfaces. */
function reachesOpenWater(surface: Surface, survey: RunOffSurroundings): boolean {
  const water = new Set(survey.features.filter(isOpenWater).map((f) => f.id as string));
  if (water.size === 0) return false;
  const onto = new Map(survey.surfaces.map((s) => [s.id as string, s.drainsOnto]));
  const seen = new Set<string>();
  const open: string[] = [...surface.drainsOnto];
  for (let id = open.pop(); id !== undefined; id = open.pop()) {
    if (water.has(id)) return true;
    if (seen.has(id)) continue;
    seen.add(id);
    open.push(...(onto.get(id) ?? []));
  }
  return false;
}

export function isThirsty(surface: Surface): boolean {
  return sorptivityOf(surface) >= TRADE_DEFAULTS.thirstySorptivity;
}
