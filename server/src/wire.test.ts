import { readFile } from 'node:fs/promises';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import {
  acknowledgementSchema,
  answerFault,
  changesLogSchema,
  customerSchema,
  customersListSchema,
  handbookLogSchema,
  issuedOrderSchema,
  jobsPageSchema,
  keptPhotoSchema,
  keptSheetSchema,
  lotUsesSchema,
  madeSchema,
  newerEntitiesSchema,
  openedJobSchema,
  orderDocumentSchema,
  plan,
  propertiesPageSchema,
  reservationsListSchema,
  storedHandbookSchema,
  surveyOf,
  templatesListSchema,
} from '@etappe/core';
import type { AnswerSchema } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { freshApp } from './test/fresh-app.ts';
import type { FreshApp } from './test/fresh-app.ts';

let fresh: FreshApp;
let job: string;
beforeAll(async () => {
  fresh = await freshApp();
  job = await fresh.demoJob();
});
afterAll(() => fresh.close());

type Method = 'get' | 'post' | 'put' | 'delete';

/** The answer to a request, after it was held against its schema. */
async function answered<T>(method: Method, path: string, schema: AnswerSchema<T>, body?: object): Promise<T> {
  const asked = request(fresh.app)[method](`/api/v1${path}`);
  const answer = await (body === undefined ? asked : asked.send(body));
  expect([method, path, answer.status, answerFault(schema, answer.body)]).toEqual([
    method,
    path,
    method === 'post' && answer.status === 201 ? 201 : 200,
    null,
  ]);
  return answer.body as T;
}

const file = (name: string) => new URL(`../../demo/${name}`, import.meta.url);

describe('what crosses the network', () => {
  it('of jobs, their changes and their orders is what the schemas say', async () => {
    await answered('post', `/jobs/${job}/copies`, madeSchema, { id: uuidv7(), name: 'Copy' });
    expect((await answered('get', '/jobs', jobsPageSchema)).total).toBe(2);
    const opened = await answered('get', `/jobs/${job}`, openedJobSchema);
    const surface = opened.entities.find(({ kind }) => kind === 'surface');
    const changes = [
      { id: uuidv7(), kind: 'surface', entity: surface?.id, op: 'patch', base: 1, fields: { name: 'Wall' } },
      {
        id: uuidv7(),
        kind: 'finding',
        entity: 'new',
        op: 'create',
        base: 0,
        fields: { surface: surface?.id, contaminant: 'moss', severity: 1, share: 1, zone: null, note: '' },
      },
      { id: uuidv7(), kind: 'finding', entity: 'new', op: 'delete', base: 1, fields: {} },
    ];
    const deviceAt = '2026-05-04T08:00:00.000Z';
    await answered('post', `/jobs/${job}/changes`, acknowledgementSchema, { changes, deviceAt });
    await answered('get', `/jobs/${job}/changes?after=0`, newerEntitiesSchema);
    await answered('get', `/jobs/${job}/log/${surface?.id ?? ''}`, changesLogSchema);
    const { state } = await fresh.stores.jobs.open({ house: fresh.house, actor: 'Test' }, job);
    const made = plan(surveyOf(state), { asOf: '2026-05-04', seed: 1, budget: 1 });
    const { fronts, schedule } = made.visit ?? {};
    const { number } = await answered('post', `/jobs/${job}/orders`, issuedOrderSchema, {
      id: uuidv7(),
      inputsHash: made.inputsHash,
      decided: { fronts, schedule },
    });
    await answered('get', `/jobs/${job}/orders/${number}`, orderDocumentSchema);
    expect((await answered('get', `/jobs/${job}`, openedJobSchema)).orders).toHaveLength(1);
  });

  it('of properties, customers, templates, handbook and stock is what the schemas say', async () => {
    await answered('get', '/properties', propertiesPageSchema);
    const { customers } = await answered('get', '/customers', customersListSchema);
    const contact = { person: 'Ida', phone: '1', mail: 'ida@example.org', note: '' };
    await answered('put', `/customers/${customers[0]?.id ?? ''}/contact`, customerSchema, contact);
    await answered('post', '/templates', madeSchema, { id: uuidv7(), name: 'Tower', job });
    expect((await answered('get', '/templates', templatesListSchema)).templates).toHaveLength(1);
    const lot = {
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
    const changes = [{ id: uuidv7(), part: 'lot', entry: 'white', op: 'put', base: 0, detail: lot }];
    await answered('post', '/handbook/changes', storedHandbookSchema, { changes });
    await answered('get', '/handbook', storedHandbookSchema);
    expect((await answered('get', '/handbook/log', handbookLogSchema)).changes).toHaveLength(1);
    await answered('get', '/stock/reservations', reservationsListSchema);
    await answered('post', '/stock/uses', lotUsesSchema, { id: uuidv7(), job, lot: 'white', amount: 1.5 });
    expect((await answered('get', `/stock/uses?job=${job}`, lotUsesSchema)).uses).toHaveLength(1);
  });

  it('of pictures and data sheets is what the schemas say', async () => {
    const picture = await readFile(file('photos/drum-north.jpg'));
    for (const [path, field, schema] of [
      ['/photos', 'photo', keptPhotoSchema],
      ['/data-sheets', 'sheet', keptSheetSchema],
    ] as const) {
      const answer = await request(fresh.app).post(`/api/v1${path}`).attach(field, picture, 'picture.jpg');
      expect([path, answer.status, answerFault(schema, answer.body)]).toEqual([path, 201, null]);
    }
  });

  it('is told with where it is wrong', () => {
    expect(answerFault(madeSchema, { id: 'x' })).toMatch(/"id"/);
    expect(answerFault(madeSchema, undefined)).toMatch(/required/);
    expect(answerFault(null, {})).toBe('an answer was not expected');
    expect(answerFault(null, undefined)).toBeNull();
  });
});
