import type { Front } from './front.ts';
import type { StripTimes } from './front-strips.ts';

/** A strip with times of its own: a stone, a pane, a tread. Minutes throughout, as in `FrontStrips`. */
export interface UnequalStrip {
  readonly apply: number;
  readonly finish: number;
  readonly from: number;
  readonly limit: number;
}

/** A front over strips of different sizes, with the times of each. */
export interface UnequalFront {
  readonly front: Front;
  readonly strips: readonly StripTimes[];
  /** So much longer every strip could stay on. */
  readonly spare: number;
}

/**
 * The shortest front over strips that are not alike, in the order in which they stand: k are applied in a row, then one is
 * applied for each that is finished, and none is finished before its time. Where equal strips would have a formula this walks
 * along them, for each k.
 *
 * @returns null where no k keeps every strip within its limit
 * @throws RangeError without a strip, or for times that are negative or not finite
 * @example unequalFront([{ apply: 1, finish: 3, from: 10, limit: 24 }, …]) // ten of them: 4 out, 48 min
 */
export function unequalFront(strips: readonly UnequalStrip[]): UnequalFront | null {
  if (strips.length === 0) throw new RangeError('a front has strips');
  if (!strips.every(({ apply, finish, from }) => [apply, finish, from].every((x) => x >= 0 && x < Infinity)))
    throw new RangeError('the times of a front are minutes from 0 on');
  let best: UnequalFront | null = null;
  for (let out = 1; out <= strips.length; out += 1) {
    const way = walked(strips, out);
    if (way && (!best || way.front.duration < best.front.duration - EXACT)) best = way;
  }
  return best;
}

const EXACT = 1e-9;

function walked(strips: readonly UnequalStrip[], out: number): UnequalFront | null {
  const times: StripTimes[] = [];
  const applied: number[] = [];
  let clock = 0;
  let waited = 0;
  let spare = Infinity;
  const applyNext = () => {
    const { apply } = strips[applied.length] ?? NOTHING;
    applied.push(clock);
    clock += apply;
  };
  strips.forEach(({ apply, finish, from, limit }, i) => {
    while (applied.length < Math.min(strips.length, i + out)) applyNext();
    const began = applied[i] ?? 0;
    const starts = Math.max(clock, began + apply + from);
    if (i === 0) waited = starts - clock;
    clock = starts + finish;
    spare = Math.min(spare, limit - (clock - began));
    times.push({
      apply: [{ from: began, to: began + apply }],
      finish: [{ from: starts, to: clock }],
      mists: [],
    });
  });
  if (spare < -EXACT) return null;
  const exposure = Math.max(...times.map((t) => (t.finish[0]?.to ?? 0) - (t.apply[0]?.from ?? 0)));
  const mode = out === strips.length ? 'together' : out === 1 ? 'single' : 'eager';
  const plain = { period: 0, lastWait: 0, mist: null };
  return {
    front: { ...plain, mode, out, duration: clock, firstWait: waited, exposure },
    strips: times,
    spare,
  };
}

const NOTHING = { apply: 0 };
