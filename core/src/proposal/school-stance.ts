import { kept } from '../quantity/kept.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { BRUSHED, FRAGILE_ROOF } from '../catalogue/data/conditions.ts';
import type { ContaminantFamily } from '../catalogue/contaminant.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Method } from '../catalogue/method.ts';
import type { MaterialFamily, RoofWay } from '../catalogue/material.ts';
import type { Schools } from '../catalogue/school.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { Surface } from '../survey/surface.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

/** Which way holds on a face: its own, else the job's, else the company's, else the trade's default. */
export function schoolsOn(
  surface: Pick<Surface, 'schools'>,
  house: Pick<JobHouse, 'schools'>,
  catalogue: Catalogue,
): Schools {
  return { ...companyWays(catalogue), ...house.schools, ...surface.schools };
}

const companyWays = kept(({ schools }: Catalogue): Schools =>
  Object.fromEntries(schools.map(({ id, setting }) => [id, setting])),
);

const MACHINE_FAMILIES: readonly MaterialFamily[] = ['concrete', 'stone'];

/** What a brush takes along; stains and paint are another matter. */
const SCRUBBED: readonly ContaminantFamily[] = ['growth', 'soil', 'hydrocarbon'];

/** The settings of each school that a method goes by; schools that it has nothing to do with are left out. */
export type Stances = Readonly<Record<string, readonly string[]>>;

/** Which ways a method goes on a face, by school. */
export function schoolStances(
  method: Method,
  contaminant: string,
  state: SurfaceState,
  catalogue: Catalogue,
): Stances {
  const { family } = state;
  const stages = workedStages(method);
  const agents = stages.flatMap((s) => (s.kind === 'apply' ? [catalogue.agent(s.agent).class] : []));
  const dirt = contaminantById(contaminant).family;
  const growth = dirt === 'growth';
  const bleaches = agents.includes('hypochlorite');
  const wash = stages.findIndex((s) => s.kind === 'wash' && catalogue.tool(s.tool).jet);
  const stays = staysOn(method, catalogue);
  const stances: Record<string, readonly string[]> = Object.fromEntries(
    Object.entries(method.schools ?? {}).map(([school, setting]) => [school, [setting]]),
  );
  if (growth && agents.length > 0)
    stances['growth-chemistry'] = [bleaches ? 'hypochlorite' : 'oxygen-or-neutral'];
  if (growth && family === 'roofing') stances['roofs'] = roofStances(method, state, catalogue);
  if (growth) stances['result'] = [stays ? 'leave-on' : 'same-day'];
  if (wash >= 0)
    stances['chemistry-or-machine'] = [
      stages.slice(0, wash).some((s) => s.kind === 'apply') ? 'pre-treat' : 'wash-first',
    ];
  // Chemistry alone is chemistry first, where a machine could go.
  else if (growth && agents.length > 0 && MACHINE_FAMILIES.includes(family))
    stances['chemistry-or-machine'] = ['pre-treat'];
  if (agents.length > 0 && SCRUBBED.includes(dirt))
    stances['scrub-or-dwell'] = [stages.some((s) => s.kind === 'agitate') ? 'scrub' : 'dwell'];
  return stances;
}

/** Whether its agent is left on the face, to work by itself. */
export function staysOn(method: Method, catalogue: Catalogue): boolean {
  return workedStages(method).some(
    (s) => s.kind === 'apply' && s.leaveOn && catalogue.agent(s.agent).leaveOn,
  );
}

/** Ways that suit a roof of a sort; one that is broken or slipped is fragile, whatever it is made of. */
const SUITS: Readonly<Record<RoofWay, readonly RoofMethodWay[]>> = {
  'soft-wash': ['soft-wash'],
  'by-hand': ['by-hand', 'biocide'],
  washed: ['washed'],
  rinsed: ['rinsed', 'soft-wash'],
};
type RoofMethodWay = RoofWay | 'biocide';

function roofStances(method: Method, state: SurfaceState, catalogue: Catalogue): readonly string[] {
  const way = roofWay(method, catalogue);
  const isFragile = FRAGILE_ROOF.some((condition) => state.conditions.includes(condition));
  const wanted = isFragile ? 'by-hand' : (catalogue.material(state.material).roofWay ?? 'by-hand');
  return [
    ...(SUITS[wanted].includes(way) ? ['by-material'] : []),
    ...(staysOn(method, catalogue) ? ['biocide-only'] : []),
    ...(way === 'soft-wash' ? ['hypochlorite-and-rinse'] : []),
  ];
}

/** How a method goes about a roof. */
export function roofWay(method: Method, catalogue: Catalogue): RoofMethodWay {
  const stages = workedStages(method);
  const isScraped = stages.some((s) => s.kind === 'clear' && s.bulk);
  if (staysOn(method, catalogue)) return isScraped ? 'by-hand' : 'biocide';
  if (stages.some((s) => s.kind === 'wash')) return 'washed';
  const applied = stages.flatMap((s) => (s.kind === 'apply' ? [catalogue.agent(s.agent).class] : []));
  if (applied.length === 0) return 'by-hand';
  return applied.includes('hypochlorite') ? 'soft-wash' : 'rinsed';
}

/** Against which dirt a method is asked about, on what. */
export interface StanceQuestion {
  readonly contaminant: string;
  readonly state: SurfaceState;
}

/**
 * The schools that a method goes against, in the order of the catalogue. What a company has chosen counts in full, and the way of each
 * roof; the trade's default counts in part, and only where it is right.
 */
export function schoolsAgainst(
  stances: Stances,
  held: Schools,
  question: StanceQuestion,
  catalogue: Catalogue,
): readonly { readonly id: string; readonly isChosen: boolean }[] {
  return catalogue.schools.flatMap(({ id, settings }) => {
    const [byDefault] = settings;
    const [stance, wanted] = [stances[id], held[id]];
    if (stance === undefined || wanted === undefined || stance.includes(wanted)) return [];
    const isChosen = wanted !== byDefault?.id || id === 'roofs';
    return isChosen || isDefaultRight(id, question) ? [{ id, isChosen }] : [];
  });
}

const OXYGEN_FAMILIES: readonly MaterialFamily[] = ['timber', 'roofing'];

/** Whether the trade's default is the way here: not near water, on timber, old stone or roofs, which have ways of their own. */
function isDefaultRight(school: string, { contaminant, state }: StanceQuestion): boolean {
  const { family, conditions } = state;
  switch (school) {
    case 'growth-chemistry':
      return (
        !OXYGEN_FAMILIES.includes(family) &&
        !state.saltSensitive &&
        !state.drainsToWater &&
        !conditions.includes('historic')
      );
    case 'result':
      return family !== 'roofing';
    case 'scrub-or-dwell':
      return (
        contaminantById(contaminant).family === 'growth' &&
        !state.saltSensitive &&
        !conditions.some((condition) => BRUSHED.includes(condition))
      );
    default:
      return true;
  }
}
