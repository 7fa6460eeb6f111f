import { afterEach, beforeEach, describe, expect, it, jest } from '@jest/globals';
import { ServerReach, heedNetworkHints } from './server-reach.ts';

let answers: boolean[];
let asked: number;
let timers: { readonly at: number; readonly call: () => void }[];
let now: number;

function reach(): ServerReach {
  return new ServerReach({
    probe: async () => {
      asked += 1;
      await Promise.resolve();
      if (!(answers.shift() ?? false)) throw new Error('lost');
    },
    after: (milliseconds, call) => {
      const timer = { at: now + milliseconds, call };
      timers.push(timer);
      return () => (timers = timers.filter((t) => t !== timer));
    },
  });
}

/** Lets the next timer ring, and what it started end. */
async function nextTimer(): Promise<number> {
  const [first] = timers.sort((a, b) => a.at - b.at);
  if (!first) throw new Error('nothing is awaited');
  const waited = first.at - now;
  now = first.at;
  timers = timers.filter((t) => t !== first);
  first.call();
  await settle();
  return waited;
}
async function settle(): Promise<void> {
  for (let i = 0; i < 10; i += 1) await Promise.resolve();
}

beforeEach(() => {
  answers = [];
  asked = 0;
  timers = [];
  now = 0;
});
afterEach(() => {
  jest.restoreAllMocks();
});

describe('whether the server can be reached', () => {
  it('is a matter of requests, whatever the device says of its network', async () => {
    jest.spyOn(navigator, 'onLine', 'get').mockReturnValue(true);
    const server = reach();
    expect(server.read()).toBe('reached');
    server.failed();
    expect(server.read()).toBe('unreachable');
    answers = [true];
    await nextTimer();
    expect(server.read()).toBe('reached');
    expect(timers).toEqual([]);
  });

  it('is asked again and again, more and more seldom, until there is an answer', async () => {
    const server = reach();
    server.failed();
    const waits: number[] = [];
    for (let i = 0; i < 6; i += 1) waits.push(await nextTimer());
    expect(waits).toEqual([1000, 2000, 4000, 8000, 8000, 8000]);
    expect(asked).toBe(6);
    answers = [true];
    await nextTimer();
    server.failed();
    expect(await nextTimer()).toBe(1000);
  });

  it('is told once to those who wait, and to nobody while it always answered', async () => {
    const server = reach();
    let back = 0;
    const deaf = server.whenBack(() => (back += 1));
    server.answered();
    expect(back).toBe(0);
    server.failed();
    server.failed();
    server.answered();
    server.answered();
    expect(back).toBe(1);
    expect(timers).toEqual([]);
    deaf();
    server.failed();
    server.answered();
    expect(back).toBe(1);
    await settle();
  });

  it('is not decided by a hint: a network that came or went is a reason to ask', async () => {
    const server = reach();
    heedNetworkHints(server);
    window.dispatchEvent(new Event('offline'));
    window.dispatchEvent(new Event('offline'));
    expect(server.read()).toBe('reached');
    expect(asked).toBe(1);
    await settle();
    expect(server.read()).toBe('unreachable');
    answers = [true];
    window.dispatchEvent(new Event('online'));
    await settle();
    expect(server.read()).toBe('reached');
  });
});
