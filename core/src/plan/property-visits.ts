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
}

/**
 * The visits to a property: in each, every face is treated whose wait is over. The crew comes as late as nothing is too
 * late for, so that as much as possible is ready together and it comes seldom.
 */
export function propertyVisits(faces: readonly Face[]): readonly PropertyVisit[] {
  const visits: PropertyVisit[] = [];
  let waiting = faces.flatMap((face) => dueAfter(face, -1, 0));
  while (waiting.length > 0) {
    const ready = Math.max(...waiting.map((due) => due.from));
    const latest = Math.min(...waiting.map((due) => due.latest));
    const day = Math.min(ready, latest);
    const now = waiting.filter((due) => due.from <= day);
    visits.push({
      number: visits.length + 1,
      fromDay: Math.max(...now.map((due) => due.from)),
      latestDay: Number.isFinite(latest) ? latest : null,
      parts: now.map(({ face, part }) => ({ surface: face.surface, wait: part.wait, stages: part.stages })),
    });
    waiting = waiting.flatMap((due) =>
      now.includes(due) ? dueAfter(due.face, due.face.parts.indexOf(due.part), day) : [due],
    );
  }
  return visits;
}

/** The next part of a face that has stages: what only waits for others or for the result is no visit. */
function dueAfter(face: Face, index: number, day: number): readonly Due[] {
  let [from, latest] = [day, Infinity];
  for (const part of face.parts.slice(index + 1)) {
    const days = part.wait?.days ?? { from: 0, latest: null };
    from += days.from;
    latest = Math.max(
      from,
      Math.min(latest, days.latest === null ? Infinity : from - days.from + days.latest),
    );
    if (part.stages.length > 0) return [{ face, part, from, latest }];
  }
  return [];
}
