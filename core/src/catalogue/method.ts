import type { MaterialFamily } from './material.ts';

/** Default range of one person's production; 10th and 90th percentile of a log-normal rate. */
export interface RateRange {
  readonly lowSquareMetresPerHour: number;
  readonly highSquareMetresPerHour: number;
}

export type Direction = 'bottom-up' | 'top-down';

export interface ApplyTemplate {
  readonly kind: 'apply';
  readonly agent: string;
  readonly tool: string;
  /** g/L of active at the surface by severity 1–4. */
  readonly strengthGramsPerLitre: readonly [number, number, number, number];
  readonly dwellMinutes: { readonly from: number; readonly to: number };
  readonly litresPerSquareMetre: number;
  readonly coats: number;
  readonly rate: RateRange;
  readonly direction: Direction;
  /** No rinse follows. */
  readonly leaveOn: boolean;
  /** Which clock it needs: a liquid film on the surface, or only not dried out. */
  readonly needs: 'film' | 'not-dry';
  /** Clings as foam or gel, so that a smooth wall holds twice as much. */
  readonly clings: boolean;
  /** Lies under a film that keeps it from drying. */
  readonly covered: boolean;
  readonly checks: readonly string[];
  readonly stopWhen: string;
  readonly ifNotEnough: string;
}
export interface WorkTemplate {
  readonly kind: 'clear' | 'agitate' | 'wash' | 'rinse';
  readonly tool: string;
  readonly rate: RateRange;
  readonly direction: Direction;
  readonly checks: readonly string[];
}
export interface PreWetTemplate {
  readonly kind: 'pre-wet';
  readonly tool: string;
  readonly rate: RateRange;
  /** How long the surface drinks, by absorption: "thirsty" faces until they take no more, others a mist. */
  readonly minutes: number;
  readonly onlyIfThirsty: boolean;
}
export interface NeutraliseTemplate {
  readonly kind: 'neutralise';
  readonly agent: string;
  readonly tool: string;
  readonly rate: RateRange;
  readonly litresPerSquareMetre: number;
  readonly reading: string;
}
export type StageTemplate = ApplyTemplate | WorkTemplate | PreWetTemplate | NeutraliseTemplate;

/** A rule that proposes: a way of treating contaminants, as data. */
export interface Method {
  readonly id: string;
  readonly name: string;
  /** Contaminant id → how well it comes off, 1 poor to 5 complete. */
  readonly treats: Readonly<Record<string, 1 | 2 | 3 | 4 | 5>>;
  readonly families: readonly MaterialFamily[];
  /** 1 least to 5 most: force on the surface, harm to what is around. */
  readonly surfaceRisk: 1 | 2 | 3 | 4 | 5;
  readonly harmAround: 1 | 2 | 3 | 4 | 5;
  /** 1 fast to 5 slow. */
  readonly slowness: 1 | 2 | 3 | 4 | 5;
  /** Place in a chain: growth before alkali before acid before leave-on. */
  readonly chainOrder: 'growth' | 'alkali' | 'acid' | 'leave-on';
  readonly why: string;
  readonly expectation: string | null;
  readonly stages: readonly StageTemplate[];
  readonly source: string;
}
