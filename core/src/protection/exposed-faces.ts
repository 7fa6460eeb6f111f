import { contaminantById } from '../catalogue/catalogue.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { ChemistryMeeting, GuardedFace } from './chemistry-guard.ts';
import { flowsOnto, reachedFrom } from '../survey/run-off-paths.ts';
import type { Face, FacedSurvey } from '../survey/face.ts';
import { classRefusals } from '../treatment/limit-verdict.ts';
import type { Refusal } from '../treatment/limit-verdict.ts';
import { plausibleStates } from '../treatment/surface-state.ts';

/** How an agent comes to a face that it is not put on. */
export type Reaching = ChemistryMeeting['how'];

/** An agent that comes onto a face which it harms, or onto droppings or urine with which it gives off gas. */
export interface Exposure {
  readonly face: Face;
  readonly agent: Agent;
  readonly how: Reaching;
  /** Faces that it is put on. */
  readonly from: readonly string[];
  /** Limits of the face that it comes to, for any material that it may be. */
  readonly refusals: readonly Refusal[];
  /** Droppings or urine lie there, and the agent is a hypochlorite. */
  readonly setsFreeGas: boolean;
}

/**
 * Agents of a visit on faces that they are not meant for. Every face of the property counts, also one that is not treated or
 * is left out: water does not ask.
 */
export function exposures(survey: FacedSurvey, guarded: readonly GuardedFace[]): readonly Exposure[] {
  const onto = flowsOnto(survey.surfaces);
  const fouled = new Set(
    survey.findings.filter((f) => contaminantById(f.contaminant).ammonia).map((f) => f.surface as string),
  );
  const byId = new Map(survey.surfaces.map((face) => [face.id as string, face]));
  const found = new Map<string, Exposure>();
  const refusalsByQuestion = new Map<string, readonly Refusal[]>();
  const harm = (face: Face, agent: Agent) => {
    const key = `${face.id} ${agent.class}`;
    const refusals = refusalsByQuestion.get(key) ?? harmTo(face, agent, survey);
    refusalsByQuestion.set(key, refusals);
    return refusals;
  };
  for (const { id, agents, touches } of guarded) {
    if (agents.length === 0) continue;
    const reached = new Map<string, Reaching>();
    for (const { face, how } of touches) reached.set(face, how);
    for (const face of reachedFrom(onto, id)) reached.set(face, 'run-off');
    for (const [target, how] of reached) {
      const face = byId.get(target);
      if (!face || target === id) continue;
      for (const agent of agents) {
        const refusals = harm(face, agent);
        const setsFreeGas = fouled.has(target) && setsFreeGasWithAmmonia(agent);
        if (refusals.length === 0 && !setsFreeGas) continue;
        const key = `${target} ${agent.id} ${how}`;
        const from = [...(found.get(key)?.from ?? []), id];
        found.set(key, { face, agent, how, from, refusals, setsFreeGas });
      }
    }
  }
  return [...found.values()];
}

/** What an agent does to a face that it comes to; each rule once, for any material that the face may be. */
export function harmTo(face: Face, agent: Agent, survey: FacedSurvey): readonly Refusal[] {
  const all = plausibleStates(face, survey).flatMap((state) => classRefusals(state, agent.class));
  return all.filter((refusal, i) => all.findIndex((other) => other.rule === refusal.rule) === i);
}

/** Hypochlorite with droppings or urine gives off chloramines. */
export function setsFreeGasWithAmmonia(agent: Agent): boolean {
  return agent.class === 'hypochlorite';
}
