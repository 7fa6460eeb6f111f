import { LANGUAGE } from '@etappe/core/language';
import { dayRisk, jobSupply, whatIf } from '@etappe/core';
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
import { proxy, wrap } from 'comlink';
import type { Remote } from 'comlink';
import {
  createContext,
  startTransition,
  use,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  useState,
} from 'react';
import type { ReactNode } from 'react';
import { today } from '../today.ts';
import type { Planner } from './planner.ts';
import { VariantContext } from './day-comparison.tsx';
import { DayRiskContext } from './day-risk.tsx';
import { JobSupplyContext } from './job-supply.tsx';
import { PinTrialContext } from './pin-trial.tsx';
import { WhatIfContext } from './what-if.tsx';

export interface PlanState {
  /** The newest plan; of an earlier survey while `working`. */
  readonly plan: Plan | null;
  readonly working: boolean;
  /** A better sequence of the same survey is still looked for; null once that has ended, and while `working`. */
  readonly improving: Improving | null;
  readonly failed: string | null;
}

export interface Improving {
  /** By how much the day is shorter than the first that was found. */
  readonly betterBySeconds: number;
  /** What is shown is longer than the working day; a shorter one may still be found. */
  readonly isStillTooLong: boolean;
  readonly stop: () => void;
}

/** Handed down by PlanProvider; tests hand down a plan of their own. */
export const PlanContext = createContext<PlanState>({
  plan: null,
  working: true,
  improving: null,
  failed: null,
});

/** The plan of the survey that is open, derived in a worker while one edits. */
export function usePlan(): PlanState {
  return use(PlanContext);
}

const NO_LOOK = () => () => undefined;
const LookContext = createContext<() => () => void>(NO_LOOK);

/** The same for who looks at the sequence itself: while they do, it is searched for a better one. */
export function useSearchedPlan(): PlanState {
  const look = use(LookContext);
  useEffect(() => look(), [look]);
  return use(PlanContext);
}

/** What the worker found so far. */
interface Found {
  readonly plan: Plan | null;
  readonly failed: string | null;
  /** The survey that the plan is of, and what its first plan took. */
  readonly of: Survey | null;
  readonly firstSeconds: number;
  /** The survey whose search has come to its end, and whether that was a thorough one. */
  readonly done: { readonly survey: Survey; readonly wasThorough: boolean } | null;
}

/** Whether the day is too long is told once the search is over: until then a shorter one may be found in the next moment. */
function notYetTooLong(plan: Plan | null): Plan | null {
  if (!plan || !isTooLong(plan)) return plan;
  return { ...plan, warnings: plan.warnings.filter(({ rule }) => rule !== DAY_TOO_LONG) };
}
const DAY_TOO_LONG = 'day-too-long';
const isTooLong = ({ warnings }: Plan) => warnings.some(({ rule }) => rule === DAY_TOO_LONG);

const SETTLE_MILLISECONDS = 60;
/** A large survey takes longer to hand over: it waits for a pause in the typing. */
const SETTLE_MILLISECONDS_PER_SURFACE = 1;
const FIRST_PLAN_MEASURE = 'etappe:first-plan';

export function PlanProvider({
  survey,
  children,
}: {
  readonly survey: Survey;
  readonly children: ReactNode;
}) {
  const [found, setFound] = useState<Found>({
    plan: null,
    failed: null,
    of: null,
    firstSeconds: 0,
    done: null,
  });
  const planner = useRef<Remote<Planner> | null>(null);
  const request = useRef(0);
  /** What is shown, so that a search that begins anew shows nothing that is worse. */
  const shown = useRef<{ readonly survey: Survey; readonly seconds: number } | null>(null);
  const [lookers, setLookers] = useState(0);
  const isThorough = lookers > 0;

  useEffect(() => {
    const worker = new Worker(new URL('./plan-worker.ts', import.meta.url), {
      type: 'module',
      name: LANGUAGE,
    });
    planner.current = wrap<Planner>(worker);
    return () => {
      worker.terminate();
      planner.current = null;
    };
  }, []);

  useEffect(() => {
    if (!isThorough && shown.current?.survey === survey) {
      void planner.current?.stop(request.current);
      return;
    }
    request.current += 1;
    const mine = request.current;
    const asOf = today();
    // What is typed meanwhile comes first; a plan and the end of its search stay in their order.
    const show = (more: Partial<Found>) => {
      if (request.current !== mine) return;
      startTransition(() => {
        setFound((before) => ({ ...before, ...more }));
      });
    };
    let firstSeconds: number | null = null;
    const better = proxy((plan: Plan, milliseconds: number) => {
      // For npm run bench: how long the worker took to the first plan of this survey.
      if (firstSeconds === null)
        performance.measure(FIRST_PLAN_MEASURE, {
          start: performance.now() - milliseconds,
          duration: milliseconds,
        });
      const seconds = plan.visit?.schedule.makespan ?? Infinity;
      const before = shown.current?.survey === survey ? shown.current.seconds : null;
      firstSeconds ??= before ?? seconds;
      if (before !== null && seconds > before) return;
      shown.current = { survey, seconds };
      show({ plan, of: survey, firstSeconds, failed: null });
    });
    const timer = setTimeout(
      () => {
        planner.current?.plan(mine, survey, asOf, isThorough, better).then(
          () => {
            show({ done: { survey, wasThorough: isThorough } });
          },
          (error: unknown) => {
            show({ done: { survey, wasThorough: isThorough }, failed: String(error) });
          },
        );
      },
      SETTLE_MILLISECONDS + SETTLE_MILLISECONDS_PER_SURFACE * survey.surfaces.length,
    );
    return () => {
      clearTimeout(timer);
    };
  }, [survey, isThorough]);

  const look = useCallback(() => {
    setLookers((count) => count + 1);
    return () => {
      setLookers((count) => count - 1);
    };
  }, []);
  const ask = useCallback((now: Survey, changed: Survey): Promise<WhatIf> => {
    const { current } = planner;
    return current ? current.whatIf(now, changed) : Promise.resolve(whatIf(now, changed));
  }, []);
  const askSupply = useCallback(
    (of: Survey, fronts: DecidedVisit['fronts']): Promise<readonly JobProduct[]> => {
      const { current } = planner;
      return current ? current.jobSupply(of, fronts) : Promise.resolve(jobSupply(of, fronts));
    },
    [],
  );
  const askRisk = useCallback((of: Plan, from: Survey): Promise<DayRisk | null> => {
    const { current } = planner;
    return current ? current.dayRisk(of, from) : Promise.resolve(dayRisk(of, from));
  }, []);
  const askVariant = useCallback((of: Survey, asOf: string): Promise<VariantFigures> => {
    const { current } = planner;
    return current ? current.variant(of, asOf) : Promise.reject(new Error('nothing plans any more'));
  }, []);
  const askPin = useCallback((of: Survey, pin: RoundPin, asOf: string): Promise<PinTrial> => {
    const { current } = planner;
    return current ? current.pinTrial(of, pin, asOf) : Promise.reject(new Error('nothing plans any more'));
  }, []);
  const stop = useCallback(() => {
    void planner.current?.stop(request.current);
  }, []);
  const { failed, of, firstSeconds, done } = found;
  // From the very edit on, not only once the search has begun: until then the plan is of an older survey.
  const isDone = done?.survey === survey && (done.wasThorough || !isThorough);
  const working = !isDone && of !== survey;
  const plan = useMemo(() => (isDone ? found.plan : notYetTooLong(found.plan)), [isDone, found.plan]);
  const now = plan?.visit?.schedule.makespan ?? Infinity;
  const gained = Number.isFinite(firstSeconds) && now < firstSeconds ? firstSeconds - now : 0;
  const betterBySeconds = isDone || working ? null : gained;
  const isStillTooLong = found.plan !== null && isTooLong(found.plan);
  const state = useMemo((): PlanState => {
    const improving = betterBySeconds === null ? null : { betterBySeconds, isStillTooLong, stop };
    return { plan, working, improving, failed };
  }, [plan, working, betterBySeconds, isStillTooLong, stop, failed]);
  return (
    <WhatIfContext value={ask}>
      <JobSupplyContext value={askSupply}>
        <DayRiskContext value={askRisk}>
          <VariantContext value={askVariant}>
            <PinTrialContext value={askPin}>
              <LookContext value={look}>
                <PlanContext value={state}>{children}</PlanContext>
              </LookContext>
            </PinTrialContext>
          </VariantContext>
        </DayRiskContext>
      </JobSupplyContext>
    </WhatIfContext>
  );
}
