const MILLISECONDS_PER_DAY = 86_400_000;

/**
 * A date some days later.
 * @param date YYYY-MM-DD
 * @example daysAfter('2026-02-27', 3) // '2026-03-02'
 */
export function daysAfter(date: string, days: number): string {
  return new Date(Date.parse(`${date}T00:00:00Z`) + Math.ceil(days) * MILLISECONDS_PER_DAY)
    .toISOString()
    .slice(0, 10);
}
