import { secondOfDay } from '../quantity/duration.ts';
import type { OrderRound } from './crew-order.ts';

/** A day and a time by the clocks of the property. */
export interface DayTime {
  /** YYYY-MM-DD */
  readonly date: string;
  /** hh:mm */
  readonly time: string;
}

/**
 * The round that somebody is at, or that comes next, on the day of the order.
 * @param date of the order; empty where it has none
 * @returns null on any other day, and once all is done
 */
export function nextRound(rounds: readonly OrderRound[], date: string, now: DayTime): OrderRound | null {
  if (date !== now.date) return null;
  return rounds.find(({ finish }) => secondOfDay(finish) > secondOfDay(now.time)) ?? null;
}
