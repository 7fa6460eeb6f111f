import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { ChemistryGuard } from '../protection/chemistry-guard.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import type { KeptApart } from '../protection/kept-apart.ts';
import { phaseId, phasesOf, wetSteps } from '../protection/work-phase.ts';
import type { WorkPhase } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import { isOneStrip, joinedFront } from '../wet-cycle/joined-front.ts';
import type { JoinedFront } from '../wet-cycle/joined-front.ts';
import type { PlannedSurface } from '../wet-cycle/planned-surface.ts';
import type { WetCyclePlan } from '../wet-cycle/wet-cycle-plan.ts';
import { together } from './cycle-work.ts';
import { WaitingGraph } from './waiting-graph.ts';

/** A phase of work on one face, with its stages. */
export interface PhaseStages {
  readonly phase: WorkPhase;
  readonly stages: readonly Stage[];
  readonly cycles: readonly WetCyclePlan[];
}

/** Like phases on small surfaces that are worked as one: stage after stage over all of them. */
export interface JoinedPhase {
  /** Of each surface its own, in the order in which they are worked. */
  readonly phases: readonly PhaseStages[];
  /** One for each cycle of the phase. */
  readonly fronts: readonly JoinedFront[];
}

/** What is worked in a visit, phase by phase, with what keeps phases apart and which are worked as one. */
export interface VisitPhases {
  readonly of: ReadonlyMap<string, readonly PhaseStages[]>;
  readonly guard: ChemistryGuard;
  readonly joined: readonly JoinedPhase[];
}

/** The work of a visit in phases. Small surfaces of one side on which the same is done the same way are joined. */
export function visitPhases(
  surfaces: readonly PlannedSurface[],
  kept: Pick<KeptApart, 'rules' | 'guardOf'>,
): VisitPhases {
  const of = new Map(surfaces.map((planned) => [planned.surface.id as string, phasesOn(planned)]));
  const worked = new Set([...of.values()].flat().map(({ phase }) => phaseId(phase)));
  const guard = kept.guardOf((phase) => worked.has(phase));
  const alike = likePhases(surfaces, of).filter((phases) => phases.length > 1);
  if (alike.length === 0) return { of, guard, joined: [] };
  const graph = new WaitingGraph();
  for (const phases of of.values())
    phases.slice(1).forEach(({ phase }, i) => {
      const previous = phases[i];
      if (previous) graph.add(phaseId(previous.phase), phaseId(phase), 'apart');
    });
  for (const { first, then } of kept.rules) graph.add(phaseId(first), phaseId(then), 'apart');
  for (const { after, then, which } of guard.separations)
    graph.add(after, then, which === 'end' ? 'apart' : 'together');
  return { of, guard, joined: alike.flatMap((phases) => runsOf(phases, graph)) };
}

/** The phases of a surface in their order; none where it cannot be worked. */
function phasesOn(planned: PlannedSurface): readonly PhaseStages[] {
  if (!planned.treatment || planned.cycles.some((c) => c.unworkable)) return [];
  const face = planned.surface.id;
  const { wet, stays } = phasesOf(planned.treatment.stages);
  const all: readonly (readonly [WorkPhase, readonly Stage[]])[] = [
    ...wetSteps(wet, CATALOGUE.agent).map((own, step) => [{ face, part: 'wet', step }, own] as const),
    [{ face, part: 'stays', step: 0 }, stays],
  ];
  return all.flatMap(([phase, stages]): PhaseStages[] => {
    const numbers = new Set(stages.map(({ cycle }) => cycle));
    const cycles = planned.cycles.filter(({ apply }) => numbers.has(apply.cycle));
    return stages.length === 0 ? [] : [{ phase, stages, cycles }];
  });
}

/** Phases of small surfaces by what is done in them, in the order of the survey. */
function likePhases(
  surfaces: readonly PlannedSurface[],
  of: ReadonlyMap<string, readonly PhaseStages[]>,
): readonly (readonly PhaseStages[])[] {
  const overhead = new Set(
    surfacesAbove(surfaces.map((p) => p.surface)).flatMap((pair) =>
      pair.overhead ? [pair.upper, pair.lower] : [],
    ),
  );
  const byWork = new Map<string, PhaseStages[]>();
  for (const { surface } of surfaces) {
    if (overhead.has(surface.id)) continue;
    for (const phase of of.get(surface.id) ?? []) {
      const isSmall = phase.stages.every(
        ({ areaSquareMetres }) => areaSquareMetres < TRADE_DEFAULTS.leastPieceSquareMetres,
      );
      if (!isSmall || !phase.cycles.every(isOneStrip)) continue;
      const place = [surface.side, [...surface.drainsOnto].sort(), surface.material, surface.finish];
      const groups = together(phase.stages).map((group) => group.map(workOf));
      const key = JSON.stringify([place, phase.phase.part, groups]);
      byWork.set(key, [...(byWork.get(key) ?? []), phase]);
    }
  }
  return [...byWork.values()];
}

/** What is done in a stage, wherever it is. */
function workOf({ id: _, surface: _surface, areaSquareMetres: _area, bulk: _bulk, ...work }: Stage): unknown {
  return work;
}

/** Phases one after the other that can be worked as one, and not for too long. */
function runsOf(phases: readonly PhaseStages[], graph: WaitingGraph): readonly JoinedPhase[] {
  const joined: JoinedPhase[] = [];
  let run: JoinedPhase = { phases: [], fronts: [] };
  const close = () => {
    if (run.phases.length < 2) return;
    graph.join(run.phases.map(({ phase }) => phaseId(phase)));
    joined.push(run);
  };
  for (const phase of phases) {
    const longer = [...run.phases, phase];
    const fronts = graph.canJoin(longer.map((one) => phaseId(one.phase))) ? frontsOver(longer) : null;
    if (fronts) run = { phases: longer, fronts };
    else {
      close();
      run = { phases: [phase], fronts: frontsOver([phase]) ?? [] };
    }
  }
  close();
  return joined;
}

function frontsOver(phases: readonly PhaseStages[]): readonly JoinedFront[] | null {
  const count = phases[0]?.cycles.length ?? 0;
  const fronts = Array.from({ length: count }, (_, i) =>
    joinedFront(phases.flatMap(({ cycles }) => cycles[i] ?? [])),
  );
  const found = fronts.flatMap((front) => front ?? []);
  return found.length === count ? found : null;
}
