import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { VersionedEntity } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { open, surveyIn } from '../test/opened-job.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());
const post = (path: string, body: object) => request(fresh.app).post(`/api/v1${path}`).send(body);
const change = (job: string, fields: Record<string, unknown>, more: object = {}) =>
  post(`/jobs/${job}/changes`, {
    changes: [{ id: uuidv7(), kind: 'surface', entity: 'drum-north', op: 'patch', base: 1, fields, ...more }],
  });

describe('a new job on a known property', () => {
  it('carries over what lasts, asks for what passes, and knows what was found last time', async () => {
    const first = await open(fresh, await fresh.demoJob());
    const id = uuidv7();
    expect((await post('/jobs', { id, propertyId: first.propertyId, job: { name: 'Autumn' } })).status).toBe(
      201,
    );
    const next = await open(fresh, id);
    const [before, now] = [surveyIn(first), surveyIn(next)];
    expect([now.property, now.sides, now.surfaces, now.features, now.waterPoints]).toEqual([
      before.property,
      before.sides,
      before.surfaces,
      before.features,
      before.waterPoints,
    ]);
    expect([now.findings, now.scopes, now.choices, now.job.start, now.job.name]).toEqual([
      [],
      [],
      [],
      null,
      'Autumn',
    ]);
    expect(next.previous?.id).toBe(first.id);
    expect(next.previous?.findings.length).toBe(before.findings.length);
    expect(first.previous).toBeNull();
  });

  it('shares what lasts and keeps apart what passes', async () => {
    const one = await open(fresh, await fresh.demoJob());
    const id = uuidv7();
    await post('/jobs', { id, propertyId: one.propertyId, job: { name: 'Second' } });
    await change(one.id, { name: 'Drum' });
    await change(
      id,
      {},
      {
        kind: 'finding',
        entity: 'mine',
        op: 'create',
        base: 0,
        fields: { surface: 'drum-north', contaminant: 'lichen', severity: 1 },
      },
    );
    expect(surveyIn(await open(fresh, id)).surfaces.find((s) => s.id === 'drum-north')?.name).toBe('Drum');
    expect(surveyIn(await open(fresh, one.id)).findings.some((f) => f.id === 'mine')).toBe(false);
    const taken = await change(
      one.id,
      {},
      {
        kind: 'finding',
        entity: 'mine',
        op: 'create',
        base: 0,
        fields: { surface: 'drum-north', contaminant: 'mineral-oil', severity: 1 },
      },
    );
    expect([taken.status, JSON.stringify(taken.body)]).toEqual([
      422,
      expect.stringContaining('belongs to another job'),
    ]);
  });

  it('of a property that is not there is refused', async () => {
    expect((await post('/jobs', { id: uuidv7(), propertyId: uuidv7(), job: { name: 'x' } })).status).toBe(
      404,
    );
  });
});

describe('properties and customers', () => {
  it('are listed with their jobs; a customer is one, however its name is written', async () => {
    const other = await freshApp();
    const make = (name: string, customer: string) =>
      request(other.app)
        .post('/api/v1/jobs')
        .send({ id: uuidv7(), propertyId: uuidv7(), job: { name }, property: { name, customer } });
    await make('Mill', 'Miller');
    await make('Barn', 'MILLER');
    await make('Shed', '');
    const list = async (find = '') =>
      (await request(other.app).get(`/api/v1/properties?find=${find}`)).body as {
        total: number;
        properties: { name: string; customer: string; jobs: unknown[] }[];
      };
    expect((await list()).properties.map((p) => [p.name, p.customer, p.jobs.length])).toEqual([
      ['Barn', 'Miller', 1],
      ['Mill', 'Miller', 1],
      ['Shed', '', 1],
    ]);
    expect((await list('mill')).total).toBe(2);
    const { customers } = (await request(other.app).get('/api/v1/customers')).body as {
      customers: { id: string; name: string }[];
    };
    expect(customers.map((c) => c.name)).toEqual(['Miller']);
    const contact = { person: 'Ms Grind', phone: '0', mail: '', note: 'rings back' };
    const put = await request(other.app)
      .put(`/api/v1/customers/${customers[0]?.id ?? ''}/contact`)
      .send(contact);
    expect(put.body).toMatchObject({ name: 'Miller', person: 'Ms Grind' });
    expect((await request(other.app).put(`/api/v1/customers/${uuidv7()}/contact`).send(contact)).status).toBe(
      404,
    );
    await other.close();
  });

  it('follow what is written on the walk', async () => {
    const { id } = await open(fresh, await fresh.demoJob());
    await change(id, { customer: 'New owner', name: 'Old hill' }, { kind: 'property', entity: 'property' });
    const list = (await request(fresh.app).get('/api/v1/properties?find=new owner')).body as object;
    expect(list).toMatchObject({ total: 1, properties: [{ name: 'Old hill', customer: 'New owner' }] });
  });
});

describe('what came since', () => {
  it('is told as it stands now, without what passes with another job', async () => {
    const one = await open(fresh, await fresh.demoJob());
    const two = uuidv7();
    await post('/jobs', { id: two, propertyId: one.propertyId, job: { name: 'Second' } });
    await change(two, { name: 'Drum' });
    await change(
      two,
      {},
      {
        kind: 'finding',
        entity: 'theirs',
        op: 'create',
        base: 0,
        fields: { surface: 'drum-north', contaminant: 'lichen', severity: 1 },
      },
    );
    await change(two, {}, { kind: 'feature', entity: 'rose-bed', op: 'delete' });
    await change(one.id, { name: 'Renamed' }, { kind: 'job', entity: one.id });
    const since = async (after: number) =>
      (await request(fresh.app).get(`/api/v1/jobs/${one.id}/changes?after=${after}`)).body as {
        sequence: number;
        entities: { id: string; entity: VersionedEntity | null }[];
      };
    const newer = await since(one.sequence);
    expect(Object.fromEntries(newer.entities.map((e) => [e.id, e.entity?.detail['name'] ?? null]))).toEqual({
      'drum-north': 'Drum',
      [one.id]: 'Renamed',
    });
    expect((await since(newer.sequence)).entities).toEqual([]);
  });
});

describe('the log', () => {
  it('of a surface tells who did what, from what to what, with its findings, newest first', async () => {
    const { id } = await open(fresh, await fresh.demoJob());
    await request(fresh.app)
      .post(`/api/v1/jobs/${id}/changes`)
      .set('Etappe-Person', encodeURIComponent('Zoë'))
      .send({
        deviceAt: '2020-01-01T00:00:00.000Z',
        changes: [
          {
            id: uuidv7(),
            kind: 'surface',
            entity: 'drum-north',
            op: 'patch',
            base: 1,
            fields: { size: '9x9' },
          },
        ],
      });
    await change(id, { severity: 4 }, { kind: 'finding', entity: 'drum-north-green-algae' });
    await change(id, {}, { kind: 'finding', entity: 'drum-north-surface-rust', op: 'delete' });
    const { changes } = (await request(fresh.app).get(`/api/v1/jobs/${id}/log/drum-north`)).body as {
      changes: {
        by: string;
        op: string;
        entity: string;
        at: string;
        deviceAt: string | null;
        fields: object[];
      }[];
    };
    expect(changes.map((c) => [c.by, c.op, c.entity])).toEqual([
      ['Office', 'delete', 'drum-north-surface-rust'],
      ['Office', 'patch', 'drum-north-green-algae'],
      ['Zoë', 'patch', 'drum-north'],
    ]);
    expect(changes[2]).toMatchObject({
      deviceAt: '2020-01-01T00:00:00.000Z',
      fields: [{ field: 'size', from: '7.5x4 + 3x2.5 + 6m2', to: '9x9' }],
    });
    expect(Date.now() - Date.parse(changes[2]?.at ?? '')).toBeLessThan(60_000);
  });
});
