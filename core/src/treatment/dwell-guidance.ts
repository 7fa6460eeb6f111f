import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { DwellMinutes } from '../catalogue/method.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import { roundToStep } from '../quantity/rounding.ts';

/** How long an agent works on a face, minutes after it was put on. */
export interface Dwell {
  readonly fromMinutes: number;
  readonly toMinutes: number;
  /** Beyond it nothing is gained while it is wet, and harm only begins past {@link toMinutes}. */
  readonly usefulMinutes: number;
  /** From then on one looks whether it is done. */
  readonly lookFromMinutes: number;
  /** When it is probably done here: later the worse the dirt and the colder the day. */
  readonly expectedMinutes: number;
}

const STEP_MINUTES = 0.5;

/**
 * The dwell of a template on this face and this day. The bounds stay those of the label or the trade; severity and
 * temperature say where between them it will be done. Source: trade default.
 *
 * @example dwellOn({ from: 8, to: 15 }, 3, 18) // about 11 min, first look at 4 min on
 */
export function dwellOn(
  { from, to, useful = to }: DwellMinutes,
  severity: Severity,
  temperatureCelsius: number,
): Dwell {
  const { warmCelsius, coolCelsius, dwellTemperatureShare } = TRADE_DEFAULTS;
  const worst = (severity - 1) / 3;
  const day = temperatureCelsius > warmCelsius ? -1 : temperatureCelsius < coolCelsius ? 1 : 0;
  const share = Math.min(1, Math.max(0, worst * (1 - dwellTemperatureShare) + day * dwellTemperatureShare));
  const last = Math.max(from, Math.min(useful, to));
  return {
    fromMinutes: from,
    toMinutes: to,
    usefulMinutes: last,
    lookFromMinutes: roundToStep(from / 2, STEP_MINUTES),
    expectedMinutes: Math.min(last, Math.max(from, roundToStep(from + share * (last - from), STEP_MINUTES))),
  };
}

/**
 * A dwell under a mix that is weaker or stronger than the wanted one: it is done later or sooner, in proportion. Its bounds stay, since they
 * hold for every strength of the method.
 *
 * @param share strength as a share of the wanted one
 * @example dwellAt(dwell, 0.8).expectedMinutes // 12.5 in place of 10
 */
export function dwellAt(dwell: Dwell, share: number): Dwell {
  const { fromMinutes, usefulMinutes, expectedMinutes } = dwell;
  const expected = roundToStep(expectedMinutes / share, STEP_MINUTES);
  return { ...dwell, expectedMinutes: Math.min(usefulMinutes, Math.max(fromMinutes, expected)) };
}
