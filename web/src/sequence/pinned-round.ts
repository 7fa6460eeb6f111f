import { fixesNothing, secondOfDay, shortTime, withPin, workOf } from '@etappe/core';
import type { NamedRound, RoundPin, Survey } from '@etappe/core';
import type { RoundMove } from '../drawing/day-ribbon.tsx';
import { personOnDevice } from '../person-on-device.ts';
import { say } from '../messages/sequence.ts';

/** What about a round is fixed, or is tried. */
export type PinDraft = Pick<RoundPin, 'person' | 'notBefore'> &
  Required<Pick<RoundPin, 'notAfter' | 'after' | 'before'>>;

export const NOTHING_FIXED: PinDraft = {
  person: null,
  notBefore: null,
  notAfter: null,
  after: null,
  before: null,
};

/** What can be fixed of a round: nothing of setting out, mixing, lunch and clearing up. */
export function workInRound({ operations }: NamedRound): readonly string[] {
  return [
    ...new Set(
      operations.flatMap((own) => (own.task === 'mix' || own.parts.length === 0 ? [] : workOf(own))),
    ),
  ];
}

/** The pin on any of the work of a round; null where none is. */
export function pinOn(work: readonly string[], { job: { house } }: Survey): RoundPin | null {
  return (house.pins ?? []).find((pin) => pin.work.some((id) => work.includes(id))) ?? null;
}

export function draftOf(pin: RoundPin | null): PinDraft {
  if (!pin) return NOTHING_FIXED;
  const { person, notBefore, notAfter = null, after = null, before = null } = pin;
  return { person, notBefore, notAfter, after, before };
}

/** Times are told to the minute: what moves less stays where it is. */
const SAME_SECONDS = 60;

/** What a move of a round on the ribbon wants fixed: begun later or by an earlier time, by somebody else, or both. */
export function draftMoved(round: NamedRound, to: RoundMove, survey: Survey): PinDraft {
  const now = draftOf(pinOn(workInRound(round), survey));
  const way = secondOfDay(to.at) - secondOfDay(survey.job.house.dayStart) - round.start;
  return {
    ...now,
    person: to.person === round.person ? now.person : to.person,
    ...(way >= SAME_SECONDS && { notBefore: to.at, notAfter: null }),
    ...(way <= -SAME_SECONDS && { notBefore: null, notAfter: to.at }),
  };
}

/** A pin as it is stored: what, who said so and when. */
export function pinOf(draft: PinDraft, work: readonly string[], name: string): RoundPin {
  return {
    ...draft,
    work,
    name: name.slice(0, 120),
    why: '',
    by: personOnDevice() || say('pin/somebody'),
    at: new Date().toISOString(),
  };
}

export const isSameDraft = (one: PinDraft, other: PinDraft): boolean =>
  JSON.stringify(one) === JSON.stringify(other);

/** The pins with all rounds kept that begin before a time of the day: by whom, and not before they were told. */
export function pinsWithTold(
  survey: Survey,
  rounds: readonly NamedRound[],
  until: string,
): readonly RoundPin[] {
  const { house } = survey.job;
  const dayStart = secondOfDay(house.dayStart);
  return rounds
    .filter((round) => dayStart + round.start < secondOfDay(until) && workInRound(round).length > 0)
    .reduce<readonly RoundPin[]>((pins, round) => {
      const notBefore = shortTime(dayStart + round.start);
      const draft = { ...NOTHING_FIXED, person: round.person, notBefore };
      return withPin(pins, pinOf(draft, workInRound(round), round.name));
    }, house.pins ?? []);
}

/** What a pin fixes, in short. */
export function pinInWords(pin: RoundPin, { job: { house } }: Survey): string {
  const { person, notBefore, notAfter, after, before } = draftOf(pin);
  if (fixesNothing(pin)) return '';
  const name = house.crew.find(({ id }) => id === person)?.name ?? person;
  return [
    name !== null && say('pin/by', { name }),
    notBefore !== null && say('pin/from', { notBefore }),
    notAfter !== null && say('pin/until', { notAfter }),
    after !== null && say('pin/behind', { round: after.name }),
    before !== null && say('pin/ahead-of', { round: before.name }),
  ]
    .filter((part) => part !== false)
    .join(', ');
}
