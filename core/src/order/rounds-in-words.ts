import { CATALOGUE } from '../catalogue/catalogue.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { lowerFirst } from '../quantity/words.ts';
import { applicationsOf } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { Stage } from '../treatment/stage.ts';
import { mixLetters } from '../visit/mix-letters.ts';
import { isPlainRinse } from '../visit/plain-rinse.ts';
import { rounds } from '../visit/rounds.ts';
import type { Round } from '../visit/rounds.ts';
import type { PlannedOperation } from '../visit/work-builder.ts';
import { placesInWords } from './places-in-words.ts';

/** A round of a day as a crew lead calls it. */
export interface NamedRound extends Round {
  /** "Forecourt: B on, wash, rinse". */
  readonly name: string;
  /** "Forecourt · B", "Forecourt +2 · rinse": where, and with what or else what first. */
  readonly short: string;
  readonly places: string;
  /** "B on, wash, rinse"; "Set out, mix A and C". */
  readonly acts: string;
  /** Letters of what is put on or made in it, in order. */
  readonly letters: readonly string[];
}

/** The rounds of a plan with their names; none while it has no visit. */
export function roundsInWords(plan: Plan): readonly NamedRound[] {
  if (!plan.visit) return [];
  const { schedule } = plan.visit;
  const letters = mixLetters(plan.mixes, plan.work.planned, schedule);
  const words = new RoundWords(plan, letters);
  return rounds(plan, schedule).map((round) => words.named(round));
}

class RoundWords {
  private readonly stages: ReadonlyMap<string, Stage>;
  private readonly names: ReadonlyMap<string, string>;
  private readonly mixOf: ReadonlyMap<string, PlannedMix>;
  private readonly letters: ReadonlyMap<string, string>;

  constructor({ surfaces, mixes }: Plan, letters: ReadonlyMap<string, string>) {
    this.letters = letters;
    this.names = new Map(surfaces.map(({ surface }) => [surface.id, surface.name]));
    this.stages = new Map(
      surfaces.flatMap((p) => (p.treatment?.stages ?? []).map((s) => [s.id, s] as const)),
    );
    this.mixOf = new Map(
      mixes.flatMap((mix) => applicationsOf(mix).map(({ stage }) => [stage, mix] as const)),
    );
  }

  named(round: Round): NamedRound {
    const { operations } = round;
    const surfaces = operations.flatMap(({ parts }) => parts.map(({ surface }) => surface));
    const places = placesInWords([...new Set(surfaces)].map((id) => this.names.get(id) ?? id));
    const acts = this.acts(operations);
    const letters = [...new Set(operations.flatMap((operation) => this.lettersOf(operation)))];
    const isMixing = operations.every(({ task }) => task === 'mix');
    const name = surfaces.length === 0 || isMixing ? acts : say('round/name', { places, acts });
    return { ...round, name, short: this.short(round, acts, letters), places, acts, letters };
  }

  private short({ operations }: Round, acts: string, letters: readonly string[]): string {
    const surfaces = operations.flatMap(({ parts }) => parts.map(({ surface }) => surface));
    const [first, ...more] = new Set(surfaces);
    if (first === undefined || operations.every(({ task }) => task === 'mix')) return acts;
    const begins = operations.find(({ task }) => task !== 'mix' && task !== 'stand');
    if (operations.every(({ task }) => task === 'stand'))
      return say('round/short', { place: this.names.get(first) ?? first, more: more.length, what: acts });
    const does = this.stages.get(begins?.stages[0] ?? '')?.kind ?? 'rinse';
    return say('round/short', {
      place: this.names.get(first) ?? first,
      more: more.length,
      what: letters.length > 0 ? letters.join(', ') : say(`round/short/${does}`),
    });
  }

  private acts(operations: readonly PlannedOperation[]): string {
    const [first] = operations;
    const made = operations.flatMap(({ mixes = [] }) => mixes).flatMap((id) => this.letters.get(id) ?? []);
    const letters = [...new Set(made)].sort().join(', ');
    if (first?.task === 'set-out')
      return made.length === 0 ? say('round/set-out') : say('round/set-out/mix', { letters });
    if (first?.task === 'clear-up' || first?.task === 'lunch') return say(`round/${first.task}`);
    if (operations.every(({ task }) => task === 'mix')) return say('round/mix', { letters });
    const acts = operations.flatMap((operation) => this.actsOf(operation));
    return [...new Set(acts)].join(', ');
  }

  private actsOf({ task, stages, parts, standing, mixes = [] }: PlannedOperation): readonly string[] {
    if (standing) return [lowerFirst(say(`order/stand/${standing.act}`))];
    if (isPlainRinse(task)) return [lowerFirst(say('order/verb/rinse'))];
    if (task === 'mix') return mixes.map((id) => say('round/again', { mix: this.letters.get(id) ?? '' }));
    const [surface] = parts.map((part) => part.surface);
    return stages.flatMap((id) => {
      const stage = this.stages.get(id);
      return stage && stage.surface === surface ? [this.actOf(stage)] : [];
    });
  }

  private actOf({ id, kind, task, apply }: Stage): string {
    if (!apply) return lowerFirst(task ?? say(`order/verb/${kind}`));
    const mix = this.mixOf.get(id);
    const agent = CATALOGUE.agent(apply.agent);
    const named = { mix: (mix && this.letters.get(mix.stage)) ?? lowerFirst(agent.name) };
    return task ? say('round/task', { ...named, what: lowerFirst(task) }) : say('round/apply', named);
  }

  private lettersOf({ stages, mixes = [] }: PlannedOperation): readonly string[] {
    const put = stages.flatMap((id) => this.mixOf.get(id)?.stage ?? []);
    return [...put, ...mixes].flatMap((id) => this.letters.get(id) ?? []);
  }
}
