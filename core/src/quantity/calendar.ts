import { DateTime } from 'luxon';
import type { Language } from '../language/language.ts';
import { LANGUAGE, LOCALE } from '../language/spoken.ts';

/** A date by itself, YYYY-MM-DD: its days have 24 hours wherever it is. */
const dayOf = (date: string) => DateTime.fromISO(date, { zone: 'utc' });
const written = (day: DateTime) => day.toFormat('yyyy-MM-dd');

/**
 * A date some days later.
 * @param date YYYY-MM-DD
 * @example daysAfter('2026-02-27', 3) // '2026-03-02'
 */
export function daysAfter(date: string, days: number): string {
  return written(dayOf(date).plus({ days: Math.ceil(days) }));
}

/**
 * A date some months later; the last day of a shorter month.
 * @example monthsAfter('2026-08-31', 6) // '2027-02-28'
 */
export function monthsAfter(date: string, months: number): string {
  return written(dayOf(date).plus({ months }));
}

/** How each language writes a day. */
const DAYS: Readonly<Record<Language, string>> = {
  en: 'cccc, d MMMM yyyy',
  de: 'cccc, d. MMMM yyyy',
  es: "cccc, d 'de' MMMM 'de' yyyy",
};

/**
 * A date as it is written to people, with its day of the week.
 * @example dayInWords('2026-06-15') // 'Monday, 15 June 2026'
 */
export function dayInWords(date: string): string {
  return dayOf(date).setLocale(LOCALE).toFormat(DAYS[LANGUAGE]);
}

/**
 * The month of a date, for what nobody knows to the day.
 * @example monthInWords('2026-06-15') // 'June 2026'
 */
export function monthInWords(date: string): string {
  return dayOf(date).setLocale(LOCALE).toFormat('MMMM yyyy');
}

/** Days from one date to another, YYYY-MM-DD; below 0 where the second comes before. */
export function daysBetween(from: string, to: string): number {
  return dayOf(to).diff(dayOf(from), 'days').days;
}

/** 0 for January. */
export function monthOf(date: string): number {
  return dayOf(date).month - 1;
}

/** The first day of the next month. */
export function nextMonth(date: string): string {
  return written(dayOf(date).plus({ months: 1 }).startOf('month'));
}
