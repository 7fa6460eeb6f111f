import { decimal } from '../quantity/numbers.ts';
import { isPlainRinse } from '../visit/plain-rinse.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { jetsOn, jetAtStandOff } from '../visit/jet-match.ts';
import type { JetOnFace } from '../visit/jet-match.ts';
import type { Plan } from '../plan/plan.ts';
import type { PlannedOperation } from '../visit/work-builder.ts';
import { formatArea, formatMass, formatStandOff, formatVolume } from '../quantity/shown-quantity.ts';
import { shortTime } from '../quantity/duration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { listed, lowerFirst } from '../quantity/words.ts';
import { say, told } from '../messages/message.ts';
import type { Message, Told } from '../messages/message.ts';
import { frontsInWords } from './fronts-in-words.ts';
import { isFor } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import { mixLetters } from '../visit/mix-letters.ts';
import { stageProtection } from '../protection/stage-protection.ts';
import { placesInWords } from './places-in-words.ts';
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
  /** On orders from before 2026-12 hh:mm of the earlier entry of this person that says how. */
  readonly sameAs?: string | null;
  readonly how: readonly string[];
  /** Null where no jet is used. Not on orders from before it was drawn. */
  readonly force?: EntryForce | null;
  /** When the rinse of what is applied here is due. */
  readonly rinse: { readonly from: string; readonly latest: string; readonly by: string } | null;
  readonly checks: readonly string[];
  /** Those of the checks that are read off and written down; not on orders from before they were told apart. */
  readonly readings?: readonly string[];
  readonly stopWhen: string | null;
  readonly ifNotEnough: string | null;
  /** Beyond those of the agent, which stand with the mix: rules set aside, opposed chemistries. */
  readonly cautions: readonly string[];
  /** The title and the lines of `how` by their ids and facts; not on orders from before they were kept. */
  readonly said?: { readonly title: Message; readonly how: readonly Message[] };
}

/** Each text once, in order of first appearance. */
export const unique = (texts: readonly string[]) => [...new Set(texts)];

/** "Mix B", or the name of what is ready to use. */
export function mixName({ agent }: PlannedMix, letter: string | undefined): string {
  return letter === undefined ? CATALOGUE.agent(agent).name : say('order/mix-name', { letter });
}

/** What is done in a stage: its own verb, else what its kind says. */
function verbOf({ kind, task }: Stage): string {
  return task ?? say(`order/verb/${kind}`);
}

/** What is neutralised, and with what. */
function neutralising({ neutralises }: Stage, agent: string): Told {
  if (neutralises.length === 0) return told('order/neutralise', { agent });
  const names = neutralises.map((id) => lowerFirst(CATALOGUE.agent(id).name));
  return told('order/neutralise/what', { what: listed(names), agent });
}

/** Without its words, which stand beside it. */
const messageOf = ({ id, params }: Told): Message => ({ id, params });

/** Whether what is applied comes ready to use. */
function isPoured(stages: readonly Stage[]): boolean {
  const apply = stages.find((s) => s.apply)?.apply;
  return apply != null && isReadyToUse(CATALOGUE.agent(apply.agent));
}

type OrderedSurvey = Survey & Pick<FacedSurvey, 'catalogue'>;

/** Writes what one operation means to the person who does it. */
export class EntryWriter {
  private readonly plan: Plan;
  private readonly survey: OrderedSurvey;
  private readonly dayStart: number;
  private readonly planned: ReadonlyMap<string, PlannedOperation>;
  private readonly stages: ReadonlyMap<string, Stage>;
  private readonly fronts: ReadonlyMap<string, readonly Told[]>;
  private readonly jets: ReadonlyMap<string, JetOnFace>;
  private readonly letters: ReadonlyMap<string, string>;

  constructor(plan: Plan, survey: OrderedSurvey, dayStart: number) {
    this.plan = plan;
    this.survey = survey;
    this.dayStart = dayStart;
    this.planned = new Map(plan.work.planned.map((p) => [p.id, p]));
    this.fronts = frontsInWords(plan);
    this.letters = mixLetters(plan.mixes, plan.work.planned, plan.visit?.schedule ?? null);
    this.jets = new Map(jetsOn(plan.surfaces, survey).map((jet) => [`${jet.surface} ${jet.tool}`, jet]));
    this.stages = new Map(
      plan.surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
    );
  }

  /** Of several surfaces the first and the last, in the order in which they are worked. */
  placeName(surfaces: readonly string[]): string {
    const names = surfaces.map(
      (id) => this.plan.surfaces.find((p) => p.surface.id === id)?.surface.name ?? id,
    );
    return names.length === 0 ? say('order/whole-site') : placesInWords(names);
  }

  entry(operation: string): OrderEntry {
    const planned = this.planned.get(operation);
    const placement = this.plan.visit?.schedule.placements.find((p) => p.operation === operation);
    if (!planned || !placement) throw new RangeError(`the plan has no operation "${operation}"`);
    // On several surfaces the same is done: it is said once.
    const surface = planned.parts[0]?.surface;
    const stages = planned.stages
      .flatMap((id) => this.stages.get(id) ?? [])
      .filter((stage) => stage.surface === surface);
    const apply = stages.find((s) => s.apply);
    // Product that goes on; a neutraliser says nothing of when to stop.
    const applied = stages.find((s) => s.kind === 'apply')?.apply;
    const title = this.title(planned, stages);
    const how = this.how(planned, stages, placement.person);
    const mix = apply && this.plan.mixes.find((m) => isFor(m, apply.id));
    return {
      operation,
      start: shortTime(this.dayStart + placement.start),
      finish: shortTime(this.dayStart + placement.finish),
      task: planned.task,
      title: title.text,
      place: this.placeName(planned.parts.map((part) => part.surface)),
      section: planned.section,
      area:
        planned.areaSquareMetres === null
          ? null
          : formatArea(planned.areaSquareMetres, this.survey.job.units),
      mix: mix ? this.mixName(mix) : null,
      how: how.map((line) => line.text),
      force: planned.task === 'mix' ? null : this.force(stages),
      rinse: this.rinseDue(planned, placement.finish),
      checks: planned.task === 'mix' ? [] : unique(stages.flatMap((s) => s.checks)),
      readings: unique(stages.flatMap((s) => (s.kind === 'reading' ? s.checks : []))),
      stopWhen: planned.task === 'mix' ? null : (applied?.stopWhen ?? null),
      ifNotEnough: planned.task === 'mix' ? null : (applied?.ifNotEnough ?? null),
      cautions: unique(
        stages.flatMap((s) => s.cautions.filter((c) => !c.rule.startsWith('agent-')).map((c) => c.text)),
      ),
      said: { title: messageOf(title), how: how.map(messageOf) },
    };
  }

  private title(planned: PlannedOperation, stages: readonly Stage[]): Told {
    const { task } = planned;
    if (task === 'set-out' || task === 'clear-up' || task === 'lunch' || isPlainRinse(task))
      return told(`order/${task}`);
    if (planned.standing) return told(`order/stand/${planned.standing.act}`);
    const apply = stages.find((s) => s.apply);
    const agent = apply?.apply ? lowerFirst(CATALOGUE.agent(apply.apply.agent).name) : '';
    if (task === 'mix') return told(isPoured(stages) ? 'order/pour' : 'order/mix', { agent });
    const [first, ...more] = stages.map((s): Told => {
      if (s.kind === 'neutralise') return neutralising(s, agent);
      if (s.kind === 'apply' && !s.task) return told('order/apply', { agent });
      return told('order/does', { what: verbOf(s) });
    });
    if (!first) throw new RangeError(`the operation "${planned.id}" has no stage`);
    return more.reduce(
      (all, next) => told('order/then', { first: all.text, next: lowerFirst(next.text) }),
      first,
    );
  }

  /** As cards, labels and entries call a mix. */
  mixName(mix: PlannedMix): string {
    return mixName(mix, this.letters.get(mix.stage));
  }

  /** What lasts the day is made while setting out. */
  private making(mix: PlannedMix): Told {
    const agent = lowerFirst(CATALOGUE.agent(mix.agent).name);
    const amount = formatVolume(mix.litres, this.survey.job.units);
    const letter = this.letters.get(mix.stage);
    return letter === undefined
      ? told('order/fill', { agent, amount })
      : told('order/make', { mix: this.mixName(mix), agent, amount });
  }

  private how(planned: PlannedOperation, stages: readonly Stage[], person: string): readonly Told[] {
    const { task } = planned;
    const share = this.plan.work.shares.find((own) => own.person === person);
    const protections = (when: 'before' | 'after') =>
      (share?.protections ?? []).filter((p) => p.when === when).map(protectionLine);
    if (task === 'set-out')
      return [
        ...protections('before'),
        ...(share?.mixes ?? []).map((mix) => this.making(mix)).sort((a, b) => (a.text < b.text ? -1 : 1)),
      ];
    if (task === 'clear-up') return [...protections('after'), told('order/clear-up/how')];
    if (task === 'lunch' || isPlainRinse(task)) return [told(`order/${task}/how`)];
    if (task === 'mix') return [told(isPoured(stages) ? 'order/pour/how' : 'order/mix/how')];
    if (planned.standing) return [told(`order/stand/${planned.standing.act}/how`)];
    const wear = unique(stages.flatMap((stage) => this.wear(stage)));
    return [
      ...(wear.length > 0 ? [told('order/wear', { what: wear.join(', ') })] : []),
      ...this.frontHow(planned, stages),
      ...stages.flatMap((stage) => this.stageHow(stage)),
    ];
  }

  private wear(stage: Stage): readonly string[] {
    const face = this.plan.surfaces.find((p) => p.surface.id === stage.surface)?.surface;
    return face ? stageProtection(stage, face, this.survey.catalogue) : [];
  }

  /** How the strips of a front follow each other. */
  private frontHow({ id, task }: PlannedOperation, stages: readonly Stage[]): readonly Told[] {
    // Where all is applied, what is left is finished as any other work.
    const isUnderWay = task === 'follow' || stages.some((stage) => stage.kind === 'apply');
    return isUnderWay ? (this.fronts.get(id) ?? []) : [];
  }

  private jetOf({ surface, tool }: Stage): JetOnFace | null {
    return (tool !== null && this.jets.get(`${surface} ${tool}`)) || null;
  }

  /** Of all jets of one operation, which are all on one face. */
  private force(stages: readonly Stage[]): EntryForce | null {
    const jets = stages.flatMap((stage) => this.jetOf(stage) ?? []);
    const [first] = jets;
    if (!first) return null;
    const forces = jets.map((jet) => roundToStep(jetAtStandOff(jet).kilopascal, 0.1));
    return { limitKilopascal: first.limitKilopascal, kilopascals: [...new Set(forces)] };
  }

  private stageHow(stage: Stage): readonly Told[] {
    const { units } = this.survey.job;
    const lines: Told[] = [];
    const jet = this.jetOf(stage);
    if (stage.tool !== null) {
      const { name: tool } = CATALOGUE.tool(stage.tool);
      const verb = stage.kind === 'neutralise' ? say('order/verb/neutralise') : verbOf(stage);
      const stop = jet ? formatStandOff(jetAtStandOff(jet).metres, units) : 'no';
      const direction = stage.direction === null ? 'no' : say(`order/direction/${stage.direction}`);
      lines.push(told('order/with-tool', { verb, tool, stop, direction }));
    }
    if (jet?.advice) lines.push(told('order/does', { what: jet.advice }));
    const { apply } = stage;
    if (apply?.dwell) {
      const { fromMinutes: from, toMinutes: to, expectedMinutes: aim, lookFromMinutes: look } = apply.dwell;
      const { usefulMinutes: useful } = apply.dwell;
      const minutes = (figure: number) => decimal(figure, 1);
      lines.push(
        told('order/dwell', {
          from: minutes(from),
          to: minutes(to),
          aim: minutes(aim),
          look: minutes(look),
          useful: useful < to ? minutes(useful) : 'no',
        }),
      );
    }
    if (apply?.leaveOn) lines.push(told('order/leave-on'));
    if (stage.bulk) {
      const { kilograms, litres, what, where } = stage.bulk;
      const amount = kilograms === null ? formatVolume(litres, units) : formatMass(1000 * kilograms, units);
      lines.push(told('order/bulk', { amount, what, where }));
    }
    if (stage.kind === 'pre-wet' && stage.minutes !== null)
      lines.push(told('order/soak', { minutes: stage.minutes }));
    return lines;
  }

  private rinseDue(planned: PlannedOperation, finish: number): OrderEntry['rinse'] {
    if (planned.task !== 'apply') return null;
    const lag = this.plan.work.problem.lags.find((l) => l.from === planned.id && l.rule === 'dwell');
    const rinse = this.plan.visit?.schedule.placements.find((p) => p.operation === lag?.to);
    if (!lag || !rinse) return null;
    const name = this.survey.job.house.crew.find((c) => c.id === rinse.person)?.name ?? rinse.person;
    return {
      from: shortTime(this.dayStart + rinse.start),
      latest: shortTime(this.dayStart + finish + (lag.maxSeconds ?? lag.minSeconds)),
      by: name,
    };
  }
}
