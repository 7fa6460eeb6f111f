import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { secondOfDay } from '../quantity/duration.ts';
import type { Warning } from '../warnings/warning.ts';
import { withPin } from '../survey/round-pin.ts';
import type { RoundPin } from '../survey/round-pin.ts';
import type { Survey } from '../survey/survey.ts';

/** What comes of fixing a piece of the work, before it is fixed. */
export interface PinTrial {
  /** By how much the visit ends later, s, below 0 for earlier; null where no sequence is found with it. */
  readonly laterSeconds: number | null;
  /** When the visit would end, s after midnight; null where no sequence is found with it. */
  readonly finishSecondOfDay: number | null;
  /** Why it would be planned without it: nobody by that name, no ticket; null where it holds. */
  readonly void: string | null;
  /** Other pins without any one of which it would go, as they are called; none where nothing of the kind was found. */
  readonly clashesWith: readonly string[];
  /** What the plan warns of with it, and not without. */
  readonly warnings: readonly string[];
}

/** Schedules for each trial: enough to tell what a pin costs, not to order by. */
const BUDGET = 40;

/** A survey with a piece of its work fixed. */
export function withPinned(survey: Survey, pin: RoundPin): Survey {
  const { house } = survey.job;
  const pins = withPin(house.pins ?? [], pin);
  return { ...survey, job: { ...survey.job, house: { ...house, pins } } };
}

/**
 * The visit with and without a pin, each searched as long. Where none is found with it: the other pins that it takes for that, none of
 * which could be left out. That nothing is found is no proof that there is none.
 */
export function* pinTrial(survey: Survey, pin: RoundPin, asOf: string): Generator<null, PinTrial> {
  const planned = (of: Survey): Plan => plan(of, { asOf, seed: 1, budget: BUDGET });
  const seconds = ({ visit }: Plan) => visit?.schedule.makespan ?? null;
  const now = planned(survey);
  const before = seconds(now);
  const about = ({ rule, surface, params }: Warning) => [rule, surface, params['place']].join(' ');
  const known = new Set(now.warnings.map(about));
  yield null;
  const made = planned(withPinned(survey, pin));
  const after = seconds(made);
  yield null;
  const voided = made.warnings.find(
    ({ rule, params }) => rule === 'pin-void' && params['place'] === pin.name,
  );
  return {
    laterSeconds: after === null || before === null ? null : after - before,
    finishSecondOfDay: after === null ? null : secondOfDay(survey.job.house.dayStart) + after,
    void: voided?.text ?? null,
    warnings: made.warnings
      .filter((one) => !known.has(about(one)) && one.rule !== 'pin-void')
      .map(({ text }) => text),
    clashesWith: after === null && before !== null ? yield* clashing(survey, pin, planned) : [],
  };
}

/** Of the pins that stand, those that are needed for the clash: one after the other is let go for good where it clashes without it too. */
function* clashing(
  survey: Survey,
  pin: RoundPin,
  planned: (of: Survey) => Plan,
): Generator<null, readonly string[]> {
  const { house } = survey.job;
  let left = withPin(house.pins ?? [], pin).filter((one) => one !== pin);
  for (const one of left) {
    const without = left.filter((other) => other !== one);
    const pins = [...without, pin];
    const { visit } = planned({ ...survey, job: { ...survey.job, house: { ...house, pins } } });
    yield null;
    if (!visit) left = without;
  }
  return left.map(({ name }) => name);
}
