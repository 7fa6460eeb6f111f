import type { PlannedMix } from '../supply/planned-mix.ts';
import type { LotUse } from '../supply/stock-shelf.ts';
import { productAmounts } from '../supply/product-amounts.ts';
import type { ProductAmount } from '../supply/product-amounts.ts';
import type { Schedule, TimeSpan } from '../sequence/problem.ts';
import type { DecidedFront } from './decided-fronts.ts';
import { daysAfter } from '../quantity/calendar.ts';
import type { FacedSurvey } from '../survey/face.ts';
import { choiceWarnings } from '../warnings/choice-warnings.ts';
import { apartNotes } from '../warnings/chemistry-warnings.ts';
import { ENGINE_VERSION, facedHash } from './inputs-hash.ts';
import { exposures } from '../protection/exposed-faces.ts';
import { eventWarnings } from '../warnings/event-warnings.ts';
import { exposureWarnings } from '../warnings/exposure-warnings.ts';
import { plannedMixes } from '../visit/planned-mixes.ts';
import { sharedStrengths } from '../visit/shared-strengths.ts';
import { FaceHours } from '../wet-cycle/face-hours.ts';
import { reachWarnings } from '../readiness/face-reach.ts';
import type { NoSun } from '../wet-cycle/face-hours.ts';
import { keptApart, wetAndDry } from '../protection/kept-apart.ts';
import { inVisit } from '../protection/property-visits.ts';
import { ALONE_ALL_DAY, plannedSurface } from '../wet-cycle/planned-surface.ts';
import { treatedSurfaces } from '../proposal/treated-surface.ts';
import type { PlannedSurface, WaysToWork } from '../wet-cycle/planned-surface.ts';
import { companyWarnings } from '../warnings/company-warnings.ts';
import { protectionsFor } from '../visit/protections.ts';
import type { Protection } from '../protection/protection-acts.ts';
import { jetWarnings } from '../visit/jet-match.ts';
import { coverageWarnings } from '../warnings/coverage-warnings.ts';
import { readingWarnings } from '../warnings/reading-warnings.ts';
import { dayRoom } from '../visit/day-room.ts';
import { visitPhases } from '../visit/joined-phases.ts';
import { inWorkingDay } from '../visit/working-day.ts';
import { visitWork } from '../visit/visit-work.ts';
import type { VisitWork } from '../visit/visit-work.ts';
import { openQuestions } from '../readiness/open-questions.ts';
import type { Question } from '../readiness/question.ts';
import { propertyVisits } from '../protection/property-visits.ts';
import type { PropertyVisit } from '../protection/property-visits.ts';
import { sprayerWarnings } from '../warnings/sprayer-warnings.ts';
import { stockWarnings } from '../warnings/stock-warnings.ts';
import { patchWarnings } from '../readiness/test-patches.ts';
import {
  questionStops,
  surfaceWarnings,
  visitNumberWarnings,
  visitWarnings,
} from '../warnings/surface-warnings.ts';
import type { Warning } from '../warnings/warning.ts';

/** Everything that is derived from a survey; nothing in it was decided by search. */
export interface Derivation {
  readonly engine: string;
  readonly inputsHash: string;
  readonly surfaces: readonly PlannedSurface[];
  /** All comings of the crew; the one that is planned is `visitNumber`. */
  readonly visits: readonly PropertyVisit[];
  readonly visitNumber: number;
  /** Day of the visit, YYYY-MM-DD at the earliest; null while the job has none. */
  readonly date: string | null;
  /** Why the sun on the faces is not worked out; null where it is. */
  readonly noSun: NoSun | null;
  readonly mixes: readonly PlannedMix[];
  /** What is taken of the lots on the shelf. */
  readonly lotUses: readonly LotUse[];
  readonly products: readonly ProductAmount[];
  readonly protections: readonly Protection[];
  readonly questions: readonly Question[];
  readonly work: VisitWork;
  readonly warnings: readonly Warning[];
}

/** What was decided: saved with an order, checked and never re-solved when it is issued. */
export interface DecidedVisit {
  readonly fronts: readonly DecidedFront[];
  readonly schedule: Schedule;
  /** When nobody draws water and the tap fills the tank, s from its start; left out where it lasts. */
  readonly refills?: readonly TimeSpan[];
}

/** Survey of faces → everything derived from it, with fronts worked by the hands and in the hours that are given. */
export function derived(survey: FacedSurvey, ways?: WaysToWork): Derivation {
  return derivationOf(survey)(ways);
}

/**
 * The same for any ways to work, without what does not hang on them being done again.
 * Each line is a pure step; later ones need only what stands above them.
 */
export function derivationOf(given: FacedSurvey): (ways?: WaysToWork) => Derivation {
  const survey = inWorkingDay(given);
  const { hours, kept, ...before } = treated(survey, facedHash(given));
  const byOne = before.surfaces.map((surface) => plannedSurface(surface, survey, hours));
  return (ways = ALONE_ALL_DAY) => {
    const surfaces = byOne.map((planned) =>
      planned.cycles.some(({ id }) => ways.hands.has(id) || ways.hours.has(id))
        ? plannedSurface(planned, survey, hours, ways)
        : planned,
    );
    const phases = visitPhases(surfaces, kept);
    const { mixes, lotUses } = plannedMixes(surfaces, phases.joined, survey, before.date);
    const work = visitWork(surfaces, kept, phases, mixes, before.protections, survey);
    return {
      ...before,
      noSun: hours.noSun,
      surfaces,
      mixes,
      lotUses,
      products: productAmounts(mixes, survey.catalogue),
      work,
      warnings: [
        ...before.warnings,
        ...surfaces.flatMap(surfaceWarnings),
        ...apartNotes(work.meetings, surfaces, survey).map((note) => note.warning),
        ...work.people,
        ...stockWarnings(mixes, survey, before.date),
      ],
    };
  };
}

/** What figures of a job are read off: its treatments, visits, fronts and mixes. */
export type FiguredPlan = Pick<Derivation, 'surfaces' | 'visits' | 'mixes' | 'products'>;

/** As much of a derivation as its figures need: no work, no warnings, no hash. */
export function derivedFigures(given: FacedSurvey, ways?: WaysToWork): FiguredPlan {
  const survey = inWorkingDay(given);
  const { surfaces, kept, visits, date, hours } = visitOf(survey);
  const planned = surfaces.map((surface) => plannedSurface(surface, survey, hours, ways));
  const { mixes } = plannedMixes(planned, visitPhases(planned, kept).joined, survey, date);
  return {
    surfaces: planned,
    visits,
    mixes,
    products: productAmounts(mixes, survey.catalogue),
  };
}

/** Every face treated, and as it is in the visit that is planned: kept apart from what it must not meet. */
function visitOf(survey: FacedSurvey) {
  // What takes how long is ranked by the first day: the day of a visit follows from the treatments.
  const firstDay = new FaceHours(survey, survey.job.start);
  const whole = treatedSurfaces(survey, (face) => firstDay.hardest(face).air);
  const visits = propertyVisits(
    whole.map((p) => ({ surface: p.surface.id, parts: p.treatment?.parts ?? [] })),
    wetAndDry(whole, survey),
    dayRoom(whole, survey, firstDay),
  );
  // A visit that is no more, because the treatment got shorter, is the last one that there is.
  const visitNumber = Math.max(1, Math.min(survey.job.visit, visits.length));
  const date =
    survey.job.start === null ? null : daysAfter(survey.job.start, visits[visitNumber - 1]?.fromDay ?? 0);
  const hours = date === survey.job.start ? firstDay : new FaceHours(survey, date);
  const kept = keptApart(
    whole.map((p) => inVisit(p, visits[visitNumber - 1])),
    survey,
  );
  return { surfaces: sharedStrengths(kept.surfaces, survey), whole, kept, visits, visitNumber, date, hours };
}

/** The steps before anything is cut into fronts. */
function treated(survey: FacedSurvey, inputsHash: string) {
  const { surfaces, whole, kept, visits, visitNumber, date, hours } = visitOf(survey);
  const questions = openQuestions(survey);
  const exposed = exposures(survey, kept.guarded);
  return {
    engine: ENGINE_VERSION,
    inputsHash,
    surfaces,
    visits,
    visitNumber,
    date,
    hours,
    kept,
    protections: protectionsFor(survey, surfaces, exposed),
    questions,
    warnings: [
      ...questionStops(questions),
      ...visitWarnings(survey, surfaces),
      ...choiceWarnings(survey, surfaces),
      ...sprayerWarnings(surfaces, survey.job.house),
      ...visitNumberWarnings(survey, visitNumber),
      ...reachWarnings(surfaces, survey),
      ...jetWarnings(surfaces, survey),
      ...readingWarnings(surfaces, survey, date),
      ...eventWarnings(whole, visits, survey),
      ...coverageWarnings(surfaces, survey),
      ...exposureWarnings(exposed, survey, surfaces),
      ...companyWarnings(survey, surfaces),
      ...surfaces.flatMap(({ surface, treatment }) => patchWarnings(surface, treatment, survey)),
    ],
  };
}
