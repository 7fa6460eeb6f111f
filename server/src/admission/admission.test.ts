import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { pino } from 'pino';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { app } from '../app.ts';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const newJob = () => ({ id: uuidv7(), propertyId: uuidv7(), job: { name: 'Wall' }, property: {} });
const post = (headers: Readonly<Record<string, string>>) =>
  request(fresh.app).post('/api/v1/jobs').set(headers).send(newJob());

describe('the name that a request comes by', () => {
  it.each([
    'evil.example',
    'evil.example:4600',
    '127.0.0.1.evil.example',
    'localhost.evil.example',
    '192.168.1.4',
    'a b',
    '',
  ])('is refused as "%s", for pages as for answers', async (host) => {
    for (const path of ['/', '/api/v1/customers', '/healthz']) {
      const answer = await request(fresh.app).get(path).set('Host', host);
      expect([path, answer.status]).toEqual([path, 421]);
      expect(answer.body).toMatchObject({ type: 'urn:etappe:misdirected' });
    }
  });

  it.each(['localhost', 'LOCALHOST:4600', '127.0.0.1:80', '127.9.9.9', '[::1]:4600', 'localhost.'])(
    'may be %s',
    async (host) => {
      expect((await request(fresh.app).get('/api/v1/jobs').set('Host', host)).status).toBe(200);
    },
  );

  it('may be one that who runs the server has named', async () => {
    const { stores, database, house } = fresh;
    const named = app({
      stores,
      database,
      house,
      webFolder: '/nowhere',
      allowedHosts: ['crew.example'],
      logger: pino({ level: 'silent' }),
    });
    expect((await request(named).get('/api/v1/jobs').set('Host', 'Crew.example:443')).status).toBe(200);
    expect((await request(named).get('/api/v1/jobs').set('Host', 'x.crew.example')).status).toBe(421);
  });
});

describe('what wants to write', () => {
  it.each<[string, Record<string, string>]>([
    ['a page of somebody else', { Host: 'localhost:4600', Origin: 'https://evil.example' }],
    ['another port of this machine', { Host: 'localhost:4600', Origin: 'http://localhost:3000' }],
    ['a page that hides where it comes from', { Host: 'localhost:4600', Origin: 'null' }],
    ['a browser that says so', { 'Sec-Fetch-Site': 'cross-site' }],
    ['a neighbour of the same name', { 'Sec-Fetch-Site': 'same-site' }],
  ])('is refused as %s', async (_, headers) => {
    const answer = await post(headers);
    expect(answer.status).toBe(403);
    expect(answer.body).toMatchObject({ type: 'urn:etappe:foreign-origin' });
    expect((await request(fresh.app).get('/api/v1/jobs')).body).toMatchObject({ total: 0 });
    for (const path of ['/api/v1/photos', '/api/v1/data-sheets'])
      expect(
        (await request(fresh.app).post(path).set(headers).attach('photo', Buffer.from('x'), 'x.jpg')).status,
      ).toBe(403);
    expect((await request(fresh.app).delete(`/api/v1/jobs/${uuidv7()}`).set(headers)).status).toBe(403);
  });

  it.each<[string, Record<string, string>]>([
    [
      'a page of this server',
      { Host: 'localhost:4600', Origin: 'http://localhost:4600', 'Sec-Fetch-Site': 'same-origin' },
    ],
    ['a page behind a proxy that speaks TLS', { Host: 'localhost', Origin: 'https://localhost' }],
    ['no browser', {}],
  ])('is let in as %s', async (_, headers) => {
    expect((await post(headers)).status).toBe(201);
  });
});

describe('a body', () => {
  const send = (type: string | null, body: string, path = '/api/v1/jobs') => {
    const asked = request(fresh.app).post(path);
    return type === null
      ? asked.unset('Content-Type').send(Buffer.from(body))
      : asked.set('Content-Type', type).send(body);
  };

  it.each([
    'text/plain',
    'application/x-www-form-urlencoded',
    'multipart/form-data',
    'application/jsonx',
    'json',
  ])('of kind %s is not read', async (type) => {
    const answer = await send(type, JSON.stringify(newJob()));
    expect([answer.status, (answer.body as { type: string }).type]).toEqual([
      415,
      'urn:etappe:unsupported-media-type',
    ]);
  });

  it('may say its letters', async () => {
    expect((await send('application/json; charset=utf-8', JSON.stringify(newJob()))).status).toBe(201);
  });

  it('that is not there is missed, not stumbled over', async () => {
    for (const path of [
      '/api/v1/jobs',
      '/api/v1/jobs/import',
      '/api/v1/handbook/changes',
      '/api/v1/templates',
    ]) {
      expect((await request(fresh.app).post(path)).status).toBe(415);
      const empty = await request(fresh.app).post(path).set('Content-Type', 'application/json');
      expect([empty.status, (empty.body as { type: string }).type]).toEqual([422, 'urn:etappe:invalid']);
    }
  });

  it('of a million ones is refused at once, with one fault', async () => {
    const ones = `[${'1,'.repeat(999_999)}1]`;
    const answer = await send('application/json', `{"changes":${ones}}`, `/api/v1/jobs/${uuidv7()}/changes`);
    expect(answer.status).toBe(422);
    expect(answer.text.length).toBeLessThan(1000);
    expect(answer.body).toMatchObject({
      faults: [{ path: 'changes', message: expect.stringContaining('has 1000000 entries') }],
    });
  });

  it('with thousands of faults tells a hundred of them', async () => {
    const changes = Array.from({ length: 5000 }, (_, i) => ({ id: i, kind: 'cheese' }));
    const answer = await request(fresh.app).post(`/api/v1/jobs/${uuidv7()}/changes`).send({ changes });
    const body = answer.body as { faults: unknown[]; untold: number };
    expect([answer.status, body.faults.length, body.untold > 1000]).toEqual([422, 100, true]);
    expect(answer.text.length).toBeLessThan(65_536);
  });

  it.each([
    ['a NUL character', '{"name":"a\\u0000b"}'],
    ['half a character', '{"name":"\\ud83d"}'],
    ['a name that is not taken', '{"__proto__":{"id":1}}'],
    ['nested deeper than 50', `${'['.repeat(5000)}${']'.repeat(5000)}`],
    ['too large a number', '{"name":1e999}'],
  ])('with %s is refused by name', async (what, body) => {
    const answer = await send('application/json', body);
    expect(answer.status).toBe(422);
    expect(answer.text).toContain(what);
  });

  it('is told off with a short piece of it, however large it is', async () => {
    const answer = await request(fresh.app)
      .post('/api/v1/jobs')
      .send({ ...newJob(), job: ['x'.repeat(100_000), { a: 1 }] });
    expect(answer.text.length).toBeLessThan(1000);
    expect(answer.body).toMatchObject({ faults: [{ value: expect.stringMatching(/^\["x{190,}.* …$/) }] });
  });
});

describe('what the API answers', () => {
  it('is kept by nobody', async () => {
    for (const path of ['/api/v1/jobs', '/api/v1/handbook', '/api/v1/gone'])
      expect((await request(fresh.app).get(path)).headers['cache-control']).toBe('no-store');
  });
});
