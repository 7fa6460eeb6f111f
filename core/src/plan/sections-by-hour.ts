import { say } from '../messages/message.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { faced } from '../survey/face.ts';
import type { Survey } from '../survey/survey.ts';
import { bestHour, cycleDay, hoursInWords } from '../wet-cycle/cycle-day.ts';
import type { CycleHour } from '../wet-cycle/cycle-day.ts';
import { FaceHours } from '../wet-cycle/face-hours.ts';
import type { Derivation } from './derivation.ts';

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
  const { catalogue } = faces;
  return plan.surfaces.flatMap(({ surface, treatment, cycles }) => {
    if (only && !only.has(surface.id)) return [];
    const working = hours.working(surface).map((h) => h.hour);
    return cycles
      .filter((cycle) => cycle.mode !== 'leave-on')
      .map((cycle) => {
        const stages = (treatment?.stages ?? []).filter((s) => s.cycle === cycle.apply.cycle);
        const day = cycleDay({ surface, stages, hours: hours.of(surface), catalogue });
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

/** How one side dries in the working day. */
export interface SideDrying {
  readonly side: string;
  /** In its hardest hour, mm/h. */
  readonly evaporationMillimetresPerHour: number;
  readonly hour: number;
}

/** Sides by how fast they dry in their hardest working hour, the gentlest first. */
export function sidesByDrying(days: readonly CycleDay[]): readonly SideDrying[] {
  const sides = new Map<string, SideDrying>();
  for (const { side, hours, working } of days) {
    if (side === null) continue;
    for (const { hour, evaporationMillimetresPerHour } of hours) {
      const hardest = sides.get(side);
      if (
        working.includes(hour) &&
        evaporationMillimetresPerHour > (hardest?.evaporationMillimetresPerHour ?? -Infinity)
      )
        sides.set(side, { side, hour, evaporationMillimetresPerHour });
    }
  }
  return [...sides.values()].sort(
    (a, b) => a.evaporationMillimetresPerHour - b.evaporationMillimetresPerHour,
  );
}

/** When a cycle is best worked, in words. */
export function bestHours({ hours, working, best }: CycleDay): string {
  if (best === null) return say('hours/none');
  const day = hours.filter((h) => working.includes(h.hour));
  const easy = day.filter(
    (h) =>
      h.workable &&
      h.misted === best.misted &&
      h.wetSquareMetres >= best.wetSquareMetres * TRADE_DEFAULTS.easyHourShare,
  );
  return easy.length === day.length ? say('hours/any') : hoursInWords(easy.map((h) => h.hour));
}
