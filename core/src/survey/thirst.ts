import { materialById } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Finish } from '../catalogue/material.ts';
import { LONGEST_DROP_SECONDS, THIRST_TEST } from './surface-test.ts';
import type { SurfaceTest } from './surface-test.ts';

const { dropKilogramsPerSquareMetre, leastSorptivity, greatestSorptivity } = TRADE_DEFAULTS;

export interface Thirst {
  readonly name: string;
  /** kg/(m²·√s). */
  readonly sorptivity: number;
}

const CLASSES: readonly { readonly withinSeconds: number; readonly name: string }[] = [
  { withinSeconds: 10, name: 'open: drinks at once' },
  { withinSeconds: 60, name: 'porous' },
  { withinSeconds: 900, name: 'dense' },
  { withinSeconds: LONGEST_DROP_SECONDS, name: 'tight' },
];

/**
 * How thirsty a face is by the time that a drop takes to be gone: m = A·√t, EN ISO 15148.
 *
 * @param seconds until the drop is gone; the longest time counts as beading
 * @example thirstOf(7.6) // { name: 'open: drinks at once', sorptivity: 0.12 }
 */
export function thirstOf(seconds: number): Thirst {
  if (!(seconds > 0)) throw new RangeError(`a drop takes some time, not ${String(seconds)} s`);
  if (seconds >= LONGEST_DROP_SECONDS) return { name: 'sealed: it beads', sorptivity: leastSorptivity };
  const sorptivity = dropKilogramsPerSquareMetre / Math.sqrt(seconds);
  return {
    name: CLASSES.find((c) => seconds < c.withinSeconds)?.name ?? 'tight',
    sorptivity: Number(Math.min(greatestSorptivity, sorptivity).toPrecision(2)),
  };
}

/** The thirst of a surface or zone as it was measured, the fastest of its drops: the clocks stay on the safe side. */
export function measuredThirst(
  tests: readonly SurfaceTest[],
  surface: string,
  zone: string | null,
): Thirst | null {
  const seconds = tests
    .filter((t) => t.test === THIRST_TEST && t.surface === surface && t.zone === zone)
    .flatMap((t) => (t.seconds === null ? [] : [t.seconds]));
  return seconds.length === 0 ? null : thirstOf(Math.min(...seconds));
}

/** Sorptivity of a face, kg/(m²·√s): measured where somebody timed a drop, else the default of material and finish. */
export function sorptivityOf(face: {
  readonly material: string;
  readonly finish: Finish;
  readonly measuredSorptivity?: number | null;
}): number {
  return face.measuredSorptivity ?? materialById(face.material).sorptivity[face.finish];
}
