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
}

/** A name of a phase that no other has. */
export function phaseId({ face, part }: WorkPhase): string {
  return part === 'wet' ? face : `${face} (stays dry)`;
}

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
