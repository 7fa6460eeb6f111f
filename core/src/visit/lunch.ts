import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { roughBound } from '../sequence/lower-bound.ts';
import type { SequenceProblem } from '../sequence/problem.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import type { CrewHours } from './crew-hours.ts';
import type { WorkBuilder } from './work-builder.ts';

/** Nobody works there, so that nothing that dwells anywhere is watched from it. */
const AT_LUNCH = 'lunch';

/**
 * A pause for each person who is there over its hours, within them, between setting out and clearing up. None where the visit is over by then.
 *
 * @param without the visit without it
 */
export function addLunches(
  builder: WorkBuilder,
  without: () => SequenceProblem,
  there: readonly CrewHours[],
  { lunch, dayStart }: Pick<JobHouse, 'lunch' | 'dayStart'>,
): void {
  if (!lunch) return;
  const begin = secondOfDay(dayStart);
  const [from, to] = [secondOfDay(lunch.from) - begin, secondOfDay(lunch.to) - begin];
  const seconds = 60 * lunch.minutes;
  const likelyEnd = TRADE_DEFAULTS.visitLikelyFactor * roughBound(without());
  if (to - seconds < 0 || likelyEnd <= to) return;
  for (const { person, from: comes, until } of there) {
    // Who is there only before or after it has theirs elsewhere.
    if (comes > from || (until !== null && until < to)) continue;
    const id = `lunch.${person}`;
    builder.add(
      {
        id,
        cluster: id,
        seconds,
        zone: AT_LUNCH,
        place: AT_LUNCH,
        people: [person],
        starts: [{ from: Math.max(0, from), to: to - seconds }],
      },
      { task: 'lunch', parts: [], stages: [], section: null, areaSquareMetres: null },
    );
    builder.allAfter([id], [`set-out.${person}`], 'lunch');
    builder.allAfter([`clear-up.${person}`], [id], 'lunch');
  }
}
