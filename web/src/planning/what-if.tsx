import { whatIf } from '@etappe/core';
import type { Survey, WhatIf } from '@etappe/core';
import { createContext, use, useEffect, useState } from 'react';

/** Works out what a change would change: in the plan's worker; where there is none, as in tests, in place. */
export const WhatIfContext = createContext<(survey: Survey, changed: Survey) => Promise<WhatIf>>(
  (survey, changed) => Promise.resolve(whatIf(survey, changed)),
);

/**
 * What a changed survey would change in the work; null while that is being worked out.
 * @param changed null where nothing is asked
 */
export function useWhatIf(survey: Survey, changed: Survey | null): WhatIf | null {
  const ask = use(WhatIfContext);
  const [answer, setAnswer] = useState<{ readonly of: Survey; readonly whatIf: WhatIf } | null>(null);
  useEffect(() => {
    if (!changed) return undefined;
    let wanted = true;
    ask(survey, changed).then(
      (found) => {
        if (wanted) setAnswer({ of: changed, whatIf: found });
      },
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [ask, survey, changed]);
  return answer?.of === changed ? answer.whatIf : null;
}
