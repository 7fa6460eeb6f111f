import type { Plan } from '../plan/plan.ts';
import { secondOfDay, shortTime } from '../quantity/duration.ts';
import type { RoundPin } from '../survey/round-pin.ts';
import { withPin } from '../survey/round-pin.ts';
import type { Survey } from '../survey/survey.ts';
import { isPinnable, pinKeys, workOf } from '../visit/pinned-work.ts';
import type { NamedRound } from './rounds-in-words.ts';

/** What is fixed about a round, without who said so. */
export type Fixed = Pick<RoundPin, 'person' | 'notBefore'> &
  Required<Pick<RoundPin, 'notAfter' | 'after' | 'before'>>;

/** The work that a pin is about. */
export type Pinned = Pick<RoundPin, 'work'> & Required<Pick<RoundPin, 'hands'>>;

export const NOTHING_FIXED: Fixed = {
  person: null,
  notBefore: null,
  notAfter: null,
  after: null,
  before: null,
};

/** Where a round is wanted. */
export interface RoundMove {
  readonly person: string;
  /** By the clock, hh:mm. */
  readonly at: string;
}

/**
 * What can be fixed of a round: nothing of setting out, mixing, lunch and clearing up. A piece of the work by its name where the round has
 * all of it, and by its operations where others do the rest: one half of a pair is not the other.
 *
 * @param plan that the round is of
 */
export function workInRound({ operations }: NamedRound, { work: { planned }, surfaces }: Plan): Pinned {
  const own = new Set(operations.map(({ id }) => id));
  const elsewhere = new Set(
    planned.filter((one) => isPinnable(one) && !own.has(one.id)).flatMap((one) => workOf(one)),
  );
  const pinnable = operations.filter(isPinnable);
  const ids = pinnable.flatMap((one) =>
    workOf(one).some((id) => elsewhere.has(id)) ? [one.id] : workOf(one),
  );
  const cycles = new Set(pinnable.flatMap((one) => workOf(one)));
  const hands = surfaces.flatMap((surface) =>
    surface.cycles.flatMap(({ id: cycle, front }) =>
      cycles.has(cycle) && front && front.hands !== 'one' ? [{ cycle, hands: front.hands }] : [],
    ),
  );
  return { work: [...new Set(ids)], hands };
}

/** The pin on any of the work of a round; null where none is. */
export function pinOn({ operations }: NamedRound, { job: { house } }: Survey): RoundPin | null {
  const keys = new Set(operations.filter(isPinnable).flatMap((one) => pinKeys(one)));
  return (house.pins ?? []).find(({ work }) => work.some((id) => keys.has(id))) ?? null;
}

/** Whether nobody else can do it: nobody has lunch for somebody else. */
export const isOfOnesOwn = ({ operations }: NamedRound): boolean =>
  operations.every(({ task }) => task === 'lunch');

export function fixedBy(pin: RoundPin | null): Fixed {
  if (!pin) return NOTHING_FIXED;
  const { person, notBefore, notAfter = null, after = null, before = null } = pin;
  return { person, notBefore, notAfter, after, before };
}

/** Times are told to the minute: what moves less stays where it is. */
const SAME_SECONDS = 60;

/** What a move of a round wants fixed: begun later or by an earlier time, by somebody else, or both. */
export function fixedByMove(round: NamedRound, to: RoundMove, survey: Survey): Fixed {
  const now = fixedBy(pinOn(round, survey));
  const way = secondOfDay(to.at) - secondOfDay(survey.job.house.dayStart) - round.start;
  return {
    ...now,
    person: isOfOnesOwn(round) || to.person === round.person ? now.person : to.person,
    ...(way >= SAME_SECONDS && { notBefore: to.at, notAfter: null }),
    ...(way <= -SAME_SECONDS && { notBefore: null, notAfter: to.at }),
  };
}

/** Times are told to five minutes: so much later is still as told. */
const TOLD_SECONDS = 300;

/**
 * The pins with all rounds kept that begin before a time of the day: by whom they were told, and when, to five minutes.
 *
 * @param until hh:mm
 * @param stored makes a pin of what is fixed
 */
export function pinsAsTold(
  plan: Plan,
  survey: Survey,
  named: readonly NamedRound[],
  until: string,
  stored: (fixed: Fixed, pinned: Pinned, round: NamedRound) => RoundPin,
): readonly RoundPin[] {
  const { house } = survey.job;
  const dayStart = secondOfDay(house.dayStart);
  const starts = new Map(plan.visit?.schedule.placements.map(({ operation, start }) => [operation, start]));
  return named.reduce<readonly RoundPin[]>((pins, round) => {
    const pinned = workInRound(round, plan);
    const first = round.operations.find(isPinnable);
    if (!first || dayStart + round.start >= secondOfDay(until)) return pins;
    const at = dayStart + (starts.get(first.id) ?? round.start);
    const told = { notBefore: shortTime(at), notAfter: shortTime(at + TOLD_SECONDS) };
    const now = pinOn(round, survey);
    return withPin(
      pins.filter((pin) => pin !== now),
      stored({ ...NOTHING_FIXED, person: round.person, ...told }, pinned, round),
    );
  }, house.pins ?? []);
}
