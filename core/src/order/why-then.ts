import { MACHINE_KINDS, MACHINE_NAMES } from '../catalogue/tool.ts';
import { say } from '../messages/message.ts';
import type { Plan } from '../plan/plan.ts';
import { roundTime, secondOfDay, shortTime } from '../quantity/duration.ts';
import { whatHolds } from '../sequence/what-holds.ts';
import type { TimeSpan } from '../sequence/problem.ts';
import type { HeldBy } from '../sequence/what-holds.ts';
import type { Survey } from '../survey/survey.ts';
import { FIXED_ORDER, pinKeys } from '../visit/pinned-work.ts';
import type { NamedRound } from './rounds-in-words.ts';

/**
 * Why each round of a plan begins when it does, by its id: what its first operation waits for, and until when; "Bo is through with
 * Forecourt: rinse at 10:20.".
 *
 * @param named the rounds of the plan
 */
export function whyThen(
  plan: Plan,
  survey: Survey,
  named: readonly NamedRound[],
): ReadonlyMap<string, string> {
  if (!plan.visit) return new Map();
  const held = whatHolds(plan.work.problem, plan.visit.schedule.placements);
  const words = new WhyWords(plan, survey, named);
  return new Map(named.map((round) => [round.id, words.of(round, held.get(round.id))]));
}

/** Lags between works that are told in words of their own; any other only says what comes before. */
const TOLD_RULES = [
  'dwell',
  'protections-first',
  'pair',
  'two-at-once',
  'mix-before-apply',
  'opposed-run-off',
  FIXED_ORDER,
] as const;
type ToldRule = (typeof TOLD_RULES)[number];

class WhyWords {
  private readonly survey: Survey;
  private readonly roundOf: ReadonlyMap<string, NamedRound>;
  private readonly dayStart: number;
  /** Surfaces that are worked in gentler hours only. */
  private readonly gentle: ReadonlySet<string>;

  private readonly refills: readonly TimeSpan[];

  constructor({ surfaces, visit }: Plan, survey: Survey, named: readonly NamedRound[]) {
    this.gentle = new Set(surfaces.flatMap(({ within, surface }) => (within ? [surface.id] : [])));
    this.refills = visit?.refills ?? [];
    this.survey = survey;
    this.dayStart = secondOfDay(survey.job.house.dayStart);
    this.roundOf = new Map(
      named.flatMap((round) => round.operations.map((operation) => [operation.id, round] as const)),
    );
  }

  of(round: NamedRound, held: HeldBy | undefined): string {
    const name = this.person(round);
    switch (held?.kind) {
      case undefined:
      case 'begin':
        return say('why-then/begin');
      case 'nothing':
        return this.refilling(round, held.from);
      case 'hours':
        return this.hours(round, held.until, name);
      case 'comes':
        return say('why-then/comes', { name, time: this.time(held.until) });
      case 'person':
        return say('why-then/person', { ...this.other(held.by), time: this.time(held.until) });
      case 'in-time':
        return this.roundOf.get(held.by) === round
          ? say('why-then/in-time-itself')
          : say('why-then/in-time', this.other(held.by));
      case 'apart':
        return say('why-then/apart', { ...this.other(held.by), time: this.time(held.until) });
      case 'machine':
        return say('why-then/machine', {
          ...this.other(held.by),
          machine: machineName(held.machine),
          time: this.time(held.until),
        });
      case 'after':
        return this.after(held);
    }
  }

  /** Where nothing of the work keeps it, the tank may. */
  private refilling({ start }: NamedRound, from: number): string {
    const refill = this.refills.findLast(({ to }) => from < to && to <= start);
    return refill
      ? say('why-then/refill', { time: this.time(refill.to) })
      : say('why-then/nothing', { time: this.time(from) });
  }

  private after({ by, rule, until }: Extract<HeldBy, { kind: 'after' }>): string {
    const told = TOLD_RULES.find((one): one is ToldRule => one === rule);
    const facts = { ...this.other(by), time: this.time(until) };
    // The end of a dwell is told to the minute.
    if (told === 'dwell') return say('why-then/dwell', { ...facts, time: shortTime(this.dayStart + until) });
    return say(told ? `why-then/${told}` : 'why-then/after', facts);
  }

  private hours({ operations, person }: NamedRound, until: number, name: string): string {
    const [first] = operations;
    const time = shortTime(this.dayStart + until);
    if (first?.task === 'lunch') return say('why-then/lunch', { time });
    if (first?.task === 'set-out') {
      const isLater = this.survey.job.house.crew.some(
        ({ id, from = null }) => id === person && from !== null,
      );
      return isLater ? say('why-then/comes', { name, time }) : say('why-then/opens', { time });
    }
    if (first?.task === 'clear-up') return say('why-then/leaves', { name });
    const keys = first ? pinKeys(first) : [];
    const isPinned = (this.survey.job.house.pins ?? []).some(
      (pin) => pin.notBefore !== null && pin.work.some((id) => keys.includes(id)),
    );
    if (isPinned) return say('why-then/pinned', { time });
    const isGentle = (first?.parts ?? []).some(({ surface }) => this.gentle.has(surface));
    return isGentle ? say('why-then/gentle', { time }) : say('why-then/quiet', { time });
  }

  private other(operation: string): { readonly name: string; readonly round: string } {
    const round = this.roundOf.get(operation);
    return round ? { name: this.person(round), round: round.name } : { name: '', round: operation };
  }

  private person({ person }: NamedRound): string {
    return this.survey.job.house.crew.find(({ id }) => id === person)?.name ?? person;
  }

  private time(second: number): string {
    return roundTime(this.dayStart + second);
  }
}

function machineName(machine: string): string {
  const kind = MACHINE_KINDS.find((one) => one === machine);
  return kind ? MACHINE_NAMES[kind].toLowerCase() : machine;
}
