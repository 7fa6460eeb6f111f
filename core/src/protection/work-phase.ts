import { areOpposed } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Stage } from '../treatment/stage.ts';

/**
 * What is done on a face in a visit falls in two: work that may be wet, and after it what must stay dry once it is there
 * (a leave-on, sand in joints, a coat). The two are ordered apart among the faces of a property.
 */
export interface WorkPhases {
  readonly wet: readonly Stage[];
  readonly stays: readonly Stage[];
}

/** One phase of one face. */
export interface WorkPhase {
  readonly face: string;
  readonly part: keyof WorkPhases;
  /** Which of the steps that may be wet, from 0. */
  readonly step: number;
}

/** A name of a phase that no other has. */
export function phaseId({ face, part, step }: WorkPhase): string {
  if (part === 'stays') return `${face} (stays dry)`;
  return step === 0 ? face : `${face} (step ${step + 1})`;
}

/**
 * The steps of work that may be wet: another begins with the first application that opposes something put on before it, with what
 * prepares the face for it. What brings to rest belongs to the step before.
 */
export function wetSteps(
  wet: readonly Stage[],
  agentOf: (id: string) => Agent,
): readonly (readonly Stage[])[] {
  const steps: Stage[][] = [[]];
  let agents: Agent[] = [];
  for (const stage of wet) {
    const step = steps.at(-1) ?? [];
    const agent = stage.apply && agentOf(stage.apply.agent);
    if (agent && stage.neutralises.length === 0 && agents.some((before) => areOpposed(before, agent))) {
      let from = step.length;
      while (from > 0 && prepares(step[from - 1], stage)) from -= 1;
      steps.push([...step.splice(from), stage]);
      agents = [agent];
      continue;
    }
    step.push(stage);
    if (agent) agents.push(agent);
  }
  return steps.filter((step) => step.length > 0);
}

const prepares = (before: Stage | undefined, stage: Stage) =>
  before?.method === stage.method && (before.kind === 'pre-wet' || before.kind === 'clear');

/** Left on or filled in, and spoilt by water; a paste under film is not. */
export function staysDry({ kind, apply }: Stage): boolean {
  return kind === 'fill' || (apply?.leaveOn === true && !apply.covered);
}

const WET_KINDS: readonly Stage['kind'][] = ['pre-wet', 'apply', 'agitate', 'wash', 'rinse', 'neutralise'];

/** Brings water or product onto the face. */
export function isWet(stage: Stage): boolean {
  return WET_KINDS.includes(stage.kind) && !staysDry(stage);
}

/** The stages of a face in a visit, in their order: the first that must stay dry begins the second phase, with what clears the face for it. */
export function phasesOf(stages: readonly Stage[]): WorkPhases {
  const first = stages.findIndex(staysDry);
  if (first < 0 || stages.slice(first).some((stage) => isWet(stage) && !isMistOnSand(stage, stages)))
    return { wet: stages, stays: [] };
  let from = first;
  while (from > 0 && stages[from - 1]?.kind === 'clear' && stages[from - 1]?.method === stages[first]?.method)
    from -= 1;
  return { wet: stages.slice(0, from), stays: stages.slice(from) };
}

/** Stabilised sand sets by a mist of its own. */
function isMistOnSand({ kind, method }: Stage, stages: readonly Stage[]): boolean {
  return kind === 'rinse' && stages.some((s) => s.kind === 'fill' && s.method === method);
}
