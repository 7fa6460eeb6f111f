import { say } from '../messages/message.ts';
import type { TreatedSurface } from '../proposal/treated-surface.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { cycleDay, hoursInWords } from './cycle-day.ts';
import type { CycleDayInput } from './cycle-day.ts';
import type { FaceHour, FaceHours } from './face-hours.ts';
import { gentleHours } from './gentle-hours.ts';
import type { HourRange } from './hour-range.ts';
import type { Hands } from '../wetting/cycle-front.ts';
import { cycleId, wetCyclePlan } from './wet-cycle-plan.ts';
import type { WetCyclePlan } from './wet-cycle-plan.ts';

/** One surface with its wet cycles as they are worked. */
export interface PlannedSurface extends TreatedSurface {
  readonly cycles: readonly WetCyclePlan[];
  /** The working hour that its fronts are made for; null where the sun is not worked out, or nothing stays wet. */
  readonly hardestHour: FaceHour | null;
  /** The hardest working hour of the whole day, whatever it is worked in. */
  readonly dayHour: FaceHour;
  /** The hours that it is worked in; null for any of the working day. */
  readonly within: HourRange | null;
  /** Hours in which it dries much slower than in the hardest; null where all are about alike. */
  readonly gentle: HourRange | null;
}

/** How fronts are worked otherwise than by one person at any hour of the day. */
export interface WaysToWork {
  readonly hands: HandsOf;
  readonly hours: HoursOf;
}

/** Who works a cycle otherwise than one person alone, by the id of the cycle. */
export type HandsOf = ReadonlyMap<string, Hands>;
/** Hours that the fronts of a cycle are made for, by the id of the cycle; all cycles of a face have the same. */
export type HoursOf = ReadonlyMap<string, HourRange>;

export const ALONE_ALL_DAY: WaysToWork = { hands: new Map(), hours: new Map() };

/** The wet cycles of a treated surface as fronts that hold in its hardest working hour, of those that it is worked in. */
export function plannedSurface(
  treated: TreatedSurface,
  survey: FacedSurvey,
  faceHours: FaceHours,
  ways: WaysToWork = ALONE_ALL_DAY,
): PlannedSurface {
  const { surface } = treated;
  const stages = treated.treatment?.stages ?? [];
  const numbers = [...new Set(stages.flatMap((s) => (s.cycle === null ? [] : [s.cycle])))];
  const [within = null] = numbers.flatMap((n) => ways.hours.get(cycleId(surface.id, n)) ?? []);
  const hardest = faceHours.hardest(surface, within);
  const common = { surface, catalogue: survey.catalogue };
  const cycles = numbers.map((number) => {
    const own = stages.filter((s) => s.cycle === number);
    const by = ways.hands.get(cycleId(surface.id, number)) ?? 'one';
    const people = survey.job.house.crew.length;
    const cycle = wetCyclePlan({ ...common, hands: by, people, stages: own, air: hardest.air });
    if (cycle.unworkable === null || faceHours.noSun !== null) return cycle;
    return {
      ...cycle,
      unworkable: say('cycle/at-hour', {
        why: cycle.unworkable,
        when: whenWorkable({ ...common, stages: own, hours: faceHours.of(surface) }, hardest.hour),
      }),
    };
  });
  return {
    ...treated,
    cycles,
    hardestHour: faceHours.noSun === null && cycles.length > 0 ? hardest : null,
    dayHour: faceHours.hardest(surface),
    within,
    gentle: gentleHours(faceHours.working(surface)),
  };
}

/** The hours of the day in which it could be worked. */
function whenWorkable(input: CycleDayInput, hardest: number): string {
  const hours = cycleDay(input).flatMap((h) => (h.workable ? [h.hour] : []));
  const hour = `${String(hardest).padStart(2, '0')}:00`;
  return hours.length === 0
    ? say('cycle/no-hour', { hour })
    : say('cycle/hours', { hour, hours: hoursInWords(hours) });
}
