import { tankLine } from './tank-line.ts';
import type { TankInput } from './tank-line.ts';

/** A time in which nobody draws water and the tap fills the tank. Minutes of the day as it then is. */
export interface RefillPause {
  readonly from: number;
  readonly minutes: number;
}

/** Pauses come in steps that people keep, min. */
const STEP_MINUTES = 5;
const MOST_PAUSES = 12;

/**
 * Pauses that keep the water running: work waits where the tank would run dry until the tap has filled what the rest of the
 * day is short of, or the whole tank.
 * @returns empty where it lasts without; null where no pause helps: nothing comes in, or more is drawn at once than a full tank bears
 */
export function refillPauses(input: TankInput): readonly RefillPause[] | null {
  const { capacityLitres, supplyLitresPerMinute } = input;
  const pauses: RefillPause[] = [];
  let day = input;
  for (;;) {
    const line = tankLine(day);
    if (line.firstDryMinute === null) return pauses;
    if (supplyLitresPerMinute <= 0 || pauses.length === MOST_PAUSES) return null;
    const from = Math.floor(line.firstDryMinute);
    const wanted = Math.min(capacityLitres, line.shortLitres) / supplyLitresPerMinute;
    const minutes = Math.max(STEP_MINUTES, STEP_MINUTES * Math.ceil(wanted / STEP_MINUTES - 1e-9));
    pauses.push({ from, minutes });
    day = waited(day, from, minutes);
  }
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
        ? [{ ...use, to: from }, { ...use, from: from + minutes, to: use.to + minutes }]
        : [{ ...use, from: later(use.from), to: use.to <= from ? use.to : use.to + minutes }],
    ),
  };
} // prettier-ignore
