import type { Catalogue } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Finish } from '../catalogue/material.ts';
import { LONGEST_DROP_SECONDS, ABSORPTION_TEST } from './surface-test.ts';
import type { SurfaceTest } from './surface-test.ts';

const { dropKilogramsPerSquareMetre, leastSorptivity, greatestSorptivity } = TRADE_DEFAULTS;

export interface Absorption {
  readonly name: string;
  /** kg/(m²·√s). */
  readonly sorptivity: number;
}

/** Classes of porosity by the time that a drop stands, the most absorbent first; each ends where the next begins. */
export const ABSORPTION_CLASSES = [
  { id: 'open', withinSeconds: 10, name: 'open: soaks in at once' },
  { id: 'porous', withinSeconds: 60, name: 'porous' },
  { id: 'dense', withinSeconds: 900, name: 'dense' },
  { id: 'tight', withinSeconds: LONGEST_DROP_SECONDS, name: 'tight' },
  { id: 'sealed', withinSeconds: Infinity, name: 'sealed: it beads' },
] as const;
type AbsorptionClass = (typeof ABSORPTION_CLASSES)[number];

/** The class of a drop that is gone after so many seconds. */
export function absorptionClassOf(seconds: number): AbsorptionClass {
  return ABSORPTION_CLASSES.find((c) => seconds < c.withinSeconds) ?? ABSORPTION_CLASSES[4];
}

/** How long a drop stands on a face of a sorptivity in kg/(m²·√s), seconds: m = A·√t turned round. */
export function dropSeconds(sorptivity: number): number {
  return (dropKilogramsPerSquareMetre / sorptivity) ** 2;
}

/**
 * How much a face absorbs, by the time that a drop takes to be gone: m = A·√t, EN ISO 15148.
 *
 * @param seconds until the drop is gone; the longest time counts as beading
 * @example absorptionOf(7.6) // { name: 'open: soaks in at once', sorptivity: 0.12 }
 */
export function absorptionOf(seconds: number): Absorption {
  if (!(seconds > 0)) throw new RangeError(`a drop takes some time, not ${seconds} s`);
  const { name } = absorptionClassOf(seconds);
  if (seconds >= LONGEST_DROP_SECONDS) return { name, sorptivity: leastSorptivity };
  const sorptivity = dropKilogramsPerSquareMetre / Math.sqrt(seconds);
  return {
    name,
    sorptivity: Number(Math.min(greatestSorptivity, sorptivity).toPrecision(2)),
  };
}

/** The absorption of a surface or zone as it was measured, the fastest of its drops: the clocks stay on the safe side. */
export function measuredAbsorption(
  tests: readonly SurfaceTest[],
  surface: string,
  zone: string | null,
): Absorption | null {
  const seconds = tests
    .filter((t) => t.test === ABSORPTION_TEST && t.surface === surface && t.zone === zone)
    .flatMap((t) => (t.seconds === null ? [] : [t.seconds]));
  return seconds.length === 0 ? null : absorptionOf(Math.min(...seconds));
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
