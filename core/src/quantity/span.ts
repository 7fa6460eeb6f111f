/**
 * A figure outside its span is refused with the value, the limit and the way out.
 * @throws RangeError
 */
export function requireSpan(what: string, value: number, low: number, high: number, unit: string): void {
  if (value >= low && value <= high) return;
  const of = (figure: number) => `${figure}${unit === '' ? '' : ` ${unit}`}`;
  throw new RangeError(`${what} ${of(value)} is outside ${of(low)} to ${of(high)}: check the reading`);
}

/** A figure that must be more than nothing. @throws RangeError */
export function requirePositive(what: string, value: number, unit: string): void {
  if (Number.isFinite(value) && value > 0) return;
  throw new RangeError(`${what} ${value} ${unit} must be above 0 ${unit}: measure it, or leave it open`);
}
