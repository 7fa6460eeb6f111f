import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { inputsHash, plan, surveyOf } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const lot = (more: object = {}) => ({
  agent: 'hypochlorite',
  product: null,
  lot: 'W-1',
  boughtOn: '2026-04-20',
  openedOn: null,
  expiresOn: null,
  place: 'yard',
  left: 40,
  storageCelsius: [15],
  measured: [],
  ...more,
});
const put = (entry: string, detail: object, base = 0) =>
  request(fresh.app)
    .post('/api/v1/handbook/changes')
    .send({ changes: [{ id: uuidv7(), part: 'lot', entry, op: 'put', base, detail }] });
const reserved = async () => {
  const { body } = (await request(fresh.app).get('/api/v1/stock/reservations').expect(200)) as {
    body: {
      reservations: readonly { lot: string; job: string; jobName: string; order: number; amount: number }[];
    };
  };
  return body.reservations;
};
const issue = async (job: string) => {
  const opened = await fresh.stores.jobs.open({ house: fresh.house, actor: 'Test' }, job);
  const made = plan(surveyOf(opened.state), { asOf: '2026-05-04', seed: 1, budget: 1 });
  const { fronts, schedule } = made.visit ?? {};
  await request(fresh.app)
    .post(`/api/v1/jobs/${job}/orders`)
    .send({ id: uuidv7(), inputsHash: made.inputsHash, decided: { fronts, schedule } })
    .expect(201);
  return made;
};

describe('the shelf', () => {
  it('refuses lots of days that have not come, and of agents that are not there', async () => {
    const ahead = await put('tomorrow', lot({ boughtOn: '2099-01-01' })).expect(422);
    expect((ahead.body as { detail: string }).detail).toMatch(
      /bought on 2099-01-01 has not come yet, today is/,
    );
    await put('moonshine', lot({ agent: 'moonshine' })).expect(422);
    await put('backwards', lot({ openedOn: '2026-01-01' })).expect(422);
    expect(await reserved()).toEqual([]);
  });

  it('is reserved by an issued order, once for each job, and set free with the job', async () => {
    await put('white', lot()).expect(200);
    const job = await fresh.demoJob();
    const made = await issue(job);
    const [use] = made.lotUses;
    expect(use?.lot).toBe('white');
    expect(await reserved()).toEqual([
      { lot: 'white', job, jobName: 'Hill observatory, spring clean', order: 1, amount: use?.amount },
    ]);
    await issue(job);
    expect(await reserved()).toMatchObject([{ lot: 'white', order: 2, amount: use?.amount }]);
    const other = await fresh.demoJob();
    await issue(other);
    expect((await reserved()).map((r) => r.job).sort()).toEqual([job, other].sort());
    await request(fresh.app).delete(`/api/v1/jobs/${other}`).expect(204);
    expect((await reserved()).map((r) => r.job)).toEqual([job]);
  });

  it('makes a plan stale where it changes what is mixed', async () => {
    const job = await fresh.demoJob();
    const before = await issue(job);
    await put(
      'white',
      lot({ measured: [{ on: '2026-05-01', gramsPerLitre: 80, how: 'strip', by: 'Ida' }] }),
      1,
    ).expect(200);
    const after = await issue(job);
    expect(after.inputsHash).not.toBe(before.inputsHash);
    const litres = (made: typeof before) => made.lotUses.find((u) => u.lot === 'white')?.amount ?? 0;
    expect(litres(after)).toBeGreaterThan(litres(before));
  });
});

describe('what was used', () => {
  const left = async () => {
    const { records } = await fresh.stores.handbook.read({ house: fresh.house, actor: 'Test' });
    return records.find((r) => r.part === 'lot' && r.id === 'white')?.detail['left'];
  };
  const record = (use: object) => request(fresh.app).post('/api/v1/stock/uses').send(use);
  const setLeft = async (litres: number) => {
    const { records } = await fresh.stores.handbook.read({ house: fresh.house, actor: 'Test' });
    const revision = records.find((r) => r.part === 'lot' && r.id === 'white')?.revision ?? 0;
    await put('white', lot({ left: litres }), revision).expect(200);
  };

  it('comes off the shelf once, frees what was reserved, and leaves the order of the job as it was', async () => {
    await setLeft(40);
    const job = await fresh.demoJob();
    const before = await issue(job);
    const use = { id: uuidv7(), job, lot: 'white', amount: 7.5 };
    const { body } = (await record(use).expect(200)) as { body: { uses: readonly object[] } };
    expect(body.uses).toMatchObject([{ id: use.id, lot: 'white', amount: 7.5 }]);
    await record(use).expect(200);
    expect(await left()).toBe(32.5);
    expect((await reserved()).filter((r) => r.job === job)).toEqual([]);
    await issue(job);
    expect((await reserved()).filter((r) => r.job === job && r.lot === 'white')).toEqual([]);
    const opened = await fresh.stores.jobs.open({ house: fresh.house, actor: 'Test' }, job);
    expect(inputsHash(surveyOf(opened.state))).toBe(before.inputsHash);
    const other = await fresh.stores.jobs.open({ house: fresh.house, actor: 'Test' }, await fresh.demoJob());
    expect(other.state.handbook.lots.find((l) => l.id === 'white')?.left).toBe(32.5);
    await request(fresh.app).delete(`/api/v1/stock/uses/${use.id}`).expect(204);
    await request(fresh.app).delete(`/api/v1/stock/uses/${use.id}`).expect(204);
    expect(await left()).toBe(40);
  });

  it('is refused whole where it is more than there is, of no job, of no lot, or no amount', async () => {
    await setLeft(3);
    const job = await fresh.demoJob();
    const use = { id: uuidv7(), job, lot: 'white', amount: 5 };
    const { body } = (await record(use).expect(422)) as { body: { faults: readonly { message: string }[] } };
    expect(body.faults[0]?.message).toContain('stock shows 3 left: weigh or dip it');
    for (const amount of [0, -2, 1.23456, 'much']) await record({ ...use, amount }).expect(422);
    await record({ ...use, amount: 1, lot: 'none' }).expect(404);
    await record({ ...use, amount: 1, job: uuidv7() }).expect(404);
    expect(await left()).toBe(3);
    const { body: after } = (await request(fresh.app).get(`/api/v1/stock/uses?job=${job}`).expect(200)) as {
      body: object;
    };
    expect(after).toEqual({ uses: [] });
    await request(fresh.app).get('/api/v1/stock/uses?job=all').expect(422);
  });

  it('of two people at once comes off both times, and never below nothing', async () => {
    await setLeft(5);
    const job = await fresh.demoJob();
    const answers = await Promise.all(
      [2, 2, 2].map((amount) => record({ id: uuidv7(), job, lot: 'white', amount })),
    );
    expect(answers.map((a) => a.status).sort()).toEqual([200, 200, 422]);
    expect(await left()).toBe(1);
  });
});
