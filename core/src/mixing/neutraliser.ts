import type { Agent } from '../catalogue/agent.ts';
import { requireSpan } from '../quantity/span.ts';

/** More than any job puts on a surface: a slip, not an amount. */
const MOST = 1e6;

/**
 * Grams of neutraliser for what is left of an agent on a face.
 *
 * @param agent whose catalogue entry names its neutraliser and the ratio
 * @param strengthGramsPerLitre of the agent at the surface
 * @param leftLitres of its film that may still be on the face after the rinse
 * @returns g, 0 where none is needed
 * @throws RangeError for amounts below nothing or that are none
 * @example neutraliserGrams(hypochlorite, 10, 3) // 83.7
 */
export function neutraliserGrams(agent: Agent, strengthGramsPerLitre: number, leftLitres: number): number {
  requireSpan('strength left on the surface', strengthGramsPerLitre, 0, MOST, 'g/L');
  requireSpan('film left on the surface', leftLitres, 0, MOST, 'L');
  return agent.neutraliser ? agent.neutraliser.gramsPerGram * strengthGramsPerLitre * leftLitres : 0;
}

/**
 * Grams of neutraliser for a catch tank; the reading afterwards decides, never the sum.
 *
 * @param agent whose catalogue entry names its neutraliser and the ratio
 * @param activeGrams of the agent that went into the tank, less what the work used up
 * @returns g, 0 where none is needed
 * @throws RangeError for an amount below nothing or that is none
 * @example catchNeutraliserGrams(hypochlorite, 100) // 279
 */
export function catchNeutraliserGrams(agent: Agent, activeGrams: number): number {
  requireSpan('active in the tank', activeGrams, 0, 1000 * MOST, 'g');
  return agent.neutraliser ? agent.neutraliser.gramsPerGram * activeGrams : 0;
}
