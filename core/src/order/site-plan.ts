import { FEATURE_NAMES } from '../survey/feature.ts';
import type { Feature } from '../survey/feature.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { roundTime, secondOfDay } from '../quantity/duration.ts';
import { formatFlow, formatLength } from '../quantity/shown-quantity.ts';
import { faced } from '../survey/face.ts';
import type { Face } from '../survey/face.ts';
import { aspectName } from '../survey/side.ts';
import { BANDS } from '../survey/surface.ts';
import type { Band, Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { waterFlow } from '../survey/water-point.ts';

/** The property unrolled: its sides side by side in walking order, in metres from the left end and above the ground. */
export interface SitePlan {
  readonly widthMetres: number;
  readonly topMetres: number;
  /** Below the ground line floors lie as deep as they are, seen from above. */
  readonly depthMetres: number;
  readonly sides: readonly PlanSide[];
  readonly surfaces: readonly PlanSurface[];
  readonly marks: readonly PlanMark[];
}

export interface PlanSide {
  readonly name: string;
  readonly x: number;
  readonly width: number;
  /** "N · 30 m of hose · from 08:50". */
  readonly about: string;
}

export interface PlanSurface {
  readonly id: string;
  readonly name: string;
  /** In walking order, from above to below; null where nobody works today. */
  readonly number: number | null;
  readonly band: Band;
  readonly x: number;
  /** Of its lower edge above the ground; negative for floors. */
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly isInScope: boolean;
}

/** Something to protect, a drain, a tap or the vehicle, by a letter beside the side where it is. */
export interface PlanMark {
  readonly letter: string;
  readonly kind: 'protect' | 'drain' | 'water' | 'vehicle';
  readonly x: number;
  readonly text: string;
}

/** Usual heights where none was measured, m: of the lower and the upper edge. */
const USUAL_HEIGHTS: Readonly<Record<Exclude<Band, 'floor'>, readonly [number, number]>> = {
  roof: [5, 7],
  'upper-wall': [2.6, 3.4],
  wall: [0, 2.5],
  opening: [0.9, 2.1],
};
const LEAST_HEIGHT = 0.4;
const LEAST_WIDTH = 0.8;
const LEAST_SIDE = 5;
const BETWEEN_SIDES = 1.5;
const BETWEEN = 0.3;
/** A floor of unknown shape is taken for twice as wide as deep, within this depth, m. */
const DEPTHS = [0.8, 4] as const;
const DRAINS: readonly Feature['kind'][] = ['drain', 'cellar-drain', 'gutter'];
const LETTERS = 'abcdefghijklmnopqrstuvwxyz';

/** Where everything of a visit is, to be drawn; numbers are those of the rounds of its order. */
export function sitePlan(plan: Plan, survey: Survey): SitePlan {
  const faces = faced(survey).surfaces;
  const places = survey.sides.map(({ id }) => id as string | null);
  const ids = survey.surfaces.some(({ side }) => side === null) ? [...places, null] : places;
  const numbers = surfaceNumbers(plan, survey);
  const outOfScope = new Set(survey.scopes.flatMap((s) => (s.inScope ? [] : [s.surface as string])));
  let x = 0;
  const sides: PlanSide[] = [];
  const surfaces: PlanSurface[] = [];
  for (const id of ids) {
    const column = columnOf(
      survey.surfaces.filter((surface) => surface.side === id),
      faces,
    );
    const width = Math.max(LEAST_SIDE, ...column.map((box) => box.x + box.width));
    const begin = x;
    surfaces.push(
      ...column.map(({ surface, ...box }) => ({
        ...box,
        x: begin + box.x,
        id: surface.id,
        name: surface.name,
        band: surface.band,
        number: numbers.get(surface.id) ?? null,
        isInScope: !outOfScope.has(surface.id),
      })),
    );
    sides.push({ ...sideInWords(id, plan, survey), x: begin, width });
    x += width + BETWEEN_SIDES;
  }
  return {
    widthMetres: Math.max(0, x - BETWEEN_SIDES),
    topMetres: Math.max(3, ...surfaces.map((s) => s.y + s.height)),
    depthMetres: Math.max(0, ...surfaces.map((s) => -s.y)),
    sides,
    surfaces,
    marks: marksOf(sides, surfaces, plan, survey),
  };
}

/** Numbers of the surfaces that are worked on a visit, in walking order, from above to below on each side; a zone has that of its surface. */
export function surfaceNumbers(plan: Plan, survey: Survey): ReadonlyMap<string, number> {
  const faces = faced(survey).surfaces;
  const baseOf = new Map(faces.map((face) => [face.id as string, face.zoneOf ?? face.id]));
  const worked = new Set(
    plan.work.planned.flatMap(({ parts }) => parts.map(({ surface }) => baseOf.get(surface) as string)),
  );
  const sideOf = (surface: Surface) => {
    const at = survey.sides.findIndex(({ id }) => id === surface.side);
    return at < 0 ? survey.sides.length : at;
  };
  const inOrder = survey.surfaces
    .filter(({ id }) => worked.has(id))
    .toSorted((a, b) => sideOf(a) - sideOf(b) || BANDS.indexOf(a.band) - BANDS.indexOf(b.band));
  const numbers = new Map(inOrder.map(({ id }, i) => [id as string, i + 1]));
  return new Map(
    faces.flatMap(({ id, zoneOf }) => {
      const number = numbers.get(zoneOf ?? id);
      return number === undefined ? [] : [[id, number] as const];
    }),
  );
}

interface Box {
  readonly surface: Surface;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Walls stand first; what is above, in and below them is set to them. */
const DRAWN: readonly Band[] = ['wall', 'upper-wall', 'roof', 'opening', 'floor'];

/** The surfaces of a side: each over or under one that its water joins, where there is room, else as far left as there is. */
function columnOf(surfaces: readonly Surface[], faces: readonly Face[]): readonly Box[] {
  const boxes: Box[] = [];
  // What is set to another comes before what may stand anywhere.
  const isTied = (one: Surface) => surfaces.some((other) => other.band !== one.band && isJoined(one, other));
  const rank = (one: Surface) => 2 * DRAWN.indexOf(one.band) + (isTied(one) ? 0 : 1);
  for (const surface of surfaces.toSorted((a, b) => rank(a) - rank(b))) {
    const area = faces
      .filter((face) => face.id === surface.id || face.zoneOf === surface.id)
      .reduce((sum, { takeOff }) => sum + (takeOff.ok ? takeOff.squareMetres : 0), 0);
    const size = sizeOf(surface, area);
    const isOpening = surface.band === 'opening';
    const rivals = boxes.filter(
      (box) =>
        isOpening === (box.surface.band === 'opening') &&
        box.y < size.y + size.height - 1e-6 &&
        size.y < box.y + box.height - 1e-6,
    );
    const inset = isOpening ? BETWEEN : 0;
    const joined = boxes.filter((box) => isJoined(box.surface, surface)).map((box) => box.x + inset);
    const beside = [inset, ...rivals.map((box) => box.x + box.width + BETWEEN)].sort((a, b) => a - b);
    const isFree = (x: number) => rivals.every((box) => x >= box.x + box.width || x + size.width <= box.x);
    boxes.push({ surface, x: [...joined, ...beside].find(isFree) ?? inset, ...size });
  }
  return boxes;
}

/** Whether the water of one comes onto the other, or one lies in the other. */
function isJoined(one: Surface, other: Surface): boolean {
  const names = (from: Surface, to: Surface) =>
    from.drainsOnto.includes(to.id) || from.beside.includes(to.id) || from.below.includes(to.id);
  return names(one, other) || names(other, one);
}

/** How wide and high it is drawn: as measured where it was, so that its area is right. */
function sizeOf(surface: Surface, area: number): Pick<Box, 'y' | 'width' | 'height'> {
  if (surface.band === 'floor') {
    const depth = Math.min(DEPTHS[1], Math.max(DEPTHS[0], Math.sqrt(area / 2)));
    return { y: -depth, height: depth, width: Math.max(LEAST_WIDTH, area / depth) };
  }
  const isMeasured = surface.topMetres > surface.footMetres;
  const [foot, top] = isMeasured ? [surface.footMetres, surface.topMetres] : USUAL_HEIGHTS[surface.band];
  const height = Math.max(LEAST_HEIGHT, top - foot);
  // A roof is longer along its slope than it is high.
  const slope = height / Math.max(0.2, Math.sin((surface.tiltDegrees * Math.PI) / 180));
  return { y: foot, height, width: Math.max(LEAST_WIDTH, area / Math.max(height, slope)) };
}

function sideInWords(id: string | null, plan: Plan, survey: Survey): Pick<PlanSide, 'name' | 'about'> {
  const side = survey.sides.find((own) => own.id === id);
  if (!side) return { name: say('site-plan/no-side'), about: '' };
  const sideOf = new Map(plan.surfaces.map(({ surface }) => [surface.id as string, surface.side]));
  const partsOf = new Map(plan.work.planned.map(({ id: own, parts }) => [own, parts]));
  const starts = (plan.visit?.schedule.placements ?? []).flatMap(({ operation, start }) =>
    (partsOf.get(operation) ?? []).some(({ surface }) => sideOf.get(surface) === id) ? [start] : [],
  );
  const dayStart = secondOfDay(survey.job.house.dayStart);
  const about = [
    side.aspectDegrees === null ? '' : aspectName(side.aspectDegrees),
    side.routeMetres === null
      ? ''
      : say('site-plan/hose', { length: formatLength(side.routeMetres, survey.job.units) }),
    starts.length === 0 ? '' : say('site-plan/from', { time: roundTime(dayStart + Math.min(...starts)) }),
  ];
  return { name: side.name, about: about.filter((part) => part !== '').join(' · ') };
}

function marksOf(
  sides: readonly PlanSide[],
  surfaces: readonly PlanSurface[],
  plan: Plan,
  survey: Survey,
): readonly PlanMark[] {
  const at = new Map(surfaces.map((box) => [box.id, box]));
  const marks: Omit<PlanMark, 'letter'>[] = survey.features.map((feature): Omit<PlanMark, 'letter'> => {
    const by = survey.surfaces.find((surface) =>
      [surface.drainsOnto, surface.beside, surface.below, surface.behind].some((own) =>
        own.includes(feature.id),
      ),
    );
    const box = by && at.get(by.id);
    const isDrain = DRAINS.includes(feature.kind);
    return {
      kind: isDrain ? 'drain' : 'protect',
      x: box ? box.x + box.width / 2 : 0,
      text: isDrain ? drainInWords(feature) : protectedInWords(feature, plan),
    };
  });
  // Water is drawn, and the vehicle stands, where the way of the hose begins.
  const nearest = survey.sides
    .map(({ routeMetres }, i) => ({ i, metres: routeMetres ?? Infinity }))
    .sort((a, b) => a.metres - b.metres)[0];
  const stand = sides[nearest?.i ?? 0];
  const x = stand ? stand.x + stand.width / 2 : 0;
  for (const point of survey.waterPoints) {
    const flow = waterFlow(point);
    const shown = flow === null ? '' : formatFlow(flow.litresPerMinute, survey.job.units);
    marks.push({ kind: 'water', x, text: [point.name, shown].filter((part) => part !== '').join(', ') });
  }
  const { vehicleStand } = survey.property;
  if (vehicleStand !== '')
    marks.push({ kind: 'vehicle', x, text: say('site-plan/vehicle', { where: vehicleStand }) });
  return marks
    .toSorted((a, b) => a.x - b.x)
    .map((mark, i) => ({ ...mark, letter: `${LETTERS[i % 26] ?? ''}${i < 26 ? '' : Math.floor(i / 26)}` }));
}

function drainInWords({ name, leadsTo, state }: Feature): string {
  const leads = say(`site-plan/leads/${leadsTo ?? 'unknown'}`);
  const isHeld = state === 'slow' || state === 'blocked';
  return say('site-plan/drain', {
    name,
    where: isHeld ? say(`site-plan/${state}`, { where: leads }) : leads,
  });
}

/** What is done for it before the work, in short; its kind where nothing has to be. */
function protectedInWords({ id, name, kind }: Feature, plan: Plan): string {
  const acts = plan.protections.filter(({ feature, when }) => feature === id && when === 'before');
  const what = acts[0]?.text ?? '';
  return say('site-plan/feature', { name, what: what === '' ? FEATURE_NAMES[kind].toLowerCase() : what });
}
