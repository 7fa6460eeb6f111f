import { companyCatalogue } from '../company/company-catalogue.ts';
import { quickTestById } from '../catalogue/catalogue.ts';
import { TRADE_DEFAULTS } from '../catalogue/data/trade-defaults.ts';
import { normalised } from '../diagnosis/belief.ts';
import { posteriorOf } from '../diagnosis/evidence.ts';
import type { Evidence } from '../diagnosis/evidence.ts';
import { absorptionTest } from '../diagnosis/absorption-test.ts';
import { ABSORPTION_TEST, testsOn } from '../survey/surface-test.ts';
import type { SurfaceTest } from '../survey/surface-test.ts';
import type { Surface } from '../survey/surface.ts';
import type { Survey } from '../survey/survey.ts';
import { absorptionClassOf } from '../survey/water-absorption.ts';
import { plausibleStates } from '../treatment/surface-state.ts';
import { proposedTests } from './proposed-tests.ts';
import type { ProposedTest } from './proposed-tests.ts';

interface WeighedMaterial {
  readonly id: string;
  readonly name: string;
  readonly probability: number;
}

export interface MaterialDiagnosis {
  /** The most probable first. */
  readonly candidates: readonly WeighedMaterial[];
  /** Passed the threshold: may be settled as this; null while it is open. */
  readonly decided: WeighedMaterial | null;
  /** Tests about the material that were done, drops of water among them. */
  readonly done: readonly SurfaceTest[];
  /** Tests not done yet, those that may be done first, of these the one that settles most. */
  readonly tests: readonly ProposedTest[];
}

/**
 * What a surface may be made of after the tests that were done on it, and which is worth doing next; null where nobody
 * is unsure. The materials that are named are equally probable at first; what else it might be is not asked.
 *
 * @param spot where the next test would be done
 */
export function materialDiagnosis(
  surface: Surface,
  survey: Pick<Survey, 'surfaces' | 'features' | 'tests' | 'handbook' | 'job'>,
  spot = '',
): MaterialDiagnosis | null {
  const named = [...new Set([surface.material, ...surface.unsureBetween])];
  if (named.length < 2) return null;
  const catalogue = companyCatalogue(survey.handbook);
  const thirst = absorptionTest(surface.finish, catalogue);
  const earlier = testsOn(survey.tests, surface.id);
  const done = earlier.filter((t) => t.zone === null && t.mark === null);
  const evidence = done.flatMap((test): readonly Evidence[] => {
    if (test.test === ABSORPTION_TEST)
      return test.seconds === null ? [] : [{ test: thirst, outcome: absorptionClassOf(test.seconds).id }];
    return test.outcome === null ? [] : [{ test: quickTestById(test.test), outcome: test.outcome }];
  });
  const belief = posteriorOf(normalised(new Map(named.map((id) => [id, 1]))), evidence);
  const candidates = [...belief]
    .map(([id, probability]) => ({ id, name: catalogue.material(id).name, probability }))
    .sort((a, b) => b.probability - a.probability);
  const [first] = candidates;
  const open = [thirst, ...catalogue.materialTests].filter((test) => !done.some((t) => t.test === test.id));
  return {
    candidates,
    decided: first && first.probability >= TRADE_DEFAULTS.surenessNeeded ? first : null,
    done,
    tests: proposedTests(belief, open, {
      states: plausibleStates(surface, { ...survey, catalogue }),
      earlier,
      spot,
    }),
  };
}
