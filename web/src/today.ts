/** The day of the calendar where the device is, YYYY-MM-DD. */
export function today(): string {
  // Sweden writes days so.
  return new Date().toLocaleDateString('sv-SE');
}

/** A moment as this device writes it, short. */
export function shownMoment(iso: string): string {
  return new Date(iso).toLocaleString(undefined, { dateStyle: 'short', timeStyle: 'short' });
}
