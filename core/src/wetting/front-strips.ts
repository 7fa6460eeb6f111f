import { clockOfEnd, clockOfStart } from './front.ts';
import type { Front, FrontMists, FrontStrips, PairFront } from './front.ts';

/** Minutes from the start of a front. */
export interface Span {
  readonly from: number;
  readonly to: number;
}

/** What one strip goes through; work that mists interrupt is in several spans. */
export interface StripTimes {
  readonly apply: readonly Span[];
  readonly finish: readonly Span[];
  readonly mists: readonly Span[];
}

/** When one person applies, mists and finishes each strip of a front. */
export function soloStrips(strips: FrontStrips, front: Front): readonly StripTimes[] {
  const { mist, mode, period } = front;
  const plain = plainStrips(strips, front);
  if (!mist) return plain.map(({ apply, finish }) => ({ apply: [apply], finish: [finish], mists: [] }));
  const each = strips.mist?.each ?? 0;
  if (mode === 'single') {
    // Each strip has its own rounds.
    return plain.map(({ apply, finish }, i) => {
      const [before, at] = [i * period, (i * front.duration) / plain.length];
      const one = { apply: moved(apply, -before), finish: moved(finish, -before) };
      const { apply: applied, finish: finished, mists } = misted([one], mist, each)[0] ?? NEVER;
      const later = (span: Span) => moved(span, at);
      return { apply: applied.map(later), finish: finished.map(later), mists: mists.map(later) };
    });
  }
  return misted(plain, mist, each);
}

const NEVER: StripTimes = { apply: [], finish: [], mists: [] };

interface PlainStrip {
  readonly apply: Span;
  readonly finish: Span;
}

/** By work alone. */
function plainStrips(strips: FrontStrips, front: Front): readonly PlainStrip[] {
  const { strips: count, apply, finish, from } = strips;
  const { out, period, firstWait } = front;
  const strip = (applied: number, finished: number): PlainStrip => ({
    apply: { from: applied, to: applied + apply },
    finish: { from: finished, to: finished + finish },
  });
  switch (front.mode) {
    case 'together':
      return times(count, (i) => strip(i * apply, count * apply + firstWait + i * finish));
    case 'single':
      return times(count, (i) => strip(i * period, i * period + apply + from));
    case 'paced':
      return times(count, (i) => strip(i * period, (i + out - 1) * period + apply));
    case 'eager': {
      const begins = out * apply + firstWait;
      const all: PlainStrip[] = [];
      for (let i = 0; i < count; i += 1) {
        const applied = i < out ? i * apply : begins + (i - out) * period + finish;
        // In the middle one is applied between two finishes; at the end each waits for its own dwell.
        const free = i === 0 ? begins : (all[i - 1]?.finish.to ?? 0) + (i + out - 1 < count ? apply : 0);
        all.push(strip(applied, Math.max(free, applied + apply + from)));
      }
      return all;
    }
  }
}

/** The same with a round over all that is wet after every so much work: what is under way goes on after it. */
function misted(plain: readonly PlainStrip[], rounds: FrontMists, each: number): readonly StripTimes[] {
  const { workMinutes } = rounds;
  const last = Math.max(...plain.map(({ finish }) => finish.to));
  const mists: Span[][] = plain.map(() => []);
  for (let at = workMinutes; at < last - EXACT; at += workMinutes) {
    let clock = clockOfEnd(at, rounds);
    plain.forEach(({ apply, finish }, i) => {
      if (apply.to > at + EXACT || finish.to <= at + EXACT) return;
      mists[i]?.push({ from: clock, to: clock + each });
      clock += each;
    });
  }
  return plain.map(({ apply, finish }, i) => ({
    apply: interrupted(apply, rounds),
    finish: interrupted(finish, rounds),
    mists: mists[i] ?? [],
  }));
}

const EXACT = 1e-9;

function interrupted({ from, to }: Span, rounds: FrontMists): readonly Span[] {
  const { workMinutes } = rounds;
  const spans: Span[] = [];
  let at = from;
  for (
    let next = workMinutes * (Math.floor(from / workMinutes + EXACT) + 1);
    next < to - EXACT;
    next += workMinutes
  ) {
    spans.push({ from: clockOfStart(at, rounds), to: clockOfEnd(next, rounds) });
    at = next;
  }
  return [...spans, { from: clockOfStart(at, rounds), to: clockOfEnd(to, rounds) }];
}

const moved = ({ from, to }: Span, by: number): Span => ({ from: from + by, to: to + by });

/** When each strip of a pair's front is applied and misted by the one and finished by the other. */
export function pairStrips(strips: FrontStrips, pair: PairFront): readonly StripTimes[] {
  const { period, lead, apart, mist } = pair;
  const every = mist ? Math.round(mist.workMinutes / period) : 0;
  const each = strips.mist?.each ?? 0;
  return times(strips.strips, (i) => ({
    apply: [{ from: i * period, to: i * period + strips.apply }],
    finish: [{ from: lead + i * period, to: lead + i * period + strips.finish }],
    // In the leader's time of every so many periods, the older strips first.
    mists: mist
      ? times(apart, (k) => i + 1 + k).flatMap((inPeriod): readonly Span[] => {
          if (inPeriod % every !== 0 || inPeriod >= i + apart) return [];
          const older = Math.min(i, apart - 1 - (inPeriod - i));
          const from = inPeriod * period + strips.apply + older * each;
          return [{ from, to: from + each }];
        })
      : [],
  }));
}

const times = <T>(count: number, of: (i: number) => T): readonly T[] =>
  Array.from({ length: count }, (_, i) => of(i));
