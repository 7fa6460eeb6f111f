import { companyCatalogue } from '../company/company-catalogue.ts';
import { CATALOGUE, lookAlikeById, quickTestById } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { mostProbable } from '../diagnosis/belief.ts';
import { posteriorOf } from '../diagnosis/evidence.ts';
import { priorOf, siteOf } from '../diagnosis/prior.ts';
import { ABSORPTION_TEST, testsOn } from '../survey/surface-test.ts';
import type { Mark } from '../survey/mark.ts';
import type { Survey } from '../survey/survey.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { proposedTests } from './proposed-tests.ts';
import type { ProposedTest } from './proposed-tests.ts';

export interface WeighedCandidate {
  readonly id: string;
  readonly name: string;
  readonly probability: number;
  /** It would stay whatever is done: an expectation, not a finding. */
  readonly permanent: boolean;
}

export interface MarkDiagnosis {
  /** The most probable first. */
  readonly candidates: readonly WeighedCandidate[];
  /** Passed the threshold: may be settled as this; null while it is open. */
  readonly decided: WeighedCandidate | null;
  /** Tests not done yet: those that may be done here first, of these the one that settles most. */
  readonly tests: readonly ProposedTest[];
}

/** What a diagnosis looks at. */
type DiagnosedSurvey = Pick<
  Survey,
  'property' | 'surfaces' | 'sides' | 'features' | 'tests' | 'handbook' | 'job'
>;

/**
 * What a mark may be after the tests that were done on it, and which test is worth doing next; null for a mark that was told
 * by its cue.
 *
 * @param spot where the next test would be done; agents that oppose each other never share one
 */
export function markDiagnosis(mark: Mark, survey: DiagnosedSurvey, spot = ''): MarkDiagnosis | null {
  const surface = survey.surfaces.find((s) => s.id === mark.surface);
  if (!surface || mark.lookAlike === null) return null;
  const group = lookAlikeById(mark.lookAlike);
  const earlier = testsOn(survey.tests, mark.surface);
  const done = earlier.filter((t) => t.mark === mark.id && t.test !== ABSORPTION_TEST);
  const evidence = done.flatMap(({ test, outcome }) =>
    outcome === null ? [] : [{ test: quickTestById(test), outcome }],
  );
  const belief = posteriorOf(priorOf(group, siteOf(surface, survey)), evidence);
  const candidates = [...belief]
    .map(([id, probability]) => ({ id, probability, ...namedCandidate(id) }))
    .sort((a, b) => b.probability - a.probability);
  const best = mostProbable(belief);
  const tests = proposedTests(
    belief,
    group.tests.filter((id) => !done.some((t) => t.test === id)).map(quickTestById),
    {
      states: plausibleStates(surface, { ...survey, catalogue: companyCatalogue(survey.handbook) }),
      earlier,
      spot,
    },
  );
  const decided = best.probability >= TRADE_DEFAULTS.surenessNeeded;
  return { candidates, decided: decided ? (candidates[0] ?? null) : null, tests };
}

function namedCandidate(id: string): { readonly name: string; readonly permanent: boolean } {
  const permanent = CATALOGUE.permanentMarks.find((m) => m.id === id);
  if (permanent) return { name: permanent.name, permanent: true };
  const name = CATALOGUE.contaminants.find((c) => c.id === id)?.name;
  return { name: name ?? id, permanent: false };
}
