import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { contaminantById } from '../catalogue/catalogue.ts';
import type { Agent } from '../catalogue/agent.ts';
import type { ApplyTemplate, Direction, WorkedTemplate } from '../catalogue/method.ts';
import { neutraliserGrams } from '../mixing/neutraliser.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { Coats } from '../takeoff/coats.ts';
import { plannedRate } from '../rates/stage-duration.ts';
import type { RateConditions } from '../rates/stage-duration.ts';
import { RESIDUAL } from '../wetting/wet-window.ts';
import type { ChainLink, ChainSurroundings } from './chain-link.ts';
import { dwellOn } from './dwell-guidance.ts';
import { toolPressure } from './limit-verdict.ts';
import { stageBulk } from './stage-bulk.ts';
import type { Reason } from './reason.ts';
import type { ApplyDetail, Stage } from './stage.ts';
import { strengthBand } from './strength-band.ts';

const ANY_SPRAYER = 'low-pressure-sprayer';

export function rateConditions(
  link: Pick<ChainLink, 'severity'>,
  around: Pick<ChainSurroundings, 'shaded' | 'surface'>,
  dependsOnDirt: boolean,
): RateConditions {
  return {
    severity: link.severity,
    shaded: around.shaded,
    topMetres: around.surface.topMetres,
    dependsOnDirt,
  };
}

export function stageOf(
  template: WorkedTemplate,
  index: number,
  link: ChainLink,
  around: ChainSurroundings,
  cycle: number | null,
): Stage {
  const dirty = template.kind === 'agitate' || template.kind === 'wash' || template.kind === 'clear';
  const pressure = toolPressure(template.tool);
  return {
    ...bare(link, around, `${index}-${template.kind}`),
    kind: template.kind,
    cycle,
    tool: deliveryOf(template, around),
    rate: plannedRate(template.rate, rateConditions(link, around, dirty)),
    direction: directionOf(template, around),
    maxSurfacePressureKilopascal: pressure > 0 ? pressure : null,
    checks: [
      ...('checks' in template ? template.checks : []),
      ...panelChecks(template, around),
      ...doorChecks(template, link),
    ],
    cautions: [
      ...(bearsCautions(template, index, link) ? link.cautions : []),
      ...(template.kind === 'apply' ? agentCautions(template.agent, around) : []),
    ],
    apply: applyDetail(template, link, around),
    minutes: template.kind === 'pre-wet' ? template.minutes : null,
    bulk: stageBulk(template, link, around),
    wear: [...new Set(link.against.flatMap((id) => contaminantById(id).wear ?? []))],
    neutralises: [neutralisedBy(template, link, around)?.agent ?? []].flat(),
    task: ('task' in template ? template.task : undefined) ?? null,
  };
}

/** What is told of a method is told where it is put on; where nothing is, at what is done first. */
function bearsCautions({ kind }: WorkedTemplate, index: number, { method }: ChainLink): boolean {
  const isApplied = method.stages.some((stage) => stage.kind === 'apply');
  return isApplied ? kind === 'apply' : method.stages.findIndex((stage) => stage.kind !== 'wait') === index;
}

/** What a neutraliser of a method brings to rest: the application before it in the same method. */
function neutralisedBy(
  template: WorkedTemplate,
  link: ChainLink,
  around: ChainSurroundings,
): ApplyTemplate | null {
  if (template.kind !== 'neutralise') return null;
  const application = link.method.stages.find(
    (s) => s.kind === 'apply' && around.catalogue.agent(s.agent).neutraliser?.agent === template.agent,
  );
  return application?.kind === 'apply' ? application : null;
}

/** Acid changes the tone of a cast slab: a patch would show. */
function panelChecks(template: WorkedTemplate, { surface, catalogue }: ChainSurroundings): readonly string[] {
  const tones =
    template.kind === 'apply' &&
    catalogue.agent(template.agent).class === 'acid' &&
    catalogue.material(surface.material).family === 'concrete';
  return tones ? [say('check/whole-panels')] : [];
}

/** Where the strip along a door is clean already, the first wash of the floor need not stay there. */
function doorChecks(
  template: WorkedTemplate,
  { method, doorStripSquareMetres }: ChainLink,
): readonly string[] {
  const isPassing = template === method.stages.find(({ kind }) => kind === 'wash');
  return method.doorStrip && doorStripSquareMetres > 0 && isPassing ? [method.doorStrip.check] : [];
}

const CARRIED_BY: Readonly<Record<string, string>> = { backpack: 'backpack-sprayer', pump: 'soft-wash-pump' };

/** What carries a mix that any sprayer can carry, by the habit of the company; a tool that the agent harms stays away. */
function deliveryOf(template: WorkedTemplate, { schools, catalogue }: ChainSurroundings): string {
  const wanted = CARRIED_BY[schools['delivery'] ?? ''];
  if (wanted === undefined || template.kind !== 'apply' || template.tool !== ANY_SPRAYER)
    return template.tool;
  const harmed = catalogue.tool(wanted).harmedBy.includes(catalogue.agent(template.agent).class);
  return harmed ? template.tool : wanted;
}

function goesTopDown(template: WorkedTemplate, { schools }: ChainSurroundings): boolean {
  return schools['direction'] === 'top-down' && template.kind === 'apply' && !template.leaveOn;
}

function directionOf(template: WorkedTemplate, around: ChainSurroundings): Direction {
  if (goesTopDown(template, around)) return 'top-down';
  return 'direction' in template ? template.direction : 'top-down';
}

/** Stronger first only on a face that stands it: robust, and in no state that needs care. */
function isTreatedStronger({ schools, surface, catalogue }: ChainSurroundings): boolean {
  return (
    schools['strength'] === 'stronger' &&
    surface.conditions.length === 0 &&
    catalogue.material(surface.material).jetLimitKilopascal >= TRADE_DEFAULTS.robustKilopascal
  );
}

/** Coats by their coverage; a thirsty face takes more of each. */
function coatsOf(template: ApplyTemplate, around: ChainSurroundings): Coats {
  const { thirstFactor } = around.catalogue.material(around.surface.material);
  const { litresPerSquareMetre: first, nextCoatLitresPerSquareMetre: next } = template;
  return {
    // Applied top down it streaks: a second pass takes the streaks.
    coats: template.coats + (goesTopDown(template, around) ? 1 : 0),
    litresPerSquareMetre: roundToStep(first * thirstFactor, 0.001),
    ...(next === undefined ? {} : { nextCoatLitresPerSquareMetre: roundToStep(next * thirstFactor, 0.001) }),
  };
}

function applyDetail(
  template: WorkedTemplate,
  link: ChainLink,
  around: ChainSurroundings,
): ApplyDetail | null {
  if (template.kind === 'apply') {
    const agent = around.catalogue.agent(template.agent);
    const stronger = isTreatedStronger(around);
    const grade = Math.min(template.strengthGramsPerLitre.length, link.severity + (stronger ? 1 : 0));
    const wanted = template.strengthGramsPerLitre[grade - 1] ?? template.strengthGramsPerLitre[0];
    const { from, to } = template.dwellMinutes;
    return {
      agent: agent.id,
      agentClass: agent.class,
      strengthGramsPerLitre: wanted,
      band: strengthBand(template, wanted, grade, agent),
      ...(around.schools['mixes'] === 'own' ? { ownMix: true as const } : {}),
      basis: agent.basis,
      ...coatsOf(template, around),
      dwell: template.leaveOn
        ? null
        : dwellOn(
            { ...template.dwellMinutes, to: stronger ? (from + to) / 2 : to },
            link.severity,
            around.temperatureCelsius,
          ),
      leaveOn: template.leaveOn,
      needs: template.needs,
      clings: template.clings,
      covered: template.covered,
      stopWhen: template.stopWhen,
      ifNotEnough: template.ifNotEnough,
    };
  }
  if (template.kind === 'neutralise') {
    const application = neutralisedBy(template, link, around);
    return neutraliserDetail(
      around.catalogue.agent(application?.agent ?? template.agent),
      template.agent,
      application?.strengthGramsPerLitre[link.severity - 1] ?? 0,
      around,
    );
  }
  return null;
}

/** A rinsed face may still hold the residual film at full strength: the neutraliser is dosed for that. */
export function neutraliserDetail(
  of: Agent,
  neutraliser: string,
  strengthGramsPerLitre: number,
  { catalogue }: Pick<ChainSurroundings, 'catalogue'>,
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
    stopWhen: of.neutraliser?.reading ?? say('reading/neutral'),
    ifNotEnough: say('reading/again'),
  };
}

export function agentCautions(
  agentId: string,
  { catalogue }: Pick<ChainSurroundings, 'catalogue'>,
): readonly Reason[] {
  const agent = catalogue.agent(agentId);
  return agent.cautions.map((text) => ({ rule: `agent-${agentId}`, text, source: agent.source }));
}

export function bare(
  link: Pick<ChainLink, 'method' | 'areaSquareMetres'>,
  around: Pick<ChainSurroundings, 'surface'>,
  name: string,
): Stage {
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
    bulk: null,
    wear: [],
    neutralises: [],
  };
}

export function readingStage(
  reading: string,
  link: Pick<ChainLink, 'method' | 'areaSquareMetres'>,
  around: Pick<ChainSurroundings, 'surface'>,
  name: string,
): Stage {
  return {
    ...bare(link, around, name),
    minutes: TRADE_DEFAULTS.readingMinutes,
    reading,
    checks: [say('check/record-reading', { reading })],
  };
}
