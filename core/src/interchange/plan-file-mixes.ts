import { companyCatalogue } from '../company/company-catalogue.ts';
import { isReadyToUse } from '../catalogue/agent.ts';
import { mixLife } from '../catalogue/data/mix-life.ts';
import type { Plan } from '../plan/plan.ts';
import { daysAfter } from '../quantity/calendar.ts';
import { clockTime, secondOfDay } from '../quantity/duration.ts';
import { roundToStep } from '../quantity/rounding.ts';
import { applicationsOf, litresByMaking } from '../supply/planned-mix.ts';
import type { PlannedMix } from '../supply/planned-mix.ts';
import type { Survey } from '../survey/survey.ts';
import { mixLetters } from '../visit/mix-letters.ts';
import { makingTimes } from '../visit/making-times.ts';

/** The mixes of a plan: what is in them, what they are for, and who makes them when. */
export function mixesOf(plan: Plan, survey: Survey): readonly Record<string, unknown>[] {
  const catalogue = companyCatalogue(survey.handbook);
  const letters = mixLetters(plan.mixes, plan.work.planned, plan.visit?.schedule ?? null);
  return plan.mixes.map((mix) => {
    const agent = catalogue.agent(mix.agent);
    const [first] = mix.batches;
    return {
      letter: letters.get(mix.stage) ?? null,
      stage: mix.stage,
      agent: mix.agent,
      readyToUse: isReadyToUse(agent),
      strengthGramsPerLitre: first?.card.strengthGramsPerLitre ?? null,
      litres: roundToStep(mix.litres, 0.1),
      keepsHours: isReadyToUse(agent) ? null : mixLife(agent).hours,
      vessel: mix.vessel ?? 'sprayer',
      batches: mix.batches.map(({ count, card }) => ({
        count,
        litres: card.litres,
        strengthGramsPerLitre: card.strengthGramsPerLitre,
        lot: card.stock?.lot ?? null,
        parts: partsOf(card),
      })),
      fillings: fillingsOf(mix, plan, survey),
      applications: applicationsOf(mix).map((one) => ({ ...one, litres: roundToStep(one.litres, 0.01) })),
      parts: first ? partsOf(first.card) : [],
    };
  });
}

function partsOf({ parts }: PlannedMix['batches'][number]['card']) {
  return parts.map((p) => ({
    what: p.what,
    ...(p.litres === null ? {} : { litres: p.litres }),
    ...(p.grams === null ? {} : { grams: p.grams }),
  }));
}

/** Each making by the clock, in as many fillings as it takes. */
function fillingsOf(mix: PlannedMix, plan: Plan, survey: Survey): readonly Record<string, unknown>[] {
  if (!plan.visit) return [];
  const { placements } = plan.visit.schedule;
  const { start, house } = survey.job;
  const date = start === null ? null : daysAfter(start, plan.visits[plan.visitNumber - 1]?.fromDay ?? 0);
  const clock = (seconds: number) => clockTime(secondOfDay(house.dayStart) + seconds);
  return [...litresByMaking(mix, plan.work.planned)].flatMap(([operation, litres]) => {
    const placement = placements.find((p) => p.operation === operation);
    if (!placement) return [];
    const share = plan.work.shares.find(({ person }) => person === placement.person);
    const atSetOut = share && makingTimes(share, placement).find((making) => making.mix.stage === mix.stage);
    const vessel = mix.vessel === 'drum' ? house.gear.drumLitres : house.sprayerLitres;
    const count = Math.max(1, Math.ceil(litres / (vessel ?? litres) - 1e-9));
    return [
      {
        count,
        vessel: mix.vessel ?? 'sprayer',
        litres: roundToStep(litres / count, 0.1),
        date,
        start: clock(atSetOut?.from ?? placement.start),
        by: placement.person,
      },
    ];
  });
}
