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
