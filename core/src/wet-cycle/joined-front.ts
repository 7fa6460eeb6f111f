import { mixMinutes } from '../mixing/mix-lasts.ts';
import { CATALOGUE } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import type { Front } from '../wetting/front.ts';
import type { StripTimes } from '../wetting/front-strips.ts';
import { unequalFront } from '../wetting/unequal-front.ts';
import type { WetCyclePlan } from './wet-cycle-plan.ts';

/** Cycles on small surfaces that are worked as one front, each surface a strip of it. */
export interface JoinedFront {
  /** In the order in which they are worked. */
  readonly cycles: readonly WetCyclePlan[];
  readonly front: Front;
  /** One for each cycle. */
  readonly strips: readonly StripTimes[];
  readonly limits: readonly { readonly from: number; readonly limit: number }[];
  /** Minutes that each could stay on longer. */
  readonly spare: number;
  readonly soakMinutes: number;
  /** All are applied, left to dwell while other work is done, and come back to. */
  readonly leftAlone: boolean;
  readonly minutes: number;
}

/** Whether a cycle can be a strip of a front: worked in one go by one person, and wet by itself for long enough. */
export function isOneStrip({ front, unworkable }: WetCyclePlan): boolean {
  if (unworkable !== null || !front) return false;
  return front.hands === 'one' && front.stripCount === 1 && front.strips.mist === null;
}

/**
 * The front over surfaces that stand one after the other, each a strip with times of its own.
 *
 * @returns null where they cannot be worked so, or not within the longest time that one goes on
 */
export function joinedFront(cycles: readonly WetCyclePlan[]): JoinedFront | null {
  const strips = cycles.flatMap(({ front }) => (front ? [front.strips] : []));
  if (strips.length < cycles.length || strips.length === 0) return null;
  const way = unequalFront(strips);
  if (!way) return null;
  const soakMinutes = Math.max(...cycles.map(({ front }) => front?.soakMinutes ?? 0));
  const { leastAbsenceMinutes, leastPieceSquareMetres } = TRADE_DEFAULTS;
  const applied = cycles.slice(0, way.front.out).reduce((sum, cycle) => sum + cycle.areaSquareMetres, 0);
  const isAll = way.front.out === cycles.length;
  const leftAlone =
    way.front.mode !== 'single' &&
    way.front.firstWait >= leastAbsenceMinutes &&
    (isAll || applied >= leastPieceSquareMetres);
  const minutes = soakMinutes + way.front.duration - (leftAlone ? way.front.firstWait : 0);
  if (minutes > TRADE_DEFAULTS.longestFrontMinutes) return null;
  const serves = cycles.map(({ apply }) => mixMinutes(CATALOGUE.agent(apply.apply.agent)));
  if (soakMinutes + way.front.duration > Math.min(...serves)) return null;
  return {
    cycles,
    front: way.front,
    strips: way.strips,
    limits: strips.map(({ from, limit }) => ({ from, limit })),
    spare: way.spare,
    soakMinutes,
    leftAlone,
    minutes,
  };
}
