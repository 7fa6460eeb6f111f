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
  private readonly places: Place[];
  private readonly start: () => Worker;
  private readonly breathMilliseconds: number;

  constructor(start: () => Worker, count = WORKERS, breathMilliseconds = BREATH_MILLISECONDS) {
    this.start = start;
    this.breathMilliseconds = breathMilliseconds;
    this.places = Array.from({ length: count }, () => ({ worker: null, load: 0 }));
  }

  stop(): void {
    for (const { worker } of this.places) worker?.stop();
  }

  /** Hands a request on; body and answer pass through. */
  readonly forward: RequestHandler = (req, res, next) => {
    const place = this.freest();
    if (!place) throw busy();
    place.load += 1;
    let asked: ClientRequest | null = null;
    res.once('close', () => {
      place.load -= 1;
      asked?.destroy();
    });
    this.workerAt(place).socket.then(
      (socketPath) => {
        const { method, originalUrl: path } = req;
        // What was read here already goes on as it was understood.
        const read = req.body === undefined ? null : JSON.stringify(req.body);
        const headers =
          read === null ? req.headers : { ...req.headers, 'content-length': String(Buffer.byteLength(read)) };
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
        if (read === null) req.pipe(asked);
        else asked.end(read);
      },
      () => {
        next(busy());
      },
    );
  };

  /** A worker that is idle, one that is not started yet, or the one with the least to do; none where all have too much. */
  private freest(): Place | undefined {
    if (this.places.reduce((sum, { load }) => sum + load, 0) >= MOST_FORWARDED) return undefined;
    const started = this.places.filter(({ worker }) => worker !== null);
    return (
      started.find(({ load }) => load === 0) ??
      this.places.find(({ worker }) => worker === null) ??
      started.toSorted((a, b) => a.load - b.load)[0]
    );
  }

  /** Started when it is first needed, and again after it has died. */
  private workerAt(place: Place): Worker {
    if (place.worker) return place.worker;
    const worker = this.start();
    place.worker = worker;
    // One that dies at once, whatever the reason, does not keep the machine busy with being started.
    void worker.ended
      .then(() => wait(this.breathMilliseconds, undefined, { ref: false }))
      .then(() => {
        place.worker = null;
      });
    return worker;
  }
}

interface Place {
  worker: Worker | null;
  load: number;
}
