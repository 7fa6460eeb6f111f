import type { Finish, MaterialFamily } from './material.ts';
import type { Schools } from './school.ts';

/** Default range of one person's production; 10th and 90th percentile of a log-normal rate. */
export interface RateRange {
  readonly lowSquareMetresPerHour: number;
  readonly highSquareMetresPerHour: number;
}

export type Direction = 'bottom-up' | 'top-down';

/** How long an agent is on, minutes. */
export interface DwellMinutes {
  readonly from: number;
  /** Beyond it nothing is gained while it is wet; `to` where nothing is said. */
  readonly useful?: number;
  /** Harm begins past it. */
  readonly to: number;
}

/** By severity 1–4. */
export type BySeverity = readonly [number, number, number, number];

export interface ApplyTemplate {
  readonly kind: 'apply';
  /** What a crew lead would say of it, with its verb; not said where the agent goes on the whole face. */
  readonly task?: string;
  readonly agent: string;
  readonly tool: string;
  /** g/L of active at the surface by severity 1–4. */
  readonly strengthGramsPerLitre: BySeverity;
  /** g/L between which it does the same, so that one mix may serve several faces; not said where the trade's shares of the wanted do. */
  readonly strengthBand?: { readonly weakest: BySeverity; readonly strongest: BySeverity };
  readonly dwellMinutes: DwellMinutes;
  readonly litresPerSquareMetre: number;
  readonly coats: number;
  /** What each further coat takes, L/m²; not said where it takes as much as the first. */
  readonly nextCoatLitresPerSquareMetre?: number;
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
  /** Meant to take a seal off. */
  readonly strips?: true;
  readonly checks: readonly string[];
  readonly stopWhen: string;
  readonly ifNotEnough: string;
}
/** What is carried off a face, or brought onto it, in bulk. */
export type BulkTemplate = {
  readonly what: string;
  /** Where it goes, or comes from. */
  readonly where: string;
} & (
  | {
      /** L/m² by severity 1–4. */
      readonly litresPerSquareMetre: BySeverity;
    }
  | {
      /** Share of the joints that is filled, by severity 1–4: how much that is follows from how the face is laid. */
      readonly jointShare: BySeverity;
    }
);

export interface WorkTemplate {
  readonly kind: 'clear' | 'agitate' | 'wash' | 'rinse' | 'fill';
  /** What a crew lead would say of it, with its verb; not said where its kind says it. */
  readonly task?: string;
  readonly bulk?: BulkTemplate;
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

/** What is waited for: the surface to dry, an agent to work, a coat to set, others to do their part. */
export const WAITS_FOR = ['dry', 'work', 'set', 'others'] as const;
export type WaitsFor = (typeof WAITS_FOR)[number];

/** Nobody is there meanwhile: what follows belongs to another visit. */
export interface WaitTemplate {
  readonly kind: 'wait';
  readonly for: WaitsFor;
  /** Drying counts from the last wetting, all else from the visit before; `latest` null where later does no harm. */
  readonly days: { readonly from: number; readonly latest: number | null };
  /** What must be seen before it goes on. */
  readonly until: string;
}
/** A stage that somebody does with a tool. */
export type WorkedTemplate = ApplyTemplate | WorkTemplate | PreWetTemplate | NeutraliseTemplate;
export type StageTemplate = WorkedTemplate | WaitTemplate;

/**
 * In which order methods follow each other on one face: what must die at the root first, then growth before alkali before
 * acid; on the dry face what kills for months, since nothing grows on under sand or a coat; then joints are filled, then it is coated.
 */
export const CHAIN_ORDER = ['weeds', 'growth', 'alkali', 'acid', 'leave-on', 'fill', 'coat'] as const;

/** What goes on the strip of a floor along a door, what takes it off by hand, and how the machine passes afterwards. */
export interface DoorStrip {
  readonly apply: ApplyTemplate;
  readonly rinse: WorkTemplate;
  /** Of the wash of the whole floor. */
  readonly check: string;
}

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
  readonly chainOrder: (typeof CHAIN_ORDER)[number];
  /** Ways that it goes where its stages do not tell, by school. */
  readonly schools?: Schools;
  /** How long the face dries after its last wetting before this begins, and what says that it is dry. */
  readonly dryFirst?: { readonly days: number; readonly until: string };
  /** Only on these materials, or on all but these. */
  readonly onlyMaterials?: readonly string[];
  readonly notMaterials?: readonly string[];
  readonly onlyFinishes?: readonly Finish[];
  /** Only on a face that is in one of these states. */
  readonly onlyOn?: readonly string[];
  /** Takes gear that not every company has: proposed only where nothing else does it. */
  readonly specialGear?: true;
  /** For what another method leaves: never proposed first. */
  readonly secondOnly?: true;
  readonly why: string;
  readonly expectation: string | null;
  readonly stages: readonly StageTemplate[];
  /** Put on and left when all else on the surface is done, where nothing is filled in, coated or left on afterwards. */
  readonly lastCoat?: ApplyTemplate;
  /** Put on along doors before all else that is wet, stronger, where growth is much: the machine then passes there fast. */
  readonly doorStrip?: DoorStrip;
  readonly source: string;
}

/** Whether others do all of it: it is told and waited for, and nothing of it is ordered. */
export function isByOthers({ stages }: Pick<Method, 'stages'>): boolean {
  return stages.every((stage) => stage.kind === 'wait' && stage.for === 'others');
}

/** What is done with a tool, without the waits between. */
export function workedStages(method: Pick<Method, 'stages'>): readonly WorkedTemplate[] {
  return method.stages.filter((stage) => stage.kind !== 'wait');
}
