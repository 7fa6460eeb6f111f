import type { AgentClass } from './agent.ts';
import type { MaterialFamily } from './material.ts';

/** What a site can say of a candidate before anything is tested. */
export interface SiteCue {
  /** Of the material, one of these families. */
  readonly families?: readonly MaterialFamily[];
  /** On a side that the sun does not reach: faces north, or shaded. */
  readonly shaded?: boolean;
  /** Beside, below, above or behind one of these kinds of features. */
  readonly near?: readonly string[];
  /** Of the material: its calcareous kinds. */
  readonly calcareous?: boolean;
  /** The finish is a coat of paint. */
  readonly painted?: boolean;
  /** Floors only, or all but floors. */
  readonly floor?: boolean;
}

/** What a mark may turn out to be, with how likely it is before a test; weights are relative within a group. */
export interface Candidate {
  /** A contaminant or a permanent mark. */
  readonly id: string;
  /** Weight without any cue. */
  readonly weight: number;
  /** Every cue that fits multiplies the weight. */
  readonly cues: readonly { readonly when: SiteCue; readonly factor: number }[];
}

/** Marks that look alike and exclude each other; what lies together on a face is a finding of its own each. */
export interface LookAlike {
  readonly id: string;
  readonly name: string;
  readonly candidates: readonly Candidate[];
  /** Tests that tell them apart. */
  readonly tests: readonly string[];
  readonly source: string;
}

/** A small test on a spot, with how probable each outcome is for each candidate. */
export interface QuickTest {
  readonly id: string;
  readonly name: string;
  readonly how: string;
  readonly needs: readonly string[];
  readonly minutes: number;
  /** The agent that touches the face, if any: the limits say where it may not. */
  readonly agentClass: AgentClass | null;
  /** It scratches, scrapes or rubs something off: never where fibres or lead may come loose. */
  readonly disturbs?: true;
  /** What must never be done with it. */
  readonly never: string | null;
  readonly outcomes: readonly { readonly id: string; readonly text: string }[];
  /** By candidate: the probability of each outcome, in the order of `outcomes`; each row sums to one. */
  readonly likelihood: Readonly<Record<string, readonly number[]>>;
  readonly source: string;
}
