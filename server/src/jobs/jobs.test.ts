import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { handbookOf } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { connect, migrate } from '../database/connection.ts';
import { giveDemoJobs } from '../demo-jobs.ts';
import { jobsStore } from './jobs-store.ts';
import { freshApp, freshDatabase } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const create = (job: unknown, id = uuidv7(), property: unknown = {}) =>
  request(fresh.app).post('/api/v1/jobs').send({ id, propertyId: uuidv7(), job, property });

describe('jobs', () => {
  it('are created, listed, opened and deleted', async () => {
    const id = uuidv7();
    expect((await create({ name: 'Mill', units: 'us' }, id, { customer: 'Miller' })).status).toBe(201);
    expect((await request(fresh.app).get('/api/v1/jobs')).body).toMatchObject({
      jobs: [{ id, name: 'Mill', customer: 'Miller', surfaces: 0, lastOrder: null }],
    });
    expect((await request(fresh.app).get(`/api/v1/jobs/${id}`)).body).toMatchObject({
      job: { revision: 1, detail: { name: 'Mill', units: 'us' } },
      entities: [{ id: 'property', detail: { customer: 'Miller' } }],
      orders: [],
    });
    expect((await request(fresh.app).delete(`/api/v1/jobs/${id}`)).status).toBe(204);
    expect((await request(fresh.app).get(`/api/v1/jobs/${id}`)).status).toBe(404);
    expect((await request(fresh.app).delete(`/api/v1/jobs/${id}`)).status).toBe(404);
    expect((await request(fresh.app).get('/api/v1/jobs')).body).toEqual({ jobs: [], total: 0 });
  });

  it('created twice with one id are one', async () => {
    const id = uuidv7();
    await create({ name: 'Twice' }, id);
    expect((await create({ name: 'Twice' }, id)).status).toBe(201);
    const { jobs } = (await request(fresh.app).get('/api/v1/jobs')).body as { jobs: { id: string }[] };
    expect(jobs.filter((j) => j.id === id)).toHaveLength(1);
  });

  it('asked for five times at once are one, made, copied or begun on a property', async () => {
    const five = (ask: () => request.Test) => Promise.all(Array.from({ length: 5 }, ask));
    const statuses = async (ask: () => request.Test) => [
      ...new Set((await five(ask)).map((answer) => answer.status)),
    ];
    const [id, propertyId, copy, next, template] = Array.from({ length: 5 }, () => uuidv7());
    const post = (path: string, body: object) => () => request(fresh.app).post(`/api/v1${path}`).send(body);
    expect(
      await statuses(
        post('/jobs', { id, propertyId, job: { name: 'Five' }, property: { customer: 'Fivefold' } }),
      ),
    ).toEqual([201]);
    expect(await statuses(post(`/jobs/${id}/copies`, { id: copy, name: 'Copy' }))).toEqual([201]);
    expect(await statuses(post('/jobs', { id: next, propertyId, job: { name: 'Next' } }))).toEqual([201]);
    expect(await statuses(post('/templates', { id: template, name: 'Five', job: id }))).toEqual([201]);
    const found = await request(fresh.app).get('/api/v1/jobs?find=fivefold');
    expect((found.body as { jobs: { name: string }[] }).jobs.map((job) => job.name).sort()).toEqual([
      'Copy',
      'Five',
      'Next',
    ]);
  });

  it('described anew on a property that is known are refused as a conflict', async () => {
    const propertyId = uuidv7();
    const body = () => ({ id: uuidv7(), propertyId, job: { name: 'Once' }, property: {} });
    expect((await request(fresh.app).post('/api/v1/jobs').send(body())).status).toBe(201);
    const again = await request(fresh.app).post('/api/v1/jobs').send(body());
    expect([again.status, (again.body as { type: string }).type]).toEqual([409, 'urn:etappe:taken']);
  });

  it('on a place off the globe are refused at the field', async () => {
    const answer = await create({ name: 'x' }, uuidv7(), {
      place: { latitude: 99, longitude: 0, timeZone: 'UTC' },
    });
    expect([
      answer.status,
      (answer.body as { faults: { path: string }[] }).faults.map((f) => f.path),
    ]).toEqual([422, ['place.latitude']]);
  });

  it('are listed page by page, found by name or customer, and sorted by what is asked', async () => {
    const other = await freshApp();
    const post = (name: string, customer: string, start: string | null) =>
      request(other.app)
        .post('/api/v1/jobs')
        .send({ id: uuidv7(), propertyId: uuidv7(), job: { name, start }, property: { customer } });
    await post('Barn', 'zander', '2026-05-03');
    await post('Attic 100%', 'Adams', null);
    await post('Cellar', 'adams', '2026-04-01');
    const names = async (query: string) => {
      const { body } = (await request(other.app).get(`/api/v1/jobs?${query}`)) as {
        body: { jobs: { name: string }[]; total: number };
      };
      return [body.jobs.map((j) => j.name), body.total];
    };
    expect(await names('sort=name')).toEqual([['Attic 100%', 'Barn', 'Cellar'], 3]);
    expect(await names('sort=customer')).toEqual([['Attic 100%', 'Cellar', 'Barn'], 3]);
    expect(await names('sort=start')).toEqual([['Cellar', 'Barn', 'Attic 100%'], 3]);
    expect(await names('')).toEqual([['Cellar', 'Attic 100%', 'Barn'], 3]);
    expect(await names('sort=name&from=1&size=1')).toEqual([['Barn'], 3]);
    expect(await names('find=ADAMS&sort=name')).toEqual([['Attic 100%', 'Cellar'], 2]);
    expect(await names('find=%25&sort=name')).toEqual([['Attic 100%'], 1]);
    expect((await request(other.app).get('/api/v1/jobs?sort=colour')).status).toBe(422);
    expect((await request(other.app).get('/api/v1/jobs?size=9999')).status).toBe(422);
    await other.close();
  });

  it.each<[string, unknown, string]>([
    ['no name', { name: '' }, 'name'],
    ['units of its own', { name: 'x', units: 'cubits' }, 'units'],
    ['an unknown key', { name: 'x', colour: 'red' }, 'colour'],
    [
      'a crew of five',
      { name: 'x', house: { crew: ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id })) } },
      'house.crew',
    ],
  ])('with %s are refused at the field', async (_, job, path) => {
    const answer = await create(job);
    expect(answer.status).toBe(422);
    expect((answer.body as { faults: { path: string }[] }).faults.map((f) => f.path)).toContain(path);
  });

  it('of ids that are none, and addresses that are none, get problem documents', async () => {
    for (const path of ['/api/v1/jobs/not-an-id', `/api/v1/jobs/${uuidv7()}`, '/api/v1/nothing']) {
      const answer = await request(fresh.app).get(path);
      expect([404, 422]).toContain(answer.status);
      expect(answer.type).toBe('application/problem+json');
    }
  });

  it('in a body that is not JSON or far too large are refused', async () => {
    const post = request(fresh.app).post('/api/v1/jobs').type('application/json');
    expect((await post.send('{"id":')).body).toMatchObject({ status: 400, type: 'urn:etappe:not-json' });
    const large = await request(fresh.app)
      .post('/api/v1/jobs')
      .send({ name: 'x'.repeat(3_000_000) });
    expect(large.body).toMatchObject({ status: 413, type: 'urn:etappe:too-large' });
  });
});

describe('the answers', () => {
  it('carry a content security policy without inline script', async () => {
    const policy = (await request(fresh.app).get('/api/v1/jobs')).headers['content-security-policy'] ?? '';
    expect(policy).toMatch(/script-src 'self';/);
    expect(policy).not.toMatch(/unsafe-eval/);
  });

  it('say that all is well while the database answers', async () => {
    expect((await request(fresh.app).get('/healthz')).status).toBe(200);
  });
});

describe('the demo jobs', () => {
  it('come once to a house: deleted, they stay away', async () => {
    const { jobs } = fresh.stores;
    const folder = new URL('../../../demo', import.meta.url).pathname;
    const context = { house: fresh.house, actor: 'Test' };
    const list = async () => (await jobs.list(context, { find: '', sort: 'name', from: 0, size: 100 })).jobs;
    const before = (await list()).length;
    await giveDemoJobs(fresh.stores, fresh.house, folder);
    const given = await list();
    expect(given.length).toBe(before + 3);
    for (const job of given) await jobs.remove(context, job.id);
    await giveDemoJobs(fresh.stores, fresh.house, folder);
    expect(await list()).toEqual([]);
  });

  it('come with the handbook of their house: every product in use has its data sheet', async () => {
    const { records } = await fresh.stores.handbook.read({ house: fresh.house, actor: 'Test' });
    const { products, overrides, materials } = handbookOf(records);
    expect([products.length, overrides.length, materials.length]).toEqual([6, 2, 1]);
    for (const product of products.filter((p) => p.inUse)) {
      const sheet = await request(fresh.app).get(`/api/v1/data-sheets/${product.dataSheet?.sha256 ?? ''}`);
      expect([product.id, sheet.status, sheet.type]).toEqual([product.id, 200, 'application/pdf']);
    }
  });
});

describe('the database', () => {
  it('migrates twice at once, forward and back', async () => {
    const url = await freshDatabase();
    const [a, b] = [connect(url), connect(url)];
    await migrate(a);
    await migrate(b);
    expect(await jobsStore(a).firstHouse()).toBe(await jobsStore(b).firstHouse());
    await Promise.all([a.destroy(), b.destroy()]);
  });

  it('that is away gives 503 with the mend, and is found again by itself', async () => {
    const away = await freshApp();
    const id = await away.demoJob();
    const name = new URL(away.url).pathname.slice(1);
    const admin = connect(process.env['TEST_CLUSTER_URL'] ?? '');
    await admin.raw(`ALTER DATABASE ${name} ALLOW_CONNECTIONS false`);
    await admin.raw(`SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${name}'`);
    const down = await request(away.app).get(`/api/v1/jobs/${id}`);
    expect([down.status, (await request(away.app).get('/healthz')).status]).toEqual([503, 503]);
    expect(down.body).toMatchObject({ type: 'urn:etappe:database-unavailable' });
    await admin.raw(`ALTER DATABASE ${name} ALLOW_CONNECTIONS true`);
    expect((await request(away.app).get(`/api/v1/jobs/${id}`)).status).toBe(200);
    await Promise.all([admin.destroy(), away.close()]);
  });
});
