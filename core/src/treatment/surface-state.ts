import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { conditionById, materialById } from '../catalogue/catalogue.ts';
import type { LimitFacts, StageFacts } from '../catalogue/limit.ts';
import { BRUSHES } from '../catalogue/material.ts';
import type { Finish, Material } from '../catalogue/material.ts';
import { isOpenWater } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/thirst.ts';

/** What the limits need to know of a surface, whatever is done on it. */
export type SurfaceState = Omit<LimitFacts, keyof StageFacts>;

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
  const toWater = reachesOpenWater(surface, survey);
  const before = seen.get(surface);
  if (before?.toWater === toWater) return before.states;
  const others = surface.unsureBetween.filter((material) => material !== surface.material);
  const states: readonly [SurfaceState, ...SurfaceState[]] = [
    stateOf(surface, toWater),
    ...others.map((material) => stateOf({ ...surface, material }, toWater)),
  ];
  seen.set(surface, { toWater, states });
  return states;
}

/** Nothing of a surface changes without its becoming another object; where its run-off ends may. */
const seen = new WeakMap<
  Surface,
  { readonly toWater: boolean; readonly states: readonly [SurfaceState, ...SurfaceState[]] }
>();

/** A surface as the limits see it: the material, changed by finish and conditions, and where its run-off ends. */
export function surfaceState(surface: Surface, survey: RunOffSurroundings): SurfaceState {
  return stateOf(surface, reachesOpenWater(surface, survey));
}

/** A material in one finish, sound and away from water. */
export function soundState({ id }: Material, finish: Finish): SurfaceState {
  return stateOf({ material: id, finish, conditions: [] }, false);
}

function stateOf(
  surface: Pick<Surface, 'material' | 'finish' | 'conditions'>,
  drainsToWater: boolean,
): SurfaceState {
  const material = materialById(surface.material);
  const conditions = surface.conditions.map(conditionById);
  const jetLimits = conditions.map((c) => c.jetLimitKilopascal ?? Infinity);
  const brushes = [material.brush, ...conditions.flatMap((c) => c.brush ?? [])];
  const handOver = material.handOver ?? conditions.find((c) => c.handOver !== undefined)?.handOver ?? null;
  return {
    material: material.id,
    family: material.family,
    finish: surface.finish,
    conditions: surface.conditions,
    calcareous: material.calcareous,
    saltSensitive: material.saltSensitive,
    drainsToWater,
    jetLimitKilopascal: Math.min(material.jetLimitKilopascal, ...jetLimits),
    ...material.tolerates,
    brush: BRUSHES.find((brush) => brushes.includes(brush)) ?? material.brush,
    pHLow: material.pH[0],
    pHHigh: material.pH[1],
    handOver: handOver !== null,
    handOverReason: handOver ?? '',
  };
}

/** Whether run-off ends in open water, over any number of surfaces. */
function reachesOpenWater(surface: Surface, survey: RunOffSurroundings): boolean {
  const reaching = reachingOpenWater(survey);
  return surface.drainsOnto.some((id) => reaching.has(id));
}

/** For the surfaces that they were gathered from: an edit makes a new list. */
const gathered = new WeakMap<
  RunOffSurroundings['surfaces'],
  { readonly features: readonly Feature[]; readonly ids: ReadonlySet<string> }
>();

/** Open water, and every surface whose run-off comes to it. */
function reachingOpenWater({ surfaces, features }: RunOffSurroundings): ReadonlySet<string> {
  const before = gathered.get(surfaces);
  if (before?.features === features) return before.ids;
  const open = features.filter(isOpenWater).map((f) => f.id as string);
  const ids = new Set(open);
  const above = new Map<string, string[]>();
  if (open.length > 0)
    for (const { id, drainsOnto } of surfaces)
      for (const onto of drainsOnto) above.set(onto, [...(above.get(onto) ?? []), id]);
  for (let at = open.pop(); at !== undefined; at = open.pop())
    for (const id of above.get(at) ?? []) {
      if (ids.has(id)) continue;
      ids.add(id);
      open.push(id);
    }
  gathered.set(surfaces, { features, ids });
  return ids;
}

export function isThirsty(surface: Surface): boolean {
  return sorptivityOf(surface) >= TRADE_DEFAULTS.thirstySorptivity;
}
