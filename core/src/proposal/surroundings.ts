import { FEATURE_HARMS, HARSHNESS, PLANTED } from '../catalogue/data/feature-harms.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { AGENT_CLASSES } from '../catalogue/agent.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { ApplyTemplate, Method } from '../catalogue/method.ts';
import { kept } from '../quantity/kept.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { countOf, isDrain, isWideDoor } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import { neighboursOf } from '../survey/neighbours.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';
import { classRefusals } from '../treatment/limit-verdict.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import type { SurfaceState } from '../treatment/surface-state.ts';

/** How what is put on a face comes to something else: it drips on it, runs over it, or is sprayed beside it. */
export type Exposed = keyof typeof TRADE_DEFAULTS.exposure;

/** Something around a face that agents may harm. */
export interface Neighbour {
  readonly name: string;
  readonly exposed: Exposed;
  readonly isPlanting: boolean;
  readonly harmedBy: readonly AgentClass[];
}

/** What a treatment of a face does to others, as far as that counts in its choice. */
export interface Surroundings {
  readonly neighbours: readonly Neighbour[];
  /** Run-off that would reach open water is held back: the drain is blocked, or all of it is caught. */
  readonly isCaught: boolean;
  /** How far doors go along it, m. */
  readonly doorMetres: number;
}

export const NOTHING_AROUND: Surroundings = { neighbours: [], isCaught: false, doorMetres: 0 };

/** What stands below, beside and behind each face, features as much as faces. */
export function surroundings(survey: FacedSurvey): (face: Face) => Surroundings {
  const onto = flowsOnto(survey.surfaces);
  const beside = neighboursOf(survey.surfaces);
  const features = new Map(survey.features.map((feature) => [feature.id as string, feature]));
  const harmed = new Map<string, Harmed>();
  for (const feature of survey.features) {
    const harms = featureHarmed(feature);
    if (harms) harmed.set(feature.id, harms);
  }
  for (const face of survey.surfaces) {
    const harms = faceHarmed(face, survey);
    if (harms) harmed.set(face.id, harms);
  }
  const doors = doorsAlong(survey.surfaces, features);
  return (face) => {
    const reached = reachedFrom(onto, face.id);
    const isOverhead = face.tiltDegrees > TRADE_DEFAULTS.overheadDegrees;
    const drips = [...face.below, ...(isOverhead ? face.drainsOnto : [])];
    const around = new Around(face.id, harmed);
    around.add(drips, 'drip');
    around.add(reached, 'runOff');
    around.add([...face.beside, ...face.behind, ...(beside.get(face.id) ?? [])], 'beside');
    return {
      neighbours: around.neighbours,
      isCaught: survey.job.house.schools['plants'] === 'capture' || isHeldBack(reached, features),
      doorMetres: doors(face),
    };
  };
}

/** What is around one face, each thing once, as it is exposed most; of what the same agents harm in the same way no more than counts. */
class Around {
  readonly neighbours: Neighbour[] = [];
  private readonly seen: Set<string>;
  private readonly counts = new Map<string, number>();
  private readonly harmed: ReadonlyMap<string, Harmed>;

  constructor(face: string, harmed: ReadonlyMap<string, Harmed>) {
    this.seen = new Set([face]);
    this.harmed = harmed;
  }

  add(ids: Iterable<string>, exposed: Exposed): void {
    const most = TRADE_DEFAULTS.mostHarmed / TRADE_DEFAULTS.exposure[exposed];
    for (const id of ids) {
      const harms = this.harmed.get(id);
      if (!harms || this.seen.has(id)) continue;
      this.seen.add(id);
      const alike = exposed + harms.alike;
      const count = this.counts.get(alike) ?? 0;
      if (count >= most) continue;
      this.counts.set(alike, count + 1);
      const { name, isPlanting, harmedBy } = harms;
      this.neighbours.push({ name, exposed, isPlanting, harmedBy });
    }
  }
}

/** What harms a thing; things with the same word are harmed alike. */
interface Harmed extends Omit<Neighbour, 'exposed'> {
  readonly alike: string;
}

const harmedThing = (name: string, isPlanting: boolean, harmedBy: readonly AgentClass[]): Harmed | null =>
  !isPlanting && harmedBy.length === 0
    ? null
    : { name, isPlanting, harmedBy, alike: `${isPlanting} ${harmedBy.join(' ')}` };

/** What is moved away before the work is harmed by nothing. */
function featureHarmed({ kind, name, movable }: Feature): Harmed | null {
  return movable === 'yes' ? null : harmedThing(name, PLANTED.includes(kind), FEATURE_HARMS[kind] ?? []);
}

function faceHarmed(face: Face, survey: FacedSurvey): Harmed | null {
  return harmedThing(face.name, false, harmedClasses(plausibleStates(face, survey)));
}

/** Doors beside a floor, and those of the walls that stand on it, m along it. */
function doorsAlong(faces: readonly Face[], features: ReadonlyMap<string, Feature>): (floor: Face) => number {
  const { metresAlong, metresAlongGates } = TRADE_DEFAULTS.doorStrip;
  const doorsOf = ({ beside, behind }: Face) =>
    [...beside, ...behind].flatMap((id) => {
      const feature = features.get(id);
      return feature?.kind === 'door' ? [feature] : [];
    });
  const ofWalls = new Map<string, readonly Feature[]>();
  for (const face of faces) {
    const own = doorsOf(face);
    if (own.length === 0) continue;
    for (const floor of face.drainsOnto) ofWalls.set(floor, [...(ofWalls.get(floor) ?? []), ...own]);
  }
  return (floor) => {
    const doors = new Set([...doorsOf(floor), ...(ofWalls.get(floor.id) ?? [])]);
    const metres = (door: Feature) => countOf(door) * (isWideDoor(door) ? metresAlongGates : metresAlong);
    return [...doors].reduce((sum, door) => sum + metres(door), 0);
  };
}

/** Water that comes to open water only by drains that do not run stays where it can be taken up. */
function isHeldBack(reached: ReadonlySet<string>, features: ReadonlyMap<string, Feature>): boolean {
  let isBlocked = false;
  for (const [id, feature] of features) {
    if (!reached.has(id)) continue;
    if (feature.kind === 'pond' || feature.kind === 'stream') return false;
    if (isDrain(feature) && feature.state !== 'blocked') return false;
    isBlocked ||= isDrain(feature);
  }
  return isBlocked;
}

function harmedClasses([first, ...others]: readonly [
  SurfaceState,
  ...SurfaceState[],
]): readonly AgentClass[] {
  const own = classesAgainst(first);
  return others.length === 0 ? own : [...new Set([...own, ...others.flatMap(classesAgainst)])];
}

const classesAgainst = kept((state: SurfaceState): readonly AgentClass[] =>
  AGENT_CLASSES.filter((agentClass) => classRefusals(state, agentClass).length > 0),
);

/** What a method does to what is around: each thing harmed, and how much, 1 for the harshest run-off over one thing. */
export function harmTo(
  neighbours: readonly Neighbour[],
  method: Method,
  catalogue: Catalogue,
): readonly { readonly neighbour: Neighbour; readonly units: number }[] {
  if (neighbours.length === 0) return [];
  const sprayed = applications(method);
  return neighbours.flatMap((neighbour) => {
    const worst = Math.max(0, ...sprayed.map((stage) => harshness(stage, neighbour, catalogue)));
    return worst > 0 ? [{ neighbour, units: worst * TRADE_DEFAULTS.exposure[neighbour.exposed] }] : [];
  });
}

const applications = kept((method: Method): readonly ApplyTemplate[] =>
  workedStages(method).flatMap((stage) => (stage.kind === 'apply' ? [stage] : [])),
);

function harshness(stage: ApplyTemplate, neighbour: Neighbour, catalogue: Catalogue): number {
  const agent = catalogue.agent(stage.agent);
  const harms = neighbour.isPlanting ? agent.harmsPlants : neighbour.harmedBy.includes(agent.class);
  if (!harms) return 0;
  const { brieflyMinutes, brieflyShare, byHandShare } = TRADE_DEFAULTS;
  const isBrief = stage.dwellMinutes.to <= brieflyMinutes;
  const isSprayed = catalogue.tool(stage.tool).machines.includes('sprayer');
  return (HARSHNESS[agent.class] ?? 0) * (isBrief ? brieflyShare : 1) * (isSprayed ? 1 : byHandShare);
}
