import { mkdtempSync } from 'node:fs';
import { createServer } from 'node:http';
import type { RequestListener } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, describe, expect, it } from '@jest/globals';
import express from 'express';
import { pinoHttp } from 'pino-http';
import request from 'supertest';
import { problemHandler } from '../problems/problem-handler.ts';
import { HeavyWorkers } from './heavy-workers.ts';
import { isLarge, lanes } from './lanes.ts';
import type { Worker } from './heavy-workers.ts';

const open: HeavyWorkers[] = [];
afterEach(() => {
  for (const workers of open.splice(0)) workers.stop();
});

/** A worker on this thread; `die` ends it as a lack of memory does. */
function workerThat(listener: RequestListener): Worker & { die: () => void } {
  const path = join(mkdtempSync(join(tmpdir(), 'etappe-worker-')), 'socket');
  const server = createServer(listener);
  let die: () => void = () => undefined;
  const ended = new Promise<void>((resolve) => {
    die = () => {
      server.closeAllConnections();
      server.close(() => {
        resolve();
      });
    };
  });
  const socket = new Promise<string>((resolve) => {
    server.listen(path, () => {
      resolve(path);
    });
  });
  return { socket, ended, stop: die, die };
}

function served(start: () => Worker, count: number) {
  const workers = new HeavyWorkers(start, count, 1);
  open.push(workers);
  const { heavyIf } = lanes(workers);
  return express()
    .use(pinoHttp({ enabled: false }))
    .post('/changes', heavyIf(isLarge), (_req, res) => res.json({ by: 'main' }))
    .use(problemHandler);
}

describe('heavy requests', () => {
  it('go on with their body and head, and come back with their answer; small ones stay', async () => {
    const app = served(
      () =>
        workerThat((req, res) => {
          let bytes = 0;
          req.on('data', (chunk: Buffer) => (bytes += chunk.length));
          req.on('end', () => {
            res.writeHead(418, { 'x-worker': 'yes' });
            res.end(JSON.stringify({ bytes, person: req.headers['etappe-person'], url: req.url }));
          });
        }),
      1,
    );
    const large = await request(app)
      .post('/changes?a=1')
      .set('Etappe-Person', 'Ada')
      .send({ text: 'x'.repeat(100_000) });
    expect([large.status, large.headers['x-worker']]).toEqual([418, 'yes']);
    expect(large.text).toBe('{"bytes":100011,"person":"Ada","url":"/changes?a=1"}');
    expect((await request(app).post('/changes').send({ text: 'x' })).body).toEqual({ by: 'main' });
  });

  it('are to be sent again where their worker dies, and find another one', async () => {
    const started: ReturnType<typeof workerThat>[] = [];
    const app = served(() => {
      const generation = started.length + 1;
      const worker = workerThat((req, res) => {
        if (generation === 1) started[0]?.die();
        else {
          req.resume();
          res.end(`by ${generation}`);
        }
      });
      started.push(worker);
      return worker;
    }, 1);
    const send = () =>
      request(app)
        .post('/changes')
        .send({ text: 'x'.repeat(100_000) });
    const cut = await send();
    expect([cut.status, (cut.body as { type: string }).type, cut.headers['retry-after']]).toEqual([
      503,
      'urn:etappe:busy',
      '2',
    ]);
    for (let tries = 0; started.length < 2 && tries < 100; tries += 1) await send();
    expect((await send()).text).toBe('by 2');
  });

  it('beyond what the workers hold are told to come again, and get in later', async () => {
    const waiting: (() => void)[] = [];
    const app = served(
      () =>
        workerThat((req, res) => {
          req.resume();
          waiting.push(() => res.end('done'));
        }),
      2,
    );
    const send = () =>
      request(app)
        .post('/changes')
        .send({ text: 'x'.repeat(100_000) })
        .then((answer) => answer.status);
    const statuses: number[] = [];
    const all = Array.from({ length: 30 }, () => send().then((status) => statuses.push(status)));
    while (waiting.length < 24 || statuses.length < 6) await new Promise((resolve) => setTimeout(resolve, 5));
    expect(statuses).toEqual(Array.from({ length: 6 }, () => 503));
    for (const end of waiting) end();
    await Promise.all(all);
    expect(statuses.filter((status) => status === 200)).toHaveLength(24);
    const later = send();
    while (waiting.length < 25) await new Promise((resolve) => setTimeout(resolve, 5));
    waiting[24]?.();
    expect(await later).toBe(200);
  });
});
