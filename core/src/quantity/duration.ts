/** @example formatDuration(5400) // "1 h 30 min" */
export function formatDuration(seconds: number): string {
  const minutes = Math.round(seconds / 60);
  if (minutes === 0 && seconds > 0) return 'under 1 min';
  const hours = Math.floor(minutes / 60);
  const rest = minutes % 60;
  if (hours === 0) return `${minutes} min`;
  return rest === 0 ? `${hours} h` : `${hours} h ${rest} min`;
}

const two = (n: number) => String(n).padStart(2, '0');

/**
 * Time of day as hh:mm:ss.
 * @param secondOfDay whole seconds after midnight; past 24 h it counts on (25:10:00), so that an overlong day shows
 * @example clockTime(29400) // "08:10:00"
 */
export function clockTime(secondOfDay: number): string {
  const s = Math.round(secondOfDay);
  return `${two(Math.floor(s / 3600))}:${two(Math.floor((s % 3600) / 60))}:${two(s % 60)}`;
}

/** Time of day as hh:mm: for what must not be missed, as the end of a dwell. */
export function shortTime(secondOfDay: number): string {
  return clockTime(secondOfDay).slice(0, 5);
}

const FIVE_MINUTES = 300;

/**
 * Time of day as a crew reads it, to five minutes.
 * @example roundTime(32_040) // "08:55", of 08:54
 */
export function roundTime(secondOfDay: number): string {
  return shortTime(FIVE_MINUTES * Math.round(secondOfDay / FIVE_MINUTES));
}

/** Seconds after midnight of "hh:mm"; the input is checked by the schema that holds it. */
export function secondOfDay(hoursAndMinutes: string): number {
  const [hours = '0', minutes = '0'] = hoursAndMinutes.split(':');
  return Number(hours) * 3600 + Number(minutes) * 60;
}
