import type { Request, RequestHandler } from 'express';
import type { HeavyWorkers } from './heavy-workers.ts';

/** A body of more is read on a thread of its own. */
const LARGE_BYTES = 64 * 1024;

export interface Lanes {
  readonly heavy: RequestHandler;
  readonly heavyIf: (isHeavy: (req: Request) => boolean) => RequestHandler;
}

/** Whether a body is large; one that does not say how large it is may be of any size. */
export function isLarge({ headers }: Request): boolean {
  return !(Number(headers['content-length']) <= LARGE_BYTES);
}

const here: RequestHandler = (_req, _res, next) => {
  next();
};

/** What goes to the workers, always or only some of it; without workers all of it is done where it came in. */
export function lanes(workers: HeavyWorkers | undefined): Lanes {
  const heavy = workers?.forward ?? here;
  return {
    heavy,
    heavyIf: (isHeavy) => (req, res, next) => void (isHeavy(req) ? heavy : here)(req, res, next),
  };
}
