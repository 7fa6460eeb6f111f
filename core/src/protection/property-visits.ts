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
  /** It goes on with what the day before had no room for. */
  readonly goesOn: boolean;
  readonly parts: readonly VisitPart[];
}

/** What one day of a visit has room for. */
export interface DayFill {
  /** At least one of the parts; the others come the next day. */
  readonly today: readonly VisitPart[];
  /** What is left of those that are only begun today. */
  readonly rest: ReadonlyMap<VisitPart, VisitPart>;
}

/** Fills the day with parts of a visit; those that are only begun come as a smaller one, and with what is left of it. */
export type DayRoom = (parts: readonly VisitPart[]) => DayFill;

interface Face {
  readonly surface: string;
  readonly parts: readonly TreatmentPart[];
}

interface Due {
  readonly face: Face;
  readonly part: TreatmentPart;
  /** Which of the parts of the face it is, or is what is left of. */
  readonly index: number;
  readonly from: number;
  readonly latest: number;
  /** Something in it must stay dry. */
  readonly dry: boolean;
  /** It brings water, and nothing in it must stay dry. */
  readonly wetWork: boolean;
  /** The day before had no room for it. */
  readonly goesOn: boolean;
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
 * a visit in which work elsewhere wets its face; its days count from the last wetting by anything. What a day has no room for is
 * done the day after.
 */
export function propertyVisits(
  faces: readonly Face[],
  around: WetAndDry,
  room: DayRoom = (today) => ({ today, rest: new Map() }),
): readonly PropertyVisit[] {
  const visits: PropertyVisit[] = [];
  let waiting = faces.flatMap((face) => dueAfter(face, -1, 0, around));
  while (waiting.length > 0) {
    const ready = Math.max(...waiting.map((due) => due.from));
    const latest = Math.min(...waiting.map((due) => due.latest));
    const day = Math.min(ready, latest, ...waiting.filter((due) => due.goesOn).map((due) => due.from));
    const together = waiting.filter((due) => due.from <= day);
    const wanted = new Map(
      together
        .filter((due) => !givesWay(due, together, around))
        .map((due): [VisitPart, Due] => [
          { surface: due.face.surface, wait: due.part.wait, stages: due.part.stages },
          due,
        ]),
    );
    const { today: parts, rest } = room([...wanted.keys()]);
    const bySurface = new Map([...wanted].map(([{ surface }, due]) => [surface, due]));
    const now = parts.flatMap(({ surface }) => bySurface.get(surface) ?? []);
    const left = new Map(parts.map((part) => [part.surface, rest.get(part)]));
    const done = new Set(now.filter(({ face }) => !left.get(face.surface)));
    const putOff = new Set([...wanted.values()].filter((due) => !done.has(due)));
    const fromDay = Math.max(...now.map((due) => due.from));
    visits.push({
      number: visits.length + 1,
      fromDay,
      latestDay: Number.isFinite(latest) ? Math.max(fromDay, latest) : null,
      goesOn: now.some((due) => due.goesOn),
      parts,
    });
    waiting = waiting
      .flatMap((due) => (done.has(due) ? dueAfter(due.face, due.index, day, around) : [due]))
      .map((due): Due => {
        if (!putOff.has(due)) return due;
        const stages = left.get(due.face.surface)?.stages ?? due.part.stages;
        const from = fromDay + 1;
        const part = { ...due.part, stages };
        return { ...due, part, from, latest: Math.max(due.latest, from), goesOn: true };
      })
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
function comesFirst({ face, index }: Due): boolean {
  return face.parts.slice(index + 1).some(({ stages }) => stages.some(isWet));
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
  for (const [after, part] of face.parts.slice(index + 1).entries()) {
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
    const wetWork = !dry && part.stages.some(isWet);
    return [{ face, part, index: index + 1 + after, from, latest, dry, wetWork, goesOn: false }];
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
