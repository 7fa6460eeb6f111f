import { houseCatalogue } from '../house/house-catalogue.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { bestHour, cycleDay } from './cycle-day.ts';
import type { CycleHour } from './cycle-day.ts';
import { FaceHours } from './face-hours.ts';
import type { Derivation } from './plan.ts';

/** One wet cycle through the day of its visit. */
export interface CycleDay {
  readonly cycle: string;
  readonly surface: string;
  readonly name: string;
  readonly side: string | null;
  readonly agent: string;
  readonly hours: readonly CycleHour[];
  /** Of the working day; null where none is workable. */
  readonly best: CycleHour | null;
  /** Hours of the working day, by the clock. */
  readonly working: readonly number[];
}

/**
 * How sections and clocks of every wet cycle change by hour and side.
 * @param only ids of the surfaces that are asked about; null for all
 */
export function sectionsByHour(
  plan: Pick<Derivation, 'surfaces' | 'date'>,
  survey: Survey,
  only: ReadonlySet<string> | null = null,
): readonly CycleDay[] {
  const faces = faced(survey);
  const hours = new FaceHours(faces, plan.date);
  const catalogue = houseCatalogue(survey.handbook);
  const alone = survey.job.house.crew.length === 1;
  return plan.surfaces.flatMap(({ surface, treatment, cycles }) => {
    if (only && !only.has(surface.id)) return [];
    const working = hours.working(surface).map((h) => h.hour);
    return cycles
      .filter((cycle) => cycle.mode !== 'leave-on')
      .map((cycle) => {
        const stages = (treatment?.stages ?? []).filter((s) => s.cycle === cycle.apply.cycle);
        const day = cycleDay({ surface, stages, hours: hours.of(surface), catalogue, alone });
        return {
          cycle: cycle.id,
          surface: surface.id,
          name: surface.name,
          side: surface.side,
          agent: cycle.apply.apply.agent,
          hours: day,
          best: bestHour(day.filter((h) => working.includes(h.hour))),
          working,
        };
      });
  });
}

/** The hour and the face that are easiest of all, and those that should not be worked in their hardest hour. */
export function bestOfDay(
  days: readonly CycleDay[],
): { readonly day: CycleDay; readonly hour: CycleHour } | null {
  return days.reduce<{ day: CycleDay; hour: CycleHour } | null>((best, day) => {
    const hour = day.best;
    if (!hour) return best;
    return best === null || hour.sectionSquareMetres > best.hour.sectionSquareMetres ? { day, hour } : best;
  }, null);
}
