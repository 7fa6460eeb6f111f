export const LOAD_GROUPS = [
  'products',
  'machines',
  'tools',
  'hoses',
  'protections',
  'wear',
  'water',
  'papers',
] as const;
export type LoadGroup = (typeof LOAD_GROUPS)[number];

/** One thing that goes onto the vehicle. */
export interface LoadItem {
  /** Keyed by meaning, so that a tick outlives a new plan. */
  readonly key: string;
  readonly group: LoadGroup;
  readonly name: string;
  readonly amount: string;
  readonly kilograms: number;
  readonly litres: number;
  /** What is short of it; null where nothing is. */
  readonly short: string | null;
}
