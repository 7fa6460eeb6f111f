import { kept, keptBy } from '../quantity/kept.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { LimitFacts, StageFacts } from '../catalogue/limit.ts';
import { BEARINGS, BRUSHES } from '../catalogue/material.ts';
import { PLANTED } from '../catalogue/data/feature-harms.ts';
import type { Schools } from '../catalogue/school.ts';
import type { Finish, Material, Tolerances } from '../catalogue/material.ts';
import { isOpenWater } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import { DEFAULT_WEATHER } from '../survey/job-detail.ts';
import type { JobWeather } from '../survey/job-detail.ts';
import type { Surface } from '../survey/surface.ts';
import { sorptivityOf } from '../survey/water-absorption.ts';

/** What the limits need to know of a surface, whatever is done on it. */
export type SurfaceState = Omit<LimitFacts, keyof StageFacts>;

/** What a surface is judged by beside itself: where its run-off goes, the company's catalogue, the day. */
export interface SurfaceSurroundings {
  readonly surfaces: readonly Pick<Surface, 'id' | 'drainsOnto'>[];
  readonly features: readonly Feature[];
  readonly catalogue: Catalogue;
  readonly job: {
    readonly weather: Pick<JobWeather, 'temperatureC'>;
    readonly house: { readonly schools: Schools };
  };
}

/**
 * A surface as the limits see it for every material that it may be: the surveyor's first, then those he is unsure
 * between. The strictest holds until a test settles it.
 */
export function plausibleStates(
  surface: Surface,
  survey: SurfaceSurroundings,
): readonly [SurfaceState, ...SurfaceState[]] {
  return statesAround(surface, aroundOf(surface, survey));
}

const statesAround = keptBy(
  (surface: Surface, around: Around) => [surface, ...keysOf(around)],
  (surface, around): readonly [SurfaceState, ...SurfaceState[]] => {
    const others = surface.unsureBetween.filter((material) => material !== surface.material);
    const walked = asWalked(surface);
    return [stateOf(walked, around), ...others.map((material) => stateOf({ ...walked, material }, around))];
  },
);

interface Around {
  readonly toWater: boolean;
  readonly toPond: boolean;
  readonly toPlants: boolean;
  readonly captured: boolean;
  readonly catalogue: Catalogue;
  readonly temperatureCelsius: number;
}

/** What tells two surroundings apart; all of it primitive or the very same catalogue. */
const keysOf = ({ catalogue, toWater, toPond, toPlants, captured, temperatureCelsius }: Around) => [
  catalogue,
  toWater,
  toPond,
  toPlants,
  captured,
  temperatureCelsius,
];

function aroundOf(surface: Surface, survey: SurfaceSurroundings): Around {
  const reaching = (what: Ending) => reaches(surface, what, survey);
  return {
    toWater: reaching('open-water'),
    toPond: reaching('pond'),
    toPlants: reaching('plants'),
    captured: isCaptured(surface, survey),
    catalogue: survey.catalogue,
    temperatureCelsius: survey.job.weather.temperatureC,
  };
}

/** A surface as the limits see it: the material, changed by finish and conditions, and where its run-off ends. */
export function surfaceState(surface: Surface, survey: SurfaceSurroundings): SurfaceState {
  return stateOf(asWalked(surface), aroundOf(surface, survey));
}

/** A material in one finish, away from water and on a mild day; sound, unless a state is named. */
export function soundState(
  { id }: Material,
  finish: Finish,
  catalogue: Catalogue,
  conditions: readonly string[] = [],
): SurfaceState {
  const mild: Around = {
    toWater: false,
    toPond: false,
    toPlants: false,
    captured: false,
    catalogue,
    temperatureCelsius: DEFAULT_WEATHER.temperatureC,
  };
  return stateOf({ material: id, finish, conditions }, mild);
}

/** Far more sorts than a property has: a temperature that is typed digit by digit makes new ones. */
const MOST_KNOWN = 5000;

type Described = Pick<Surface, 'material' | 'finish' | 'conditions'>;

const NARROW_TREADS = 'narrow-treads';
const STEPS = /\b(steps|stairs|staircase|stairway|treads)\b/i;

/** What is called steps has treads, whether or not somebody says so. */
function asWalked({ name, material, finish, conditions }: Surface): Described {
  const isSteps = STEPS.test(name) && !conditions.includes(NARROW_TREADS);
  return { material, finish, conditions: isSteps ? [...conditions, NARROW_TREADS] : conditions };
}

/** Faces of one sort in one state are one object: what is judged of it is judged once. */
const stateOf = keptBy(
  ({ material, finish, conditions }: Described, around: Around) => [
    material,
    finish,
    conditions.join(' '),
    ...keysOf(around),
  ],
  madeState,
  MOST_KNOWN,
);

function madeState(surface: Described, around: Around): SurfaceState {
  const { catalogue, temperatureCelsius } = around;
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
    drainsToWater: around.toWater,
    drainsToPond: around.toPond,
    drainsToPlants: around.toPlants,
    captured: around.captured,
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

/** What run-off may end in, that limits ask about. */
const ENDINGS = {
  'open-water': isOpenWater,
  pond: ({ kind }: Feature) => kind === 'pond' || kind === 'stream',
  plants: ({ kind }: Feature) => PLANTED.includes(kind),
} as const satisfies Readonly<Record<string, (feature: Feature) => boolean>>;
type Ending = keyof typeof ENDINGS;

/** Whether run-off ends there, over any number of surfaces. */
function reaches(surface: Surface, what: Ending, { surfaces, features }: SurfaceSurroundings): boolean {
  const reaching = REACHING[what](surfaces, features);
  return surface.drainsOnto.some((id) => reaching.has(id));
}

/** All run-off of a surface is caught where its practice for plants, or the job's, or the company's, says so. */
function isCaptured({ schools }: Surface, { job, catalogue }: SurfaceSurroundings): boolean {
  return (
    (schools['plants'] ?? job.house.schools['plants'] ?? catalogue.school('plants').setting) === 'capture'
  );
}

const reachingBy = (isEnd: (feature: Feature) => boolean) =>
  kept((surfaces: SurfaceSurroundings['surfaces'], features: readonly Feature[]): ReadonlySet<string> => {
    const open = features.filter(isEnd).map((f) => f.id as string);
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
    return ids;
  });

/** What of each ending, and every surface whose run-off comes to it. */
const REACHING: Readonly<Record<Ending, ReturnType<typeof reachingBy>>> = {
  'open-water': reachingBy(ENDINGS['open-water']),
  pond: reachingBy(ENDINGS.pond),
  plants: reachingBy(ENDINGS.plants),
};

export function isAbsorbent(surface: Surface, catalogue: Catalogue): boolean {
  return sorptivityOf(surface, catalogue) >= TRADE_DEFAULTS.thirstySorptivity;
}
