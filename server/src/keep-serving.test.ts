import { EventEmitter } from 'node:events';
import { describe, expect, it } from '@jest/globals';
import { keepServing } from '../../scripts/keep-serving.mjs';

type End = number | NodeJS.Signals;

/** Serves with servers that end one after the other, having listened or not; the last one on purpose. */
async function kept(ends: readonly { readonly listened: boolean; readonly end: End }[]) {
  const said: string[] = [];
  const ports: number[] = [];
  const left = [...ends];
  const served = keepServing({
    start: (port) => {
      ports.push(port);
      const server = new EventEmitter();
      const { listened, end } = left.shift() ?? { listened: true, end: 0 };
      setImmediate(() => {
        if (listened) server.emit('message', { listening: 4711 });
        server.emit('exit', ...(typeof end === 'number' ? [end, null] : [null, end]));
      });
      return server;
    },
    stopping: () => false,
    say: (text) => said.push(text),
    waits: [0.001, 0.002],
  });
  const failure = await served.then(
    () => null,
    (error: unknown) => (error as Error).message,
  );
  return { said, ports, failure };
}

describe('a server that is kept going', () => {
  it('is started again on its port when it was killed, and says so', async () => {
    const { said, ports, failure } = await kept([
      { listened: true, end: 'SIGKILL' },
      { listened: true, end: 0 },
    ]);
    expect(failure).toBeNull();
    expect(ports).toEqual([0, 4711]);
    expect(said[1]).toBe(
      'The server was killed by SIGKILL. It is started again in 0.001 s (1 of 2); nothing that was acknowledged is lost.',
    );
  });

  it('is given up when it falls again and again, and that is told as a failure', async () => {
    const { ports, failure } = await kept([
      { listened: true, end: 'SIGABRT' },
      { listened: true, end: 7 },
      { listened: false, end: 'SIGABRT' },
    ]);
    expect(ports).toHaveLength(3);
    expect(failure).toMatch(/^The server was killed by SIGABRT, after it had fallen 2 times before/);
  });

  it('is not started again where it has never listened', async () => {
    const { ports, failure } = await kept([{ listened: false, end: 1 }]);
    expect(ports).toHaveLength(1);
    expect(failure).toMatch(/^The server stopped with code 1\./);
  });
});
