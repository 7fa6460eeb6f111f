import type { FacedSurvey } from '../survey/face.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { jetsOn, ledJet } from '../visit/jet-match.ts';
import type { JetOnFace } from '../visit/jet-match.ts';
import type { Plan } from '../plan/plan.ts';
import type { PlannedOperation } from '../visit/work-builder.ts';
import { formatArea, formatMass, formatStandOff, formatVolume } from '../quantity/shown-quantity.ts';
import { clockTime } from '../quantity/duration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { lowerFirst } from '../quantity/words.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { protectionLine } from './protection-line.ts';
import type { Survey } from '../survey/survey.ts';
import type { Stage } from '../treatment/stage.ts';

/** What a face allows of a jet, and what the jets of an entry put on it, led as the order says; kPa. */
export interface EntryForce {
  readonly limitKilopascal: number;
  readonly kilopascals: readonly number[];
}

/** One thing that one person does, with everything needed beside it. */
export interface OrderEntry {
  readonly operation: string;
  /** hh:mm */
  readonly start: string;
  readonly finish: string;
  readonly task: PlannedOperation['task'];
  readonly title: string;
  readonly place: string;
  readonly section: string | null;
  readonly area: string | null;
  /** "Mix 3", null where nothing is applied. */
  readonly mix: string | null;
  /** hh:mm of the earlier entry of this person that says how; then nothing of it is repeated here. */
  readonly sameAs: string | null;
  readonly how: readonly string[];
  /** Null where no jet is used. Not on orders from before it was drawn. */
  readonly force?: EntryForce | null;
  /** When the rinse of what is applied here is due. */
  readonly rinse: { readonly from: string; readonly latest: string; readonly by: string } | null;
  readonly checks: readonly string[];
  readonly stopWhen: string | null;
  readonly ifNotEnough: string | null;
  /** Beyond those of the agent, which stand with the mix: rules set aside, opposed chemistries. */
  readonly cautions: readonly string[];
}

/** Each text once, in order of first appearance. */
export const unique = (texts: readonly string[]) => [...new Set(texts)];

export function mixName(index: number): string {
  return `Mix ${index + 1}`;
}

export function shortTime(seconds: number): string {
  return clockTime(seconds).slice(0, 5);
}

/** How something is done is said where a person does it first; later entries point there. */
export function saidOnce(entries: readonly OrderEntry[]): readonly OrderEntry[] {
  const said = new Map<string, string>();
  return entries.map((entry) => {
    const { how, checks, stopWhen, ifNotEnough, cautions } = entry;
    const words = JSON.stringify([entry.place, how, checks, stopWhen, ifNotEnough, cautions]);
    const before = said.get(words);
    if (how.length + checks.length < 2 || before === undefined) {
      said.set(words, entry.start);
      return entry;
    }
    return {
      ...entry,
      sameAs: before,
      how: [],
      force: null,
      checks: [],
      stopWhen: null,
      ifNotEnough: null,
      cautions: [],
    };
  });
}

const TASK_TITLES: Readonly<Record<PlannedOperation['task'], string>> = {
  'set-out': 'Set out',
  mix: 'Mix',
  'pre-wet': 'Pre-wet',
  apply: 'Apply',
  mist: 'Re-mist',
  finish: 'Rinse',
  'hands-on': 'Work through',
  work: 'Work',
  'foot-rinse': 'Rinse the wall foot',
  'clear-up': 'Clear up',
};

const STAGE_TITLES: Readonly<Record<Stage['kind'], string>> = {
  clear: 'Brush off loose dirt',
  'pre-wet': 'Pre-wet',
  apply: 'Apply',
  agitate: 'Scrub',
  wash: 'Wash',
  rinse: 'Rinse',
  fill: 'Fill joints',
  neutralise: 'Neutralise',
  reading: 'Take a reading',
};

/** What is done in a stage: its own verb, else what its kind says. */
function verbOf({ kind, task }: Stage): string {
  return task ?? STAGE_TITLES[kind];
}

/** What is neutralised, and with what. */
function neutralising({ neutralises }: Stage, agent: string): string {
  const what = neutralises.map((id) => `${lowerFirst(CATALOGUE.agent(id).name)} `);
  return `${STAGE_TITLES.neutralise} ${what.join('and ')}with ${lowerFirst(agent)}`;
}

type OrderedSurvey = Survey & Pick<FacedSurvey, 'catalogue'>;

/** Writes what one operation means to the person who does it. */
export class EntryWriter {
  private readonly plan: Plan;
  private readonly survey: OrderedSurvey;
  private readonly dayStart: number;
  private readonly planned: ReadonlyMap<string, PlannedOperation>;
  private readonly stages: ReadonlyMap<string, Stage>;
  private readonly jets: ReadonlyMap<string, JetOnFace>;

  constructor(plan: Plan, survey: OrderedSurvey, dayStart: number) {
    this.plan = plan;
    this.survey = survey;
    this.dayStart = dayStart;
    this.planned = new Map(plan.work.planned.map((p) => [p.id, p]));
    this.jets = new Map(jetsOn(plan.surfaces, survey).map((jet) => [`${jet.surface} ${jet.tool}`, jet]));
    this.stages = new Map(
      plan.surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
    );
  }

  placeName(surface: string | null): string {
    if (surface === null) return 'Whole site';
    return this.plan.surfaces.find((p) => p.surface.id === surface)?.surface.name ?? surface;
  }

  entry(operation: string): OrderEntry {
    const planned = this.planned.get(operation);
    const placement = this.plan.visit?.schedule.placements.find((p) => p.operation === operation);
    if (!planned || !placement) throw new RangeError(`the plan has no operation "${operation}"`);
    const stages = planned.stages.flatMap((id) => this.stages.get(id) ?? []);
    const apply = stages.find((s) => s.apply);
    const mixIndex = apply ? this.plan.mixes.findIndex((m) => m.stage === apply.id) : -1;
    return {
      operation,
      start: shortTime(this.dayStart + placement.start),
      finish: shortTime(this.dayStart + placement.finish),
      task: planned.task,
      title: this.title(planned, stages),
      place: this.placeName(planned.surface),
      section: planned.section,
      area:
        planned.areaSquareMetres === null
          ? null
          : formatArea(planned.areaSquareMetres, this.survey.job.units),
      mix: mixIndex >= 0 ? mixName(mixIndex) : null,
      sameAs: null,
      how: this.how(planned, stages),
      force: planned.task === 'mix' ? null : this.force(stages),
      rinse: this.rinseDue(planned, placement.start),
      checks: planned.task === 'mix' ? [] : unique(stages.flatMap((s) => s.checks)),
      stopWhen:
        planned.task === 'apply' || planned.task === 'hands-on' ? (apply?.apply?.stopWhen ?? null) : null,
      ifNotEnough:
        planned.task === 'apply' || planned.task === 'hands-on' ? (apply?.apply?.ifNotEnough ?? null) : null,
      cautions:
        planned.task === 'mist' || planned.task === 'pre-wet'
          ? []
          : unique(
              stages.flatMap((s) =>
                s.cautions.filter((c) => !c.rule.startsWith('agent-')).map((c) => c.text),
              ),
            ),
    };
  }

  private title(planned: PlannedOperation, stages: readonly Stage[]): string {
    if (planned.task === 'set-out') return 'Set out: water and rinse gear laid and charged, protections on';
    if (planned.task === 'clear-up') return 'Clear up: uncover, rinse plants, walk round with the customer';
    if (planned.task === 'foot-rinse') return 'Rinse the wall foot: washing the floor splashed it';
    const apply = stages.find((s) => s.apply);
    const agent = apply?.apply ? CATALOGUE.agent(apply.apply.agent).name : '';
    if (planned.task === 'mix' || planned.task === 'apply')
      return `${TASK_TITLES[planned.task]} ${lowerFirst(agent)}`;
    if (planned.task === 'mist') return `${TASK_TITLES.mist}: ${lowerFirst(agent)}, let nothing dry`;
    const names = stages.map((s) => {
      if (s.kind === 'neutralise') return neutralising(s, agent);
      return s.kind === 'apply' ? `${STAGE_TITLES.apply} ${lowerFirst(agent)}` : verbOf(s);
    });
    return names.map((name, i) => (i === 0 ? name : lowerFirst(name))).join(', then ');
  }

  private how(planned: PlannedOperation, stages: readonly Stage[]): readonly string[] {
    if (planned.task === 'set-out')
      return this.plan.protections.filter((p) => p.when === 'before').map((p) => protectionLine(p));
    if (planned.task === 'clear-up') {
      return [
        ...this.plan.protections.filter((p) => p.when === 'after').map((p) => protectionLine(p)),
        'Photograph every surface after. Flush tools, label leftover containers.',
      ];
    }
    if (planned.task === 'foot-rinse')
      return ['Garden hose with a fan, clean water, one metre high, glass and doors too.'];
    if (planned.task === 'mix') return ['Put protection on before mixing; see the mix card.'];
    return stages.flatMap((stage) => this.stageHow(stage));
  }

  private jetOf({ surface, tool }: Stage): JetOnFace | null {
    return (tool !== null && this.jets.get(`${surface} ${tool}`)) || null;
  }

  /** Of all jets of one operation, which are all on one face. */
  private force(stages: readonly Stage[]): EntryForce | null {
    const jets = stages.flatMap((stage) => this.jetOf(stage) ?? []);
    const [first] = jets;
    if (!first) return null;
    const forces = jets.map((jet) => roundToStep(ledJet(jet).kilopascal, 0.1));
    return { limitKilopascal: first.limitKilopascal, kilopascals: [...new Set(forces)] };
  }

  private stageHow(stage: Stage): readonly string[] {
    const { units } = this.survey.job;
    const lines: string[] = [];
    if (stage.tool !== null) {
      const tool = CATALOGUE.tool(stage.tool);
      const jet = this.jetOf(stage);
      const stop = jet ? `, no closer than ${formatStandOff(ledJet(jet).metres, units)}` : '';
      lines.push(
        `${stage.kind === 'neutralise' ? STAGE_TITLES.neutralise : verbOf(stage)} with ${tool.name}: ${tool.handling}${stop}${stage.direction ? `, ${stage.direction.replace('-', ' ')}` : ''}.`,
      );
    }
    const jet = this.jetOf(stage);
    if (jet?.advice) lines.push(jet.advice);
    if (stage.apply?.dwell)
      lines.push(
        `Dwell ${stage.apply.dwell.fromMinutes} to ${stage.apply.dwell.toMinutes} min, aim for ${stage.apply.dwell.expectedMinutes}; first look at ${stage.apply.dwell.lookFromMinutes} min. Never let it dry.`,
      );
    if (stage.apply?.leaveOn) lines.push('Leave on: no rinse.');
    const face = this.plan.surfaces.find((p) => p.surface.id === stage.surface)?.surface;
    const wear = face ? stageProtection(stage, face, this.survey.catalogue) : [];
    if (wear.length > 0) lines.push(`Wear: ${wear.join(', ')}.`);
    if (stage.bulk)
      lines.push(
        `About ${stage.bulk.kilograms === null ? formatVolume(stage.bulk.litres, units) : formatMass(1000 * stage.bulk.kilograms, units)} of ${stage.bulk.what}, ${stage.bulk.where}.`,
      );
    if (stage.kind === 'pre-wet' && stage.minutes !== null)
      lines.push(`Soak for ${stage.minutes} min, until it takes no more water.`);
    return lines;
  }

  private rinseDue(planned: PlannedOperation, start: number): OrderEntry['rinse'] {
    if (planned.task !== 'apply') return null;
    const lag = this.plan.work.problem.lags.find((l) => l.from === planned.id && l.rule === 'dwell');
    const rinse = this.plan.visit?.schedule.placements.find((p) => p.operation === lag?.to);
    if (!lag || !rinse) return null;
    const name = this.survey.job.house.crew.find((c) => c.id === rinse.person)?.name ?? rinse.person;
    return {
      from: shortTime(this.dayStart + rinse.start),
      latest: shortTime(this.dayStart + start + (lag.maxSeconds ?? lag.minSeconds)),
      by: name,
    };
  }
}
