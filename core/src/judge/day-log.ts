import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Face } from '../survey/face.ts';

/** What somebody does; `other` is setting out and clearing up. */
export type Act =
  | 'clear'
  | 'pre-wet'
  | 'apply'
  | 'mist'
  | 'agitate'
  | 'wash'
  | 'rinse'
  | 'neutralise'
  | 'read'
  | 'fill'
  | 'mix'
  | 'other';

/** A span of what an act covers on its face, 0 to 1. */
export interface Share {
  readonly from: number;
  readonly to: number;
}

/** One act of a day as it is done, by the clock; times in seconds from the start of the visit. */
export interface LogEntry {
  readonly from: number;
  readonly to: number;
  readonly people: readonly string[];
  readonly surfaces: readonly string[];
  readonly share: Share;
  readonly act: Act;
  readonly agent: string | null;
  /** Of which mix; a name that its mixing bears too. */
  readonly mix: string | null;
  /** The sprayer that carries it; null where nothing is sprayed. */
  readonly vessel: string | null;
  readonly wets: boolean;
  /** Place in the treatment of the face; null for what belongs to none. */
  readonly step: number | null;
  /** What is one cycle of wetting, dwelling and finishing bears one name; null for what stands alone. */
  readonly cycle: string | null;
  readonly method: string | null;
  /** The agents that are brought to rest by it. */
  readonly neutralises: readonly string[];
  /** How long each strip of what is applied may stay on, application to rinse; null where somebody stays with it, and for what stays on. */
  readonly dwell: {
    readonly leastSeconds: number;
    readonly mostSeconds: number;
    readonly strips: number;
  } | null;
}

/** Work of an earlier visit, as far as it wetted something. */
export interface EarlierWork {
  readonly daysBefore: number;
  readonly surface: string;
  readonly act: Act;
}

export type JudgedFace = Pick<
  Face,
  | 'id'
  | 'name'
  | 'side'
  | 'band'
  | 'drainsOnto'
  | 'beside'
  | 'zoneOf'
  | 'tiltDegrees'
  | 'footMetres'
  | 'topMetres'
  | 'material'
  | 'finish'
>;

/** What a day is judged by beside its log. */
export interface JudgedPlace {
  readonly faces: readonly JudgedFace[];
  readonly windMetresPerSecond: number;
  readonly catalogue: Pick<Catalogue, 'agent' | 'material' | 'method'>;
  /** Seconds after midnight at which the visit starts, for the times in what is said. */
  readonly dayStartSeconds: number;
  readonly earlier: readonly EarlierWork[];
}

/** One thing that must not happen and would, in words. */
export interface Unsound {
  readonly rule:
    'gate' | 'stays-on' | 'chain' | 'dry' | 'run-down' | 'below' | 'dwell' | 'mix' | 'two-places' | 'vessel';
  readonly text: string;
  readonly surfaces: readonly string[];
}
