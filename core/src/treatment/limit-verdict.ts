import { CATALOGUE, agentById, toolById } from '../catalogue/catalogue.ts';
import type { AgentClass } from '../catalogue/agent.ts';
import type { FactTest, Limit, LimitFacts } from '../catalogue/limit.ts';
import type { Method, StageTemplate } from '../catalogue/method.ts';
import { surfacePressure } from '../jet/surface-pressure.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { SurfaceState } from './surface-state.ts';

/** A limit that forbids, with the values that decided filled into its sentence. */
export interface Refusal {
  readonly rule: string;
  readonly text: string;
  readonly whatCanHappen: string;
  readonly overridable: boolean;
  readonly source: string;
}

const TOOL_PRESSURES = new Map(
  CATALOGUE.tools.map((tool) => [tool.id, tool.jet ? roundToStep(surfacePressure(tool.jet), 0.1) : 0]),
);

/** Mean pressure of a tool's jet on the face, kPa, rounded to 0.1 before anything is decided on it; 0 without a jet. */
export function toolPressure(toolId: string): number {
  return TOOL_PRESSURES.get(toolId) ?? 0;
}

function factsOf(state: SurfaceState, stage: StageTemplate): LimitFacts {
  const tool = toolById(stage.tool);
  const agent = stage.kind === 'apply' ? agentById(stage.agent) : null;
  return {
    ...state,
    agent: agent?.id ?? null,
    agentClass: agent?.class ?? null,
    agentPH: agent?.typicalPH ?? null,
    specialistOnly: agent !== null && agent.specialistOnly !== null,
    jetKilopascal: toolPressure(stage.tool),
    hot: tool.hot,
    abrasive: tool.abrasive,
    scrubs: tool.scrubs,
  };
}

/** The facts of a class of agents on a face, whichever of them and by whatever tool. */
export function factsOfClass(state: SurfaceState, agentClass: AgentClass): LimitFacts {
  return {
    ...state, agent: null, agentClass, agentPH: null, specialistOnly: false, jetKilopascal: 0, hot: false, abrasive: false, scrubs: false,
  };
} // prettier-ignore

/** Whether one test holds on the facts. */
export function holds(test: FactTest, facts: LimitFacts): boolean {
  const value = facts[test.fact];
  if ('is' in test) return value === test.is;
  if ('oneOf' in test) return typeof value === 'string' && test.oneOf.includes(value);
  if ('includesAnyOf' in test)
    return Array.isArray(value) && test.includesAnyOf.some((wanted) => value.includes(wanted));
  if ('above' in test) return typeof value === 'number' && value > test.above;
  const other = facts[test.aboveFact];
  return typeof value === 'number' && typeof other === 'number' && value > other;
}

function filled(text: string, facts: LimitFacts): string {
  return text.replace(/\{(\w+)\}/g, (_, fact: string) => String(facts[fact as keyof LimitFacts]));
}

/** Every limit that forbids one stage on a surface in its state. */
export function stageRefusals(
  state: SurfaceState,
  stage: StageTemplate,
  limits: readonly Limit[],
): readonly Refusal[] {
  const facts = factsOf(state, stage);
  return limits
    .filter((limit) => limit.when.every((test) => holds(test, facts)))
    .map((limit) => ({
      rule: limit.id,
      text: filled(limit.text, facts),
      whatCanHappen: limit.whatCanHappen,
      overridable: limit.standing === 'overridable',
      source: limit.source,
    }));
}

/** Every limit that forbids any stage of a method, each once; empty when the method is permitted. */
export function methodRefusals(
  state: SurfaceState,
  method: Method,
  limits: readonly Limit[],
): readonly Refusal[] {
  const all = method.stages.flatMap((stage) => stageRefusals(state, stage, limits));
  return all.filter((refusal, index) => all.findIndex((other) => other.rule === refusal.rule) === index);
}
