import { called } from '../language/in-language.ts';
import type { AgentClass } from './agent.ts';

/** Tools and deliveries with what they do to a face. */
export interface Tool {
  readonly id: string;
  readonly name: string;
  /** Machine kinds of the company that it occupies, all of them at once. */
  readonly machines: readonly MachineKind[];
  readonly jet: Jet | null;
  readonly hot: boolean;
  /** Stiff enough to take a weak face with it. */
  readonly abrasive: boolean;
  /** Rubs the face, softly or not. */
  readonly scrubs: boolean;
  /** Led over the face dry and hard: takes granules and scratches what is soft. */
  readonly scrapes?: true;
  /** Classes of agents that harm it. */
  readonly harmedBy: readonly AgentClass[];
  /** From where one stands, metres. */
  readonly reachMetres: number;
  /** How fast it is led over the face, slow and quick, metres a minute; null where it is not moved along. */
  readonly paceMetresPerMinute: readonly [number, number] | null;
  /** How it is held and used, for the crew. */
  readonly handling: string;
}

export interface Jet {
  /** Orifice number (US gpm at 4000 psi). */
  readonly orifice: number;
  readonly nozzles: number;
  readonly psi: number;
  readonly fanDegrees: number;
  readonly standOffMetres: number;
  /** A pencil that runs round in a cone of `fanDegrees`: how much harder it strikes than the mean over the cone. */
  readonly rotatingFactor?: number;
  /** Length of the bar of a surface cleaner: what it sweeps at once. */
  readonly barMetres?: number;
  /** Such a bar passes each place so briefly that its force counts for this share of that of a fan led by hand. */
  readonly sweepFactor?: number;
}

export const MACHINE_KINDS = ['sprayer', 'hose', 'pressure-washer', 'surface-cleaner', 'hot-washer'] as const;
export type MachineKind = (typeof MACHINE_KINDS)[number];
export const MACHINE_NAMES: Readonly<Record<MachineKind, string>> = called({
  sprayer: 'Sprayer',
  hose: 'Garden hose with fan',
  'pressure-washer': 'Pressure washer',
  'surface-cleaner': 'Surface cleaner',
  'hot-washer': 'Hot washer',
});
