import type { Catalogue } from '../catalogue/catalogue.ts';
import { workedStages } from '../catalogue/method.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { EMPTY_JOINTS } from '../proposal/surface-treatment.ts';

/**
 * Agents that a plan of this survey may come to use, whatever is chosen: those of every method against anything that was
 * found, and what neutralises them. What the company writes of any other bears on nothing.
 */
export function bearingAgents(survey: FacedSurvey, catalogue: Catalogue): ReadonlySet<string> {
  // A wash empties joints of sand, whoever looked at them before.
  const found = new Set([...survey.findings.map((f) => f.contaminant), EMPTY_JOINTS]);
  const agents = new Set(
    catalogue.methods
      .filter((method) => Object.keys(method.treats).some((contaminant) => found.has(contaminant)))
      .flatMap(workedStages)
      .flatMap((stage) => (stage.kind === 'apply' || stage.kind === 'neutralise' ? [stage.agent] : [])),
  );
  for (const id of agents) {
    const after = catalogue.agent(id).neutraliser;
    if (after) agents.add(after.agent);
  }
  return agents;
}
