import type { Agent } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { chainPlace } from '../treatment/chain-place.ts';
import { chemistryGuard } from './chemistry-guard.ts';
import type { ChemistryGuard, GuardedFace } from './chemistry-guard.ts';
import { faceOrder } from './face-order.ts';
import { surfacesAbove } from './gravity.ts';
import type { Above } from './gravity.ts';
import { flowsOnto, mayFlowOnto } from '../survey/run-off-paths.ts';
import { wettedFrom } from './wetting.ts';
import { phaseId, phasesOf, wetSteps } from './work-phase.ts';
import type { WorkPhase } from './work-phase.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { isAtRest, restingOrder, restingStages } from '../treatment/resting-stages.ts';
import type { Stage } from '../treatment/stage.ts';
import { guardedFaces } from './guarded-faces.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { heldUpUntil } from './drying-clock.ts';
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
  const [onto, together, above] = [flowsOnto(faces), mayFlowOnto(faces), surfacesAbove(faces)];
  let surfaces = treated;
  for (let round = 1; ; round += 1) {
    const guarded = guardedFaces(surfaces, survey.job.weather.windMetresPerSecond);
    const ranked = rankedPhases(surfaces, above);
    const rules = phaseRules(ranked, above, guarded, onto);
    const phases = inOrder(guardedPhases(surfaces, ranked, guarded), rules);
    const guardOf: KeptApart['guardOf'] = (isWorked) =>
      chemistryGuard(
        phases.filter((phase) => isWorked(phase.id)),
        together,
      );
    const guard = guardOf(() => true);
    const rested = surfaces.map((planned) =>
      withRests(planned, (phase) => guard.rests.get(phaseId(phase)), survey),
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
  const byId = new Map(treated.map(({ surface }) => [surface.id as string, surface]));
  return {
    wetted: wettedFrom(
      guardedFaces(whole, survey.job.weather.windMetresPerSecond),
      flowsOnto(treated.map((p) => p.surface)),
    ),
    heldUp: (id, part) => {
      const held = byId.get(id);
      return held ? heldUpUntil(held, part, survey) : 0;
    },
    dryDays: (id) => {
      const method = catalogue.method(id);
      return method.dryFirst?.days ?? (method.lastCoat ? 0 : TRADE_DEFAULTS.dryLeafDays);
    },
  };
}

/** The work on a face as it is ordered among the others. */
interface FacePhases {
  readonly wet: readonly (readonly Stage[])[];
  readonly stays: readonly Stage[];
  /** Of each wet step its place in the order of chemistries, among those of the faces above it. */
  readonly ranks: readonly number[];
}

function phasesOn({ treatment }: TreatedSurface): Pick<FacePhases, 'wet' | 'stays'> {
  const { wet, stays } = phasesOf(treatment?.stages ?? []);
  return { wet: wetSteps(wet, CATALOGUE.agent), stays };
}

/**
 * The phases of each face. A step ranks no lower than the one before it, and the last of a face no lower than any above: what comes
 * down onto a face comes before it is finished.
 */
function rankedPhases(
  surfaces: readonly TreatedSurface[],
  above: readonly Above[],
): ReadonlyMap<string, FacePhases> {
  const uppers = new Map<string, string[]>();
  for (const { upper, lower } of above) uppers.set(lower, [...(uppers.get(lower) ?? []), upper]);
  const own = new Map<string, FacePhases>(
    surfaces.map((planned) => {
      const phases = phasesOn(planned);
      const each = phases.wet.map((stages) => rankOf(stages, planned));
      const ranks = each.map((_, step) => Math.max(...each.slice(0, step + 1)));
      return [planned.surface.id, { ...phases, ranks }] as const;
    }),
  );
  return new Map(
    [...own].map(([face, phases]) => {
      const over = (uppers.get(face) ?? []).map((upper) => own.get(upper)?.ranks.at(-1) ?? 0);
      const last = Math.max(phases.ranks.at(-1) ?? 0, ...over);
      return [face, { ...phases, ranks: [...phases.ranks.slice(0, -1), last].slice(0, phases.wet.length) }];
    }),
  );
}

/** What wets a face comes before what must stay dry on it; what runs down comes before what is below. */
function phaseRules(
  phases: ReadonlyMap<string, FacePhases>,
  above: readonly Above[],
  guarded: readonly GuardedFace[],
  onto: ReadonlyMap<string, ReadonlySet<string>>,
): readonly PhaseRule[] {
  const rules: PhaseRule[] = [];
  const wetOf = (face: string): readonly (WorkPhase & { readonly rank: number })[] =>
    (phases.get(face)?.ranks ?? []).map((rank, step) => ({ face, part: 'wet', step, rank }));
  const lastWet = (face: string) => wetOf(face).slice(-1);
  const staysOf = (face: string): readonly WorkPhase[] =>
    (phases.get(face)?.stays.length ?? 0) > 0 ? [{ face, part: 'stays', step: 0 }] : [];
  const add = (rule: PhaseRule['rule'], first: readonly WorkPhase[], then: readonly WorkPhase[]) => {
    for (const before of first)
      for (const after of then) rules.push({ rule, first: phaseOf(before), then: phaseOf(after) });
  };
  for (const { upper, lower } of above) {
    // By the order of chemistries, so that each of them is over before the next begins; alike from above.
    for (const high of wetOf(upper))
      for (const low of wetOf(lower))
        if (high.rank <= low.rank) add('gravity', [high], [low]);
        else add('gravity', [low], [high]);
    add('gravity', staysOf(upper), staysOf(lower));
    // Washing below may splash up further than the foot.
    add('stays-dry', lastWet(lower), staysOf(upper));
  }
  for (const [face, wetted] of wettedFrom(guarded, onto))
    for (const other of wetted) add('stays-dry', lastWet(face), staysOf(other));
  for (const face of phases.keys()) add('stays-dry', lastWet(face), staysOf(face));
  return rules;
}

const phaseOf = ({ face, part, step }: WorkPhase): WorkPhase => ({ face, part, step });

/** Each phase as the guard sees it: with the agents of its own stages. */
function guardedPhases(
  surfaces: readonly TreatedSurface[],
  phases: ReadonlyMap<string, FacePhases>,
  guarded: readonly GuardedFace[],
): readonly RankedPhase[] {
  const faces = new Map(guarded.map((face) => [face.id, face]));
  return surfaces.flatMap((planned) => {
    const face = faces.get(planned.surface.id);
    const own = phases.get(planned.surface.id);
    if (!face || !own) return [];
    const guardedPhase = (phase: WorkPhase, stages: readonly Stage[], rank: number): RankedPhase => {
      const agents = [...new Set(stages.flatMap((s) => (s.apply ? [s.apply.agent] : [])))];
      return { ...face, id: phaseId(phase), at: face.id, agents: agents.map(CATALOGUE.agent), rank };
    };
    return [
      ...own.wet.map((stages, step) =>
        guardedPhase({ face: face.id, part: 'wet', step }, stages, own.ranks[step] ?? 0),
      ),
      ...(own.stays.length > 0
        ? [guardedPhase({ face: face.id, part: 'stays', step: 0 }, own.stays, rankOf(own.stays, planned))]
        : []),
    ];
  });
}

/** Growth before alkali before acid before what stays on, as on one face. */
function rankOf(stages: readonly Stage[], { treatment }: TreatedSurface): number {
  const applied = stages.filter(({ kind }) => kind === 'apply');
  // What brings to rest counts to the method that follows: it says nothing of what is put on here.
  const now = new Set((applied.length > 0 ? applied : stages).map((stage) => stage.method));
  const chosen = (treatment?.proposals ?? []).flatMap(({ chosen, finding }) =>
    chosen && now.has(chosen.method.id) ? [{ method: chosen.method, against: finding.contaminant }] : [],
  );
  const against = (id: string) => chosen.flatMap((own) => (own.method.id === id ? [own.against] : []));
  return Math.max(0, ...chosen.map(({ method }) => chainPlace(method, against(method.id))));
}

function inOrder(phases: readonly RankedPhase[], rules: readonly PhaseRule[]): readonly RankedPhase[] {
  const byId = new Map(phases.map((phase) => [phase.id, phase]));
  const ruled = rules.map(({ first, then }) => [phaseId(first), phaseId(then)] as const);
  const steps = phases.flatMap((phase, i) => {
    const next = phases[i + 1];
    return next && next.at === phase.at ? [[phase.id, next.id] as const] : [];
  });
  return faceOrder(phases, [...ruled, ...steps]).flatMap((id) => byId.get(id) ?? []);
}

/** Agents that something opposed would meet elsewhere later are brought to rest at the end of the step that they are of. */
function withRests(
  planned: TreatedSurface,
  restsOf: (phase: WorkPhase) => ReadonlySet<Agent> | undefined,
  survey: FacedSurvey,
): TreatedSurface {
  const { surface, treatment } = planned;
  if (!treatment) return planned;
  const { wet, stays } = phasesOn(planned);
  const around = { surface, shaded: false, catalogue: survey.catalogue };
  const steps = wet.map((stages, step) => {
    const agents = restsOf({ face: surface.id, part: 'wet', step }) ?? new Set();
    const rests = restingOrder([...agents], around).flatMap((agent) => {
      const last = stages.findLastIndex((s) => s.kind === 'apply' && s.apply?.agent === agent.id);
      const stage = stages[last];
      if (!stage?.apply || isAtRest(agent, stages.slice(last + 1), around)) return [];
      const link = { method: around.catalogue.method(stage.method), severity: 1 } as const;
      return restingStages(
        {
          agent,
          strength: stage.apply.strengthGramsPerLitre,
          areaSquareMetres: stage.areaSquareMetres,
        },
        { ...link, areaSquareMetres: stage.areaSquareMetres },
        around,
        step === wet.length - 1 ? 'gate' : `gate-${step + 1}`,
      );
    });
    return [...stages, ...rests];
  });
  if (steps.every((stages, step) => stages.length === wet[step]?.length)) return planned;
  return { ...planned, treatment: { ...treatment, stages: [...steps.flat(), ...stays] } };
}
