import type { AgentClass } from '../catalogue/agent.ts';
import { limitsOnClass } from './limit-verdict.ts';
import type { SurfaceState } from './surface-state.ts';

/** Whether a class of agents may touch a surface, and by which rule not. */
export interface Tolerance {
  readonly agentClass: AgentClass;
  readonly verdict: 'yes' | 'only-with-reason' | 'no';
  readonly rule: string | null;
  readonly text: string | null;
}

const STRICTNESS: readonly Tolerance['verdict'][] = ['yes', 'only-with-reason', 'no'];

/** The classes that a crew asks about first. */
const ASKED = [
  'hypochlorite',
  'acid',
  'caustic',
  'mild-alkaline',
  'peroxide',
] as const satisfies readonly AgentClass[];

/** What a surface allows that may be one of several: of each class the strictest answer. */
export function strictestTolerances(
  states: readonly [SurfaceState, ...SurfaceState[]],
): readonly Tolerance[] {
  const [first, ...others] = states;
  return others.reduce<readonly Tolerance[]>((strictest, state) => {
    const own = tolerancesOf(state);
    return strictest.map((tolerance, i) => {
      const other = own[i] ?? tolerance;
      return STRICTNESS.indexOf(other.verdict) > STRICTNESS.indexOf(tolerance.verdict) ? other : tolerance;
    });
  }, tolerancesOf(first));
}

/** What a surface in its state allows of each class of agent, by the limits alone. */
export function tolerancesOf(state: SurfaceState): readonly Tolerance[] {
  return ASKED.map((agentClass): Tolerance => {
    const fired = limitsOnClass(state, agentClass);
    const worst = fired.find((limit) => limit.standing === 'floor') ?? fired[0];
    if (!worst) return { agentClass, verdict: 'yes', rule: null, text: null };
    return {
      agentClass,
      verdict: worst.standing === 'floor' ? 'no' : 'only-with-reason',
      rule: worst.id,
      text: worst.text,
    };
  });
}
