import { say } from '../messages/message.ts';
import type { Catalogue } from '../catalogue/catalogue.ts';
import { roundToStep } from '../quantity/rounding.ts';
import type { Stage } from '../treatment/stage.ts';
import type { FaceHour } from './face-hours.ts';
import { cycleParts } from './cycle-parts.ts';
import type { Measured } from './cycle-parts.ts';

/** One wet cycle as it would be in one hour. */
export interface CycleHour {
  readonly hour: number;
  readonly netRadiationWattsPerSquareMetre: number;
  readonly temperatureC: number;
  readonly evaporationMillimetresPerHour: number;
  readonly filmMinutes: number;
  readonly dryOutMinutes: number;
  /** What could be wet at once; 0 where it cannot be worked. */
  readonly wetSquareMetres: number;
  /** It must be kept wet by mists. */
  readonly misted: boolean;
  readonly workable: boolean;
}

export interface CycleDayInput {
  readonly surface: Measured;
  /** Of one cycle. */
  readonly stages: readonly Stage[];
  readonly hours: readonly FaceHour[];
  readonly catalogue: Catalogue;
}

/** How the front and the clocks of one cycle change over the day. */
export function cycleDay({ hours, ...cycle }: CycleDayInput): readonly CycleHour[] {
  return hours.map(({ hour, air, evaporationMillimetresPerHour }) => {
    const { apply, clocks, pace, front } = cycleParts({ ...cycle, air });
    const workable = pace === null || front !== null;
    const wet = front?.greatestWetSquareMetres ?? apply.areaSquareMetres;
    return {
      hour,
      netRadiationWattsPerSquareMetre: air.netRadiationWattsPerSquareMetre,
      temperatureC: air.temperatureC,
      evaporationMillimetresPerHour,
      filmMinutes: clocks.filmMinutes,
      dryOutMinutes: clocks.dryOutMinutes,
      wetSquareMetres: workable ? roundToStep(wet, 0.1) : 0,
      misted: (front?.strips.mist ?? null) !== null,
      workable,
    };
  });
}

/** The best hour to work: the most wet at once, of equals the one that stays wet longest; null where none is workable. */
export function bestHour(day: readonly CycleHour[]): CycleHour | null {
  return day.reduce<CycleHour | null>(
    (best, hour) => (hour.workable && (best === null || isBetter(hour, best)) ? hour : best),
    null,
  );
}

function isBetter(a: CycleHour, b: CycleHour): boolean {
  return a.wetSquareMetres === b.wetSquareMetres
    ? a.evaporationMillimetresPerHour < b.evaporationMillimetresPerHour
    : a.wetSquareMetres > b.wetSquareMetres;
}

/** Hours in a row in words: "08:00 to 10:00 and 17:00 to 20:00"; empty where there is none. */
export function hoursInWords(hours: readonly number[]): string {
  const spans: { from: number; to: number }[] = [];
  for (const hour of hours) {
    const last = spans.at(-1);
    if (last?.to === hour) last.to = hour + 1;
    else spans.push({ from: hour, to: hour + 1 });
  }
  const clock = (hour: number) => `${String(hour).padStart(2, '0')}:00`;
  return spans
    .map(({ from, to }) => say('hours/span', { from: clock(from), to: clock(to) }))
    .reduce((one, other) => (one === '' ? other : say('hours/and', { one, other })), '');
}
