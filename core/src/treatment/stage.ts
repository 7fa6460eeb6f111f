import type { AgentClass } from '../catalogue/agent.ts';
import type { Direction, WaitsFor } from '../catalogue/method.ts';
import type { PlannedRate } from '../rates/stage-duration.ts';
import type { Dwell } from './dwell-guidance.ts';
import type { Reason } from './reason.ts';
import type { StrengthBand } from './strength-band.ts';

/** What a person does on a face; a wait lies between two parts of a treatment. */
export type StageKind =
  'clear' | 'pre-wet' | 'apply' | 'agitate' | 'wash' | 'rinse' | 'fill' | 'neutralise' | 'reading';

/** One stage of a treatment on one surface. */
export interface Stage {
  /** Keyed by meaning: surface, method and place in it. */
  readonly id: string;
  readonly surface: string;
  readonly kind: StageKind;
  readonly method: string;
  /** Stages of one cycle are tied by wet-window lags in a section; null: the whole surface at once. */
  readonly cycle: number | null;
  readonly areaSquareMetres: number;
  readonly tool: string | null;
  readonly rate: PlannedRate | null;
  readonly direction: Direction | null;
  readonly maxSurfacePressureKilopascal: number | null;
  readonly checks: readonly string[];
  readonly cautions: readonly Reason[];
  readonly apply: ApplyDetail | null;
  /** Minutes that a pre-wet lasts, or a reading takes. */
  readonly minutes: number | null;
  /** What the strip or the meter must read before the next stage. */
  readonly reading: string | null;
  /** What is carried off or brought in, in bulk. */
  readonly bulk: StageBulk | null;
  /** Worn because of what lies there. */
  readonly wear: readonly string[];
  /** The agents that a neutraliser brings to rest; none for all else. */
  readonly neutralises: readonly string[];
  /** What is done, with its own verb; null where the kind says it. Not in treatments from before it was told. */
  readonly task?: string | null;
}

/** Solids that a stage carries off or brings in, with their sum. */
export interface StageBulk {
  readonly what: string;
  readonly litres: number;
  /** Of dry sand; null for what is carried off wet. */
  readonly kilograms: number | null;
  readonly where: string;
  readonly sum: string;
}

/** What must pass before a part of a treatment. */
export interface PartWait {
  readonly for: WaitsFor;
  readonly method: string;
  /** Days after the part before it. */
  readonly days: { readonly from: number; readonly latest: number | null };
  readonly until: string;
}

/** What is done on a face without leaving it for days; a part without stages waits for something that ends the treatment. */
export interface TreatmentPart {
  readonly wait: PartWait | null;
  readonly stages: readonly Stage[];
}

export interface ApplyDetail {
  readonly agent: string;
  readonly agentClass: AgentClass;
  /** Of the mix that it is put on with. */
  readonly strengthGramsPerLitre: number;
  /** What does the same here; not in orders from before a mix was shared. */
  readonly band?: StrengthBand;
  /** What it would be mixed at for this face alone, where the mix that is shared is weaker or stronger. */
  readonly aloneGramsPerLitre?: number;
  /** Somebody has decided that the face gets a mix of its own. */
  readonly ownMix?: true;
  readonly basis: string;
  readonly litresPerSquareMetre: number;
  readonly coats: number;
  /** What each coat after the first takes; not in orders from before it could differ. */
  readonly nextCoatLitresPerSquareMetre?: number;
  /** Null for a neutraliser, which works at once. */
  readonly dwell: Dwell | null;
  readonly leaveOn: boolean;
  readonly needs: 'film' | 'not-dry';
  readonly clings: boolean;
  readonly covered: boolean;
  readonly stopWhen: string;
  readonly ifNotEnough: string;
}
