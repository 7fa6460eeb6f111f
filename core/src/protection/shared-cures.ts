import { otherTreatments } from './other-treatments.ts';
import type { OtherTreatment } from './other-treatments.ts';
import type { ChemistryMeeting } from './chemistry-guard.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';

/** Meetings that one change of method would spare, all of them. */
export interface SharedCure {
  readonly meetings: readonly ChemistryMeeting[];
  /** The change that spares all of them; of one alone whatever would. */
  readonly ways: readonly OtherTreatment[];
}

/** Meetings by what would spare them: whichever change spares most first. Each stands in one group, in their order. */
export function sharedCures(
  meetings: readonly ChemistryMeeting[],
  surfaces: readonly TreatedSurface[],
): readonly SharedCure[] {
  const open = new Map(meetings.map((meeting) => [meeting, otherTreatments(meeting, surfaces)]));
  const groups: SharedCure[] = [];
  while (open.size > 0) {
    const spared = new Map<string, ChemistryMeeting[]>();
    for (const [meeting, ways] of open)
      for (const way of ways) spared.set(keyOf(way), [...(spared.get(keyOf(way)) ?? []), meeting]);
    const [key, most] = [...spared].reduce<readonly [string, readonly ChemistryMeeting[]]>(
      (best, next) => (next[1].length > best[1].length ? next : best),
      ['', []],
    );
    const shared = most.length > 1;
    const group = shared ? most : [...open.keys()].slice(0, 1);
    const ways = group.slice(0, 1).flatMap((meeting) => open.get(meeting) ?? []);
    groups.push({ meetings: group, ways: shared ? ways.filter((way) => keyOf(way) === key) : ways });
    for (const meeting of group) open.delete(meeting);
  }
  const placeOf = ({ meetings: [first] }: SharedCure) => (first ? meetings.indexOf(first) : 0);
  return groups.sort((a, b) => placeOf(a) - placeOf(b));
}

const keyOf = ({ face, contaminant, method }: OtherTreatment) => `${face} ${contaminant} ${method}`;
