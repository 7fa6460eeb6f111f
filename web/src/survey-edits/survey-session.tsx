import { facesOf, surveyOf } from '@etappe/core';
import type { DraftChange, Face, Survey, SurveyFault, SurveyState } from '@etappe/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, use, useEffect, useMemo, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import type { IssuedOrder, OpenedJob, PreviousJob } from '../server-connection.ts';
import type { SaveState } from './edit-queue.ts';
import { openQueue } from './open-queues.ts';
import type { OpenQueue } from './open-queues.ts';
import type { Settlement } from './settlement.ts';

/** What every station of a job works on: the survey as shown, how to edit it, and whether it is saved. */
export interface SurveySession {
  readonly jobId: string;
  readonly propertyId: string;
  readonly state: SurveyState;
  readonly survey: Survey;
  /** What is treated as one: surfaces without their zones, and zones. */
  readonly faces: readonly Face[];
  readonly orders: readonly IssuedOrder[];
  readonly previous: PreviousJob | null;
  readonly saveState: SaveState;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
  readonly edit: (drafts: readonly DraftChange[]) => readonly SurveyFault[];
  /** Why it was not done; null when it was. */
  readonly step: (way: 'undo' | 'redo') => string | null;
  readonly settle: (batch: string, settlement: Settlement) => void;
}

const SessionContext = createContext<SurveySession | null>(null);

export function useSurveySession(): SurveySession {
  const session = use(SessionContext);
  if (!session) throw new Error('a station stands inside a SurveySessionProvider');
  return session;
}

/** How often others' edits are asked for while the page is looked at. */
const PULL_MILLISECONDS = 15_000;

interface ProviderProps {
  readonly jobId: string;
  readonly loading: ReactNode;
  readonly failed: (error: Error) => ReactNode;
  readonly children: ReactNode;
}

export function SurveySessionProvider({ jobId, loading, failed, children }: ProviderProps) {
  const queue = useQuery({
    queryKey: queryKeys.job(jobId),
    queryFn: () => openQueue(jobId),
    staleTime: Infinity,
    gcTime: 0,
    structuralSharing: false,
  });
  if (queue.data) {
    return (
      <OpenSession key={jobId} queue={queue.data}>
        {children}
      </OpenSession>
    );
  }
  return queue.error ? failed(queue.error) : loading;
}

/** The orders of a job: asked for again after one is issued. */
function useOrders(opened: OpenedJob): readonly IssuedOrder[] {
  const orders = useQuery({
    queryKey: queryKeys.orders(opened.id),
    queryFn: async () => (await server.openJob(opened.id)).orders,
    initialData: opened.orders,
    staleTime: Infinity,
  });
  return orders.data;
}

function OpenSession({ queue, children }: { readonly queue: OpenQueue; readonly children: ReactNode }) {
  const client = useQueryClient();
  const { state, saveState, canUndo, canRedo } = useSyncExternalStore(queue.subscribe, queue.read);
  const { opened } = queue;
  const orders = useOrders(opened);

  useEffect(() => {
    const pull = () => {
      // Without an answer it is asked again next time; what waits says so by itself.
      if (document.visibilityState === 'visible') queue.pull().catch(() => undefined);
    };
    const wake = () => {
      queue.flushNow();
      pull();
    };
    pull();
    const timer = setInterval(pull, PULL_MILLISECONDS);
    window.addEventListener('online', wake);
    document.addEventListener('visibilitychange', wake);
    return () => {
      clearInterval(timer);
      window.removeEventListener('online', wake);
      document.removeEventListener('visibilitychange', wake);
      queue.flushNow();
      // The next opening reads what is saved by then.
      void client.invalidateQueries({ queryKey: queryKeys.jobs, refetchType: 'none' });
    };
  }, [queue, client]);

  const session = useMemo((): SurveySession => {
    const survey = surveyOf(state);
    return {
      jobId: opened.id,
      propertyId: opened.propertyId,
      state,
      survey,
      faces: facesOf(survey),
      orders,
      previous: opened.previous,
      saveState,
      canUndo,
      canRedo,
      edit: queue.edit,
      step: queue.step,
      settle: (batch, settlement) => {
        queue.settle(batch, settlement);
        queue.pull().catch(() => undefined);
      },
    };
  }, [canRedo, canUndo, opened, orders, queue, saveState, state]);
  return <SessionContext value={session}>{children}</SessionContext>;
}
