import { say, told } from '../messages/message.ts';
import type { Told } from '../messages/message.ts';
import { shortTime } from '../quantity/duration.ts';
import { decimal } from '../quantity/numbers.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { formatArea, formatLength } from '../quantity/shown-quantity.ts';
import type { UnitSystem } from '../quantity/unit-system.ts';
import type { FrontMists, PairFront } from '../wetting/front.ts';
import type { CycleFront } from '../wetting/cycle-front.ts';
import type { FrontPiece } from '../wetting/front-pieces.ts';
import type { HourRange } from './hour-range.ts';
import type { JoinedFront } from './joined-front.ts';
import { countedInWords } from './piece-words.ts';
import type { StripName } from './piece-words.ts';

/** How a piece of a front is worked, in words, line by line. */
export function frontInWords(cycle: CycleFront, { front, strips: count }: FrontPiece): readonly Told[] {
  const rhythm = rhythmInWords(cycle, { front, strips: count });
  return cycle.lifts > 1 && count > 1 ? [told('front/low-end-up'), ...rhythm] : rhythm;
}

function rhythmInWords(
  cycle: CycleFront,
  { front, strips: count }: Pick<FrontPiece, 'front' | 'strips'>,
): readonly Told[] {
  const { strips } = cycle;
  const counted = (some: number) => countedInWords(stripName(cycle), some);
  if (front.mode === 'pair') return pairInWords(front, counted, strips.mist?.window ?? 0);
  const { mode, out, period, firstWait, mist } = front;
  const line = (): Told => {
    if (count > 1 && out === 1 && firstWait < LEAST_WAIT_MINUTES) return told('front/at-once');
    if (count === 1) return told('front/one', { wait: decimal(strips.from, 0) });
    switch (mode) {
      case 'together':
        return told('front/together', {
          strips: counted(count),
          first: decimal(out * strips.apply + firstWait, 0),
        });
      case 'eager':
        return told('front/eager', {
          ahead: counted(out),
          first: decimal(out * strips.apply + firstWait, 0),
          out,
        });
      case 'paced':
        return told('front/paced', {
          period: decimal(period, 1),
          first: decimal((out - 1) * period + strips.apply, 0),
          behind: counted(out - 1),
          out,
        });
      case 'single':
        return told('front/single', { from: decimal(firstWait, 0) });
    }
  };
  return [line(), ...(mist === null ? [] : [keptWet(mist, strips.mist?.window ?? 0)])];
}

/** In which hours a front is worked, where they are not any of the day. */
export function hoursOfFront(within: HourRange | null): readonly Told[] {
  const hour = (of: number) => shortTime(3600 * of);
  return within ? [told('front/within', { from: hour(within.from), to: hour(within.to) })] : [];
}

/** How one front over several surfaces is worked, each of them a strip. */
export function joinedInWords({ front, strips }: JoinedFront): readonly Told[] {
  const { mode, out, firstWait } = front;
  const first = decimal(strips[0]?.finish[0]?.from ?? 0, 0);
  const line = (): Told => {
    if (mode === 'together')
      return told('front/together', { strips: countedInWords('strip', strips.length), first });
    if (out > 1) return told('front/eager', { ahead: countedInWords('strip', out), first, out });
    return firstWait < LEAST_WAIT_MINUTES
      ? told('front/at-once')
      : told('front/single', { from: decimal(firstWait, 0) });
  };
  return [told('front/surfaces', { count: strips.length }), line()];
}

/** For both of the two. */
function pairInWords(
  { lead, apart, period, out, mist }: PairFront,
  counted: (strips: number) => string,
  window: number,
): readonly Told[] {
  const facts = {
    lead: decimal(lead, 0),
    behind: counted(apart),
    period: decimal(period, 1),
    out,
  };
  return [told('front/pair', facts), ...(mist === null ? [] : [keptWet(mist, window)])];
}

/** A wait that nobody waits. */
const LEAST_WAIT_MINUTES = 0.5;
/** Rounds that come sooner than this are no rounds. */
const LEAST_ROUND_MINUTES = 1;

function keptWet({ workMinutes }: FrontMists, window: number): Told {
  return workMinutes < LEAST_ROUND_MINUTES
    ? told('front/keep-wet', { minutes: decimal(window, 1) })
    : told('front/mists', { minutes: decimal(Math.floor(2 * workMinutes) / 2, 1) });
}

/** Narrower than this nobody works from the ground to the top: it is pieces. */
const LEAST_STRIP_METRES = 0.5;

/**
 * Of all strips or of some of them: "13 strips of 1.2 m", "1–9 of 60 pieces, each 1 m²", "19 stones of 0.8 m²", "1–2 of 4 strips, each
 * 2 panels"; the area where there is but one.
 */
export function stripsInWords(front: CycleFront, units: UnitSystem, some?: SomeStrips): string {
  if (front.stripCount === 1) return formatArea(front.stripSquareMetres, units);
  const what = stripName(front);
  const each = eachInWords(front, what, units);
  const all = countedInWords(what, front.stripCount);
  if (!some) return say('front/all', { all, each });
  return some.from === some.to
    ? say('front/one-of', { number: some.from, all, each })
    : say('front/some', { ...some, all, each });
}

interface SomeStrips {
  readonly from: number;
  readonly to: number;
}

/** What a strip is called: what it is by itself, and a piece where nobody would work it from the ground to the top. */
function stripName({ natural, stripCount, stripMetres }: CycleFront): StripName {
  if (stripCount === natural?.count) return natural.what;
  if (natural) return stripCount < natural.count ? 'strip' : 'piece';
  return stripMetres >= LEAST_STRIP_METRES ? 'strip' : 'piece';
}

/** How large one is. */
function eachInWords(
  { natural, stripCount, stripMetres, stripSquareMetres }: CycleFront,
  what: StripName,
  units: UnitSystem,
): string {
  const area = formatArea(stripSquareMetres, units);
  if (natural && what === 'piece' && stripCount > natural.count)
    return say('front/parts-of', {
      area,
      parts: stripCount / natural.count,
      all: countedInWords(natural.what, natural.count),
    });
  if (what !== 'strip') return area;
  return natural
    ? countedInWords(natural.what, natural.count / stripCount)
    : formatLength(roundToStep(stripMetres, 0.1), units);
}
