/** Everything the sequence knows: work, time and who; no chemistry. All times are whole seconds from the start of the visit. */
export interface SequenceProblem {
  readonly operations: readonly Operation[];
  readonly lags: readonly Lag[];
  readonly watches: readonly Watch[];
  readonly holds: readonly Hold[];
  readonly fronts: readonly WorkedFront[];
  readonly pins: readonly Pin[];
  readonly soon: readonly Soon[];
  /** What it takes a person to change from one class of each kind to another. */
  readonly setUpSeconds: Readonly<Record<SetUpKind, number>>;
  /** Between the set-up places whose way is known, instead of that. */
  readonly ways: readonly Way[];
  /** Who stays at a place may finish so much later than somebody who would come over. */
  readonly stayingSeconds: number;
  /** One round fewer is worth a finish that is so much later. */
  readonly roundWorthSeconds: number;
  /** A round goes on after a pause of no more than this. */
  readonly roundPauseSeconds: number;
  /** Pairs of places in which two people are never at work at once: nobody below someone working above. */
  readonly apart: readonly (readonly [string, string])[];
  readonly people: readonly string[];
  /** Of those who are not there all the time: they begin nothing before, and have ended everything by then. */
  readonly hours: readonly PersonHours[];
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
  /** Who may do it; null: anybody of the crew. */
  readonly people: readonly string[] | null;
  /** When it may start, in order of time; null: at any time. */
  readonly starts: readonly TimeSpan[] | null;
  /** What it begins with, and what it leaves its person with. */
  readonly begins: SetUp;
  readonly ends: SetUp;
  /** What makes one round of operations that one person does one after the other; so does one place. */
  readonly round: string;
}

export interface PersonHours extends TimeSpan {
  readonly person: string;
}

/** Later than any visit goes on, s from its start. */
export const LATEST_SECOND = 30 * 86_400;

/** Both ends are within it. */
export interface TimeSpan {
  readonly from: number;
  readonly to: number;
}

export const SET_UP_KINDS = ['place', 'tool', 'mix'] as const;
export type SetUpKind = (typeof SET_UP_KINDS)[number];

/** Where and with what somebody works, as classes between which a change takes time; null where it does not matter and nothing changes. */
export type SetUp = Readonly<Record<SetUpKind, string | null>>;

export const NO_SET_UP: SetUp = { place: null, tool: null, mix: null };

/** From one place to another and back. */
export interface Way {
  readonly between: readonly [string, string];
  readonly seconds: number;
}

/** Between two operations of one cluster a machine stays occupied: a sprayer with what is mixed in it. */
export interface Hold {
  readonly from: string;
  readonly to: string;
  readonly machine: string;
}

/** What somebody has fixed: who does an operation, when it starts, or both. */
export interface Pin {
  readonly operation: string;
  readonly person: string | null;
  readonly start: number | null;
}

/**
 * Wanted, not required: `then` starts within so long of the last of what it comes after. Each second past that is worth a visit that
 * ends a second later.
 */
export interface Soon {
  readonly after: readonly string[];
  readonly then: string;
  readonly withinSeconds: number;
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

/** From the start of one operation to the start of another what dwells is watched by the person of the first or of the other. */
export interface Watch {
  readonly from: string;
  readonly to: string;
  readonly zone: string;
}

/** Strips that are applied and finished within operations, each within its dwell. */
export interface WorkedFront {
  readonly id: string;
  readonly cycle: string;
  readonly strips: readonly WorkedStrip[];
  /** From the end of a strip's application to the start of its finish. */
  readonly leastSeconds: number;
  /** From the start of its application to the end of its finish. */
  readonly mostSeconds: number;
  /** Between what wets it, its application and its mists, and the next of them or its finish; null where it stays wet by itself. */
  readonly dryAfterSeconds: number | null;
}

/** What is done on one strip. */
export interface WorkedStrip {
  /** In several spans where mists interrupt it. */
  readonly apply: readonly StripSpan[];
  readonly finish: readonly StripSpan[];
  readonly mists: readonly StripSpan[];
}

/** A span within an operation, in whole seconds from its start. */
export interface StripSpan {
  readonly operation: string;
  readonly from: number;
  readonly to: number;
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
