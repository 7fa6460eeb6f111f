import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import { surfacesAbove } from '../protection/gravity.ts';
import type { DayRoom, VisitPart } from '../protection/property-visits.ts';
import { isWet } from '../protection/work-phase.ts';
import type { Stage } from '../treatment/stage.ts';
import { say } from '../messages/message.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import { formatArea } from '../quantity/shown-quantity.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { MACHINE_KINDS } from '../catalogue/tool.ts';
import { machineCounts } from '../survey/job-detail.ts';
import type { FaceHours } from '../wet-cycle/face-hours.ts';
import { plannedSurface } from '../wet-cycle/planned-surface.ts';
import { crewDays } from './crew-hours.ts';
import { machinesOf } from './stage-machines.ts';
import { workingDay } from './working-day.ts';
import { stageSeconds } from './stage-seconds.ts';

/** What a part of the work takes of people and of machines, s. */
interface Load {
  readonly hands: number;
  readonly machines: ReadonlyMap<string, number>;
}

/**
 * How much of a visit one day has room for, by what the work takes of the crew and of the machines, longer by what a day of its kind
 * usually takes longer, with setting out, clearing up, lunch and what is kept free. Nothing is put in order for it: the sequence of the day
 * may end earlier or later than that.
 */
export function dayRoom(treated: readonly TreatedSurface[], survey: FacedSurvey, hours: FaceHours): DayRoom {
  const { lunch = null, spareMinutes = 0 } = survey.job.house;
  const crew = crewDays(survey.job.house);
  const counts = machineCounts(survey.job.house);
  const surfaces = new Map(treated.map((one) => [one.surface.id as string, one]));
  const uppers = new Map<string, string[]>();
  for (const { upper, lower } of surfacesAbove(treated.map(({ surface }) => surface)))
    uppers.set(lower, [...(uppers.get(lower) ?? []), upper]);
  const { from, to } = workingDay(survey);
  const day = to - from - 60 * ((lunch?.minutes ?? 0) + spareMinutes);
  // A part comes anew with each visit, its stages are the same: what a day had no room for is not worked out again.
  const loads = new Map<VisitPart['stages'], Load>();
  const loadOf = (part: VisitPart): Load => {
    const known = loads.get(part.stages);
    if (known) return known;
    const load = partLoad(part, surfaces.get(part.surface), survey, hours);
    loads.set(part.stages, load);
    return load;
  };
  const secondsFor = (some: Filled): number => {
    const machines = MACHINE_KINDS.map((kind) =>
      counts[kind] > 0 ? (some.machines.get(kind) ?? 0) / counts[kind] : 0,
    );
    const work = Math.max(some.hands / crew, ...machines);
    const besides =
      TRADE_DEFAULTS.setOutSeconds +
      TRADE_DEFAULTS.clearUpSeconds +
      TRADE_DEFAULTS.besidesSeconds * (some.parts / crew) +
      TRADE_DEFAULTS.agentSeconds * some.agents.size;
    return besides + TRADE_DEFAULTS.dayLikelyFactor * work;
  };
  const fits = (some: Filled) => secondsFor(some) <= day;
  const filled = (parts: readonly VisitPart[]) =>
    parts.reduce((some, part) => withLoad(some, part, loadOf(part)), EMPTY);
  return (parts) => {
    const handsOn = parts
      .flatMap(({ stages }) => stages)
      .reduce((sum, stage) => sum + stageSeconds(stage), 0);
    // Far from full: nothing has to be worked out for that.
    if (handsOn / crew < TRADE_DEFAULTS.surelyFitsShare * day || fits(filled(parts)))
      return { today: parts, rest: new Map() };
    const left = new Map(parts.map((part) => [part.surface, part]));
    const wetLeft = new Set(parts.filter(({ stages }) => stages.some(isWet)).map(({ surface }) => surface));
    let some = EMPTY;
    const take = (part: VisitPart) => {
      left.delete(part.surface);
      wetLeft.delete(part.surface);
      some = withLoad(some, part, loadOf(part));
    };
    const candidates = new Set(parts);
    for (;;) {
      // The day only gets fuller: what has no room now has none later.
      const inTurn = inOrderOf(candidates, (part) => newAgents(some, part));
      const next = inTurn.find((part) => {
        if (uppers.get(part.surface)?.some((upper) => wetLeft.has(upper))) return false;
        if (some.parts === 0 || fits(withLoad(some, part, loadOf(part)))) return true;
        candidates.delete(part);
        return false;
      });
      if (!next) break;
      candidates.delete(next);
      take(next);
    }
    // Where all drain onto each other nothing is first: that is stopped elsewhere, and one of them is begun with here.
    const [first] = parts;
    if (some.parts === 0 && first) take(first);
    const today = parts.filter(({ surface }) => !left.has(surface));
    const [alone] = today;
    const isWhole = today.length !== 1 || !alone || fits(some);
    const begun = isWhole
      ? null
      : begunToday(alone, (own) => secondsFor(filled([own])) / day, survey.job.units);
    return begun
      ? { today: [begun.today], rest: new Map([[begun.today, begun.rest]]) }
      : { today, rest: new Map() };
  };
}

/** What a day is filled with. */
interface Filled extends Load {
  readonly parts: number;
  readonly agents: ReadonlySet<string>;
}

const EMPTY: Filled = { parts: 0, hands: 0, machines: new Map(), agents: new Set() };

/** Those with less of it first, as they came where they are alike. */
function inOrderOf<T>(all: Iterable<T>, key: (one: T) => number): readonly T[] {
  const keyed = [...all].map((one) => ({ one, key: key(one) }));
  return keyed.sort((a, b) => a.key - b.key).map(({ one }) => one);
}

/** Products of a part that nothing of the day takes yet: each is a mix more to make and a sprayer more to fill. */
function newAgents(some: Filled, { stages }: VisitPart): number {
  const own = new Set(stages.flatMap(({ apply }) => apply?.agent ?? []));
  return [...own].filter((agent) => !some.agents.has(agent)).length;
}

function withLoad(some: Filled, { stages }: VisitPart, { hands, machines }: Load): Filled {
  const all = new Map(some.machines);
  for (const [machine, seconds] of machines) all.set(machine, (all.get(machine) ?? 0) + seconds);
  const agents = new Set(some.agents);
  for (const { apply } of stages) if (apply) agents.add(apply.agent);
  return { parts: some.parts + 1, hands: some.hands + hands, machines: all, agents };
}

/** One face that is too much for a day alone: as large a share of it as the day has room for; null where no share is small enough. */
function begunToday(
  part: VisitPart,
  daysFor: (part: VisitPart) => number,
  units: UnitSystem,
): { readonly today: VisitPart; readonly rest: VisitPart } | null {
  // What is the same however large the share is makes it a day or two more than that; a face for weeks is left to its surveyor.
  const least = Math.max(2, Math.ceil(daysFor(part)));
  for (let days = least; days <= Math.min(least + 2, TRADE_DEFAULTS.mostDaysOfFace); days += 1) {
    const today = { ...part, stages: part.stages.map((stage) => shareOf(stage, 1 / days)) };
    if (daysFor(today) > 1) continue;
    const rest = { ...part, stages: part.stages.map((stage) => shareOf(stage, 1 - 1 / days)) };
    const [first, ...more] = today.stages;
    const words = say('check/begun-today', {
      today: formatArea(largest(today), units),
      whole: formatArea(largest(part), units),
    });
    return first
      ? { today: { ...today, stages: [{ ...first, checks: [words, ...first.checks] }, ...more] }, rest }
      : null;
  }
  return null;
}

function shareOf(stage: Stage, share: number): Stage {
  const { bulk } = stage;
  return {
    ...stage,
    areaSquareMetres: stage.areaSquareMetres * share,
    bulk: bulk && {
      ...bulk,
      litres: roundToStep(bulk.litres * share, 0.1),
      kilograms: bulk.kilograms && roundToStep(bulk.kilograms * share, 0.1),
      sum: say('bulk/share', { sum: bulk.sum, percent: decimal(100 * share, 0) }),
    },
  };
}

const largest = ({ stages }: VisitPart) =>
  Math.max(...stages.map(({ areaSquareMetres }) => areaSquareMetres));

function partLoad(
  { stages }: VisitPart,
  treated: TreatedSurface | undefined,
  survey: FacedSurvey,
  hours: FaceHours,
): Load {
  const machines = new Map<string, number>();
  let hands = 0;
  const add = (seconds: number, worked: readonly Stage[]) => {
    hands += seconds;
    for (const machine of machinesOf(worked)) machines.set(machine, (machines.get(machine) ?? 0) + seconds);
  };
  for (const stage of stages) if (stage.cycle === null) add(stageSeconds(stage), [stage]);
  if (!treated?.treatment) return { hands, machines };
  const own = { ...treated, treatment: { ...treated.treatment, stages } };
  // Whoever works a front has all that it takes at hand from its begin to its end.
  for (const { minutes, apply, finishing } of plannedSurface(own, survey, hours).cycles)
    add(60 * minutes, [apply, ...finishing]);
  return { hands, machines };
}
