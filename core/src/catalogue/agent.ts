import type { Strength } from '../quantity/concentration.ts';

export const AGENT_CLASSES = [
  'hypochlorite',
  'peroxide',
  'caustic',
  'mild-alkaline',
  'acid',
  'neutral',
  'enzyme',
  'quaternary',
  'solvent',
  'mild-solvent',
  'neutraliser',
  'herbicide',
  'coating',
  'thioglycolate',
] as const;
export type AgentClass = (typeof AGENT_CLASSES)[number];

/** How an agent is bought: a liquid of stated strength, a powder weighed by its hydrate, or ready to use. */
export type Stock =
  | { readonly form: 'liquid'; readonly strength: Strength }
  | { readonly form: 'powder' }
  | { readonly form: 'ready'; readonly strength: Strength };

/** A generic class of product, never a brand; the company's own product label always comes first. */
export interface Agent {
  readonly id: string;
  readonly name: string;
  readonly class: AgentClass;
  /** What its strength is counted as. */
  readonly basis: string;
  readonly stock: Stock;
  /** Of the mix as it is put on, at a usual strength; of ready-to-use products as sold. */
  readonly typicalPH: number;
  /** Non-ionic surfactant added to its mix, mL per L; null where none belongs in. */
  readonly surfactantMillilitresPerLitre: number | null;
  /** Sizes it is sold in: litres for liquids, kilograms for powders; ascending. */
  readonly containers: readonly number[];
  /** Classes that it must never meet in one flow. */
  readonly opposedTo: readonly AgentClass[];
  /** Brings it to rest before something opposed follows: agent id, grams per gram of active. */
  readonly neutraliser: {
    readonly agent: string;
    readonly gramsPerGram: number;
    readonly reading: string;
  } | null;
  readonly harmsPlants: boolean;
  readonly harmsWaterLife: boolean;
  /** Hazards, in plain words. */
  readonly hazards: readonly string[];
  /** Materials and things that it harms. */
  readonly attacks: readonly string[];
  readonly firstAid: string;
  /** In the film on the surface, or in its pores. */
  readonly worksIn: 'film' | 'pores';
  /** Stays on the face; nothing rinses it. */
  readonly leaveOn: boolean;
  readonly storage: string;
  /** What is of use at the surface, g/L of its basis. */
  readonly strengthSpan: { readonly from: number; readonly to: number };
  /** Spread thinner than this a coat achieves nothing, m²/L; null where the strength alone counts. */
  readonly usefulSquareMetresPerLitre: number | null;
  /** Below this it does not work, or does harm. */
  readonly coldestCelsius: number;
  readonly licence: string | null;
  /** Why it is explained and never scheduled; null for what a contractor uses. */
  readonly specialistOnly: string | null;
  readonly protection: readonly string[];
  readonly cautions: readonly string[];
  /** A mix that gives off gas is never closed up nor kept. */
  readonly keepsToNextVisit: boolean;
  /** An apprentice mixes and puts it on only with somebody trained at hand. */
  readonly apprenticeNeverAlone: boolean;
  /** What a litre or a kilogram usually costs as it is bought, in money of any country: methods are ranked by how prices stand to each other. */
  readonly usualPrice: number;
  readonly source: string;
}

/** An agent without what its class says of it. */
export type AgentOfClass = Omit<Agent, 'apprenticeNeverAlone'>;

/** Whether an agent is used as it is sold, so that a strength in g/L says nothing. */
export function isReadyToUse(agent: Agent): boolean {
  return agent.stock.form === 'ready';
}

/** Whether two agents must never meet in one flow; what one of them says holds for both. */
export function areOpposed(one: Agent, other: Agent): boolean {
  return one.opposedTo.includes(other.class) || other.opposedTo.includes(one.class);
}
