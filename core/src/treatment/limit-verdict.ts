import { kept } from '../quantity/kept.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Agent, AgentClass } from '../catalogue/agent.ts';
import type { FactName, FactTest, Limit, LimitFacts, StageFacts } from '../catalogue/limit.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { workedStages } from '../catalogue/method.ts';
import type { Tool } from '../catalogue/tool.ts';
import type { Method, WorkedTemplate } from '../catalogue/method.ts';
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

/** Steam comes out of a wide cone at next to no pressure. */
const LEAST_TIP_PSI = 500;

function isPressureTip({ jet, machines }: Tool): boolean {
  const pumped = machines.includes('pressure-washer') || machines.includes('hot-washer');
  return pumped && jet !== null && jet.psi >= LEAST_TIP_PSI;
}

/** What a tool and an agent are to a limit. */
function factsOf(tool: Tool | null, put: AgentPut | null): StageFacts {
  const agent = put?.agent ?? null;
  return {
    agent: agent?.id ?? null,
    agentClass: agent?.class ?? null,
    agentPH: agent?.typicalPH ?? null,
    specialistOnly: agent !== null && agent.specialistOnly !== null,
    agentColdestCelsius: agent?.coldestCelsius ?? null,
    harmsWaterLife: agent?.harmsWaterLife ?? false,
    strips: put?.strips ?? false,
    strongestGramsPerLitre: put?.strongestGramsPerLitre ?? 0,
    longestDwellMinutes: put?.longestDwellMinutes ?? 0,
    jetKilopascal: tool ? toolPressure(tool.id) : 0,
    barMetres: tool?.jet?.barMetres ?? 0,
    pressureTip: tool !== null && isPressureTip(tool),
    hot: tool?.hot ?? false,
    abrasive: tool?.abrasive ?? false,
    scrubs: tool?.scrubs ?? false,
    scrapes: tool?.scrapes ?? false,
  };
}

interface AgentPut extends Pick<StageFacts, 'strongestGramsPerLitre' | 'longestDwellMinutes' | 'strips'> {
  readonly agent: Agent;
}

function stageFacts(stage: WorkedTemplate, catalogue: Catalogue): StageFacts {
  const put =
    stage.kind === 'apply'
      ? {
          agent: catalogue.agent(stage.agent),
          strongestGramsPerLitre: Math.max(
            ...stage.strengthGramsPerLitre,
            ...(stage.strengthBand?.strongest ?? []),
          ),
          longestDwellMinutes: stage.dwellMinutes.to,
          strips: stage.strips ?? false,
        }
      : null;
  return factsOf(catalogue.tool(stage.tool), put);
}

/** Limits that fire on a face under one agent at its strongest, by whatever tool and however long. */
export function limitsOnAgent(state: SurfaceState, agent: Agent, { limits }: Catalogue): readonly Limit[] {
  const strongest = {
    agent,
    strongestGramsPerLitre: agent.strengthSpan.to,
    longestDwellMinutes: 0,
    strips: false,
  };
  return limitsUnderFacts(state, factsOf(null, strongest), limits);
}

/** Limits that fire on a face under one tool, with water alone. */
export function limitsOnTool(state: SurfaceState, tool: Tool, { limits }: Catalogue): readonly Limit[] {
  return limitsUnderFacts(state, factsOf(tool, null), limits);
}

function limitsUnderFacts(
  state: SurfaceState,
  facts: StageFacts,
  limits: readonly Limit[],
): readonly Limit[] {
  return limits.filter(({ when }) => when.every((test) => holds(test, state, facts)));
}

/** A stage, and the limits that may fire on some surface under it, with what is still to be asked of the surface. */
interface StageLimits {
  readonly facts: StageFacts;
  readonly open: readonly { readonly limit: Limit; readonly tests: readonly FactTest[] }[];
}

/** A stage of the catalogue is asked about thousands of surfaces: what it decides alone is decided once. */
const limitsUnder = kept((stage: WorkedTemplate, catalogue: Catalogue): StageLimits =>
  undecided(stageFacts(stage, catalogue), catalogue.limits),
);

/** The limits that a stage leaves open, with what they still ask of the surface. */
function undecided(facts: StageFacts, limits: readonly Limit[]): StageLimits {
  const ofStage = (test: FactTest) => test.fact in facts && !('aboveFact' in test);
  return {
    facts,
    open: limits
      .filter(({ when }) => when.filter(ofStage).every((test) => holds(test, facts)))
      .map((limit) => ({ limit, tests: limit.when.filter((test) => !ofStage(test)) })),
  };
}

const limitsUnderClass = kept((agentClass: AgentClass): StageLimits =>
  undecided({ ...factsOf(null, null), agentClass }, CATALOGUE.limits),
);

/**
 * Limits that fire on a face under a class of agents, whichever of them and by whatever tool. A label forbids one agent,
 * never a class: these are the limits of the catalogue, whatever products a company has.
 */
export function limitsOnClass(state: SurfaceState, agentClass: AgentClass): readonly Limit[] {
  const { facts, open } = limitsUnderClass(agentClass);
  return open
    .filter(({ tests }) => tests.every((test) => holds(test, state, facts)))
    .map(({ limit }) => limit);
}

/** Facts of where the water of a surface ends up. */
export const WHERE_TO: readonly FactName[] = ['drainsToWater', 'drainsToPond', 'drainsToPlants'];

/**
 * What a class of agents does to a face that it only comes to, by run-off, splash or drift. Where its water ends up is
 * judged on the face that it is put on.
 */
export function classRefusals(state: SurfaceState, agentClass: AgentClass): readonly Refusal[] {
  const byClass = limitsOnClass(state, agentClass)
    .filter(
      ({ when }) =>
        when.some((t) => t.fact === 'agentClass') && !when.some(({ fact }) => WHERE_TO.includes(fact)),
    )
    .map((limit) => refusalOf(limit, { ...state, agentClass }));
  return byClass.length > 0 ? byClass : runOffRefusals(state, agentClass);
}

/** What run-off does whatever it is called: by its pH, and on what nobody may touch at all. */
function runOffRefusals(state: SurfaceState, agentClass: AgentClass): readonly Refusal[] {
  const agentPH = TRADE_DEFAULTS.runOffPH[agentClass];
  const facts = { ...state, ...(agentPH === undefined ? {} : { agentPH }) };
  return RUN_OFF_LIMITS.filter(({ when }) => when.every((test) => holds(test, facts))).map((limit) =>
    refusalOf(limit, facts),
  );
}

const RUN_OFF_FACTS: readonly FactName[] = ['agentPH', 'pHLow', 'pHHigh', 'handOver'];
/** Limits that ask for nothing else are about the surface and the water that comes to it. */
const RUN_OFF_LIMITS = CATALOGUE.limits.filter(({ when }) =>
  when.every(({ fact }) => RUN_OFF_FACTS.includes(fact)),
);

/** Whether one test holds on the facts; those of a surface and of a stage may come apart. */
export function holds(test: FactTest, facts: Partial<LimitFacts>, more: Partial<LimitFacts> = {}): boolean {
  const read = (fact: FactName) => facts[fact] ?? more[fact];
  const value = read(test.fact);
  if ('is' in test) return value === test.is;
  if ('oneOf' in test) return typeof value === 'string' && test.oneOf.includes(value);
  if ('includesAnyOf' in test)
    return Array.isArray(value) && test.includesAnyOf.some((wanted) => value.includes(wanted));
  if ('above' in test) return typeof value === 'number' && value > test.above;
  const other = read(test.aboveFact);
  return typeof value === 'number' && typeof other === 'number' && value > other;
}

function refusalOf(limit: Limit, facts: Partial<LimitFacts>): Refusal {
  return {
    rule: limit.id,
    text: filled(limit.text, facts),
    whatCanHappen: limit.whatCanHappen,
    overridable: limit.standing === 'overridable',
    source: limit.source,
  };
}

function filled(text: string, facts: Partial<LimitFacts>): string {
  return text.replace(/\{(\w+)\}/g, (_, fact: string) => String(facts[fact as keyof LimitFacts]));
}

/** Every limit that forbids one stage on a surface in its state; the same list for the same three. */
export const stageRefusals = kept(judgedStage);

function judgedStage(state: SurfaceState, stage: WorkedTemplate, catalogue: Catalogue): readonly Refusal[] {
  const { facts: own, open } = limitsUnder(stage, catalogue);
  if (open.length === 0) return [];
  const fired = open.filter(({ tests }) => tests.every((test) => holds(test, state, own)));
  if (fired.length === 0) return [];
  const facts: LimitFacts = { ...state, ...own };
  return fired.map(({ limit }) => refusalOf(limit, facts));
}

/** Every limit that forbids any stage of a method, each once; empty when the method is permitted. */
export function methodRefusals(
  state: SurfaceState,
  method: Method,
  catalogue: Catalogue,
): readonly Refusal[] {
  const all = workedStages(method).flatMap((stage) => stageRefusals(state, stage, catalogue));
  return all.filter((refusal, index) => all.findIndex((other) => other.rule === refusal.rule) === index);
}
