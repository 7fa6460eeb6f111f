import type { RateRange } from '../catalogue/method.ts';
import type { Severity } from '../catalogue/contaminant.ts';

/** Factors on the *time* by severity. Trade default. */
export const SEVERITY_TIME_FACTOR: Readonly<Record<Severity, number>> = { 1: 0.6, 2: 1, 3: 1.4, 4: 2 };
const SHADED_TIME_FACTOR = 1.25;
const HIGH_TIME_FACTOR = 1.2;
const HIGH_ABOVE_METRES = 3;

export interface RateConditions {
  readonly severity: Severity;
  readonly shaded: boolean;
  readonly topMetres: number;
  /** True for stages whose time grows with dirt: scrub, wash; false for spreading and rinsing. */
  readonly dependsOnDirt: boolean;
}

/** The sum behind a rate. */
export interface PlannedRate {
  readonly squareMetresPerHour: number;
  readonly medianSquareMetresPerHour: number;
  readonly factors: readonly { readonly name: string; readonly factor: number }[];
}

/**
 * One person's planned rate: the median of the log-normal default range (√(low·high)) divided by the time factors.
 * @returns m²/h, with its sum
 * @example plannedRate({ lowSquareMetresPerHour: 15, highSquareMetresPerHour: 25 }, …severity 3) // 19.4 / 1.4 = 13.8
 */
export function plannedRate(range: RateRange, conditions: RateConditions): PlannedRate {
  const median = Math.sqrt(range.lowSquareMetresPerHour * range.highSquareMetresPerHour);
  const factors: { name: string; factor: number }[] = [];
  if (conditions.dependsOnDirt) {
    factors.push({
      name: `severity ${String(conditions.severity)}`,
      factor: SEVERITY_TIME_FACTOR[conditions.severity],
    });
    if (conditions.shaded) factors.push({ name: 'shady, damp side', factor: SHADED_TIME_FACTOR });
  }
  if (conditions.topMetres > HIGH_ABOVE_METRES) factors.push({ name: 'above 3 m', factor: HIGH_TIME_FACTOR });
  const factor = factors.reduce((product, f) => product * f.factor, 1);
  return { squareMetresPerHour: median / factor, medianSquareMetresPerHour: median, factors };
}
