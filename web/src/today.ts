/** The day of the calendar where the device is, YYYY-MM-DD. */
export function today(): string {
  // Sweden writes days so.
  return new Date().toLocaleDateString('sv-SE');
}
