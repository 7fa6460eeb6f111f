import type { Agent } from '../catalogue/agent.ts';

/**
 * Grams of neutraliser for what is left of an agent on a face.
 *
 * @param agent whose catalogue entry names its neutraliser and the ratio
 * @param strengthGramsPerLitre of the agent at the surface
 * @param leftLitres of its film that may still be on the face after the rinse
 * @returns g, 0 where none is needed
 * @example neutraliserGrams(hypochlorite, 10, 3) // 83.7
 */
export function neutraliserGrams(agent: Agent, strengthGramsPerLitre: number, leftLitres: number): number {
  return agent.neutraliser ? agent.neutraliser.gramsPerGram * strengthGramsPerLitre * leftLitres : 0;
}

/**
 * Grams of neutraliser for a catch tank; the reading afterwards decides, never the sum.
 *
 * @param agent whose catalogue entry names its neutraliser and the ratio
 * @param activeGrams of the agent that went into the tank, less what the work used up
 * @returns g, 0 where none is needed
 * @example catchNeutraliserGrams(hypochlorite, 100) // 279
 */
export function catchNeutraliserGrams(agent: Agent, activeGrams: number): number {
  return agent.neutraliser ? agent.neutraliser.gramsPerGram * activeGrams : 0;
}
