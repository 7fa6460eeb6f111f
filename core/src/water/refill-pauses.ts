import { tankLine } from './tank-line.ts';
import type { TankInput, TankLine } from './tank-line.ts';

/** A time in which nobody draws water and the tap fills the tank. Minutes of the day as it then is. */
export interface RefillPause {
  readonly from: number;
  readonly minutes: number;
}

/** Work that cannot wait once it has begun: something is wet and must be rinsed in time. Minutes of the day's work. */
export interface TiedWork {
  readonly from: number;
  readonly to: number;
}

/** Pauses come in steps that people keep, min. */
const STEP_MINUTES = 5;
const MOST_PAUSES = 12;

/**
 * Pauses that keep the water running: work waits before the tank would run dry, at the last moment at which nothing is tied,
 * until the tap has filled what the rest of the day is short of, or the whole tank.
 * @returns empty where it lasts without; null where no pause helps: nothing comes in, or work that is tied draws more than a full tank and the tap give
 */
export function refillPauses(
  input: TankInput,
  tied: readonly TiedWork[] = [],
): readonly RefillPause[] | null {
  const { capacityLitres, supplyLitresPerMinute } = input;
  const pauses: RefillPause[] = [];
  let [day, work] = [input, tied];
  for (;;) {
    const line = tankLine(day);
    if (line.firstDryMinute === null) return pauses;
    if (supplyLitresPerMinute <= 0 || pauses.length === MOST_PAUSES) return null;
    const from = freeMoment(Math.floor(line.firstDryMinute), work);
    const room = capacityLitres - levelAt(line, from);
    const minutes =
      STEP_MINUTES *
      Math.ceil(Math.min(room, line.shortLitres) / supplyLitresPerMinute / STEP_MINUTES - 1e-9);
    // Full already, and still too little for what cannot wait.
    if (minutes <= 0) return null;
    pauses.push({ from, minutes });
    day = waited(day, from, minutes);
    const later = (minute: number) => (minute < from ? minute : minute + minutes);
    work = work.map((t) => ({ from: later(t.from), to: t.to <= from ? t.to : t.to + minutes }));
  }
}

/** The last whole minute up to this one in which nothing is tied. */
function freeMoment(minute: number, tied: readonly TiedWork[]): number {
  const holding = tied.filter((t) => t.from < minute && t.to > minute);
  return holding.length === 0
    ? minute
    : freeMoment(Math.floor(Math.min(...holding.map((t) => t.from))), tied);
}

function levelAt({ points }: TankLine, minute: number): number {
  const after = points.findIndex((p) => p.minute >= minute);
  const [one, two] = [points[after - 1] ?? points[0], points[after] ?? points.at(-1)];
  if (!one || !two) return 0;
  if (two.minute <= one.minute) return two.litres;
  return one.litres + ((two.litres - one.litres) * (minute - one.minute)) / (two.minute - one.minute);
}

/** All that is drawn or brought from a moment on comes so much later. */
function waited(day: TankInput, from: number, minutes: number): TankInput {
  const later = (minute: number) => (minute < from ? minute : minute + minutes);
  return {
    ...day,
    untilMinute: day.untilMinute + minutes,
    refills: day.refills.map((r) => ({ ...r, minute: later(r.minute) })),
    uses: day.uses.flatMap((use) =>
      use.from < from && use.to > from
        ? [
            { ...use, to: from },
            { ...use, from: from + minutes, to: use.to + minutes },
          ]
        : [{ ...use, from: later(use.from), to: use.to <= from ? use.to : use.to + minutes }],
    ),
  };
}
