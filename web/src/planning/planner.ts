import { betterPlans, dayRisk, jobSupply, pinTrial, variantFigures, whatIf } from '@etappe/core';
import type {
  DayRisk,
  DecidedVisit,
  JobProduct,
  PinTrial,
  RoundPin,
  Plan,
  Survey,
  VariantFigures,
  WhatIf,
} from '@etappe/core';
import { expose } from 'comlink';

/** The seed is fixed: the same survey gets the same plans one after the other, as far as the device comes in its time. */
const SEED = 1;
/** A few schedules for who looks at something else; where the sequence is looked at, more than a device makes in its time. */
const BRIEF = { moves: 12, milliseconds: 1500 };
const THOROUGH = { moves: 1_000_000, milliseconds: 5000 };
/** A day that is too long is searched for longer: that it is too long must not hang on a slow device. */
const LONGEST_SEARCH_OF_LONG_DAY_MILLISECONDS = 10_000;

/** For so long it works without looking up. */
const BREATH_MILLISECONDS = 12;

let latest = 0;
let stopped = 0;

/** Lets whatever else is asked come in between two steps. */
async function withPauses<Result>(steps: Generator<null, Result>): Promise<Result> {
  let step = steps.next();
  while (!step.done) {
    await new Promise((resolve) => setTimeout(resolve, 0));
    step = steps.next();
  }
  return step.value;
}

const planner = {
  /**
   * Ever better plans of a survey, until the search ends, its time is up, it is stopped or a newer survey comes.
   * @param found is told of each plan with the milliseconds it took; awaited, so that none arrives after the end
   * @returns whether it came to its end
   */
  async plan(
    request: number,
    survey: Survey,
    asOf: string,
    isThorough: boolean,
    found: (plan: Plan, milliseconds: number) => void | Promise<void>,
  ): Promise<boolean> {
    latest = request;
    const began = performance.now();
    let any = false;
    let breathed = began;
    const { moves, milliseconds: usual } = isThorough ? THOROUGH : BRIEF;
    let longest = usual;
    for (const plan of betterPlans(survey, { asOf, seed: SEED, budget: moves })) {
      const now = performance.now();
      const milliseconds = now - began;
      if (!plan && now - breathed < BREATH_MILLISECONDS) continue;
      // Lets a newer request in between two moves, and within a long one; a plan of an older survey is not worth handing over.
      await new Promise((resolve) => setTimeout(resolve, 0));
      breathed = performance.now();
      if (latest !== request) return false;
      if (plan) await found(plan, milliseconds);
      any ||= plan !== null;
      if (plan)
        longest = plan.warnings.some(({ rule }) => rule === 'day-too-long')
          ? LONGEST_SEARCH_OF_LONG_DAY_MILLISECONDS
          : usual;
      // The first plan is waited for; how long that takes at most is bounded by the engine.
      if (any && (stopped === request || performance.now() - began > longest)) return true;
    }
    return true;
  },

  /** Ends the search for a request with what it has found. */
  stop(request: number): void {
    stopped = request;
  },

  /** What a change would change; the search for a sequence lets it in between two moves. */
  whatIf(survey: Survey, changed: Survey): WhatIf {
    return whatIf(survey, changed);
  },

  /** What all visits take together. */
  jobSupply(survey: Survey, fronts: DecidedVisit['fronts']): readonly JobProduct[] {
    return jobSupply(survey, fronts);
  },

  /** What all days of a survey take; whatever else is asked comes in between two of them. */
  variant(survey: Survey, asOf: string): Promise<VariantFigures> {
    return withPauses(variantFigures(survey, asOf));
  },

  /** What comes of fixing a piece of the work. */
  pinTrial(survey: Survey, pin: RoundPin, asOf: string): Promise<PinTrial> {
    return withPauses(pinTrial(survey, pin, asOf));
  },

  /** How sure the day of a plan is. */
  dayRisk(plan: Plan, survey: Survey): DayRisk | null {
    return dayRisk(plan, survey);
  },
};

export type Planner = typeof planner;

expose(planner);
