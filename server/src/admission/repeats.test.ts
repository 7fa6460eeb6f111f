import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { plan } from '@etappe/core';
import sharp from 'sharp';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { demoSurvey, freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
let job: string;
beforeAll(async () => {
  fresh = await freshApp();
  job = await fresh.demoJob();
});
afterAll(() => fresh.close());

/** The same request five times at once, as a device sends it that hears no answer. */
async function five(ask: () => request.Test): Promise<readonly request.Response[]> {
  return Promise.all(Array.from({ length: 5 }, ask));
}
const post = (path: string, body: object) => () => request(fresh.app).post(`/api/v1${path}`).send(body);
const read = async (path: string) =>
  (await request(fresh.app).get(`/api/v1${path}`)).body as Record<string, never>;

describe('a write that comes five times at once is done once', () => {
  it('as a batch of changes', async () => {
    const change = {
      id: uuidv7(),
      kind: 'surface',
      entity: 'yard-east',
      op: 'patch',
      base: 1,
      fields: { name: 'Once' },
    };
    const answers = await five(post(`/jobs/${job}/changes`, { changes: [change] }));
    expect(answers.map((answer) => answer.status)).toEqual([200, 200, 200, 200, 200]);
    const revisions = answers.map(
      (answer) => (answer.body as { revisions: Record<string, number> }).revisions[change.id],
    );
    expect(new Set(revisions)).toEqual(new Set([2]));
  });

  it('as an order', async () => {
    const other = await fresh.demoJob();
    const { inputsHash, visit } = plan(await demoSurvey(), { asOf: '2026-05-04', seed: 1, budget: 1 });
    const decided = { fronts: visit?.fronts, schedule: visit?.schedule };
    const answers = await five(post(`/jobs/${other}/orders`, { id: uuidv7(), inputsHash, decided }));
    expect(answers.map((answer) => answer.status)).toEqual([201, 201, 201, 201, 201]);
    expect((await read(`/jobs/${other}`))['orders']).toHaveLength(1);
  });

  it('as an entry of the handbook, and what is used of a lot', async () => {
    const detail = {
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
    };
    const put = await five(
      post('/handbook/changes', {
        changes: [{ id: uuidv7(), part: 'lot', entry: 'white', op: 'put', base: 0, detail }],
      }),
    );
    expect(put.map((answer) => answer.status)).toEqual([200, 200, 200, 200, 200]);
    const used = await five(post('/stock/uses', { id: uuidv7(), job, lot: 'white', amount: 10 }));
    expect(used.map((answer) => answer.status)).toEqual([200, 200, 200, 200, 200]);
    const { records } = (await read('/handbook')) as unknown as {
      records: { id: string; detail: { left: number } }[];
    };
    expect(records.find((record) => record.id === 'white')?.detail.left).toBe(30);
  });

  it('as an import, a photo and a data sheet', async () => {
    const file = { format: 'etappe-job', version: 2, name: 'Five', surfaces: [] };
    const imported = await five(post('/jobs/import', { id: uuidv7(), propertyId: uuidv7(), file }));
    expect(imported.map((answer) => answer.status)).toEqual([201, 201, 201, 201, 201]);
    expect((await read('/jobs?find=Five'))['total']).toBe(1);
    const picture = await sharp({ create: { width: 80, height: 60, channels: 3, background: '#765' } })
      .jpeg()
      .toBuffer();
    for (const [path, field] of [
      ['/api/v1/photos', 'photo'],
      ['/api/v1/data-sheets', 'sheet'],
    ] as const) {
      const sent = await five(() => request(fresh.app).post(path).attach(field, picture, 'wall.jpg'));
      expect(sent.map((answer) => answer.status)).toEqual([201, 201, 201, 201, 201]);
    }
  });

  it('as what is taken back, and is gone', async () => {
    const gone = await five(() => request(fresh.app).delete(`/api/v1/stock/uses/${uuidv7()}`));
    expect(gone.map((answer) => answer.status)).toEqual([204, 204, 204, 204, 204]);
    // Of five that delete a job one does it, and the others hear that it is not there: none fails.
    const deleted = await five(() => request(fresh.app).delete(`/api/v1/jobs/${job}`));
    expect(deleted.map((answer) => answer.status).sort()).toEqual([204, 404, 404, 404, 404]);
  });
});
