import { pinTrial } from '@etappe/core';
import type { PinTrial, RoundPin, Survey } from '@etappe/core';
import { createContext, use, useEffect, useState } from 'react';
import { today } from '../today.ts';

type Ask = (survey: Survey, pin: RoundPin, asOf: string) => Promise<PinTrial>;

/** Tries a pin: in the plan's worker; where there is none, as in tests, in place. */
export const PinTrialContext = createContext<Ask>((survey, pin, asOf) => {
  const trial = pinTrial(survey, pin, asOf);
  let step = trial.next();
  while (!step.done) step = trial.next();
  return Promise.resolve(step.value);
});

/**
 * What comes of a pin; null while that is being worked out.
 * @param pin null where nothing is asked
 */
export function usePinTrial(survey: Survey, pin: RoundPin | null): PinTrial | null {
  const ask = use(PinTrialContext);
  const [answer, setAnswer] = useState<{ readonly of: RoundPin; readonly trial: PinTrial } | null>(null);
  useEffect(() => {
    if (!pin) return undefined;
    let wanted = true;
    ask(survey, pin, today()).then(
      (trial) => {
        if (wanted) setAnswer({ of: pin, trial });
      },
      () => undefined,
    );
    return () => {
      wanted = false;
    };
  }, [ask, survey, pin]);
  return answer !== null && answer.of === pin ? answer.trial : null;
}
