import { createStore, del, entries, set } from 'idb-keyval';
import { ServerProblem, server } from '../server-connection.ts';

/** A picture that is on the device and not on the server yet. */
export interface PendingPhoto {
  readonly sha256: string;
  /** For the page to show it by. */
  readonly url: string;
  readonly state: 'waiting' | 'refused';
  /** Why the server did not take it. */
  readonly refusal: string | null;
}

interface Kept {
  readonly file: Blob;
  readonly at: number;
}
interface Waiting extends Kept {
  readonly shown: PendingPhoto;
}

const FIRST_RETRY_MILLISECONDS = 2000;
const LONGEST_RETRY_MILLISECONDS = 60_000;

/** What sends a picture; stands in for the server in tests. */
type Send = (file: Blob) => Promise<unknown>;

/**
 * Pictures on their way to the server: kept in IndexedDB over reloads and dead batteries, sent one after the other,
 * dropped once the server has them. One that is refused stays, with the reason, until somebody takes it out.
 */
export class PendingPhotos {
  private readonly store = createStore('etappe-photos', 'photos');
  private readonly send: Send;
  private waiting = new Map<string, Waiting>();
  private listeners = new Set<() => void>();
  private timer: ReturnType<typeof setTimeout> | null = null;
  private sending: Promise<void> | null = null;
  private retry = FIRST_RETRY_MILLISECONDS;
  private snapshot: ReadonlyMap<string, PendingPhoto> = new Map();
  private opened: Promise<void> | null = null;

  constructor(send: Send) {
    this.send = send;
  }

  /** What an earlier page left on the device is sent on. */
  open(): Promise<void> {
    this.opened ??= entries<string, Kept>(this.store).then((left) => {
      for (const [sha256, kept] of left)
        if (!this.waiting.has(sha256))
          this.waiting.set(sha256, { ...kept, shown: shownOf(sha256, kept.file) });
      this.tell();
      this.flush();
    });
    return this.opened;
  }

  /** @throws where the device has no room for it */
  async add(sha256: string, file: Blob): Promise<void> {
    const kept = { file, at: Date.now() };
    await set(sha256, kept, this.store);
    this.waiting.set(sha256, { ...kept, shown: shownOf(sha256, file) });
    this.tell();
    this.flush();
  }

  async drop(sha256: string): Promise<void> {
    await del(sha256, this.store);
    const gone = this.waiting.get(sha256);
    this.waiting.delete(sha256);
    this.tell();
    // Whoever shows it has the server's own by then.
    if (gone)
      setTimeout(() => {
        URL.revokeObjectURL(gone.shown.url);
      }, LONGEST_RETRY_MILLISECONDS);
  }

  /** Sends what waits, now; also what was refused when `again`. */
  flush(again = false): void {
    if (again)
      for (const [sha256, w] of this.waiting)
        this.waiting.set(sha256, { ...w, shown: { ...w.shown, state: 'waiting', refusal: null } });
    this.sending ??= this.sendAll().finally(() => {
      this.sending = null;
    });
  }

  /** Sends nothing more by itself. */
  stop(): void {
    if (this.timer) clearTimeout(this.timer);
    this.timer = null;
  }

  subscribe = (listener: () => void): (() => void) => {
    this.listeners.add(listener);
    return () => this.listeners.delete(listener);
  };

  read = (): ReadonlyMap<string, PendingPhoto> => this.snapshot;

  private async sendAll(): Promise<void> {
    this.stop();
    for (let next = this.next(); next; next = this.next()) {
      const [sha256, { file, shown }] = next;
      try {
        await this.send(file);
        this.retry = FIRST_RETRY_MILLISECONDS;
        await this.drop(sha256);
      } catch (error) {
        // An answer that was cut off says nothing: the same picture sent again is one picture.
        if (!(error instanceof ServerProblem) || error.passes) {
          this.later();
          return;
        }
        const refused = { ...shown, state: 'refused', refusal: error.message } as const;
        this.waiting.set(sha256, { ...next[1], shown: refused });
        this.tell();
      }
    }
  }

  private next(): [string, Waiting] | undefined {
    return [...this.waiting]
      .filter(([, w]) => w.shown.state === 'waiting')
      .sort(([, a], [, b]) => a.at - b.at)[0];
  }

  private later(): void {
    this.timer = setTimeout(() => {
      this.flush();
    }, this.retry);
    this.retry = Math.min(LONGEST_RETRY_MILLISECONDS, this.retry * 2);
  }

  private tell(): void {
    this.snapshot = new Map([...this.waiting].map(([sha256, { shown }]) => [sha256, shown]));
    for (const listener of this.listeners) listener();
  }
}

function shownOf(sha256: string, file: Blob): PendingPhoto {
  return { sha256, url: URL.createObjectURL(file), state: 'waiting', refusal: null };
}

/** The pictures of this device. */
export const pendingPhotos = new PendingPhotos((file) => server.sendPhoto(file));
