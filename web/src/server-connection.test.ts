import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { ServerProblem, server } from './server-connection.ts';
import { serverReach } from './server-reach.ts';

type Answer = (signal: AbortSignal) => Promise<{ status: number; text: string }>;
let answer: Answer;
const says = (status: number, text: string): Answer => {
  return () => Promise.resolve({ status, text });
};
/** Takes the connection and never says a word. */
const silent: Answer = (signal) =>
  new Promise((_, reject) => {
    signal.addEventListener('abort', () => {
      reject(new Error('timed out'));
    });
  });

const before = globalThis.fetch;
beforeEach(() => {
  jest.useFakeTimers();
  // jsdom's own has no limit that a test could let pass.
  AbortSignal.timeout = (milliseconds) => {
    const limit = new AbortController();
    setTimeout(() => {
      limit.abort();
    }, milliseconds);
    return limit.signal;
  };
  globalThis.fetch = (async (_url: string, { signal }: RequestInit) => {
    if (!signal) throw new Error('a call without a limit');
    const { status, text } = await answer(signal);
    return { status, ok: status < 400, text: () => Promise.resolve(text) };
  }) as unknown as typeof fetch;
});
afterEach(() => {
  serverReach.answered();
  globalThis.fetch = before;
  jest.useRealTimers();
});

const problem = async () => {
  const thrown: unknown = await server.customers().catch((error: unknown) => error);
  if (!(thrown instanceof ServerProblem)) throw new Error('no problem was told');
  return thrown;
};

describe('a call to the server', () => {
  it('gives what the server says', async () => {
    answer = says(200, '{"customers":[]}');
    expect(await server.customers()).toEqual({ customers: [] });
    answer = says(204, '');
    await expect(server.deleteJob('a')).resolves.toBeUndefined();
    expect(serverReach.read()).toBe('reached');
  });

  it('is offline where nothing answers', async () => {
    answer = () => Promise.reject(new TypeError('Failed to fetch'));
    expect(await problem()).toMatchObject({ status: 0, passes: true });
    expect(serverReach.read()).toBe('unreachable');
  });

  it('is offline where the sign-in page of a network answers instead', async () => {
    answer = says(200, '<html>Welcome to our guests’ network</html>');
    expect(await problem()).toMatchObject({ status: 0, passes: true });
    expect(serverReach.read()).toBe('unreachable');
  });

  it('is not offline where the server has trouble or says no', async () => {
    answer = says(503, '{"detail":"The database does not answer."}');
    expect(await problem()).toMatchObject({ status: 503, passes: true });
    answer = says(502, '<html>Bad gateway</html>');
    expect(await problem()).toMatchObject({ status: 502, passes: true, message: 'The server answered 502.' });
    // An error that nobody foresaw may pass too; and who is not let in now may be later.
    for (const status of [500, 403, 421, 429]) {
      answer = says(status, '{}');
      expect(await problem()).toMatchObject({ status, passes: true });
    }
    // A full disk wants a person, a refusal wants another edit.
    for (const status of [507, 409, 413, 422]) {
      answer = says(status, '{}');
      expect(await problem()).toMatchObject({ status, passes: false });
    }
    answer = says(404, '{"detail":"There is no such job."}');
    expect(await problem()).toMatchObject({ status: 404, passes: false, message: 'There is no such job.' });
    expect(serverReach.read()).toBe('reached');
  });

  it('asks after some seconds whether a silent server is there, and gives up at a limit', async () => {
    answer = silent;
    const told = problem();
    expect(serverReach.read()).toBe('reached');
    await jest.advanceTimersByTimeAsync(10_000);
    expect(serverReach.read()).toBe('unreachable');
    await jest.advanceTimersByTimeAsync(25_000);
    expect(await told).toMatchObject({ status: 0, passes: true });
  });

  it('gives a large file the time that a bad signal needs', async () => {
    answer = silent;
    let ended = false;
    const sent = server.sendPhoto(new Blob([new Uint8Array(2_000_000)])).catch(() => {
      ended = true;
    });
    await jest.advanceTimersByTimeAsync(200_000);
    expect(ended).toBe(false);
    await jest.advanceTimersByTimeAsync(40_000);
    await sent;
    expect(ended).toBe(true);
  });
});
