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
  const spared = new Map<string, Set<ChemistryMeeting>>();
  for (const [meeting, ways] of open)
    for (const way of ways) {
      const own = spared.get(keyOf(way)) ?? new Set();
      spared.set(keyOf(way), own.add(meeting));
    }
  const order = new Map(meetings.map((meeting, i) => [meeting, i]));
  const groups: SharedCure[] = [];
  while (open.size > 0) {
    const key = sparingMost(spared, order);
    const most = [...(spared.get(key) ?? [])];
    const shared = most.length > 1;
    const group = shared ? most : [...open.keys()].slice(0, 1);
    const ways = group.slice(0, 1).flatMap((meeting) => open.get(meeting) ?? []);
    groups.push({ meetings: group, ways: shared ? ways.filter((way) => keyOf(way) === key) : ways });
    for (const meeting of group) {
      for (const way of open.get(meeting) ?? []) spared.get(keyOf(way))?.delete(meeting);
      open.delete(meeting);
    }
  }
  const placeOf = ({ meetings: [first] }: SharedCure) => (first ? meetings.indexOf(first) : 0);
  return groups.sort((a, b) => placeOf(a) - placeOf(b));
}

/** The change that spares the most of what is open; of equals the one whose first meeting comes first. */
function sparingMost(
  spared: ReadonlyMap<string, ReadonlySet<ChemistryMeeting>>,
  order: ReadonlyMap<ChemistryMeeting, number>,
): string {
  let best = { key: '', size: 0, first: Infinity };
  for (const [key, own] of spared) {
    const { size } = own;
    if (size < best.size || size === 0) continue;
    const [meeting] = own;
    const first = (meeting && order.get(meeting)) ?? Infinity;
    if (size > best.size || first < best.first) best = { key, size, first };
  }
  return best.key;
}

const keyOf = ({ face, contaminant, method }: OtherTreatment) => `${face} ${contaminant} ${method}`;
