import { request } from 'node:http';
import type { ClientRequest } from 'node:http';
import { setTimeout as wait } from 'node:timers/promises';
import type { RequestHandler } from 'express';
import { busy } from '../problems/problem.ts';

/** A server of its own, on a thread of its own. */
export interface Worker {
  /** The path of the socket that it listens on, once it does. */
  readonly socket: Promise<string>;
  /** Resolves when it has ended, however. */
  readonly ended: Promise<unknown>;
  stop(): void;
}

/** Requests that are with the workers at once, those that are still coming in included; more come again later. */
const MOST_FORWARDED = 24;
/** Two at once: reads stay quick beside them on any machine. */
const WORKERS = 2;
const BREATH_MILLISECONDS = 500;

/**
 * Threads for requests that would hold up everybody else: whole surveys read and checked, orders derived and judged. Each is
 * the same application again with connections of its own; a request goes on to one of them as it comes, before anything of it
 * is read. One that dies, for lack of memory, is started again; what it had under way is to be sent again.
 */
export class HeavyWorkers {
  private readonly workers: { worker: Worker; load: number }[];
  private readonly start: () => Worker;
  private readonly breathMilliseconds: number;
  private stopped = false;

  constructor(start: () => Worker, count = WORKERS, breathMilliseconds = BREATH_MILLISECONDS) {
    this.start = start;
    this.breathMilliseconds = breathMilliseconds;
    this.workers = Array.from({ length: count }, (_, i) => {
      const worker = start();
      void this.keep(worker, i);
      return { worker, load: 0 };
    });
  }

  stop(): void {
    this.stopped = true;
    for (const { worker } of this.workers) worker.stop();
  }

  /** Hands a request on; body and answer pass through. */
  readonly forward: RequestHandler = (req, res, next) => {
    const [place] = [...this.workers].sort((a, b) => a.load - b.load);
    if (!place || this.workers.reduce((sum, { load }) => sum + load, 0) >= MOST_FORWARDED) throw busy();
    place.load += 1;
    let asked: ClientRequest | null = null;
    res.once('close', () => {
      place.load -= 1;
      asked?.destroy();
    });
    place.worker.socket.then(
      (socketPath) => {
        const { method, originalUrl: path, headers } = req;
        asked = request({ socketPath, method, path, headers }, (answer) => {
          res.writeHead(answer.statusCode ?? 502, answer.headers);
          // An answer that is cut off is told as such, by a line that is cut off.
          answer.once('error', () => res.destroy());
          answer.pipe(res);
        });
        // The worker is gone: nothing was acknowledged, and a repeat is harmless.
        asked.once('error', () => {
          if (res.headersSent) res.destroy();
          else next(busy());
        });
        req.pipe(asked);
      },
      () => {
        next(busy());
      },
    );
  };

  private async keep(worker: Worker, index: number): Promise<void> {
    await worker.ended;
    // One that dies at once, whatever the reason, does not keep the machine busy with being started.
    await wait(this.breathMilliseconds, undefined, { ref: false });
    const place = this.workers[index];
    if (this.stopped || !place) return;
    place.worker = this.start();
    void this.keep(place.worker, index);
  }
}
