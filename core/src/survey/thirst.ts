import type { Catalogue } from '../catalogue/catalogue.ts';
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

/** Classes of porosity by the time that a drop stands, the thirstiest first; each ends where the next begins. */
export const THIRST_CLASSES = [
  { id: 'open', withinSeconds: 10, name: 'open: drinks at once' },
  { id: 'porous', withinSeconds: 60, name: 'porous' },
  { id: 'dense', withinSeconds: 900, name: 'dense' },
  { id: 'tight', withinSeconds: LONGEST_DROP_SECONDS, name: 'tight' },
  { id: 'sealed', withinSeconds: Infinity, name: 'sealed: it beads' },
] as const;
type ThirstClass = (typeof THIRST_CLASSES)[number];

/** The class of a drop that is gone after so many seconds. */
export function thirstClassOf(seconds: number): ThirstClass {
  return THIRST_CLASSES.find((c) => seconds < c.withinSeconds) ?? THIRST_CLASSES[4];
}

/** How long a drop stands on a face of a sorptivity in kg/(m²·√s), seconds: m = A·√t turned round. */
export function dropSeconds(sorptivity: number): number {
  return (dropKilogramsPerSquareMetre / sorptivity) ** 2;
}

/**
 * How thirsty a face is by the time that a drop takes to be gone: m = A·√t, EN ISO 15148.
 *
 * @param seconds until the drop is gone; the longest time counts as beading
 * @example thirstOf(7.6) // { name: 'open: drinks at once', sorptivity: 0.12 }
 */
export function thirstOf(seconds: number): Thirst {
  if (!(seconds > 0)) throw new RangeError(`a drop takes some time, not ${seconds} s`);
  const { name } = thirstClassOf(seconds);
  if (seconds >= LONGEST_DROP_SECONDS) return { name, sorptivity: leastSorptivity };
  const sorptivity = dropKilogramsPerSquareMetre / Math.sqrt(seconds);
  return {
    name,
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
export function sorptivityOf(
  face: {
    readonly material: string;
    readonly finish: Finish;
    readonly measuredSorptivity?: number | null;
  },
  catalogue: Catalogue,
): number {
  return face.measuredSorptivity ?? catalogue.material(face.material).sorptivity[face.finish];
}
