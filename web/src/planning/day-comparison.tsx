import { variantFigures } from '@etappe/core';
import type { Survey, VariantFigures } from '@etappe/core';
import { createContext, use, useEffect, useState } from 'react';
import { today } from '../today.ts';

type Ask = (survey: Survey, asOf: string) => Promise<VariantFigures>;

/** Plans all days of a survey: in the plan's worker; where there is none, as in tests, in place. */
export const VariantContext = createContext<Ask>((survey, asOf) => {
  const days = variantFigures(survey, asOf);
  let step = days.next();
  while (!step.done) step = days.next();
  return Promise.resolve(step.value);
});

/**
 * What comes of each of some surveys, one after the other; shorter than the list while that goes on.
 * @param surveys null where nothing is asked
 */
export function useVariants(surveys: readonly Survey[] | null): readonly VariantFigures[] {
  const ask = use(VariantContext);
  const [answer, setAnswer] = useState<{
    readonly of: readonly Survey[];
    readonly figures: readonly VariantFigures[];
  } | null>(null);
  useEffect(() => {
    if (!surveys) return undefined;
    let wanted = true;
    const all = async () => {
      const figures: VariantFigures[] = [];
      for (const survey of surveys) {
        figures.push(await ask(survey, today()));
        if (!wanted) return;
        setAnswer({ of: surveys, figures: [...figures] });
      }
    };
    all().catch(() => undefined);
    return () => {
      wanted = false;
    };
  }, [ask, surveys]);
  return answer !== null && answer.of === surveys ? answer.figures : NONE;
}

const NONE: readonly VariantFigures[] = [];
