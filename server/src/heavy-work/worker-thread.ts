import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { Worker as Thread } from 'node:worker_threads';
import type { Worker } from './heavy-workers.ts';

/** Whole surveys are read in it; a thread that wants more is ended by itself, and the others go on. */
const MOST_MEGABYTES = 1024;

/** What a thread is told when it starts. */
export interface ThreadData {
  readonly socket: string;
}

/**
 * A thread that runs this very program again, on a socket that nobody else can open.
 * @param failed told what ended it, where it did not end by itself
 */
export function workerThread(program: string, failed: (error: unknown) => void): Worker {
  const folder = mkdtempSync(join(tmpdir(), 'etappe-worker-'));
  const workerData: ThreadData = { socket: join(folder, 'socket') };
  const thread = new Thread(program, {
    workerData,
    resourceLimits: { maxOldGenerationSizeMb: MOST_MEGABYTES },
  });
  // Without a listener it would end this process too.
  thread.on('error', failed);
  const ended = new Promise<void>((resolve) => {
    thread.once('exit', () => {
      rmSync(folder, { recursive: true, force: true });
      resolve();
    });
  });
  const socket = Promise.race([
    new Promise<string>((resolve) => {
      thread.once('message', () => {
        resolve(workerData.socket);
      });
    }),
    ended.then(() => Promise.reject(new Error('the worker ended before it listened'))),
  ]);
  socket.catch(() => undefined);
  return { socket, ended, stop: () => void thread.terminate() };
}
