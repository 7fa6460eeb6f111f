import { called } from '../language/in-language.ts';
import type { MaterialFamily } from './material.ts';
import type { WorkTemplate } from './method.ts';

export const CONTAMINANT_FAMILIES = [
  'growth',
  'hydrocarbon',
  'metal-stain',
  'mineral',
  'soil',
  'coating',
  'wear',
] as const;
export type ContaminantFamily = (typeof CONTAMINANT_FAMILIES)[number];

/** What lies on a surface. Severity runs 1 trace, 2 visible film, 3 covered, 4 caked. */
export interface Contaminant {
  readonly id: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  readonly family: ContaminantFamily;
  /** One sentence per severity by which to recognise it. */
  readonly cues: readonly [string, string, string, string];
  /** What share of a surface it usually lies on, by severity, where nobody said: stains come as spots. Left out: on all of it. */
  readonly usualShare?: readonly [number, number, number, number];
  /** Sets free toxic gas with hypochlorite: it is flushed away with water first. */
  readonly ammonia?: true;
  /** Worn for whatever is done on it, beside what agent and tool ask for. */
  readonly wear?: readonly string[];
  /** From this severity on it is for specialists, whatever else would take it off. */
  readonly specialistFrom?: Severity;
  /** What of it is lifted off dry before anything is wet. */
  readonly solids?: Solids;
  /** What the customer should expect in writing. */
  readonly expectation: string;
}

/** A layer that nobody washes down: lifted by hand from a severity on, on what a tool may touch. */
export interface Solids {
  readonly from: Severity;
  readonly families: readonly MaterialFamily[];
  readonly lift: WorkTemplate;
}

export type Severity = 1 | 2 | 3 | 4;
export const SEVERITY_WORDS: Readonly<Record<Severity, string>> = called({
  1: 'trace',
  2: 'visible film',
  3: 'covered',
  4: 'caked',
});
