/** Everything the sequence knows: work, time and who; no chemistry. All times are whole seconds from the start of the visit. */
export interface SequenceProblem {
  readonly operations: readonly Operation[];
  readonly lags: readonly Lag[];
  readonly watches: readonly Watch[];
  readonly dwells: readonly Dwell[];
  /** Pairs of places in which two people are never at work at once: nobody below someone working above. */
  readonly apart: readonly (readonly [string, string])[];
  readonly people: readonly string[];
  readonly machines: Readonly<Record<string, number>>;
  /** Dwelling sections that one person may watch at once, all in one zone. */
  readonly watchesPerPerson: number;
}

/** One person's uninterrupted piece of work. */
export interface Operation {
  readonly id: string;
  /** Operations of one cluster are tied by maximum lags and listed in their order. */
  readonly cluster: string;
  readonly seconds: number;
  readonly machines: readonly string[];
  readonly zone: string;
  readonly place: string;
  /** Fixed to one person, or free. */
  readonly person: string | null;
}

/** `to` starts at least `minSeconds` and at most `maxSeconds` (null: any time) after the anchor of `from`. */
export interface Lag {
  readonly from: string;
  readonly anchor: 'start' | 'finish';
  readonly to: string;
  readonly minSeconds: number;
  readonly maxSeconds: number | null;
  readonly rule: string;
}

/** From the start of one operation to the finish of another its section is watched by the person of the first. */
export interface Watch {
  readonly from: string;
  readonly to: string;
  readonly zone: string;
}

/** What the strips of a section go through: applied and rinsed one after another, each within its dwell. */
export interface Dwell {
  readonly apply: string;
  readonly rinse: string;
  readonly strips: number;
  readonly fromSeconds: number;
  readonly toSeconds: number;
}

export interface Placement {
  readonly operation: string;
  readonly person: string;
  readonly start: number;
  readonly finish: number;
}

export interface Schedule {
  readonly placements: readonly Placement[];
  readonly makespan: number;
}
