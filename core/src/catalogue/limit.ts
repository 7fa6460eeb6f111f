import type { AgentClass } from './agent.ts';
import type { Finish, MaterialFamily } from './material.ts';

/** What a limit may ask about: the surface as it stands and one stage that somebody means to do on it. */
export interface LimitFacts {
  readonly material: string;
  readonly family: MaterialFamily;
  readonly finish: Finish;
  readonly conditions: readonly string[];
  readonly calcareous: boolean;
  readonly saltSensitive: boolean;
  readonly drainsToWater: boolean;
  readonly jetLimitKilopascal: number;
  readonly agent: string | null;
  readonly agentClass: AgentClass | null;
  /** 0 where no jet touches the surface. */
  readonly jetKilopascal: number;
  readonly hot: boolean;
  readonly abrasive: boolean;
}
export type FactName = keyof LimitFacts;

/** One test on one fact; a limit fires when all of its tests hold. */
export type FactTest =
  | { readonly fact: FactName; readonly is: string | boolean }
  | { readonly fact: FactName; readonly oneOf: readonly string[] }
  | { readonly fact: FactName; readonly includesAnyOf: readonly string[] }
  | { readonly fact: FactName; readonly above: number }
  | { readonly fact: FactName; readonly aboveFact: FactName };

/** A rule that forbids. "floor" belongs to the safety floor and cannot be set aside. */
export interface Limit {
  readonly id: string;
  readonly when: readonly FactTest[];
  /** The reason in plain words; `{fact}` is filled with the deciding value. */
  readonly text: string;
  readonly whatCanHappen: string;
  readonly standing: 'floor' | 'overridable';
  readonly source: string;
}
