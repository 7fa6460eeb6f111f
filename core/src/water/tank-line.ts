import { requirePositive } from '../quantity/span.ts';

/** Water drawn from the tank for a while. Minutes of the day's work. */
export interface WaterUse {
  readonly from: number;
  readonly to: number;
  readonly litresPerMinute: number;
  /** Through a hose, which takes no more than the taps give: it only runs slower. */
  readonly byHose?: boolean;
}

/** Water brought at one moment. */
export interface Refill {
  readonly minute: number;
  readonly litres: number;
}

export interface TankInput {
  readonly capacityLitres: number;
  readonly startLitres: number;
  /** Supply that runs all the while; a full tank takes no more. */
  readonly supplyLitresPerMinute: number;
  readonly uses: readonly WaterUse[];
  readonly refills: readonly Refill[];
  readonly untilMinute: number;
}

export interface TankMoment {
  readonly minute: number;
  readonly litres: number;
}

export interface TankLine {
  /** Straight between its points. */
  readonly points: readonly TankMoment[];
  /** The first moment at which it is empty while water is wanted; null where it lasts. */
  readonly firstDryMinute: number | null;
  /** Litres that are wanted and not there. */
  readonly shortLitres: number;
  readonly usedLitres: number;
  /** Litres that hoses would take and the taps do not give: their work takes that much longer. */
  readonly lateLitres: number;
}

/**
 * Level of a tank over the day: between two moments at which something changes it is straight, so that the minute at which
 * it runs dry is exact.
 * @throws RangeError for a tank of nothing, a start above what it holds, or a supply below 0
 * @example a tank of 600 L, 12.6 L/min drawn, 8 from the tap: dry after 130 min
 */
export function tankLine(input: TankInput): TankLine {
  const { capacityLitres, startLitres, supplyLitresPerMinute } = input;
  requirePositive('tank', capacityLitres, 'L');
  if (!(startLitres >= 0 && startLitres <= capacityLitres))
    throw new RangeError(
      `start level ${startLitres} L is outside 0 to ${capacityLitres} L: what the tank holds`,
    );
  if (!(supplyLitresPerMinute >= 0))
    throw new RangeError(
      `supply ${supplyLitresPerMinute} L/min is below 0 L/min: fill a bucket under the tap again`,
    );
  const changes = changesOf(input);
  const moments = [...changes.keys()].sort((x, y) => x - y);
  const points: TankMoment[] = [{ minute: 0, litres: startLitres }];
  let [litres, shortLitres, usedLitres, lateLitres] = [startLitres, 0, 0, 0];
  const wanted = { pumps: 0, hoses: 0 };
  let firstDryMinute: number | null = null;
  moments.forEach((from, i) => {
    const { brought = 0, pumps = 0, hoses = 0 } = changes.get(from) ?? {};
    wanted.pumps = withoutDust(wanted.pumps + pumps);
    wanted.hoses = withoutDust(wanted.hoses + hoses);
    if (brought > 0) {
      litres = Math.min(capacityLitres, litres + brought);
      points.push({ minute: from, litres });
    }
    const to = moments[i + 1];
    if (to === undefined) return;
    const drawn = wanted.pumps + Math.min(wanted.hoses, supplyLitresPerMinute);
    const net = supplyLitresPerMinute - drawn;
    usedLitres += drawn * (to - from);
    lateLitres += Math.max(0, wanted.hoses - supplyLitresPerMinute) * (to - from);
    const end = litres + net * (to - from);
    if (end < -1e-9) {
      const dry = from + litres / -net;
      firstDryMinute ??= dry;
      shortLitres += -end;
      if (litres > 0) points.push({ minute: dry, litres: 0 });
      litres = 0;
    } else if (end > capacityLitres) {
      if (litres < capacityLitres)
        points.push({ minute: from + (capacityLitres - litres) / net, litres: capacityLitres });
      litres = capacityLitres;
    } else litres = Math.max(0, end);
    points.push({ minute: to, litres });
  });
  return { points, firstDryMinute, shortLitres, usedLitres, lateLitres };
}

/** A sum of many differences keeps none below a millilitre. */
const withoutDust = (flow: number) => Math.max(0, Math.round(flow * 1e6) / 1e6);

/** What begins, ends or is brought at each moment of the day. */
function changesOf({ uses, refills, untilMinute }: TankInput) {
  const changes = new Map<number, { brought: number; pumps: number; hoses: number }>();
  const at = (minute: number) => {
    const change = changes.get(minute) ?? { brought: 0, pumps: 0, hoses: 0 };
    changes.set(minute, change);
    return change;
  };
  at(0);
  at(untilMinute);
  for (const { from, to, litresPerMinute, byHose } of uses) {
    if (to <= 0 || from >= untilMinute) continue;
    const by = byHose ? 'hoses' : 'pumps';
    at(Math.max(0, from))[by] += litresPerMinute;
    at(Math.min(untilMinute, to))[by] -= litresPerMinute;
  }
  for (const { minute, litres } of refills)
    if (minute >= 0 && minute <= untilMinute) at(minute).brought += litres;
  return changes;
}

const STEP_LITRES_PER_MINUTE = 0.1;

/**
 * The least supply with which the tank never runs dry, to a tenth of a litre a minute above.
 * @returns L/min; the given supply where that already does
 */
export function leastSupply(input: TankInput): number {
  const lasts = (supply: number) =>
    tankLine({ ...input, supplyLitresPerMinute: supply }).firstDryMinute === null;
  if (lasts(input.supplyLitresPerMinute)) return input.supplyLitresPerMinute;
  let low = Math.floor(input.supplyLitresPerMinute / STEP_LITRES_PER_MINUTE);
  let high = Math.ceil(input.uses.reduce((sum, u) => sum + u.litresPerMinute, 0) / STEP_LITRES_PER_MINUTE);
  while (high - low > 1) {
    const middle = Math.floor((low + high) / 2);
    if (lasts(middle * STEP_LITRES_PER_MINUTE)) high = middle;
    else low = middle;
  }
  return high * STEP_LITRES_PER_MINUTE;
}
