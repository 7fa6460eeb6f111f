import type { Paving } from '../takeoff/joint-sand.ts';

export const MATERIAL_FAMILIES = [
  'render',
  'masonry',
  'stone',
  'concrete',
  'timber',
  'metal',
  'roofing',
  'glass',
  'plastic',
] as const;
export type MaterialFamily = (typeof MATERIAL_FAMILIES)[number];

export const FINISHES = ['bare', 'painted', 'sealed'] as const;
export type Finish = (typeof FINISHES)[number];

/** How a face bears something: freely, for a short contact only, or not at all. */
export const BEARINGS = ['yes', 'short', 'no'] as const;
export type Bearing = (typeof BEARINGS)[number];
/** What a sound face bears, apart from pH. */
export interface Tolerances {
  readonly chlorine: Bearing;
  readonly peroxide: Bearing;
  /** Paint removers and other solvents. */
  readonly solvent: Bearing;
  /** Hot water and steam. */
  readonly heat: Bearing;
}
/** From the gentlest: no brush touches it, soft ones only, stiff ones too. */
export const BRUSHES = ['none', 'soft', 'stiff'] as const;
export type BrushAllowed = (typeof BRUSHES)[number];
export const FOOT_TRAFFIC = ['never', 'with-care', 'yes'] as const;

/** What suits a roof of a material: a soft wash, hands and biocide, reduced washing, or a brush and a rinse. */
export const ROOF_WAYS = ['soft-wash', 'by-hand', 'washed', 'rinsed'] as const;
export type RoofWay = (typeof ROOF_WAYS)[number];

/** What a surface is made of and what that tolerates, as trade defaults; a company may go stricter. */
export interface Material {
  readonly id: string;
  /** Of a material that a company adds: the one of the catalogue that the limits take it for. */
  readonly like?: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  readonly family: MaterialFamily;
  /** The finish it usually has, first, and the others it can have. */
  readonly finishes: readonly [Finish, ...Finish[]];
  /** Contains carbonate that acid dissolves. */
  readonly calcareous: boolean;
  /** Salts that stay inside burst it: no chlorine. */
  readonly saltSensitive: boolean;
  /** Sorptivity A by finish in kg/(m²·√s); order of published water absorption coefficients, EN ISO 15148. */
  readonly sorptivity: Readonly<Record<Finish, number>>;
  /** What lies between its pieces; not said where it has none that a jet could empty. */
  readonly joints?: 'sand' | 'cement' | 'resin';
  /** How it is usually laid, where sand lies in its joints; a surface may say otherwise. */
  readonly paving?: Paving;
  /** A rough face holds more liquid than a smooth one. */
  readonly rough: boolean;
  /** Liquid that one coat takes, as a factor on a stage's usual amount. */
  readonly thirstFactor: number;
  /** Greatest mean jet pressure on the sound surface, kPa; estimate, confirmed by a test patch. */
  readonly jetLimitKilopascal: number;
  /** Span of pH that the sound face bears in the usual contact. */
  readonly pH: readonly [number, number];
  readonly tolerates: Tolerances;
  readonly brush: BrushAllowed;
  readonly foot: (typeof FOOT_TRAFFIC)[number];
  /** Of a roof: what suits it while it is sound. Hands and biocide where nothing is said. */
  readonly roofWay?: RoofWay;
  /** Why nobody but a specialist touches it; null for what a contractor cleans. */
  readonly handOver: string | null;
  /** Conditions (by id) that it can be in. */
  readonly conditions: readonly string[];
  readonly source: string;
}

/** A state of a surface that changes what it tolerates. */
export interface Condition {
  readonly id: string;
  readonly name: string;
  readonly synonyms: readonly string[];
  readonly cue: string;
  /** Lowers the jet limit to this, kPa. */
  readonly jetLimitKilopascal?: number;
  /** Allows no stiffer brush than this. */
  readonly brush?: BrushAllowed;
  /** Bears these no better than so. */
  readonly tolerates?: Partial<Tolerances>;
  /** Narrows the span of pH to this. */
  readonly pH?: readonly [number, number];
  /** Why nobody but a specialist touches it. */
  readonly handOver?: string;
}
