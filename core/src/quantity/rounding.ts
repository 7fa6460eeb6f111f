/**
 * A value rounded to the nearest multiple of a declared step, free of binary dust.
 *
 * Physical results pass through it before any decision or hash, so that server and browser agree although
 * their `exp` may differ in the last bit.
 *
 * @param value any finite number
 * @param step the step, > 0, in the value's own unit
 * @returns the nearest multiple of `step`, halves away from zero
 * @example roundToStep(34.3199, 0.1) // 34.3
 */
export function roundToStep(value: number, step: number): number {
  const multiple = Math.sign(value) * Math.round(Math.abs(value) / step + 1e-9);
  const decimals = Math.max(0, Math.ceil(-Math.log10(step) - 1e-9)) + 1;
  return Number((multiple * step).toFixed(decimals));
}

/** Like {@link roundToStep}, but never above the value: for amounts that must not be passed. */
export function roundDownToStep(value: number, step: number): number {
  return roundToStep(Math.floor(value / step + 1e-9) * step, step);
}

/** Like {@link roundToStep}, but never below the value: for amounts that must suffice. */
export function roundUpToStep(value: number, step: number): number {
  return roundToStep(Math.ceil(value / step - 1e-9) * step, step);
}
