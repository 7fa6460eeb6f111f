import { surveyOf } from '@etappe/core';
import type { DraftChange, Survey, SurveyFault, SurveyState } from '@etappe/core';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { createContext, use, useEffect, useMemo, useState, useSyncExternalStore } from 'react';
import type { ReactNode } from 'react';
import { v7 as uuidv7 } from 'uuid';
import { queryKeys } from '../query-keys.ts';
import { server } from '../server-connection.ts';
import type { IssuedOrder, OpenedJob } from '../server-connection.ts';
import { EditQueue } from './edit-queue.ts';
import type { SaveState } from './edit-queue.ts';

/** What every station of a job works on: the survey as shown, how to edit it, and whether it is saved. */
export interface SurveySession {
  readonly jobId: string;
  readonly state: SurveyState;
  readonly survey: Survey;
  readonly orders: readonly IssuedOrder[];
  readonly saveState: SaveState;
  readonly edit: (drafts: readonly DraftChange[]) => readonly SurveyFault[];
  readonly settle: (keep: 'mine' | 'theirs') => Promise<void>;
}

const SessionContext = createContext<SurveySession | null>(null);

export function useSurveySession(): SurveySession {
  const session = use(SessionContext);
  if (!session) throw new Error('a station stands inside a SurveySessionProvider');
  return session;
}

function stateOfOpened(opened: OpenedJob): SurveyState {
  return { job: opened.job, entities: new Map(opened.entities.map((e) => [e.id, e])) };
}

/** Where stores of React meet the queue: one listener list per queue. */
function queueStore(opened: OpenedJob) {
  const listeners = new Set<() => void>();
  const snapshot = () => ({ state: queue.state, saveState: queue.saveState });
  const queue = new EditQueue(stateOfOpened(opened), {
    send: (changes) => server.applyChanges(opened.id, changes),
    makeId: () => uuidv7(),
    now: () => new Date(),
    after: (milliseconds, call) => {
      const timer = setTimeout(call, milliseconds);
      return () => {
        clearTimeout(timer);
      };
    },
    changed: () => {
      current = snapshot();
      for (const listener of listeners) listener();
    },
  });
  let current = snapshot();
  return {
    queue,
    read: () => current,
    subscribe: (listener: () => void) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
  };
}

interface ProviderProps {
  readonly jobId: string;
  readonly loading: ReactNode;
  readonly failed: (error: Error) => ReactNode;
  readonly children: ReactNode;
}

export function SurveySessionProvider({ jobId, loading, failed, children }: ProviderProps) {
  const opened = useQuery({
    queryKey: queryKeys.job(jobId),
    queryFn: () => server.openJob(jobId),
    staleTime: Infinity,
    gcTime: 0,
  });
  if (opened.data) {
    return (
      <OpenSession key={jobId} opened={opened.data}>
        {children}
      </OpenSession>
    );
  }
  return opened.error ? failed(opened.error) : loading;
}

function OpenSession({ opened, children }: { readonly opened: OpenedJob; readonly children: ReactNode }) {
  // One queue for as long as the job is open; later answers of the same query only bring new orders.
  const [store] = useState(() => queueStore(opened));
  const client = useQueryClient();
  const { state, saveState } = useSyncExternalStore(store.subscribe, store.read);

  useEffect(() => {
    const warn = (event: BeforeUnloadEvent) => {
      if (store.queue.unsaved) event.preventDefault();
    };
    const flush = () => {
      store.queue.flushNow();
    };
    window.addEventListener('beforeunload', warn);
    window.addEventListener('online', flush);
    document.addEventListener('visibilitychange', flush);
    return () => {
      window.removeEventListener('beforeunload', warn);
      window.removeEventListener('online', flush);
      document.removeEventListener('visibilitychange', flush);
      flush();
      // The next opening reads what is saved by then.
      void client.invalidateQueries({ queryKey: queryKeys.jobs, refetchType: 'none' });
    };
  }, [store, client]);

  const session = useMemo(
    (): SurveySession => ({
      jobId: opened.id,
      state,
      survey: surveyOf(state),
      orders: opened.orders,
      saveState,
      edit: (drafts) => store.queue.edit(drafts),
      settle: async (keep) => {
        store.queue.settle(keep, stateOfOpened(await server.openJob(opened.id)));
      },
    }),
    [opened.id, opened.orders, saveState, state, store],
  );
  return <SessionContext value={session}>{children}</SessionContext>;
}
