import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
/** The rhythm of one wet cycle. Areas in m², rates in m²/min, times in min. */
export interface WetCycle {
  readonly applyRate: number;
  /** Rate of all that ends the dwell: scrub, wash and rinse together. */
  readonly rinseRate: number;
  readonly dwellFrom: number;
  /** Least of the greatest dwell and the dry-out; the greatest dwell alone where it is kept wet. */
  readonly latest: number;
  /** One reach wide. */
  readonly stripArea: number;
  /** Slack kept back for the crew. */
  readonly slack: number;
  /** Interval and rate of mist passes where they are planned. */
  readonly mist?: { readonly interval: number; readonly rate: number };
}

/**
 * The greatest area that can be applied, watched and rinsed inside its wet window.
 *
 * Work goes in strips, applied bottom up and rinsed top down; every strip must dwell long enough and be rinsed in
 * time. The larger of "strip after strip" and "all as one strip" counts.
 *
 * @param alone true where one person applies and rinses, who starts to rinse only after applying
 * @returns m²; 0 when the window is too short for any area
 * @example sectionArea({ applyRate: 6, rinseRate: 2.5, dwellFrom: 12, latest: 18, stripArea: 3, slack: 3 }, false) // 8.57
 */
export function sectionArea(cycle: WetCycle, alone: boolean): number {
  const spare = cycle.latest - cycle.dwellFrom - cycle.slack;
  if (spare <= 0) return 0;
  const drift = Math.abs(1 / cycle.rinseRate - 1 / cycle.applyRate);
  const afterStrips =
    spare - (2 * cycle.stripArea) / (cycle.rinseRate < cycle.applyRate ? cycle.applyRate : cycle.rinseRate);
  const byStrips = afterStrips <= 0 ? 0 : drift === 0 ? Infinity : afterStrips / drift;
  const asOneStrip = spare / (1 / cycle.rinseRate + 1 / cycle.applyRate);
  const bounds = [Math.max(byStrips >= cycle.stripArea ? byStrips : 0, asOneStrip)];
  if (alone) bounds.push(cycle.applyRate * cycle.dwellFrom + Math.min(cycle.stripArea, asOneStrip));
  if (cycle.mist) bounds.push(cycle.mist.rate * cycle.mist.interval);
  return Math.min(TRADE_DEFAULTS.greatestSectionSquareMetres, ...bounds);
}

/** Earliest and latest start of the rinse, counted from the start of the application, min. */
export interface RinseWindow {
  readonly earliest: number;
  readonly latest: number;
  /** Strips that the section is worked in. */
  readonly strips: number;
}

/**
 * When the rinse of a section may start so that every strip dwells from `dwellFrom` to `latest − slack`.
 *
 * @param area of the section, m²
 * @returns the window, or null when no start fits every strip
 */
export function rinseWindow(cycle: WetCycle, area: number): RinseWindow | null {
  const byStrips = windowOf(cycle, area, Math.max(1, Math.ceil(area / cycle.stripArea - 1e-9)));
  return byStrips ?? windowOf(cycle, area, 1);
}

function windowOf(cycle: WetCycle, area: number, strips: number): RinseWindow | null {
  const strip = area / strips;
  const applied = strip / cycle.applyRate;
  const rinsed = strip / cycle.rinseRate;
  const last = strips - 1;
  // Strip i is applied from i·applied to (i+1)·applied and rinsed from i·rinsed to (i+1)·rinsed after the rinse starts.
  const earliest = cycle.dwellFrom + Math.max(applied, (last + 1) * applied - last * rinsed);
  const latest = cycle.latest - cycle.slack + Math.min(-rinsed, last * applied - (last + 1) * rinsed);
  return latest >= earliest - 1e-9 ? { earliest, latest: Math.max(earliest, latest), strips } : null;
}
