import { facesOf, companyCatalogue, surveyOf } from '@etappe/core';
import type {
  DraftChange,
  Face,
  CompanyCatalogue,
  IssuedOrder,
  PreviousJob,
  Survey,
  SurveyFault,
  SurveyState,
} from '@etappe/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, use, useEffect, useMemo, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import { serverReach } from '../server-reach.ts';
import type { SaveState } from './edit-queue.ts';
import { openQueue } from './open-queues.ts';
import type { OpenQueue, QueueSnapshot } from './open-queues.ts';
import type { Settlement } from './settlement.ts';

/** What every station of a job works on: the survey as shown, how to edit it, and whether it is saved. */
export interface SurveySession {
  readonly jobId: string;
  readonly propertyId: string;
  readonly state: SurveyState;
  readonly survey: Survey;
  /** The catalogue as the company has it. */
  readonly catalogue: CompanyCatalogue;
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

/** Stays the same while one edits: whoever needs the survey hears of each edit from the queue itself. */
interface OpenedSession {
  readonly queue: OpenQueue;
  readonly orders: readonly IssuedOrder[];
}

const SessionContext = createContext<OpenedSession | null>(null);

export function useSurveySession(): SurveySession {
  const opened = use(SessionContext);
  if (!opened) throw new Error('a station stands inside a SurveySessionProvider');
  const snapshot = useSyncExternalStore(opened.queue.subscribe, opened.queue.read);
  return sessionOf(opened, snapshot);
}

const sessions = new WeakMap<
  OpenedSession,
  { readonly of: QueueSnapshot; readonly session: SurveySession }
>();

/** One session for all who look at the same moment of it. */
function sessionOf(open: OpenedSession, of: QueueSnapshot): SurveySession {
  const last = sessions.get(open);
  if (last?.of === of) return last.session;
  const { queue, orders } = open;
  const { opened, edit, step } = queue;
  const survey = surveyOf(of.state);
  const session: SurveySession = {
    ...of,
    jobId: opened.id,
    propertyId: opened.propertyId,
    survey,
    catalogue: companyCatalogue(survey.handbook),
    faces: facesOf(survey),
    orders,
    previous: opened.previous,
    edit,
    step,
    settle: queue.settle,
  };
  sessions.set(open, { of, session });
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
function useOrders({ opened, fromDevice }: OpenQueue): readonly IssuedOrder[] {
  const orders = useQuery({
    queryKey: queryKeys.orders(opened.id),
    queryFn: async () => (await server.openJob(opened.id)).orders,
    initialData: opened.orders,
    staleTime: fromDevice ? 0 : Infinity,
  });
  return orders.data;
}

function OpenSession({ queue, children }: { readonly queue: OpenQueue; readonly children: ReactNode }) {
  const client = useQueryClient();
  const orders = useOrders(queue);

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
    const deaf = serverReach.whenBack(wake);
    document.addEventListener('visibilitychange', wake);
    return () => {
      clearInterval(timer);
      deaf();
      document.removeEventListener('visibilitychange', wake);
      queue.flushNow();
      // The next opening reads what is saved by then.
      void client.invalidateQueries({ queryKey: queryKeys.jobs, refetchType: 'none' });
    };
  }, [queue, client]);

  const session = useMemo((): OpenedSession => ({ queue, orders }), [queue, orders]);
  return <SessionContext value={session}>{children}</SessionContext>;
}
