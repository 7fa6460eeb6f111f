import { say } from '../messages/message.ts';
import { formatLength } from '../quantity/shown-quantity.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { RateRange } from '../catalogue/method.ts';
import type { Severity } from '../catalogue/contaminant.ts';

export interface RateConditions {
  readonly severity: Severity;
  readonly shaded: boolean;
  readonly topMetres: number;
  /** True for stages whose time grows with dirt: scrub, wash; false for spreading and rinsing. */
  readonly dependsOnDirt: boolean;
}

/** What the conditions make of the time that something takes, as a number; {@link plannedRate} has it with its sum. */
export function timeFactor({ severity, shaded, topMetres, dependsOnDirt }: RateConditions): number {
  const { severityTimeFactor, shadedTimeFactor, highTimeFactor, highAboveMetres } = TRADE_DEFAULTS;
  const dirt = dependsOnDirt ? severityTimeFactor[severity] * (shaded ? shadedTimeFactor : 1) : 1;
  return dirt * (topMetres > highAboveMetres ? highTimeFactor : 1);
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
      name: say('rate/severity', { severity: conditions.severity }),
      factor: TRADE_DEFAULTS.severityTimeFactor[conditions.severity],
    });
    if (conditions.shaded)
      factors.push({ name: say('rate/shaded'), factor: TRADE_DEFAULTS.shadedTimeFactor });
  }
  if (conditions.topMetres > TRADE_DEFAULTS.highAboveMetres)
    factors.push({
      name: say('rate/high', { height: formatLength(TRADE_DEFAULTS.highAboveMetres, 'metric') }),
      factor: TRADE_DEFAULTS.highTimeFactor,
    });
  const factor = factors.reduce((product, f) => product * f.factor, 1);
  return { squareMetresPerHour: median / factor, medianSquareMetresPerHour: median, factors };
}
