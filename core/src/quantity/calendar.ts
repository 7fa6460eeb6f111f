const MILLISECONDS_PER_DAY = 86_400_000;

const dayOf = (date: string) => Date.parse(`${date}T00:00:00Z`) / MILLISECONDS_PER_DAY;

/**
 * A date some days later.
 * @param date YYYY-MM-DD
 * @example daysAfter('2026-02-27', 3) // '2026-03-02'
 */
export function daysAfter(date: string, days: number): string {
  return new Date((dayOf(date) + Math.ceil(days)) * MILLISECONDS_PER_DAY).toISOString().slice(0, 10);
}

/** Days from one date to another, YYYY-MM-DD; below 0 where the second comes before. */
export function daysBetween(from: string, to: string): number {
  return dayOf(to) - dayOf(from);
}

/** 0 for January. */
export function monthOf(date: string): number {
  return Number(date.slice(5, 7)) - 1;
}

/** The first day of the next month. */
export function nextMonth(date: string): string {
  const [year, month] = [Number(date.slice(0, 4)), monthOf(date) + 1];
  return month === 12 ? `${year + 1}-01-01` : `${year}-${String(month + 1).padStart(2, '0')}-01`;
}
