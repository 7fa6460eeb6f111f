import { say } from '../messages/message.ts';
import type { FrontMode } from '../wetting/front.ts';
import type { Hands } from '../wetting/cycle-front.ts';
import type { HourRange } from '../wet-cycle/hour-range.ts';
import type { PlannedSurface, WaysToWork } from '../wet-cycle/planned-surface.ts';

/** How one wet cycle was decided to be worked. */
export interface DecidedFront {
  readonly cycle: string;
  /** Of its first piece. */
  readonly mode: FrontMode | 'pair';
  /** Left out in orders from before fronts were worked by several: one person. */
  readonly hands?: Hands;
  readonly strips: number;
  /** Wet at once at most. */
  readonly out: number;
  readonly pieces: number;
  /** The hour of the day that it was made for; null where all are alike. */
  readonly hour: number | null;
  /** The hours that it is worked in; left out for any of the working day. */
  readonly within?: HourRange;
}

/** The fronts of a visit as they are decided with its schedule. */
export function decidedFronts(surfaces: readonly PlannedSurface[]): readonly DecidedFront[] {
  return surfaces.flatMap(({ cycles, hardestHour, within }) =>
    cycles.flatMap(({ id, front }): readonly DecidedFront[] => {
      const [first] = front?.pieces ?? [];
      if (!front || !first) return [];
      const { stripCount: strips, hands, out, pieces } = front;
      const hour = hardestHour?.hour ?? null;
      const decided = { cycle: id, mode: first.front.mode, hands, strips, out, pieces: pieces.length, hour };
      return [within ? { ...decided, within } : decided];
    }),
  );
}

/** Who was decided to work each front that is not one person's, and in which hours what is not worked at any. */
export function decidedWays(fronts: readonly DecidedFront[]): WaysToWork {
  return {
    hands: new Map(
      fronts.flatMap(({ cycle, hands = 'one' }) => (hands === 'one' ? [] : [[cycle, hands] as const])),
    ),
    hours: new Map(fronts.flatMap(({ cycle, within }) => (within ? [[cycle, within] as const] : []))),
  };
}

/** Where fronts that were decided are none that hold today. */
export function frontFaults(
  decided: readonly DecidedFront[],
  surfaces: readonly PlannedSurface[],
): readonly { readonly rule: 'fronts'; readonly text: string }[] {
  const today = new Map(decidedFronts(surfaces).map((front) => [front.cycle, front]));
  const others = new Set(
    [...today.keys()].filter((cycle) => !decided.some((front) => front.cycle === cycle)),
  );
  const changed = decided.filter((front) => !isSame(front, today.get(front.cycle)));
  return [...changed.map((front) => front.cycle), ...others].map((cycle) => ({
    rule: 'fronts',
    text: say('sequence/front', { cycle }),
  }));
}

/** Field by field: a database keeps the keys in an order of its own. */
function isSame(one: DecidedFront, other: DecidedFront | undefined): boolean {
  return (
    one.mode === other?.mode &&
    (one.hands ?? 'one') === other.hands &&
    one.strips === other.strips &&
    one.out === other.out &&
    one.pieces === other.pieces &&
    one.hour === other.hour &&
    one.within?.from === other.within?.from &&
    one.within?.to === other.within?.to
  );
}
