import { say } from '../messages/message.ts';
import { formatDuration, secondOfDay } from '../quantity/duration.ts';
import { decimal } from '../quantity/numbers.ts';
import { formatVolume } from '../quantity/shown-quantity.ts';
import type { CrewOrder, OrderChanges, OrderMix, OrderRound } from './crew-order.ts';

/** Nobody looks at the clock for less, min. */
const TOLD_MINUTES = 10;
/** Of what is left to mix, less is what is left in the jug. */
const TOLD_LITRES_SHARE = 0.1;
/** So many rounds of a kind are told one by one. */
const MOST_TOLD = 8;

interface PlacedRound {
  readonly person: string;
  readonly round: OrderRound;
}

/**
 * What is other than in an order before: when and who, rounds that are new, gone, given to somebody else or at another time, mixes, and
 * what to cover. A round is the same where it holds an operation of the earlier one, or is called the same.
 *
 * @param since number of the order before, of the same visit
 */
export function orderChanges(now: CrewOrder, before: CrewOrder, since: number): OrderChanges {
  const lines = [
    ...dayChanges(now, before),
    ...roundChanges(placed(now), placed(before)),
    ...mixChanges(now, before),
    ...listChanges(now.before, before.before),
  ];
  return { since, lines };
}

function dayChanges(now: CrewOrder, before: CrewOrder): readonly string[] {
  const span = ({ date, start, finish }: CrewOrder) => [date, `${start}–${finish}`].join(' ').trim();
  const names = (order: CrewOrder) => new Set(order.people.map(({ name }) => name));
  const [own, had] = [names(now), names(before)];
  return [
    ...(span(now) === span(before) ? [] : [say('changes/day', { now: span(now), was: span(before) })]),
    ...[...own].filter((name) => !had.has(name)).map((name) => say('changes/comes', { name })),
    ...[...had].filter((name) => !own.has(name)).map((name) => say('changes/stays-away', { name })),
  ];
}

const placed = ({ people }: CrewOrder): readonly PlacedRound[] =>
  people.flatMap(({ name, rounds = [] }) => rounds.map((round) => ({ person: name, round })));

function roundChanges(now: readonly PlacedRound[], before: readonly PlacedRound[]): readonly string[] {
  const pairs = paired(now, before);
  const found = new Set(pairs.values());
  const later = (one: OrderRound, other: OrderRound) => secondOfDay(one.start) - secondOfDay(other.start);
  const isSoon = (one: OrderRound, other: OrderRound) => Math.abs(later(one, other)) < 60 * TOLD_MINUTES;
  const fresh: string[] = [];
  const given: string[] = [];
  const moved: string[] = [];
  for (const one of now) {
    const { person, round } = one;
    const was = pairs.get(one);
    const facts = { person, name: round.name, start: round.start };
    if (!was) fresh.push(say('changes/new', facts));
    else if (was.person !== person) given.push(say('changes/given', { ...facts, was: was.person }));
    else if (!isSoon(round, was.round)) moved.push(say('changes/moved', { ...facts, was: was.round.start }));
  }
  const gone = before
    .filter((one) => !found.has(one))
    .map(({ person, round }) => say('changes/gone', { person, name: round.name }));
  const together = sameForAll([...pairs].map(([one, was]) => later(one.round, was.round)));
  return [fresh, gone, given, together === null ? moved : [movedTogether(together)]].flatMap(shortened);
}

/** By how much all are later, s, where that is worth telling; null where they differ. */
function sameForAll(seconds: readonly number[]): number | null {
  const [first = 0] = seconds;
  if (seconds.length < 2 || Math.abs(first) < 60 * TOLD_MINUTES) return null;
  return seconds.every((one) => Math.abs(one - first) < 60 * TOLD_MINUTES) ? first : null;
}

const movedTogether = (seconds: number) =>
  say(seconds > 0 ? 'changes/all-later' : 'changes/all-earlier', { by: formatDuration(Math.abs(seconds)) });

/** Which round of before each is: that with most of its operations, else the first of its name that is left. */
function paired(
  now: readonly PlacedRound[],
  before: readonly PlacedRound[],
): ReadonlyMap<PlacedRound, PlacedRound> {
  const holder = new Map(before.flatMap((one) => one.round.operations.map((id) => [id, one] as const)));
  const left = new Set(before);
  const pairs = new Map<PlacedRound, PlacedRound>();
  const pair = (one: PlacedRound, was: PlacedRound | undefined) => {
    if (!was || !left.delete(was)) return;
    pairs.set(one, was);
  };
  for (const one of now) {
    const shared = one.round.operations.flatMap((id) => holder.get(id) ?? []);
    const count = (was: PlacedRound) => shared.filter((other) => other === was).length;
    const [most] = [...new Set(shared)].filter((was) => left.has(was)).sort((a, b) => count(b) - count(a));
    pair(one, most);
  }
  const isSame = (one: PlacedRound, was: PlacedRound, own: boolean) =>
    was.round.name === one.round.name && (was.person === one.person) === own;
  for (const own of [true, false])
    for (const one of now)
      if (!pairs.has(one))
        pair(
          one,
          [...left].find((was) => isSame(one, was, own)),
        );
  return pairs;
}

function mixChanges(now: CrewOrder, before: CrewOrder): readonly string[] {
  const inWords = (mix: OrderMix) => {
    const strength = mix.mix.batches[0]?.card.strengthGramsPerLitre ?? 0;
    const litres = formatVolume(mix.mix.litres, now.units);
    return say('changes/mix', { mix: mix.name, agent: mix.agent, strength: decimal(strength, 1), litres });
  };
  const left = [...before.mixes];
  const told: string[] = [];
  for (const mix of now.mixes) {
    const same = left.filter(({ agent }) => agent === mix.agent);
    const was = same.find(({ place }) => place === mix.place) ?? same[0];
    if (!was) {
      told.push(say('changes/mix-new', { what: inWords(mix) }));
      continue;
    }
    left.splice(left.indexOf(was), 1);
    const isMore = Math.abs(mix.mix.litres - was.mix.litres) > TOLD_LITRES_SHARE * was.mix.litres;
    if (mix.name !== was.name || strengthOf(mix) !== strengthOf(was) || isMore)
      told.push(say('changes/mix-other', { now: inWords(mix), was: inWords(was) }));
  }
  return [...told, ...left.map((mix) => say('changes/mix-gone', { what: inWords(mix) }))];
}

/** As it is told, g/L. */
const strengthOf = ({ mix }: OrderMix) => decimal(mix.batches[0]?.card.strengthGramsPerLitre ?? 0, 1);

function listChanges(now: readonly string[], before: readonly string[]): readonly string[] {
  return [
    ...shortened(now.filter((line) => !before.includes(line)).map((what) => say('changes/cover', { what }))),
    ...shortened(
      before.filter((line) => !now.includes(line)).map((what) => say('changes/cover-gone', { what })),
    ),
  ];
}

function shortened(lines: readonly string[]): readonly string[] {
  if (lines.length <= MOST_TOLD + 1) return lines;
  return [...lines.slice(0, MOST_TOLD), say('changes/more', { count: lines.length - MOST_TOLD })];
}
