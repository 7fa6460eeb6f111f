import { setTimeout as wait } from 'node:timers/promises';
import { Mendable } from './say.mjs';

/** Waits before each new start, in seconds; after so many in a row it is given up. */
const WAITS_SECONDS = [1, 2, 4, 8, 16];
/** A server that lived so long has recovered: what comes after counts anew. */
const RECOVERED_SECONDS = 120;

/**
 * Runs a server and starts it again, later each time, when it dies: killed by the system for its memory, or by an error that
 * nobody foresaw. One that ends before it has ever listened is not started again: it would end the same way.
 *
 * @param start starts the server on a port, 0 for any, and gives its process, which tells `{ listening }`
 * @param stopping whether it is stopped on purpose
 * @param waits seconds before each new start
 * @throws Mendable once it is given up
 */
export async function keepServing({ start, stopping, say, port = 0, waits = WAITS_SECONDS }) {
  let fallen = 0;
  let kept = port;
  for (;;) {
    const began = Date.now();
    let listens = false;
    const server = start(kept);
    server.on('message', ({ listening }) => {
      listens = true;
      // What has the page open finds it where it was.
      kept = listening;
      say(`Etappe runs at http://127.0.0.1:${listening}/  (Ctrl-C stops it)`);
    });
    const how = await new Promise((resolve) => {
      server.once('exit', (code, signal) => resolve(signal ?? code));
    });
    if (stopping() || how === 0) return;
    const words = typeof how === 'number' ? `stopped with code ${how}` : `was killed by ${how}`;
    if (Date.now() - began > 1000 * RECOVERED_SECONDS) fallen = 0;
    const seconds = listens || fallen > 0 ? waits[fallen] : undefined;
    if (seconds === undefined)
      throw new Mendable(
        fallen > 0
          ? `The server ${words}, after it had fallen ${fallen} times before.`
          : `The server ${words}.`,
        'look at the lines above; PORT and DATABASE_URL can be set',
      );
    fallen += 1;
    say(
      `The server ${words}. It is started again in ${seconds} s (${fallen} of ${waits.length}); nothing that was acknowledged is lost.`,
    );
    await wait(1000 * seconds);
    if (stopping()) return;
  }
}
