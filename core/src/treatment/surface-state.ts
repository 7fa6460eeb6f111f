import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { LimitFacts, StageFacts } from '../catalogue/limit.ts';
import { BEARINGS, BRUSHES } from '../catalogue/material.ts';
import type { Finish, Material, Tolerances } from '../catalogue/material.ts';
import { houseCatalogue } from '../house/house-catalogue.ts';
import type { HouseHandbook } from '../house/house-handbook.ts';
import { isOpenWater } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import { DEFAULT_WEATHER } from '../survey/job-detail.ts';
import type { JobWeather } from '../survey/job-detail.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/thirst.ts';

/** What the limits need to know of a surface, whatever is done on it. */
export type SurfaceState = Omit<LimitFacts, keyof StageFacts>;

/** What a surface is judged by beside itself: where its run-off goes, the house's catalogue, the day. */
export interface SurfaceSurroundings {
  readonly surfaces: readonly Pick<Surface, 'id' | 'drainsOnto'>[];
  readonly features: readonly Feature[];
  readonly handbook: HouseHandbook;
  readonly job: { readonly weather: Pick<JobWeather, 'temperatureC'> };
}

/**
 * A surface as the limits see it for every material that it may be: the surveyor's first, then those he is unsure
 * between. The strictest holds until a test settles it.
 */
export function plausibleStates(
  surface: Surface,
  survey: SurfaceSurroundings,
): readonly [SurfaceState, ...SurfaceState[]] {
  const around = aroundOf(surface, survey);
  const before = seen.get(surface);
  if (before && sameAround(before.around, around)) return before.states;
  const others = surface.unsureBetween.filter((material) => material !== surface.material);
  const states: readonly [SurfaceState, ...SurfaceState[]] = [
    stateOf(surface, around),
    ...others.map((material) => stateOf({ ...surface, material }, around)),
  ];
  seen.set(surface, { around, states });
  return states;
}

interface Around {
  readonly toWater: boolean;
  readonly catalogue: Catalogue;
  readonly temperatureCelsius: number;
}

function aroundOf(surface: Surface, survey: SurfaceSurroundings): Around {
  return {
    toWater: reachesOpenWater(surface, survey),
    catalogue: houseCatalogue(survey.handbook),
    temperatureCelsius: survey.job.weather.temperatureC,
  };
}

function sameAround(a: Around, b: Around): boolean {
  return (
    a.toWater === b.toWater && a.catalogue === b.catalogue && a.temperatureCelsius === b.temperatureCelsius
  );
}

/** Nothing of a surface changes without its becoming another object; what is around it may. */
const seen = new WeakMap<
  Surface,
  { readonly around: Around; readonly states: readonly [SurfaceState, ...SurfaceState[]] }
>();

/** A surface as the limits see it: the material, changed by finish and conditions, and where its run-off ends. */
export function surfaceState(surface: Surface, survey: SurfaceSurroundings): SurfaceState {
  return stateOf(surface, aroundOf(surface, survey));
}

/** A material in one finish, sound, away from water and on a mild day. */
export function soundState({ id }: Material, finish: Finish, catalogue: Catalogue): SurfaceState {
  const mild = { toWater: false, catalogue, temperatureCelsius: DEFAULT_WEATHER.temperatureC };
  return stateOf({ material: id, finish, conditions: [] }, mild);
}

/** Faces of one sort in one state are one object: what is judged of it is judged once. */
const known = new WeakMap<Catalogue, Map<string, SurfaceState>>();
/** Far more sorts than a property has: a temperature that is typed digit by digit makes new ones. */
const MOST_KNOWN = 5000;

function stateOf(surface: Pick<Surface, 'material' | 'finish' | 'conditions'>, around: Around): SurfaceState {
  const { catalogue, toWater, temperatureCelsius } = around;
  const states = known.get(catalogue) ?? new Map<string, SurfaceState>();
  known.set(catalogue, states);
  const key = JSON.stringify([
    surface.material,
    surface.finish,
    surface.conditions,
    toWater,
    temperatureCelsius,
  ]);
  const before = states.get(key);
  if (before) return before;
  if (states.size >= MOST_KNOWN) states.clear();
  const made = madeState(surface, around);
  states.set(key, made);
  return made;
}

function madeState(
  surface: Pick<Surface, 'material' | 'finish' | 'conditions'>,
  { toWater, catalogue, temperatureCelsius }: Around,
): SurfaceState {
  const material = catalogue.material(surface.material);
  const conditions = surface.conditions.map(catalogue.condition);
  const jetLimits = conditions.map((c) => c.jetLimitKilopascal ?? Infinity);
  const brushes = [material.brush, ...conditions.flatMap((c) => c.brush ?? [])];
  const handOver = material.handOver ?? conditions.find((c) => c.handOver !== undefined)?.handOver ?? null;
  const bearing = (to: keyof Tolerances) =>
    BEARINGS.findLast((b) =>
      [material.tolerates[to], ...conditions.map((c) => c.tolerates?.[to])].includes(b),
    ) ?? material.tolerates[to];
  return {
    material: material.like ?? material.id,
    family: material.family,
    finish: surface.finish,
    conditions: surface.conditions,
    calcareous: material.calcareous,
    saltSensitive: material.saltSensitive,
    drainsToWater: toWater,
    temperatureCelsius,
    jetLimitKilopascal: Math.min(material.jetLimitKilopascal, ...jetLimits),
    chlorine: bearing('chlorine'),
    peroxide: bearing('peroxide'),
    solvent: bearing('solvent'),
    heat: bearing('heat'),
    brush: BRUSHES.find((brush) => brushes.includes(brush)) ?? material.brush,
    pHLow: Math.max(material.pH[0], ...conditions.map((c) => c.pH?.[0] ?? 0)),
    pHHigh: Math.min(material.pH[1], ...conditions.map((c) => c.pH?.[1] ?? 14)),
    handOver: handOver !== null,
    handOverReason: handOver ?? '',
  };
}

/** Whether run-off ends in open water, over any number of surfaces. */
function reachesOpenWater(surface: Surface, survey: SurfaceSurroundings): boolean {
  const reaching = reachingOpenWater(survey);
  return surface.drainsOnto.some((id) => reaching.has(id));
}

/** For the surfaces that they were gathered from: an edit makes a new list. */
const gathered = new WeakMap<
  SurfaceSurroundings['surfaces'],
  { readonly features: readonly Feature[]; readonly ids: ReadonlySet<string> }
>();

/** Open water, and every surface whose run-off comes to it. */
function reachingOpenWater({ surfaces, features }: SurfaceSurroundings): ReadonlySet<string> {
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

export function isThirsty(surface: Surface, catalogue: Catalogue): boolean {
  return sorptivityOf(surface, catalogue) >= TRADE_DEFAULTS.thirstySorptivity;
}
