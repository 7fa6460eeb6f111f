/** @example formatDuration(5400) // "1 h 30 min" */
export function formatDuration(seconds: number): string {
  if (seconds < 60) return `${Math.round(seconds)} s`;
  const minutes = Math.round(seconds / 60);
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

/** Seconds after midnight of "hh:mm"; the input is checked by the schema that holds it. */
export function secondOfDay(hoursAndMinutes: string): number {
  const [hours = '0', minutes = '0'] = hoursAndMinutes.split(':');
  return Number(hours) * 3600 + Number(minutes) * 60;
}
