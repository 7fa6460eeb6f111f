import type { RequestHandler } from 'express';
import type { HeavyWorkers } from './heavy-workers.ts';

/** A body of more is read on a thread of its own. */
const LARGE_BYTES = 64 * 1024;

const here: RequestHandler = (_req, _res, next) => {
  next();
};

/** What goes to the workers, always or only where its body is large; without workers all of it is done where it came in. */
export function lanes(workers: HeavyWorkers | undefined): Record<'heavy' | 'heavyIfLarge', RequestHandler> {
  const heavy = workers?.forward ?? here;
  return {
    heavy,
    heavyIfLarge: (req, res, next) => {
      // A body that does not say how large it is may be of any size.
      const isSmall = Number(req.headers['content-length']) <= LARGE_BYTES;
      void (isSmall ? here : heavy)(req, res, next);
    },
  };
}
