import type { OpenedJob } from '@etappe/core';
import { createStore, del, entries, get, set } from 'idb-keyval';
import type { UseStore } from 'idb-keyval';
import type { EditBatch } from './edit-batch.ts';
import { NOTHING_DONE } from './undo-stack.ts';
import type { UndoState } from './undo-stack.ts';

/** A batch that waits on the device, for which job, and whose page entered it. */
export interface KeptBatch {
  readonly job: string;
  readonly page: string;
  readonly batch: EditBatch;
}

/** A job as the server last had it. */
export interface KeptJob {
  readonly opened: OpenedJob;
  readonly at: string;
}

/** What the device keeps while the server is away, and over a reload. */
export interface DeviceStore {
  readonly keepBatch: (kept: KeptBatch) => Promise<void>;
  readonly dropBatch: (id: string) => Promise<void>;
  /** All that wait, oldest first. */
  readonly batches: () => Promise<readonly KeptBatch[]>;
  readonly keepJob: (job: string, kept: KeptJob) => Promise<void>;
  readonly job: (job: string) => Promise<KeptJob | null>;
  /** Every job the device has, the one last kept first. */
  readonly jobs: () => Promise<readonly KeptJob[]>;
  readonly keepUndo: (job: string, undo: UndoState) => Promise<void>;
  readonly undo: (job: string) => Promise<UndoState>;
}

/** In IndexedDB: each batch has an entry of its own, so that no page overwrites another's. */
export function browserStore(): DeviceStore {
  const edits = committedAtOnce(createStore('etappe-edits', 'batches'));
  const jobs = createStore('etappe-jobs', 'jobs');
  const undos = createStore('etappe-undo', 'undo');
  return {
    keepBatch: (kept) => set(kept.batch.id, kept, edits),
    dropBatch: (id) => del(id, edits),
    batches: async () => {
      const kept = await entries<string, KeptBatch>(edits);
      return kept.sort(([a], [b]) => (a < b ? -1 : 1)).map(([, value]) => value);
    },
    keepJob: (job, kept) => set(job, kept, jobs),
    job: async (job) => (await get<KeptJob>(job, jobs)) ?? null,
    jobs: async () => {
      const kept = await entries<string, KeptJob>(jobs);
      return kept.map(([, value]) => value).sort((a, b) => (a.at < b.at ? 1 : -1));
    },
    keepUndo: (job, undo) => set(job, undo, undos),
    undo: async (job) => (await get<UndoState>(job, undos)) ?? NOTHING_DONE,
  };
}

/** Commits each write in the turn that makes it: a page that is left in that very moment takes nothing with it. */
function committedAtOnce(store: UseStore): UseStore {
  return (mode, use) =>
    store(mode, (objects) => {
      const answer = use(objects);
      if (mode === 'readwrite') objects.transaction.commit();
      return answer;
    });
}
