import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { CompanyPerson } from '../company/person.ts';
import { entryOf } from '../survey/crew.ts';
import type { JobHouse } from '../survey/job-detail.ts';

/** When somebody is there, in seconds from the start of the visit. */
export interface CrewHours {
  readonly person: string;
  readonly from: number;
  /** Null where they stay to the end. */
  readonly until: number | null;
}

/**
 * Of everybody of the crew; who leaves at the end of the working day, or of the work, or later stays to the end. Whoever comes only then is
 * not there at all: their hours have no length.
 *
 * @param likelyEnd of the work, s
 */
export function crewHours(
  { crew, dayStart, dayHours }: Pick<JobHouse, 'crew' | 'dayStart' | 'dayHours'>,
  likelyEnd = Infinity,
): readonly CrewHours[] {
  const begin = secondOfDay(dayStart);
  return crew.map(({ id: person, from = null, until = null }): CrewHours => {
    const leaves = until === null ? Infinity : secondOfDay(until) - begin;
    const end = Math.min(likelyEnd, 3600 * dayHours);
    const comes = from === null ? 0 : Math.max(0, secondOfDay(from) - begin);
    if (comes > 0 && comes >= end) return { person, from: comes, until: comes };
    return { person, from: comes, until: leaves < end ? Math.max(comes, leaves) : null };
  });
}

/** Whether somebody is there for long enough to rig and to pack up. */
export const isThere = ({ from, until }: CrewHours): boolean =>
  until === null || until - from > 2 * TRADE_DEFAULTS.joinSeconds;

/** Those who are there from the start to the end; all where nobody is. They set out, and see to it that everything is lifted. */
export function wholeDay(hours: readonly CrewHours[]): ReadonlySet<string> {
  const whole = hours.filter(({ from, until }) => from === 0 && until === null);
  return new Set((whole.length > 0 ? whole : hours).map(({ person }) => person));
}

/** Hours of work that the crew has in a day, counted in whole days of one person. */
export function crewDays(house: Pick<JobHouse, 'crew' | 'dayStart' | 'dayHours'>): number {
  const day = 3600 * house.dayHours;
  const there = crewHours(house).map(({ from, until }) => Math.max(0, (until ?? day) - from) / day);
  return Math.max(
    0.1,
    there.reduce((sum, share) => sum + share, 0),
  );
}

/** Everybody's time on a day from when they come to when they leave, or to its end, s. */
export function paidSeconds(
  makespan: number,
  house: Pick<JobHouse, 'crew' | 'dayStart' | 'dayHours'>,
): number {
  return secondsOfEach(makespan, house).reduce((sum, seconds) => sum + seconds, 0);
}

/** What that costs at everybody's rate, in the company's money; null where a rate of somebody is not told. */
export function paidWages(
  makespan: number,
  house: Pick<JobHouse, 'crew' | 'dayStart' | 'dayHours'>,
  people: readonly CompanyPerson[],
): number | null {
  let wages = 0;
  for (const [i, seconds] of secondsOfEach(makespan, house).entries()) {
    const member = house.crew[i];
    const rate = member ? (entryOf(member, people)?.ratePerHour ?? null) : null;
    if (rate === null) return null;
    wages += (seconds / 3600) * rate;
  }
  return wages;
}

/** In the order of the crew. */
function secondsOfEach(
  makespan: number,
  house: Pick<JobHouse, 'crew' | 'dayStart' | 'dayHours'>,
): readonly number[] {
  return crewHours(house, makespan).map(({ from, until }) => Math.max(0, (until ?? makespan) - from));
}
