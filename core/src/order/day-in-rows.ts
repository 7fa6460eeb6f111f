import { say } from '../messages/message.ts';
import type { FaceSun } from '../plan/face-sun.ts';
import type { Plan } from '../plan/plan.ts';
import { roundTime, secondOfDay, shortTime } from '../quantity/duration.ts';
import type { Survey } from '../survey/survey.ts';
import type { NamedRound } from './rounds-in-words.ts';

/** One round of a day as a row to be read: all that the drawing of the day shows of it. */
export interface DayRow {
  readonly id: string;
  readonly from: string;
  readonly to: string;
  /** Whose. */
  readonly person: string;
  /** Empty for what is done for the whole site. */
  readonly places: string;
  readonly acts: string;
  /** "to 10:20", of each section that dwells from it on. */
  readonly dwells: readonly string[];
  /** When strips are kept wet in it. */
  readonly mists: readonly string[];
  /** Whether the sun is on what is worked at; empty where that is not known or does not matter. */
  readonly sun: string;
  readonly why: string;
}

/**
 * A day in the order of time, as rows of a table.
 * @param named the rounds of the plan
 * @param why by the id of each, as it is told
 */
export function dayInRows(
  plan: Plan,
  { job: { house } }: Survey,
  named: readonly NamedRound[],
  sun: FaceSun | null,
  why: ReadonlyMap<string, string>,
): readonly DayRow[] {
  const dayStart = secondOfDay(house.dayStart);
  const at = new Map(plan.visit?.schedule.placements.map((placed) => [placed.operation, placed]));
  const startOf = (operation: string) => at.get(operation)?.start ?? 0;
  const { watches, fronts } = plan.work.problem;
  const mists = fronts.flatMap(({ strips }) => strips.flatMap((strip) => strip.mists));
  return named
    .toSorted((a, b) => a.start - b.start || a.finish - b.finish)
    .map((round): DayRow => {
      const own = new Set(round.operations.map(({ id }) => id));
      const isSite = round.places === '';
      return {
        id: round.id,
        from: roundTime(dayStart + round.start),
        to: roundTime(dayStart + round.finish),
        person: house.crew.find(({ id }) => id === round.person)?.name ?? round.person,
        places: round.places,
        acts: round.acts,
        dwells: watches
          .filter(({ from }) => own.has(from))
          .map(({ to }) => say('day-row/dwells', { until: shortTime(dayStart + startOf(to)) })),
        mists: mists
          .filter(({ operation }) => own.has(operation))
          .map(({ operation, from }) => shortTime(dayStart + startOf(operation) + from)),
        sun: isSite || sun === null ? '' : inSun(round, sun, at),
        why: why.get(round.id) ?? '',
      };
    });
}

function inSun(
  { operations }: NamedRound,
  { surfaces }: FaceSun,
  at: ReadonlyMap<string, { readonly start: number; readonly finish: number }>,
): string {
  const lit = operations.map(({ id, parts }) => {
    const placed = at.get(id);
    const spans = surfaces.get(parts[0]?.surface ?? '') ?? [];
    return spans.some(({ from, to }) => placed !== undefined && from < placed.finish && placed.start < to);
  });
  if (lit.every((one) => !one)) return say('day-row/shade');
  return lit.every(Boolean) ? say('day-row/sun') : say('day-row/part-sun');
}
