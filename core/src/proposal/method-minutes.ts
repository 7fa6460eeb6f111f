import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { ApplyTemplate, Method, PreWetTemplate, WorkedTemplate } from '../catalogue/method.ts';
import { timeFactor } from '../rates/stage-duration.ts';
import type { Face } from '../survey/face.ts';
import type { Surface } from '../survey/surface.ts';
import { cycleFront } from '../wetting/cycle-front.ts';
import type { FrontPiece } from '../wetting/front-pieces.ts';
import type { FaceAir } from '../wetting/face-air.ts';
import { naturalPieces } from '../wetting/natural-pieces.ts';
import { stripLay } from '../wetting/strip-lay.ts';
import { wetClocks } from '../wetting/wet-clocks.ts';
import type { ChainSurroundings } from '../treatment/chain-link.ts';
import { isPreWetted, isTied } from '../treatment/method-cycle.ts';

/** A face as it is worked on the day: how large, in what air, by which habits. */
export interface WorkPlace extends Pick<ChainSurroundings, 'shaded' | 'schools'> {
  readonly surface: MeasuredSurface;
  readonly air: FaceAir;
  readonly catalogue: Catalogue;
}

/** A surface with its size as it was taken off. */
export type MeasuredSurface = Surface & Pick<Face, 'takeOff'>;

/** What is treated of it, and how bad it is. */
export interface WorkAmount {
  readonly severity: Severity;
  readonly areaSquareMetres: number;
}

export interface MethodMinutes {
  /** Of one person, with dwell, strips and mists. */
  readonly minutes: number;
  /** False where no rhythm keeps it wet and within its dwell. */
  readonly isWorkable: boolean;
}

/** Sizes and clocks closer than this rank alike, so that faces of about one size share their fronts. */
const ALIKE = Math.log(1.08);

/**
 * How long one person is at a method on this face: each cycle as the front that it would be worked as in this air, all else by its
 * rates. Waits for days count as visits, not here.
 *
 * @returns minutes, of a size and of clocks rounded to within 4 %
 */
export function methodMinutes(method: Method, amount: WorkAmount, place: WorkPlace): MethodMinutes {
  const area = alike(amount.areaSquareMetres);
  const minutesOf = (stage: WorkedTemplate) => area / rateOf(stage, amount, place);
  let minutes = 0;
  let isWorkable = true;
  for (let index = 0; index < method.stages.length; index += 1) {
    const stage = method.stages[index];
    if (!stage || stage.kind === 'wait') continue;
    if (stage.kind === 'pre-wet' && !isWetted(stage, amount, place)) continue;
    const cycle = cycleFrom(method, index, amount, place);
    if (!cycle) {
      minutes += minutesOf(stage);
      continue;
    }
    const front = frontMinutes(cycle, amount, place);
    minutes += front ?? [cycle.apply, ...cycle.finishing].reduce((sum, each) => sum + minutesOf(each), 0);
    isWorkable &&= front !== null;
    index = cycle.last;
  }
  return { minutes, isWorkable };
}

function isWetted({ onlyIfThirsty }: PreWetTemplate, { severity }: WorkAmount, place: WorkPlace): boolean {
  return isPreWetted(onlyIfThirsty, place, { severity, celsius: place.air.temperatureC });
}

/** One application with what is tied to it. */
interface Cycle {
  readonly preWet: PreWetTemplate | null;
  readonly apply: ApplyTemplate;
  readonly finishing: readonly WorkedTemplate[];
  readonly last: number;
}

/** The cycle that begins with a stage; null for a stage of none, and for what is left on. */
function cycleFrom(method: Method, index: number, amount: WorkAmount, place: WorkPlace): Cycle | null {
  const { stages } = method;
  const first = stages[index];
  const preWet = first?.kind === 'pre-wet' && isWetted(first, amount, place) ? first : null;
  const at = preWet ? index + 1 : index;
  const apply = stages[at];
  if (apply?.kind !== 'apply' || apply.leaveOn) return null;
  const finishing: WorkedTemplate[] = [];
  for (let next = at + 1; isTied(method, next); next += 1) {
    const stage = stages[next];
    if (!stage || stage.kind === 'wait' || stage.kind === 'apply' || stage.kind === 'pre-wet') break;
    finishing.push(stage);
  }
  return finishing.length === 0 ? null : { preWet, apply, finishing, last: at + finishing.length };
}

/** Null where no rhythm holds. */
function frontMinutes(cycle: Cycle, amount: WorkAmount, place: WorkPlace): number | null {
  const { preWet, apply, finishing } = cycle;
  const { surface, air, catalogue } = place;
  const area = alike(amount.areaSquareMetres);
  const perMinute = (stage: WorkedTemplate) => rateOf(stage, amount, place);
  const together = (stages: readonly WorkedTemplate[]) =>
    1 / stages.reduce((sum, stage) => sum + 1 / perMinute(stage), 0);
  const clocks = wetClocks(surface, apply, preWet?.minutes ?? 0, air, catalogue);
  const changes = (stages: readonly WorkedTemplate[]) =>
    stages.filter(({ tool }, i) => stages.at(i - 1)?.tool !== tool).length;
  const wetting = [...(preWet ? [preWet] : []), apply];
  const front = cycleFront({
    areaSquareMetres: area,
    natural: isWhole(surface, amount.areaSquareMetres) ? naturalPieces(surface) : null,
    ...stripLay(surface, area),
    applyRate: perMinute(apply),
    finishRate: together(finishing),
    agitateRate: together(finishing.filter(({ kind }) => kind === 'agitate')),
    preWetRate: preWet && perMinute(preWet),
    soakMinutes: preWet?.minutes ?? 0,
    toolChanges: {
      alone: changes([...wetting, ...finishing]),
      leader: changes(wetting),
      follower: changes(finishing),
    },
    dwell: { fromMinutes: apply.dwellMinutes.from, toMinutes: apply.dwellMinutes.to },
    wetMinutes: alike(apply.needs === 'film' ? clocks.filmMinutes : clocks.dryOutMinutes),
    // How often it is mixed again is a matter of the day, not of the method.
    mixMinutes: Infinity,
  });
  return front?.pieces.reduce((sum, piece) => sum + handsOn(piece), 0) ?? null;
}

/** While all that is applied dwells for the first time other work is done; whatever is waited strip by strip is lost. */
function handsOn({ front, leftAlone, minutes }: FrontPiece): number {
  const isIdle = front.mode !== 'pair' && front.mode !== 'single' && !leftAlone;
  return minutes - (isIdle ? front.firstWait : 0);
}

/** m²/min. */
function rateOf(stage: WorkedTemplate, { severity }: WorkAmount, { surface, shaded }: WorkPlace): number {
  const { lowSquareMetresPerHour: low, highSquareMetresPerHour: high } = stage.rate;
  const dependsOnDirt = stage.kind === 'agitate' || stage.kind === 'wash' || stage.kind === 'clear';
  const factor = timeFactor({ severity, shaded, topMetres: surface.topMetres, dependsOnDirt });
  return Math.sqrt(low * high) / factor / 60 / (stage.kind === 'apply' ? stage.coats : 1);
}

const alike = (x: number) => (x > 0 ? Math.exp(Math.round(Math.log(x) / ALIKE) * ALIKE) : 0);

const isWhole = ({ takeOff }: MeasuredSurface, areaSquareMetres: number) =>
  takeOff.ok && areaSquareMetres > 0.99 * takeOff.squareMetres;
