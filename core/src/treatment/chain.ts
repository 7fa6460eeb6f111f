import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { Severity } from '../catalogue/contaminant.ts';
import type { Method, StageTemplate } from '../catalogue/method.ts';
import { neutraliserGrams } from '../mixing/neutraliser.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import type { RateConditions } from '../rates/stage-duration.ts';
import type { Surface } from '../survey/surface.ts';
import { RESIDUAL } from '../wetting/wet-window.ts';
import { toolPressure } from './limit-verdict.ts';
import type { Reason } from './reason.ts';
import type { ApplyDetail, Stage } from './stage.ts';
import { isThirsty } from './surface-state.ts';

/** One method on its way into a chain: what it treats here, how badly, on what share of the surface. */
export interface ChainLink {
  readonly method: Method;
  readonly severity: Severity;
  readonly areaSquareMetres: number;
  readonly cautions: readonly Reason[];
}

export interface ChainSurroundings {
  readonly surface: Surface;
  readonly shaded: boolean;
  readonly preWet: string;
  readonly catalogue: Catalogue;
}

/** In which order methods follow each other on one face. */
export const CHAIN_ORDER = ['growth', 'alkali', 'acid', 'leave-on'] as const;

/** Growth before alkali before acid before leave-on; ties by method id. */
export function inChainOrder(links: readonly ChainLink[]): readonly ChainLink[] {
  const place = (link: ChainLink) => CHAIN_ORDER.indexOf(link.method.chainOrder);
  return [...links].sort((a, b) => place(a) - place(b) || (a.method.id < b.method.id ? -1 : 1));
}

/**
 * The stages of a treatment: the methods' stages in chain order, and between opposed chemistries a neutraliser
 * (where the earlier agent has one), a reading and a rinse, so that the two never meet in one flow.
 */
export function chainStages(links: readonly ChainLink[], around: ChainSurroundings): readonly Stage[] {
  const stages: Stage[] = [];
  // Agents that may still be on the face, with the strength that they came in.
  let present: { agent: Agent; strength: number; area: number }[] = [];
  let cycle = 0;
  for (const link of inChainOrder(links)) {
    link.method.stages.forEach((template, index) => {
      if (template.kind === 'pre-wet' && !isPreWetted(template.onlyIfThirsty, around)) return;
      if (template.kind === 'apply') {
        const opposed = present.filter((p) =>
          p.agent.opposedTo.includes(around.catalogue.agent(template.agent).class),
        );
        for (const p of opposed) stages.push(...restingStages(p, link, around, stages.length));
        if (opposed.length > 0) present = present.filter((p) => !opposed.includes(p));
      }
      // A pre-wet opens the cycle of the application that follows it.
      const follows = link.method.stages[index - 1];
      const opens =
        template.kind === 'pre-wet' ||
        (template.kind === 'apply' &&
          !(follows?.kind === 'pre-wet' && isPreWetted(follows.onlyIfThirsty, around)));
      if (opens) cycle += 1;
      const stage = stageOf(template, index, link, around, isTied(link.method, index) ? cycle : null);
      stages.push(stage);
      if (stage.apply && template.kind === 'apply') {
        present.push({
          agent: around.catalogue.agent(template.agent),
          strength: stage.apply.strengthGramsPerLitre,
          area: link.areaSquareMetres,
        });
      }
      if (template.kind === 'neutralise') {
        stages.push(readingStage(template.reading, link, around, `${String(index)}-reading`));
        present = present.filter((p) => p.agent.neutraliser?.agent !== template.agent);
      }
    });
  }
  return stages;
}

function isPreWetted(onlyIfThirsty: boolean, around: ChainSurroundings): boolean {
  if (around.preWet === 'never') return false;
  return around.preWet === 'always' || !onlyIfThirsty || isThirsty(around.surface, around.catalogue);
}

/** Pre-wet, apply, and what ends its dwell up to the first rinse or wash are tied in one cycle. */
function isTied(method: Method, index: number): boolean {
  const kind = method.stages[index]?.kind;
  if (kind === 'apply' || kind === 'pre-wet') return true;
  for (let i = index - 1; i >= 0; i -= 1) {
    const before = method.stages[i];
    if (before?.kind === 'apply') return !before.leaveOn;
    if (before?.kind !== 'agitate') return false;
  }
  return false;
}

function rateConditions(link: ChainLink, around: ChainSurroundings, dependsOnDirt: boolean): RateConditions {
  return {
    severity: link.severity,
    shaded: around.shaded,
    topMetres: around.surface.topMetres,
    dependsOnDirt,
  };
}

function stageOf(
  template: StageTemplate,
  index: number,
  link: ChainLink,
  around: ChainSurroundings,
  cycle: number | null,
): Stage {
  const dirty = template.kind === 'agitate' || template.kind === 'wash' || template.kind === 'clear';
  const pressure = toolPressure(template.tool);
  return {
    ...bare(link, around, `${String(index)}-${template.kind}`),
    kind: template.kind,
    cycle,
    tool: template.tool,
    rate: plannedRate(template.rate, rateConditions(link, around, dirty)),
    direction: 'direction' in template ? template.direction : 'top-down',
    maxSurfacePressureKilopascal: pressure > 0 ? pressure : null,
    checks: 'checks' in template ? template.checks : [],
    cautions: template.kind === 'apply' ? [...link.cautions, ...agentCautions(template.agent, around)] : [],
    apply: applyDetail(template, link, around),
    minutes: template.kind === 'pre-wet' ? template.minutes : null,
  };
}

function applyDetail(
  template: StageTemplate,
  link: ChainLink,
  around: ChainSurroundings,
): ApplyDetail | null {
  if (template.kind === 'apply') {
    const agent = around.catalogue.agent(template.agent);
    return {
      agent: agent.id,
      agentClass: agent.class,
      strengthGramsPerLitre:
        template.strengthGramsPerLitre[link.severity - 1] ?? template.strengthGramsPerLitre[0],
      basis: agent.basis,
      litresPerSquareMetre: roundToStep(
        template.litresPerSquareMetre * around.catalogue.material(around.surface.material).thirstFactor,
        0.001,
      ),
      coats: template.coats,
      dwell: template.leaveOn
        ? null
        : { fromMinutes: template.dwellMinutes.from, toMinutes: template.dwellMinutes.to },
      leaveOn: template.leaveOn,
      needs: template.needs,
      clings: template.clings,
      covered: template.covered,
      stopWhen: template.stopWhen,
      ifNotEnough: template.ifNotEnough,
    };
  }
  if (template.kind === 'neutralise') {
    const before = link.method.stages.find(
      (s) => s.kind === 'apply' && around.catalogue.agent(s.agent).neutraliser?.agent === template.agent,
    );
    const strength = before?.kind === 'apply' ? (before.strengthGramsPerLitre[link.severity - 1] ?? 0) : 0;
    return neutraliserDetail(
      around.catalogue.agent(before?.kind === 'apply' ? before.agent : template.agent),
      template.agent,
      strength,
      around,
    );
  }
  return null;
}

/** A rinsed face may still hold the residual film at full strength: the neutraliser is dosed for that. */
function neutraliserDetail(
  of: Agent,
  neutraliser: string,
  strengthGramsPerLitre: number,
  { catalogue }: ChainSurroundings,
): ApplyDetail {
  const gramsPerSquareMetre = neutraliserGrams(of, strengthGramsPerLitre, RESIDUAL);
  const agent = catalogue.agent(neutraliser);
  return {
    agent: agent.id,
    agentClass: agent.class,
    strengthGramsPerLitre: Math.max(
      1,
      roundToStep(gramsPerSquareMetre / TRADE_DEFAULTS.neutraliserLitresPerSquareMetre, 0.1),
    ),
    basis: agent.basis,
    litresPerSquareMetre: TRADE_DEFAULTS.neutraliserLitresPerSquareMetre,
    coats: 1,
    dwell: null,
    leaveOn: false,
    needs: 'not-dry',
    clings: false,
    covered: false,
    stopWhen: of.neutraliser?.reading ?? 'The strip reads neutral.',
    ifNotEnough: 'Rinse and neutralise again.',
  };
}

function agentCautions(agentId: string, { catalogue }: ChainSurroundings): readonly Reason[] {
  const agent = catalogue.agent(agentId);
  return agent.cautions.map((text) => ({ rule: `agent-${agentId}`, text, source: agent.source }));
}

function bare(link: ChainLink, around: ChainSurroundings, name: string): Stage {
  return {
    id: `${around.surface.id}.${link.method.id}.${name}`,
    surface: around.surface.id,
    kind: 'reading',
    method: link.method.id,
    cycle: null,
    areaSquareMetres: link.areaSquareMetres,
    tool: null,
    rate: null,
    direction: null,
    maxSurfacePressureKilopascal: null,
    checks: [],
    cautions: [],
    apply: null,
    minutes: null,
    reading: null,
  };
}

function readingStage(reading: string, link: ChainLink, around: ChainSurroundings, name: string): Stage {
  return {
    ...bare(link, around, name),
    minutes: TRADE_DEFAULTS.readingMinutes,
    reading,
    checks: [`${reading}; write the reading down.`],
  };
}

/** Brings an agent to rest before something opposed follows on the same face. */
function restingStages(
  earlier: { readonly agent: Agent; readonly strength: number; readonly area: number },
  next: ChainLink,
  around: ChainSurroundings,
  count: number,
): readonly Stage[] {
  const link = { ...next, areaSquareMetres: earlier.area };
  const name = (kind: string) => `before-${String(count)}-${earlier.agent.id}-${kind}`;
  const why: Reason = {
    rule: 'opposed-chemistries',
    text: `${earlier.agent.name} must be gone before what follows: the two never meet in one flow.`,
    source: 'trade default',
  };
  const stages: Stage[] = [];
  if (earlier.agent.neutraliser) {
    stages.push({
      ...bare(link, around, name('neutralise')),
      kind: 'neutralise',
      tool: 'low-pressure-sprayer',
      rate: plannedRate(TRADE_DEFAULTS.spray, rateConditions(link, around, false)),
      direction: 'top-down',
      cautions: [why, ...agentCautions(earlier.agent.neutraliser.agent, around)],
      apply: neutraliserDetail(earlier.agent, earlier.agent.neutraliser.agent, earlier.strength, around),
    });
  }
  stages.push(
    {
      ...bare(link, around, name('rinse')),
      kind: 'rinse',
      tool: 'garden-hose',
      rate: plannedRate(TRADE_DEFAULTS.plainRinse, rateConditions(link, around, false)),
      direction: 'top-down',
      maxSurfacePressureKilopascal: toolPressure('garden-hose'),
      checks: ['Full rinse, joints and sills too.'],
      cautions: earlier.agent.neutraliser ? [] : [why],
    },
    readingStage(
      earlier.agent.neutraliser?.reading ?? 'pH strip reads 6 to 8',
      link,
      around,
      name('reading'),
    ),
  );
  return stages;
}
