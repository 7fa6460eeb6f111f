import type { Agent } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { CHAIN_ORDER } from '../catalogue/method.ts';
import { chemistryGuard } from './chemistry-guard.ts';
import type { ChemistryGuard, GuardedFace } from './chemistry-guard.ts';
import { faceOrder } from './face-order.ts';
import { surfacesAbove } from './gravity.ts';
import { flowsOnto, mayFlowOnto } from './run-off-paths.ts';
import { wettedFrom } from './wetting.ts';
import { phaseId, phasesOf } from './work-phase.ts';
import type { WorkPhase, WorkPhases } from './work-phase.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { isAtRest, restingOrder, restingStages } from '../treatment/resting-stages.ts';
import type { Stage } from '../treatment/stage.ts';
import { guardedFaces } from './guarded-faces.ts';
import type { TreatedSurface } from '../treatment/treated-surface.ts';
import type { WetAndDry } from './property-visits.ts';

/** One phase of work on a face that comes after another on another. */
export interface PhaseRule {
  readonly first: WorkPhase;
  readonly then: WorkPhase;
  readonly rule: 'gravity' | 'stays-dry';
}

/** Work as the chemistry guard sees it, with its place in the order of chemistries. */
interface RankedPhase extends GuardedFace {
  readonly rank: number;
}

/** The faces of a visit with what keeps their water and their chemistries apart. */
export interface KeptApart {
  /** With what brings agents to rest that would meet something opposed of another face. */
  readonly surfaces: readonly TreatedSurface[];
  readonly guarded: readonly GuardedFace[];
  readonly rules: readonly PhaseRule[];
  /** What keeps phases apart, by their ids, of those that are worked in the end. */
  guardOf(isWorked: (phase: string) => boolean): ChemistryGuard;
}

/** What brings one agent to rest is an agent too: it may in turn ask for rest, as often as there are classes at most. */
const MOST_ROUNDS = 6;

/**
 * Upper before lower, wet before what must stay dry, and opposed chemistries one after the other, each at rest before the next
 * begins.
 */
export function keptApart(treated: readonly TreatedSurface[], survey: FacedSurvey): KeptApart {
  const faces = treated.map((p) => p.surface);
  const [onto, together] = [flowsOnto(faces), mayFlowOnto(faces)];
  let surfaces = treated;
  for (let round = 1; ; round += 1) {
    const guarded = guardedFaces(surfaces, survey.job.weather.windMetresPerSecond);
    const rules = phaseRules(surfaces, guarded, onto);
    const phases = inOrder(guardedPhases(surfaces, guarded), rules);
    const guardOf: KeptApart['guardOf'] = (isWorked) =>
      chemistryGuard(
        phases.filter((phase) => isWorked(phase.id)),
        together,
      );
    const guard = guardOf(() => true);
    const rested = surfaces.map((planned) =>
      withRests(planned, guard.rests.get(planned.surface.id) ?? new Set(), survey),
    );
    if (round === MOST_ROUNDS || rested.every((planned, i) => planned === surfaces[i]))
      return { surfaces, guarded, rules, guardOf };
    surfaces = rested;
  }
}

/** Over all visits of a property: which faces get wet by the work on others, and how dry a method wants its own. */
export function wetAndDry(treated: readonly TreatedSurface[], survey: FacedSurvey): WetAndDry {
  const whole = treated.map((planned) => {
    const { treatment } = planned;
    if (!treatment) return planned;
    return { ...planned, treatment: { ...treatment, stages: treatment.parts.flatMap((p) => p.stages) } };
  });
  const catalogue = survey.catalogue;
  return {
    wetted: wettedFrom(
      guardedFaces(whole, survey.job.weather.windMetresPerSecond),
      flowsOnto(treated.map((p) => p.surface)),
    ),
    dryDays: (method) => catalogue.method(method).dryFirst?.days ?? TRADE_DEFAULTS.dryLeafDays,
  };
}

function phasesOn({ treatment }: TreatedSurface): WorkPhases {
  return phasesOf(treatment?.stages ?? []);
}

/** What wets a face comes before what must stay dry on it; what runs down comes before what is below. */
function phaseRules(
  surfaces: readonly TreatedSurface[],
  guarded: readonly GuardedFace[],
  onto: ReadonlyMap<string, ReadonlySet<string>>,
): readonly PhaseRule[] {
  const phases = new Map(surfaces.map((p) => [p.surface.id as string, phasesOn(p)]));
  const is = (face: string, part: WorkPhase['part']) => (phases.get(face)?.[part].length ?? 0) > 0;
  const rules: PhaseRule[] = [];
  const add = (
    rule: PhaseRule['rule'],
    [first, firstPart]: readonly [string, WorkPhase['part']],
    [then, thenPart]: readonly [string, WorkPhase['part']],
  ) => {
    if (is(first, firstPart) && is(then, thenPart))
      rules.push({ rule, first: { face: first, part: firstPart }, then: { face: then, part: thenPart } });
  };
  for (const { upper, lower } of surfacesAbove(surfaces.map((p) => p.surface))) {
    add('gravity', [upper, 'wet'], [lower, 'wet']);
    add('gravity', [upper, 'stays'], [lower, 'stays']);
    // Washing below may splash up further than the foot.
    add('stays-dry', [lower, 'wet'], [upper, 'stays']);
  }
  for (const [face, wetted] of wettedFrom(guarded, onto))
    for (const other of wetted) add('stays-dry', [face, 'wet'], [other, 'stays']);
  for (const face of phases.keys()) add('stays-dry', [face, 'wet'], [face, 'stays']);
  return rules;
}

/** Each phase as the guard sees it: with the agents of its own stages. */
function guardedPhases(
  surfaces: readonly TreatedSurface[],
  guarded: readonly GuardedFace[],
): readonly RankedPhase[] {
  const faces = new Map(guarded.map((face) => [face.id, face]));
  return surfaces.flatMap((planned) => {
    const face = faces.get(planned.surface.id);
    const phases = phasesOn(planned);
    return (['wet', 'stays'] as const).flatMap((part): RankedPhase[] => {
      const stages = phases[part];
      if (!face || stages.length === 0) return [];
      const agents = [...new Set(stages.flatMap((s) => (s.apply ? [s.apply.agent] : [])))];
      return [
        {
          ...face,
          id: phaseId({ face: face.id, part }),
          at: face.id,
          agents: agents.map(CATALOGUE.agent),
          rank: rankOf(stages, planned),
        },
      ];
    });
  });
}

/** Growth before alkali before acid before what stays on, as on one face. */
function rankOf(stages: readonly Stage[], { treatment }: TreatedSurface): number {
  const now = new Set(stages.map((stage) => stage.method));
  const methods = (treatment?.proposals ?? []).flatMap((p) =>
    p.chosen && now.has(p.chosen.method.id) ? [p.chosen.method] : [],
  );
  return Math.max(0, ...methods.map((method) => CHAIN_ORDER.indexOf(method.chainOrder)));
}

function inOrder(phases: readonly RankedPhase[], rules: readonly PhaseRule[]): readonly RankedPhase[] {
  const byId = new Map(phases.map((phase) => [phase.id, phase]));
  const before = rules.map(({ first, then }) => [phaseId(first), phaseId(then)] as const);
  return faceOrder(phases, before).flatMap((id) => byId.get(id) ?? []);
}

/** Agents that something opposed would meet elsewhere later are brought to rest at the end of the wet work. */
function withRests(planned: TreatedSurface, agents: ReadonlySet<Agent>, survey: FacedSurvey): TreatedSurface {
  const { surface, treatment } = planned;
  if (!treatment || agents.size === 0) return planned;
  const { wet, stays } = phasesOn(planned);
  const around = { surface, shaded: false, catalogue: survey.catalogue };
  const rests = restingOrder([...agents], around).flatMap((agent) => {
    const last = wet.findLastIndex((s) => s.kind === 'apply' && s.apply?.agent === agent.id);
    const stage = wet[last];
    if (!stage?.apply || isAtRest(agent, wet.slice(last + 1), around)) return [];
    const link = { method: around.catalogue.method(stage.method), severity: 1 } as const;
    return restingStages(
      {
        agent,
        strength: stage.apply.strengthGramsPerLitre,
        areaSquareMetres: stage.areaSquareMetres,
      },
      { ...link, areaSquareMetres: stage.areaSquareMetres },
      around,
      'gate',
    );
  });
  if (rests.length === 0) return planned;
  return { ...planned, treatment: { ...treatment, stages: [...wet, ...rests, ...stays] } };
}
