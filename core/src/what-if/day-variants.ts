import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { MACHINE_NAMES } from '../catalogue/tool.ts';
import type { MachineKind } from '../catalogue/tool.ts';
import { say } from '../messages/message.ts';
import { plan } from '../plan/plan.ts';
import type { Plan } from '../plan/plan.ts';
import { clockTime, secondOfDay } from '../quantity/duration.ts';
import { lowerFirst } from '../quantity/words.ts';
import { LARGEST_CREW, crewOfSize } from '../survey/crew.ts';
import { withMachineCount } from '../survey/crew-and-machines.ts';
import type { JobHouse } from '../survey/job-detail.ts';
import { USUAL_LUNCH, machineCounts } from '../survey/job-detail.ts';
import type { Survey } from '../survey/survey.ts';
import { workingDay } from '../visit/working-day.ts';
import { paidSeconds, paidWages } from '../visit/crew-hours.ts';

/** The day with one thing otherwise. */
export interface DayVariant {
  readonly id: string;
  readonly name: string;
  /** What it takes to make it so. */
  readonly house: Partial<JobHouse>;
}

/** What comes of a variant. All times in s. */
export interface VariantFigures {
  /** Days of work, over all visits. */
  readonly days: number;
  /** Of the visit that is planned, and when it ends by the clock; null where it has no sequence. */
  readonly visitSeconds: number | null;
  readonly finishSecondOfDay: number | null;
  /** Everybody's time from the start to the end of each day, over all visits; null where one has no sequence. */
  readonly paidSeconds: number | null;
  /** What that costs at everybody's rate; null also where a rate is not told. */
  readonly wages: number | null;
  /** Days that are longer than the working day. */
  readonly tooLong: number;
}

/** Schedules for each visit: enough to compare by, not to order by. */
const BUDGET = 12;

/** One person fewer and one more, one more of the machine that is at work longest, an earlier start, and lunch or none. */
export function dayVariants(survey: Survey, { work }: Pick<Plan, 'work'>): readonly DayVariant[] {
  const { house } = survey.job;
  const people = house.crew.length;
  const company = survey.handbook.people ?? [];
  const sized = (size: number): DayVariant => ({
    id: `people-${size}`,
    name: say('variant/people', { people: size }),
    house: { crew: crewOfSize(house.crew, size, company) },
  });
  const start = secondOfDay(house.dayStart);
  const earlier = Math.max(
    TRADE_DEFAULTS.comparedEarliestSecond,
    start - TRADE_DEFAULTS.comparedEarlierSeconds,
  );
  const dayStart = clockTime(earlier).slice(0, 5);
  const busiest = busiestMachine(house, work.problem.operations);
  const count = busiest ? machineCounts(house)[busiest] : 0;
  return [
    ...(people > 1 ? [sized(people - 1)] : []),
    ...(people < LARGEST_CREW ? [sized(people + 1)] : []),
    ...(busiest
      ? [
          {
            id: `machine-${busiest}`,
            name: say('variant/machine', { machine: lowerFirst(MACHINE_NAMES[busiest]) }),
            house: { machines: withMachineCount(house.machines, busiest, count + 1) },
          },
        ]
      : []),
    ...(earlier < start
      ? [{ id: 'earlier', name: say('variant/earlier', { at: dayStart }), house: { dayStart } }]
      : []),
    house.lunch
      ? { id: 'no-lunch', name: say('variant/no-lunch'), house: { lunch: null } }
      : {
          id: 'lunch',
          name: say('variant/lunch', { minutes: TRADE_DEFAULTS.comparedLunchMinutes }),
          house: { lunch: { ...USUAL_LUNCH, minutes: TRADE_DEFAULTS.comparedLunchMinutes } },
        },
  ];
}

/** Of the kinds of which there are fewer than people, the one that is at work for the most hours. */
function busiestMachine(
  house: JobHouse,
  operations: Plan['work']['problem']['operations'],
): MachineKind | null {
  const counts = machineCounts(house);
  const hours = Object.entries(counts).flatMap(([kind, count]) =>
    count > 0 && count < house.crew.length
      ? [
          {
            kind: kind as MachineKind,
            each:
              operations
                .filter(({ machines }) => machines.includes(kind))
                .reduce((sum, { seconds }) => sum + seconds, 0) / count,
          },
        ]
      : [],
  );
  const [busiest] = hours.filter(({ each }) => each > 0).sort((a, b) => b.each - a.each);
  return busiest?.kind ?? null;
}

/** The survey with a variant taken. */
export const withVariant = (survey: Survey, { house }: Pick<DayVariant, 'house'>): Survey => ({
  ...survey,
  job: { ...survey.job, house: { ...survey.job.house, ...house } },
});

/** What all days of a job take, each sequenced for itself; the caller may stop between two of them. */
export function* variantFigures(survey: Survey, asOf: string): Generator<null, VariantFigures> {
  const { house } = survey.job;
  const people = survey.handbook.people ?? [];
  let [days, tooLong] = [1, 0];
  let [paid, wages]: [number | null, number | null] = [0, 0];
  let visitSeconds: number | null = null;
  let planned = survey.job.visit;
  for (let visit = 1; visit <= days; visit += 1) {
    const made = plan({ ...survey, job: { ...survey.job, visit } }, { asOf, seed: 1, budget: BUDGET });
    days = made.visits.length;
    planned = Math.min(planned, Math.max(1, days));
    const seconds = made.visit?.schedule.makespan ?? null;
    if (visit === planned) visitSeconds = seconds;
    paid = seconds === null || paid === null ? null : paid + paidSeconds(seconds, house);
    const own = seconds === null ? null : paidWages(seconds, house, people);
    wages = own === null || wages === null ? null : wages + own;
    if (seconds !== null && seconds > workingDay(survey).to) tooLong += 1;
    yield null;
  }
  const finishSecondOfDay = visitSeconds === null ? null : secondOfDay(house.dayStart) + visitSeconds;
  return { days, visitSeconds, finishSecondOfDay, paidSeconds: paid, wages, tooLong };
}
