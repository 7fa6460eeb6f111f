import type { Plan, Survey } from '@etappe/core';
import { proxy, wrap } from 'comlink';
import type { Remote } from 'comlink';
import { createContext, use, useEffect, useRef, useState } from 'react';
import type { ReactNode } from 'react';
import type { Planner } from './plan-worker.ts';

export interface PlanState {
  /** The newest plan; of an earlier survey while `working`. */
  readonly plan: Plan | null;
  readonly working: boolean;
  readonly failed: string | null;
}

/** Handed down by PlanProvider; tests hand down a plan of their own. */
export const PlanContext = createContext<PlanState>({ plan: null, working: true, failed: null });

/** The plan of the survey that is open, derived in a worker while one edits. */
export function usePlan(): PlanState {
  return use(PlanContext);
}

const SETTLE_MILLISECONDS = 60;
const FIRST_PLAN_MEASURE = 'etappe:first-plan';

export function PlanProvider({
  survey,
  children,
}: {
  readonly survey: Survey;
  readonly children: ReactNode;
}) {
  const [state, setState] = useState<PlanState>({ plan: null, working: true, failed: null });
  const planner = useRef<Remote<Planner> | null>(null);
  const request = useRef(0);

  useEffect(() => {
    const worker = new Worker(new URL('./plan-worker.ts', import.meta.url), { type: 'module' });
    planner.current = wrap<Planner>(worker);
    return () => {
      worker.terminate();
      planner.current = null;
    };
  }, []);

  useEffect(() => {
    request.current += 1;
    const mine = request.current;
    const asOf = new Date().toISOString().slice(0, 10);
    const current = () => request.current === mine;
    let first = true;
    const found = proxy((plan: Plan, milliseconds: number) => {
      // For npm run bench: how long the worker took to the first plan of this survey.
      if (first)
        performance.measure(FIRST_PLAN_MEASURE, {
          start: performance.now() - milliseconds,
          duration: milliseconds,
        });
      first = false;
      if (current()) setState((before) => ({ ...before, plan, failed: null }));
    });
    const timer = setTimeout(() => {
      setState((before) => ({ ...before, working: true }));
      planner.current?.plan(mine, survey, asOf, found).then(
        () => {
          if (current()) setState((before) => ({ ...before, working: false }));
        },
        (error: unknown) => {
          if (current()) setState((before) => ({ ...before, working: false, failed: String(error) }));
        },
      );
    }, SETTLE_MILLISECONDS);
    return () => {
      clearTimeout(timer);
    };
  }, [survey]);

  return <PlanContext value={state}>{children}</PlanContext>;
}
