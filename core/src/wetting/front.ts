/** A surface worked strip by strip: applied ahead, finished behind, the distance between is the dwell. Minutes throughout. */
export interface FrontStrips {
  /** Strips of the front, at least 1. */
  readonly strips: number;
  /** To apply one, with the way to it. */
  readonly apply: number;
  /** To finish one: agitate, wash, rinse, changes of tool. */
  readonly finish: number;
  /** Least contact: from the end of a strip's application to the start of its finish. */
  readonly from: number;
  /** Greatest exposure: from the start of a strip's application to the end of its finish. */
  readonly limit: number;
  /** Where strips dry before they are finished: minutes to mist one, and how long it stays wet. */
  readonly mist: { readonly each: number; readonly window: number } | null;
}

/**
 * How a front is worked. `together`: all strips applied, then all finished; `eager`: the first strips in a row, then one
 * applied for each that is finished; `paced`: one begun each period from the start; `single`: one strip after another, with
 * a wait at each.
 */
export type FrontMode = 'together' | 'eager' | 'paced' | 'single';

/** A front by one person. */
export interface Front {
  readonly mode: FrontMode;
  /** Strips that are wet at once, the one that is being finished among them. */
  readonly out: number;
  readonly duration: number;
  /** Of one strip applied and one finished, without the mists between; 0 where the front has no such turn. */
  readonly period: number;
  /** Before the first finish, when the strips that are out were applied. */
  readonly firstWait: number;
  /** Among the last finishes, when nothing is left to apply. */
  readonly lastWait: number;
  /** No strip is on for longer. */
  readonly exposure: number;
  readonly mist: FrontMists | null;
}

/** All that is wet is misted after so many minutes of work, again and again; a round takes so long at most. */
export interface FrontMists {
  readonly workMinutes: number;
  readonly roundMinutes: number;
}

/** A front by two people: one applies, the other finishes behind. */
export interface PairFront {
  readonly mode: 'pair';
  /** Strips between the two. */
  readonly apart: number;
  readonly out: number;
  readonly duration: number;
  readonly period: number;
  /** The follower starts so long after the leader. */
  readonly lead: number;
  /** When the leader is done with applying, and with misting. */
  readonly leaderFree: number;
  readonly exposure: number;
  readonly mist: FrontMists | null;
}

const EXACT = 1e-9;
const up = (x: number) => Math.ceil(x - EXACT);
const down = (x: number) => Math.floor(x + EXACT);
const within = (x: number, limit: number) => x <= limit + EXACT;

/**
 * The shortest rhythm in which one person keeps every strip between `from` and `limit`. With a period T = a + f,
 * k = 1 + ⌈from/T⌉ strips are out at once: contact (k − 1)T, exposure kT.
 *
 * - Eager: n·T + W + V, with waits W = max(0, from − (k − 1)a) before the first finish and V = max(0, from − (k − 1)f)
 *   among the last; where there is a first wait, the last of the first k strips is on for from + a + k·f.
 * - Paced: (n + k − 1)T.
 * - Together, for k strips or fewer: n·T and a wait of from − (n − 1)·min(a, f).
 * - Single: n(a + from + f).
 *
 * Where strips dry, all k are misted after every w − k·m minutes of work, whatever is under way: each is wetted again within
 * w, and work takes 1/(1 − k·m/w) of its time, a round more or less. From k·m ≥ w on there is no rhythm.
 *
 * @returns null where there is no such rhythm
 * @throws RangeError for times that are negative or not finite, or without a strip
 * @example soloFront({ strips: 10, apply: 1, finish: 3, from: 10, limit: 24, mist: null }) // eager, 4 out, 48 min
 */
export function soloFront(front: FrontStrips): Front | null {
  checked(front);
  const ways = [together(front), eager(front), paced(front), single(front)];
  return ways.reduce(
    (best, way) => (way && (!best || way.duration < best.duration - EXACT) ? way : best),
    null,
  );
}

const PLAIN = { period: 0, firstWait: 0, lastWait: 0, mist: null } as const;

function together({ strips, apply, finish, from, limit, mist }: FrontStrips): Front | null {
  if (mist) return null;
  const period = apply + finish;
  if (strips > 1 + up(from / period)) return null;
  const firstWait = Math.max(0, from - (strips - 1) * Math.min(apply, finish));
  const exposure = (strips - 1) * Math.max(apply, finish) + firstWait + period;
  if (!within(exposure, limit)) return null;
  return {
    ...PLAIN,
    mode: 'together',
    out: strips,
    duration: strips * period + firstWait,
    firstWait,
    exposure,
  };
}

function eager({ strips, apply, finish, from, limit, mist }: FrontStrips): Front | null {
  if (mist) return null;
  const period = apply + finish;
  const out = 1 + up(from / period);
  if (strips <= out) return null;
  const firstWait = Math.max(0, from - (out - 1) * apply);
  const lastWait = Math.max(0, from - (out - 1) * finish);
  const exposure = Math.max(out * period, firstWait > 0 ? from + apply + out * finish : 0);
  if (!within(exposure, limit)) return null;
  const duration = strips * period + firstWait + lastWait;
  return { mode: 'eager', out, duration, period, firstWait, lastWait, exposure, mist: null };
}

function paced(front: FrontStrips): Front | null {
  const { strips, apply, finish, from, limit, mist } = front;
  const work = apply + finish;
  if (!mist) {
    const out = 1 + up(from / work);
    if (!within(out * work, limit)) return null;
    const duration = (strips + out - 1) * work;
    return { ...PLAIN, mode: 'paced', out, duration, period: work, exposure: out * work };
  }
  for (let out = 1; out * mist.each < mist.window && within(out * work, limit); out += 1) {
    const rounds = roundsOf(out, mist);
    if (!within(from, lasting((out - 1) * work, rounds, Math.floor))) continue;
    const exposure = lasting(out * work, rounds, Math.ceil);
    if (!within(exposure, limit)) return null;
    const duration = clockOfEnd((strips + out - 1) * work, rounds);
    return { ...PLAIN, mode: 'paced', out, duration, period: work, exposure, mist: rounds };
  }
  return null;
}

function single({ strips, apply, finish, from, limit, mist }: FrontStrips): Front | null {
  const work = apply + from + finish;
  if (mist && mist.each >= mist.window) return null;
  const rounds = mist && roundsOf(1, mist);
  const exposure = rounds ? clockOfEnd(work, rounds) : work;
  if (!within(exposure, limit)) return null;
  const duration = strips * exposure;
  return {
    mode: 'single',
    out: 1,
    duration,
    period: work,
    firstWait: from,
    lastWait: 0,
    exposure,
    mist: rounds,
  };
}

function roundsOf(out: number, { each, window }: NonNullable<FrontStrips['mist']>): FrontMists {
  return { workMinutes: window - out * each, roundMinutes: out * each };
}

/** Some work in the middle of a front, with the least or the most rounds that can fall into it. */
function lasting(work: number, rounds: FrontMists, count: (rounds: number) => number): number {
  return work + rounds.roundMinutes * count(work / rounds.workMinutes);
}

/** When something begins after so much work, with the rounds before it. */
export function clockOfStart(work: number, { workMinutes, roundMinutes }: FrontMists): number {
  return work + roundMinutes * down(work / workMinutes);
}

/** When so much work ends; a round that is due then comes after it. */
export function clockOfEnd(work: number, { workMinutes, roundMinutes }: FrontMists): number {
  return work + roundMinutes * Math.max(0, up(work / workMinutes) - 1);
}

/**
 * A pair with the period p = max(a, f): the follower starts k·p after the leader, k = ⌈(from + a)/p⌉: contact k·p − a,
 * exposure k·p + f, k + 1 strips wet. The leader mists in what each period leaves: k·m·p/w ≤ p − a where mists are small
 * beside the period.
 *
 * @returns null where the pair cannot keep every strip between `from` and `limit`
 * @throws RangeError as `soloFront`
 * @example pairFront({ strips: 10, apply: 1, finish: 3, from: 10, limit: 18, mist: null }) // 4 apart, 42 min
 */
export function pairFront(front: FrontStrips): PairFront | null {
  checked(front);
  const { strips, apply, finish, from, limit, mist } = front;
  const period = Math.max(apply, finish);
  const apart = Math.max(1, up((from + apply) / period));
  const lead = apart * period;
  const exposure = lead + finish;
  const spare = period - apply;
  // All at once every so many periods; the place of a strip within a round may move by all of it.
  const round = mist ? apart * mist.each : 0;
  const every = mist ? down((mist.window - round) / period) : 0;
  if (!within(exposure, limit)) return null;
  const dries = mist !== null && !within(lead - apply, mist.window);
  if (dries && (every < 1 || !within(round, spare) || !within(finish, mist.window))) return null;
  return {
    mode: 'pair',
    apart,
    out: Math.min(strips, apart + 1),
    duration: (strips - 1 + apart) * period + finish,
    period,
    lead,
    leaderFree: dries ? (strips - 1 + apart) * period : (strips - 1) * period + apply,
    exposure,
    mist: dries ? { workMinutes: every * period, roundMinutes: round } : null,
  };
}

function checked({ strips, apply, finish, from, limit, mist }: FrontStrips): void {
  if (!Number.isInteger(strips) || strips < 1)
    throw new RangeError(`a front has whole strips, at least one, not ${strips}`);
  const above = [apply, finish, ...(mist ? [mist.each, mist.window] : [])];
  if (!above.every((x) => x > 0 && Number.isFinite(x)) || !(limit > 0) || !(from >= 0 && from < Infinity))
    throw new RangeError('the times of a front are minutes above 0');
}
