import { jobSupply } from '@etappe/core';
import type { DecidedVisit, JobProduct, Plan, Survey } from '@etappe/core';
import { createContext, use, useEffect, useState } from 'react';

/** Works out what all visits of a job take: in the plan's worker; where there is none, as in tests, in place. */
export const JobSupplyContext = createContext<
  (survey: Survey, fronts: DecidedVisit['fronts']) => Promise<readonly JobProduct[]>
>((survey, fronts) => Promise.resolve(jobSupply(survey, fronts)));

const NONE: DecidedVisit['fronts'] = [];

/** The products of all visits of a job; null while they are being worked out. */
export function useJobSupply(survey: Survey, { visit }: Plan): readonly JobProduct[] | null {
  const fronts = visit?.fronts ?? NONE;
  const ask = use(JobSupplyContext);
  const [answer, setAnswer] = useState<{
    readonly of: Survey;
    readonly products: readonly JobProduct[];
  } | null>(null);
  useEffect(() => {
    let wanted = true;
    ask(survey, fronts).then(
      (products) => {
        if (wanted) setAnswer({ of: survey, products });
      },
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [ask, survey, fronts]);
  return answer?.of === survey ? answer.products : null;
}
