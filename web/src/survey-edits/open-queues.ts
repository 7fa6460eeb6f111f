import { v7 as uuidv7 } from 'uuid';
import { handbookOf, shelfBefore, surveyOf } from '@etappe/core';
import type { DraftChange, OpenedJob, SurveyFault, SurveyState } from '@etappe/core';
import { ServerProblem, server } from '../server-connection.ts';
import type { DeviceStore, KeptBatch } from './device-store.ts';
import { browserStore } from './device-store.ts';
import { EditQueue } from './edit-queue.ts';
import type { SaveState } from './edit-queue.ts';
import { stateOfOpened } from './older-job.ts';
import type { Settlement } from './settlement.ts';
import { holdPageLock, livingPages } from './page-lock.ts';
import { afterEdit, nextStep } from './undo-stack.ts';
import type { UndoState } from './undo-stack.ts';

/** What a job's pages see of its edits. */
export interface QueueSnapshot {
  readonly state: SurveyState;
  readonly saveState: SaveState;
  readonly canUndo: boolean;
  readonly canRedo: boolean;
}

/** The edits of one open job: one for as long as the job is open or anything of it waits. */
export interface OpenQueue {
  readonly opened: OpenedJob;
  /** As the device last had it: what the survey does not hold (its orders) may be older than the server's. */
  readonly fromDevice: boolean;
  readonly unsaved: () => boolean;
  readonly read: () => QueueSnapshot;
  readonly subscribe: (listener: () => void) => () => void;
  readonly edit: (drafts: readonly DraftChange[]) => readonly SurveyFault[];
  /** Why it was not done, where another changed the same since. */
  readonly step: (way: 'undo' | 'redo') => string | null;
  readonly settle: (batch: string, settlement: Settlement) => void;
  readonly flushNow: () => void;
  /** Asks the server what others did since. */
  readonly pull: () => Promise<void>;
}

const KEEP_JOB_MILLISECONDS = 500;
/** A job that the device has waits no longer than this for a server that may not be there. */
const WAIT_WITH_KEPT_MILLISECONDS = 6000;
const page = uuidv7();
const store: DeviceStore = browserStore();
const open = new Map<string, OpenQueue>();
/** Jobs that are being opened: whoever asks meanwhile gets the same queue, so that nothing is sent twice. */
const opening = new Map<string, Promise<OpenQueue>>();
let locked = false;

/**
 * The queue of a job: the one that is open already, or a new one with what earlier pages left on the device. Without an
 * answer from the server the job is opened as the device last had it.
 * @throws ServerProblem when neither has it
 */
export function openQueue(jobId: string): Promise<OpenQueue> {
  const under = opening.get(jobId);
  if (under) return under;
  const now = openNow(jobId).finally(() => opening.delete(jobId));
  opening.set(jobId, now);
  return now;
}

async function openNow(jobId: string): Promise<OpenQueue> {
  if (!locked) holdPageLock(page);
  locked = true;
  const there = open.get(jobId);
  if (there?.unsaved()) return there;
  const [left, { opened, fromDevice }, undo] = await Promise.all([
    leftBehind(jobId),
    openedJob(jobId),
    store.undo(jobId),
  ]);
  const queue = newQueue(opened, fromDevice, left, undo);
  open.set(jobId, queue);
  return queue;
}

async function openedJob(
  jobId: string,
): Promise<{ readonly opened: OpenedJob; readonly fromDevice: boolean }> {
  const kept = await store.job(jobId);
  try {
    const opened = await server.openJob(jobId, kept ? WAIT_WITH_KEPT_MILLISECONDS : undefined);
    return { opened, fromDevice: false };
  } catch (error) {
    if (!kept || !(error instanceof ServerProblem && error.passes)) throw error;
    return { opened: kept.opened, fromDevice: true };
  }
}

/** Batches of a job whose page is gone; from now on they are this page's. */
async function leftBehind(jobId: string): Promise<readonly KeptBatch[]> {
  const living = await livingPages();
  const left = (await store.batches()).filter(
    (kept) => kept.job === jobId && (kept.page === page || !living.has(kept.page)),
  );
  return Promise.all(
    left.map(async (kept) => {
      const mine = { ...kept, page };
      await store.keepBatch(mine);
      return mine;
    }),
  );
}

/** How many edits wait on this device, by job. */
export async function waitingByJob(): Promise<ReadonlyMap<string, number>> {
  const counts = new Map<string, number>();
  for (const { job } of await store.batches()) counts.set(job, (counts.get(job) ?? 0) + 1);
  return counts;
}

/** A job that can be opened without the server. */
export interface JobOnDevice {
  readonly id: string;
  readonly name: string;
  readonly at: string;
}

export async function jobsOnDevice(): Promise<readonly JobOnDevice[]> {
  return (await store.jobs()).map(({ opened, at }) => ({
    id: opened.id,
    name: surveyOf(stateOfOpened(opened)).job.name,
    at,
  }));
}

function newQueue(
  opened: OpenedJob,
  fromDevice: boolean,
  left: readonly KeptBatch[],
  undoBefore: UndoState,
): OpenQueue {
  const listeners = new Set<() => void>();
  let { sequence, handbookRevision } = opened;
  let undo = undoBefore;
  let keepTimer: ReturnType<typeof setTimeout> | null = null;
  let keptState: SurveyState | null = null;
  const queue = new EditQueue(
    stateOfOpened(opened),
    {
      send: (changes, deviceAt) => server.applyChanges(opened.id, changes, deviceAt),
      makeId: () => uuidv7(),
      now: () => new Date(),
      after: (milliseconds, call) => {
        const timer = setTimeout(call, milliseconds);
        return () => {
          clearTimeout(timer);
        };
      },
      changed: () => {
        changed();
      },
      keep: (batch) => void store.keepBatch({ job: opened.id, page, batch }),
      drop: (batch) => void store.dropBatch(batch.id),
    },
    left.map((kept) => kept.batch),
  );
  const snapshot = (): QueueSnapshot => ({
    state: queue.state,
    saveState: queue.saveState,
    canUndo: undo.undo.length > 0,
    canRedo: undo.redo.length > 0,
  });
  let current = snapshot();
  const changed = () => {
    current = snapshot();
    if (queue.confirmed !== keptState) keepTimer ??= setTimeout(keepJob, KEEP_JOB_MILLISECONDS);
    for (const listener of listeners) listener();
  };
  const keepJob = () => {
    keepTimer = null;
    keptState = queue.confirmed;
    const { job, handbook, entities } = keptState;
    const kept = {
      ...opened,
      sequence,
      handbookRevision,
      job,
      handbook,
      entities: [...entities.values()],
    };
    void store.keepJob(opened.id, { opened: kept, at: new Date().toISOString() });
  };
  const setUndo = (next: UndoState) => {
    undo = next;
    void store.keepUndo(opened.id, undo);
    changed();
  };
  const pull = async () => {
    const newer = await server.changesSince(opened.id, sequence);
    if (newer.sequence < sequence) {
      // The server has lost what this device has seen of it: an older backup was restored.
      const anew = await server.openJob(opened.id);
      ({ sequence, handbookRevision } = anew);
      queue.beginAnew(stateOfOpened(anew));
      return;
    }
    ({ sequence } = newer);
    queue.merge(newer.entities);
    if (newer.handbookRevision !== handbookRevision) {
      const [{ revision, records }, { uses }] = await Promise.all([
        server.handbook(),
        server.lotUses(opened.id),
      ]);
      const handbook = handbookOf(records);
      handbookRevision = revision;
      queue.takeHandbook({ ...handbook, lots: shelfBefore(handbook.lots, uses) });
    }
  };
  keepJob();
  return {
    opened,
    fromDevice,
    unsaved: () => queue.unsaved,
    read: () => current,
    subscribe: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    edit: (drafts) => {
      const stateBefore = queue.state;
      const { faults, batch, goesOn } = queue.edit(drafts);
      if (batch) setUndo(afterEdit(undo, batch.id, goesOn, stateBefore, drafts));
      return faults;
    },
    step: (way) => {
      const next = nextStep(undo, way, queue.state);
      if (!next) return null;
      if (!next.ok) {
        setUndo(next.stack);
        return next.reason;
      }
      const { faults, batch } = queue.edit(next.drafts);
      if (!batch) return faults[0]?.message ?? null;
      setUndo(next.stack(batch.id));
      return null;
    },
    settle: (batch, settlement) => {
      queue.settle(batch, settlement);
      pull().catch(() => undefined);
    },
    flushNow: () => {
      queue.flushNow();
    },
    pull,
  };
}

/** Sends what an earlier page left of a job, without the job being looked at; what is under way already goes on. */
export async function sendLeftBehind(jobId: string): Promise<void> {
  if (open.get(jobId)?.unsaved()) return;
  if ((await leftBehind(jobId)).length > 0) await openQueue(jobId);
}
