import { dayRisk } from '@etappe/core';
import type { DayRisk, Plan, Survey } from '@etappe/core';
import { createContext, use, useEffect, useState } from 'react';

type Ask = (plan: Plan, survey: Survey) => Promise<DayRisk | null>;

/** Works a day many times: in the plan's worker; where there is none, as in tests, in place. */
export const DayRiskContext = createContext<Ask>((plan, survey) => Promise.resolve(dayRisk(plan, survey)));

/**
 * How sure a plan's day is; null while that is being worked out, and where it has no visit.
 * @param plan null while another may come in the next moment
 */
export function useDayRisk(plan: Plan | null, survey: Survey): DayRisk | null {
  const ask = use(DayRiskContext);
  const [answer, setAnswer] = useState<{ readonly of: Plan; readonly risk: DayRisk | null } | null>(null);
  useEffect(() => {
    if (!plan?.visit) return undefined;
    let wanted = true;
    ask(plan, survey).then(
      (risk) => {
        if (wanted) setAnswer({ of: plan, risk });
      },
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [ask, plan, survey]);
  return answer !== null && answer.of === plan ? answer.risk : null;
}
