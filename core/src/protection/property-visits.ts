import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { isWet, staysDry } from './work-phase.ts';
import type { PartWait, Stage, TreatmentPart } from '../treatment/stage.ts';

/** What is done on one face in a visit, and what had to pass before. */
export interface VisitPart {
  readonly surface: string;
  readonly wait: PartWait | null;
  readonly stages: readonly Stage[];
}

/** One coming of the crew to the property. */
export interface PropertyVisit {
  /** 1 for the first. */
  readonly number: number;
  /** Days after the first visit at which it can be at the earliest; 0 for the first. */
  readonly fromDay: number;
  /** The day after which something would be too late; null where later does no harm. */
  readonly latestDay: number | null;
  readonly parts: readonly VisitPart[];
}

interface Face {
  readonly surface: string;
  readonly parts: readonly TreatmentPart[];
}

interface Due {
  readonly face: Face;
  readonly part: TreatmentPart;
  readonly from: number;
  readonly latest: number;
  /** Something in it must stay dry. */
  readonly dry: boolean;
  /** It brings water, and nothing in it must stay dry. */
  readonly wetWork: boolean;
}

/** What wets which faces, and how long a method wants its face dry. */
export interface WetAndDry {
  /** Faces that get wet by the wet work on a face, by its id. */
  readonly wetted: ReadonlyMap<string, ReadonlySet<string>>;
  /** Days without water before what a method leaves on or fills in. */
  readonly dryDays: (method: string) => number;
  /** Days after the first visit before which a part of a face is not begun, by what was read there. */
  readonly heldUp: (surface: string, part: TreatmentPart) => number;
}

/** What must stay dry is not wetted on the day that it is put on. */
const STAYS_DRY_DAYS = 1;

/**
 * The visits to a property: in each, every face is treated whose wait is over. The crew comes as late as nothing is too
 * late for, so that as much as possible is ready together and it comes seldom. What must be dry, and stay so, never falls on
 * a visit in which work elsewhere wets its face; its days count from the last wetting by anything.
 */
export function propertyVisits(faces: readonly Face[], around: WetAndDry): readonly PropertyVisit[] {
  const visits: PropertyVisit[] = [];
  let waiting = faces.flatMap((face) => dueAfter(face, -1, 0, around));
  while (waiting.length > 0) {
    const ready = Math.max(...waiting.map((due) => due.from));
    const latest = Math.min(...waiting.map((due) => due.latest));
    const day = Math.min(ready, latest);
    const together = waiting.filter((due) => due.from <= day);
    const now = together.filter((due) => !givesWay(due, together, around));
    const done = new Set(now);
    const fromDay = Math.max(...now.map((due) => due.from));
    visits.push({
      number: visits.length + 1,
      fromDay,
      latestDay: Number.isFinite(latest) ? Math.max(fromDay, latest) : null,
      parts: now.map(({ face, part }) => ({ surface: face.surface, wait: part.wait, stages: part.stages })),
    });
    waiting = waiting
      .flatMap((due) =>
        done.has(due) ? dueAfter(due.face, due.face.parts.indexOf(due.part), day, around) : [due],
      )
      .map((due) => {
        const wetted = due.dry && now.some((other) => other.wetWork && reaches(other, due, around));
        const wets = due.wetWork && now.some((other) => other.dry && reaches(due, other, around));
        const from = day + Math.max(wetted ? daysDry(due, around) : 0, wets ? STAYS_DRY_DAYS : 0);
        return from <= due.from ? due : { ...due, from, latest: Math.max(due.latest, from) };
      });
  }
  return visits;
}

/** Whether it waits for another visit because water and what must stay dry would come together in this one. */
function givesWay(due: Due, together: readonly Due[], around: WetAndDry): boolean {
  return together.some((other) => {
    if (due.dry && other.wetWork && reaches(other, due, around)) return !comesFirst(due);
    if (due.wetWork && other.dry && reaches(due, other, around)) return comesFirst(other);
    return false;
  });
}

/** What is wetted later anyway comes before it, as a weed killer does; all else that must stay dry comes after. */
function comesFirst({ face, part }: Due): boolean {
  return face.parts.slice(face.parts.indexOf(part) + 1).some(({ stages }) => stages.some(isWet));
}

function reaches(from: Due, to: Due, { wetted }: WetAndDry): boolean {
  return wetted.get(from.face.surface)?.has(to.face.surface) ?? false;
}

function daysDry({ part }: Due, { dryDays }: WetAndDry): number {
  return Math.max(0, ...part.stages.filter(staysDry).map((stage) => dryDays(stage.method)));
}

/** The next part of a face that has stages: what only waits for others or for the result is no visit. */
function dueAfter(face: Face, index: number, day: number, { dryDays, heldUp }: WetAndDry): readonly Due[] {
  let [from, latest] = [day, Infinity];
  for (const part of face.parts.slice(index + 1)) {
    const days = part.wait?.days ?? { from: 0, latest: null };
    // Rain on a later day starts the drying again.
    from = Math.max(from + days.from, index < 0 && part === face.parts[0] ? 0 : heldUp(face.surface, part));
    latest = Math.max(
      from,
      Math.min(latest, days.latest === null ? Infinity : from - days.from + days.latest),
    );
    if (part.stages.length === 0) continue;
    // A last coat goes on a damp face: it only comes after all that wets it on its day.
    const dry = part.stages.some((stage) => staysDry(stage) && dryDays(stage.method) > 0);
    return [{ face, part, from, latest, dry, wetWork: !dry && part.stages.some(isWet) }];
  }
  return [];
}

/** A treated surface with the stages that belong to one visit; none where nothing is done on it then. */
export function inVisit(treated: TreatedSurface, visit: PropertyVisit | undefined): TreatedSurface {
  const { treatment } = treated;
  if (!treatment) return treated;
  const stages = visit?.parts.find((part) => part.surface === treated.surface.id)?.stages ?? [];
  return stages === treatment.stages ? treated : { ...treated, treatment: { ...treatment, stages } };
}
