import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { contradictionInWords } from '../plan/contradiction-words.ts';
import { derivationOf } from '../plan/derivation.ts';
import { secondOfDay } from '../quantity/duration.ts';
import { contradiction } from '../sequence/contradiction.ts';
import { faced } from '../survey/face.ts';
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
  /** Why it cannot be, which is certain; null where it can, or where that is not known. */
  readonly impossible: string | null;
  /** Why it would be planned without it: nobody by that name, no ticket; null where it holds. */
  readonly void: string | null;
  /** Other pins that it takes for that, none of which could be left out, as they are called; none where it takes none. */
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
 * The visit with and without a pin, each searched as long. Where none is found with it: the other pins that it takes for that. That
 * nothing is found is no proof that there is none; where lags and hours contradict each other there is.
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
  const isWorse = after === null && before !== null;
  const impossible = after === null ? contradictionInWords(made, survey.job.house.dayStart) : null;
  const goes = (of: Survey): boolean =>
    impossible === null ? planned(of).visit !== null : contradiction(problemOf(of)) === null;
  return {
    impossible,
    laterSeconds: after === null || before === null ? null : after - before,
    finishSecondOfDay: after === null ? null : secondOfDay(survey.job.house.dayStart) + after,
    void: voided?.text ?? null,
    warnings: made.warnings
      .filter((one) => !known.has(about(one)) && one.rule !== 'pin-void')
      .map(({ text }) => text),
    clashesWith: isWorse ? yield* clashing(survey, pin, goes) : [],
  };
}

/** Of the pins that stand, those that are needed for the clash: one after the other is let go for good where it clashes without it too. */
function* clashing(
  survey: Survey,
  pin: RoundPin,
  goes: (of: Survey) => boolean,
): Generator<null, readonly string[]> {
  const { house } = survey.job;
  let left = withPin(house.pins ?? [], pin).filter((one) => one !== pin);
  for (const one of left) {
    const without = left.filter((other) => other !== one);
    const pins = [...without, pin];
    const isOpen = goes({ ...survey, job: { ...survey.job, house: { ...house, pins } } });
    yield null;
    if (!isOpen) left = without;
  }
  return left.map(({ name }) => name);
}

const problemOf = (survey: Survey) => derivationOf(faced(survey))().work.problem;
