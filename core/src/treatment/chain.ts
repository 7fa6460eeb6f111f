import { kept } from '../quantity/kept.ts';
import { areOpposed } from '../catalogue/agent.ts';
import type { Agent } from '../catalogue/agent.ts';
import { chainPlace } from './chain-place.ts';
import type { Method, PreWetTemplate, WaitTemplate } from '../catalogue/method.ts';
import { flushStage, solidsStage } from './before-method.ts';
import type { ChainLink, ChainSurroundings } from './chain-link.ts';
import { restingAgent, restingStages } from './resting-stages.ts';
import type { PresentAgent } from './resting-stages.ts';
import type { PartWait, Stage, TreatmentPart } from './stage.ts';
import { neutraliserDetail, readingStage, stageOf } from './stage-builder.ts';
import { isPreWetted, isTied } from './method-cycle.ts';
import { DRY_WORK, VisitDays } from './visit-days.ts';

/** Dry before wet, oil before growth before alkali before acid, and so on; ties by method id. */
export function inChainOrder<Link extends { readonly method: Method; readonly against?: readonly string[] }>(
  links: readonly Link[],
): readonly Link[] {
  const place = (link: Link) => chainPlace(link.method, link.against);
  return [...links].sort((a, b) => place(a) - place(b) || (a.method.id < b.method.id ? -1 : 1));
}

/**
 * The stages of a treatment: the methods' stages in chain order, and between opposed chemistries a neutraliser
 * (where the earlier agent has one), a rinse and a reading, so that the two never meet in one flow. They stand before the
 * whole cycle of the later agent, its pre-wet included, and before the face dries for it. A wait ends a part.
 */
export function chainParts(links: readonly ChainLink[], around: ChainSurroundings): readonly TreatmentPart[] {
  const chain = new Chain(around);
  inChainOrder(links).forEach((link, i, all) => {
    chain.add(link, all.slice(i + 1));
  });
  chain.finish(links);
  return chain.parts;
}

/** Stages of the first part, for who asks of one visit only. */
export function chainStages(links: readonly ChainLink[], around: ChainSurroundings): readonly Stage[] {
  return chainParts(links, around)[0]?.stages ?? [];
}

class Chain {
  private readonly around: ChainSurroundings;
  private readonly visits = new VisitDays();
  private readonly done: TreatmentPart[] = [];
  private wait: PartWait | null = null;
  private stages: Stage[] = [];
  /** Agents that may still be on the face, with the strength that they came in. */
  private present: PresentAgent[] = [];
  private cycle = 0;
  private count = 0;

  constructor(around: ChainSurroundings) {
    this.around = around;
  }

  get parts(): readonly TreatmentPart[] {
    return [...this.done, { wait: this.wait, stages: this.stages }];
  }

  add(link: ChainLink, later: readonly ChainLink[]): void {
    const { catalogue } = this.around;
    for (const solids of link.solids) this.clearFirst(solidsStage(solids, link, this.around));
    const dry = dryingOf(link.method);
    // Bringing to rest is wet work: it comes before the face dries, and before what must then stay dry.
    if (dry || leavesDry(link.method))
      for (const { method } of [link, ...later])
        for (const stage of method.stages)
          if (stage.kind === 'apply') this.bringToRest(catalogue.agent(stage.agent), link);
    if (dry) this.passOver(dry, link, 0);
    if (this.mustFlush(link.method)) this.push(flushStage(link, this.around, this.count));
    this.stripAlongDoors(link);
    link.method.stages.forEach((template, index) => {
      if (template.kind === 'wait') {
        this.passOver(template, link, index);
        return;
      }
      const isWetted = (stage: PreWetTemplate) =>
        isPreWetted(stage.onlyIfThirsty, this.around, {
          severity: link.severity,
          celsius: this.around.temperatureCelsius,
        });
      if (template.kind === 'pre-wet' && !isWetted(template)) return;
      this.visits.work(template.kind);
      // A pre-wet opens the cycle of the application that follows it.
      const follows = link.method.stages[index - 1];
      const opens =
        template.kind === 'pre-wet' ||
        (template.kind === 'apply' && !(follows?.kind === 'pre-wet' && isWetted(follows)));
      const comes = opens
        ? link.method.stages.slice(index).find((next) => next.kind === 'apply')
        : template.kind === 'neutralise'
          ? template
          : undefined;
      if (comes) this.bringToRest(catalogue.agent(comes.agent), link, comes.kind === 'neutralise');
      if (opens) this.cycle += 1;
      const cycle = isTied(link.method, index) ? this.cycle : null;
      const stage = this.alsoNeutralising(stageOf(template, index, link, this.around, cycle));
      if (isLoose(link.method, index)) this.clearFirst(stage);
      else this.push(stage);
      if (stage.apply && template.kind === 'apply') {
        const { strengthGramsPerLitre: strength } = stage.apply;
        const agent = catalogue.agent(template.agent);
        this.present.push({ agent, strength, areaSquareMetres: link.areaSquareMetres });
      }
      if (template.kind === 'neutralise') {
        this.push(readingStage(template.reading, link, this.around, `${index}-reading`));
        this.present = this.present.filter((p) => !this.isRestedBy(stage, p));
      }
    });
  }

  /** The coat that is left on, once nothing wets the surface any more. */
  finish(links: readonly ChainLink[]): void {
    const link = links.find(({ method }) => method.lastCoat);
    if (!link?.method.lastCoat || this.done.length > 0 || links.some(({ method }) => leavesDry(method)))
      return;
    const { lastCoat, stages } = link.method;
    this.bringToRest(this.around.catalogue.agent(lastCoat.agent), link);
    this.push(stageOf(lastCoat, stages.length, link, this.around, null));
  }

  /** Before the mix of the whole floor, which then goes over it and is what lies there at the end. */
  private stripAlongDoors(link: ChainLink): void {
    const { method, doorStripSquareMetres: areaSquareMetres } = link;
    if (!method.doorStrip || areaSquareMetres === 0) return;
    const { apply, rinse } = method.doorStrip;
    this.bringToRest(this.around.catalogue.agent(apply.agent), link);
    this.cycle += 1;
    [apply, rinse].forEach((template, i) => {
      const onStrip = { ...link, areaSquareMetres };
      this.push(stageOf(template, method.stages.length + i, onStrip, this.around, this.cycle));
    });
  }

  private isRestedBy({ kind, apply, areaSquareMetres }: Stage, present: PresentAgent): boolean {
    return (
      kind === 'neutralise' &&
      present.agent.neutraliser?.agent === apply?.agent &&
      present.areaSquareMetres <= areaSquareMetres
    );
  }

  /** A neutraliser brings to rest all of its kind that lies where it comes, and is as strong as that asks for. */
  private alsoNeutralising(stage: Stage): Stage {
    const { apply, neutralises } = stage;
    const more = this.present.filter((p) => this.isRestedBy(stage, p) && !neutralises.includes(p.agent.id));
    if (!apply || more.length === 0) return stage;
    const strengths = more.map(
      ({ agent, strength }) =>
        neutraliserDetail(agent, apply.agent, strength, this.around).strengthGramsPerLitre,
    );
    const strengthGramsPerLitre = strengths.reduce((sum, each) => sum + each, apply.strengthGramsPerLitre);
    return {
      ...stage,
      neutralises: [...new Set([...more.map((p) => p.agent.id), ...neutralises])],
      apply: { ...apply, strengthGramsPerLitre },
    };
  }

  /** Urine and droppings are flushed away before hypochlorite comes, unless something has been rinsed or washed by then. */
  private mustFlush({ stages }: Method): boolean {
    const { ammonia, catalogue } = this.around;
    if (!ammonia || this.parts.some((part) => part.stages.some(isFlushing))) return false;
    const bleach = stages.findIndex(
      (s) => s.kind === 'apply' && catalogue.agent(s.agent).class === 'hypochlorite',
    );
    return bleach >= 0 && !stages.slice(0, bleach).some(isFlushing);
  }

  private push(...stages: readonly Stage[]): void {
    this.stages.push(...stages);
    this.count += stages.length;
  }

  /** What is loose goes before anything is wet, and once where it is cleared in one way. */
  private clearFirst(stage: Stage): void {
    const alike = this.stages.find(
      ({ kind, tool, task, bulk }) =>
        kind === 'clear' &&
        tool === stage.tool &&
        task === stage.task &&
        bulk === null &&
        stage.bulk === null,
    );
    if (alike && alike.areaSquareMetres >= stage.areaSquareMetres) return;
    const others = this.stages.filter((other) => other !== alike);
    const wet = others.findIndex(({ kind }) => !DRY_WORK.includes(kind));
    this.stages = others.toSpliced(wet < 0 ? others.length : wet, 0, stage);
    this.count += 1;
  }

  private passOver(template: WaitTemplate, link: ChainLink, index: number): void {
    const from = this.visits.wait(template);
    if (from === null) {
      // Nothing of ours has wetted it, but it may have rained.
      if (mustBeRead(link.method)) this.pushDryReading(template, link, index);
      return;
    }
    const { latest } = template.days;
    this.done.push({ wait: this.wait, stages: this.stages });
    this.stages = [];
    this.wait = {
      for: template.for,
      method: link.method.id,
      days: { from, latest: latest === null ? null : Math.max(from, latest) },
      until: template.until,
    };
    if (template.for === 'dry') this.pushDryReading(template, link, index);
  }

  /** Days alone say that a face is dry only where the company goes by days. */
  private pushDryReading(template: WaitTemplate, link: ChainLink, index: number): void {
    if (this.around.schools['drying'] === 'fixed-days') return;
    this.push(readingStage(template.until, link, this.around, `${index}-dry`));
  }

  /** Everything that opposes what comes is brought to rest; what would neutralise it may itself oppose what lies there. */
  private bringToRest(comes: Agent, link: ChainLink, neutralises = false): void {
    const opposed = this.present.filter(
      ({ agent }) => areOpposed(agent, comes) && !(neutralises && agent.neutraliser?.agent === comes.id),
    );
    for (const earlier of opposed) {
      if (!this.present.includes(earlier)) continue;
      this.present = this.present.filter((p) => p !== earlier);
      const by = restingAgent(earlier.agent, this.around);
      if (by) this.bringToRest(by, link, true);
      this.push(...restingStages(earlier, link, this.around, `before-${this.count}`));
    }
  }
}

function isFlushing({ kind }: { readonly kind: string }): boolean {
  return kind === 'rinse' || kind === 'wash';
}

/** The wait that a method begins with, where it needs a dry face. */
function dryingOf({ dryFirst }: Method): WaitTemplate | null {
  return dryFirst
    ? { kind: 'wait', for: 'dry', days: { from: dryFirst.days, latest: null }, until: dryFirst.until }
    : null;
}

/** What is filled in or coated over shuts water in: the face is read before, whatever came before. */
function mustBeRead({ chainOrder, dryFirst }: Method): boolean {
  return dryFirst !== undefined && (chainOrder === 'fill' || chainOrder === 'coat');
}

/** Whether a stage clears what is loose before all else of its method, on a face that then gets wet anyway. */
function isLoose(method: Method, index: number): boolean {
  if (method.dryFirst || leavesDry(method)) return false;
  return method.stages.slice(0, index + 1).every(({ kind }) => kind === 'clear');
}

/** Whether something stays on the face that water spoils. */
function leavesDry({ stages }: Method): boolean {
  return stages.some((s) => s.kind === 'fill' || (s.kind === 'apply' && s.leaveOn && !s.covered));
}

/** How many times somebody comes for one method on a face. */
export const visitsForOne = kept((method: Method): number => visitsFor([method]));

/** How many times somebody comes for these methods on one face. */
export function visitsFor(methods: readonly Method[]): number {
  const days = new VisitDays();
  for (const { method } of inChainOrder([...new Set(methods)].map((method) => ({ method })))) {
    const dry = dryingOf(method);
    for (const stage of dry ? [dry, ...method.stages] : method.stages)
      if (stage.kind === 'wait') days.wait(stage);
      else days.work(stage.kind);
  }
  return days.visits;
}
