import type { AgentClass } from './agent.ts';
import type { Bearing, BrushAllowed, Finish, MaterialFamily } from './material.ts';

/** What a limit may ask about one stage that somebody means to do. */
export interface StageFacts {
  readonly agent: string | null;
  readonly agentClass: AgentClass | null;
  /** 0 where no jet touches the surface. */
  readonly jetKilopascal: number;
  /** Of a surface cleaner; 0 without one. */
  readonly barMetres: number;
  /** The tip of a pressure washer, however far off: its force is a matter of centimetres. */
  readonly pressureTip: boolean;
  readonly hot: boolean;
  readonly abrasive: boolean;
  /** A brush of any sort. */
  readonly scrubs: boolean;
  /** A scraper or a broom, led over it dry. */
  readonly scrapes: boolean;
  readonly harmsWaterLife: boolean;
  /** The most that it is put on at, g/L of its basis, and the longest that it stays, minutes; 0 without an agent. */
  readonly strongestGramsPerLitre: number;
  readonly longestDwellMinutes: number;
  /** Of its mix; null without an agent. */
  readonly agentPH: number | null;
  /** Meant to take a seal off. */
  readonly strips: boolean;
  readonly specialistOnly: boolean;
  /** Below this air temperature the agent does not work, or does harm; null without one. */
  readonly agentColdestCelsius: number | null;
}

/** What a limit may ask about: the surface as it stands and one stage on it. */
export interface LimitFacts extends StageFacts {
  readonly material: string;
  readonly family: MaterialFamily;
  readonly finish: Finish;
  readonly conditions: readonly string[];
  readonly calcareous: boolean;
  readonly saltSensitive: boolean;
  readonly drainsToWater: boolean;
  /** Run-off ends in a pond or stream without a drain between that could be blocked. */
  readonly drainsToPond: boolean;
  readonly drainsToPlants: boolean;
  /** All its run-off is caught, as the practice for it says. */
  readonly captured: boolean;
  readonly jetLimitKilopascal: number;
  readonly chlorine: Bearing;
  readonly peroxide: Bearing;
  readonly solvent: Bearing;
  readonly heat: Bearing;
  readonly brush: BrushAllowed;
  readonly pHLow: number;
  readonly pHHigh: number;
  /** Of the air, as the job counts with. */
  readonly temperatureCelsius: number;
  readonly handOver: boolean;
  /** In plain words; empty where there is none. */
  readonly handOverReason: string;
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
