import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import type { SurveyChange, VersionedEntity } from '@etappe/core';
import request from 'supertest';
import { v7 as uuidv7 } from 'uuid';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
let job: string;
beforeAll(async () => {
  fresh = await freshApp();
  job = await fresh.demoJob();
});
afterAll(() => fresh.close());

const change = (more: Partial<SurveyChange>): SurveyChange => ({
  id: uuidv7(),
  kind: 'surface',
  entity: 'drum-north',
  op: 'patch',
  base: 1,
  fields: {},
  ...more,
});
const send = (changes: readonly unknown[]) =>
  request(fresh.app).post(`/api/v1/jobs/${job}/changes`).send({ changes });
const surface = async (id: string): Promise<VersionedEntity | undefined> => {
  const opened = await request(fresh.app).get(`/api/v1/jobs/${job}`);
  return (opened.body as { entities: VersionedEntity[] }).entities.find((e) => e.id === id);
};

describe('a batch of changes', () => {
  it('is kept and answers with the entities as they stand', async () => {
    const answer = await send([change({ fields: { name: 'Drum' } })]);
    expect(answer.status).toBe(200);
    expect(answer.body).toMatchObject({
      entities: [{ id: 'drum-north', entity: { revision: 2, detail: { name: 'Drum' } } }],
    });
    expect(await surface('drum-north')).toMatchObject({ revision: 2, detail: { name: 'Drum' } });
  });

  it('sent again is harmless', async () => {
    const once = change({ entity: 'path-north', fields: { name: 'Path' } });
    await send([once]);
    expect((await send([once])).status).toBe(200);
    expect(await surface('path-north')).toMatchObject({ revision: 2 });
  });

  it('with a fault in its middle leaves nothing behind', async () => {
    const answer = await send([
      change({ entity: 'yard-east', fields: { name: 'Half saved' } }),
      change({ entity: 'yard-east', base: 2, fields: { material: 'cheese' } }),
    ]);
    expect(answer.status).toBe(422);
    expect(answer.type).toBe('application/problem+json');
    expect(answer.body).toMatchObject({
      type: 'urn:etappe:invalid',
      faults: [{ path: 'yard-east.material' }],
    });
    expect(await surface('yard-east')).toMatchObject({ revision: 1, detail: { name: 'Service yard' } });
  });

  it('that sets a field which someone else has set comes back with both values', async () => {
    await send([change({ entity: 'steps-south', fields: { size: '5x5' } })]);
    const answer = await send([change({ entity: 'steps-south', base: 1, fields: { size: '6x6' } })]);
    expect(answer.status).toBe(409);
    expect(answer.body).toMatchObject({
      conflicts: [{ entity: 'steps-south', field: 'size', yours: '6x6', theirs: '5x5' }],
    });
  });

  it('of another field merges', async () => {
    const answer = await send([change({ entity: 'steps-south', base: 1, fields: { name: 'Steps' } })]);
    expect(answer.status).toBe(200);
    expect(await surface('steps-south')).toMatchObject({ detail: { size: '5x5', name: 'Steps' } });
  });

  it('that rests on a revision which was never made here comes back, and blocks no id', async () => {
    const future = await send([
      change({ entity: 'steps-south', base: 900, fields: { name: 'From a lost day' } }),
    ]);
    expect(future.status).toBe(409);
    expect(future.body).toMatchObject({ conflicts: [{ field: 'name', yours: 'From a lost day' }] });
    const gone = { entity: 'never-was', kind: 'feature' } as const;
    expect((await send([change({ ...gone, op: 'delete', base: 2 ** 31 })])).status).toBe(422);
    expect((await send([change({ ...gone, op: 'delete', base: 1e9 })])).status).toBe(200);
    const made = await send([
      change({ ...gone, op: 'create', base: 0, fields: { name: 'Lamp', kind: 'lamp' } }),
    ]);
    expect(made.body).toMatchObject({ entities: [{ entity: { revision: 1 } }] });
  });

  it.each<[string, Partial<SurveyChange>, RegExp]>([
    ['drains in a loop', { entity: 'path-north', base: 2, fields: { drainsOnto: ['drum-north'] } }, /loop/],
    [
      'drains onto nothing',
      { entity: 'path-north', base: 2, fields: { drainsOnto: ['sea'] } },
      /path-north.drainsOnto\[0\].*no surface or feature/,
    ],
    [
      'stands on no side',
      { entity: 'path-north', base: 2, fields: { side: 'inside' } },
      /path-north.side.*no side/,
    ],
    ['has a huge number', { entity: 'path-north', base: 2, fields: { topMetres: 1e300 } }, /topMetres/],
    ['is a delete that leaves references', { entity: 'yard-east', op: 'delete', base: 1 }, /no surface/],
  ])('that %s is refused', async (_, more, message) => {
    const answer = await send([change(more)]);
    expect(answer.status).toBe(422);
    expect(JSON.stringify(answer.body)).toMatch(message);
  });

  it.each<[string, unknown, number]>([
    ['no changes', { changes: [] }, 422],
    ['no list', { changes: 'all' }, 422],
    ['a change without an id', { changes: [{ kind: 'surface' }] }, 422],
    ['an unknown kind', { changes: [{ ...change({}), kind: 'castle' }] }, 422],
    [
      'the same change twice',
      {
        changes: [
          change({ id: '00000000-0000-7000-8000-000000000001' }),
          change({ id: '00000000-0000-7000-8000-000000000001' }),
        ],
      },
      422,
    ],
  ])('with %s is refused with the path', async (_, body, status) => {
    const answer = await request(fresh.app)
      .post(`/api/v1/jobs/${job}/changes`)
      .send(body as object);
    expect(answer.status).toBe(status);
    expect((answer.body as { faults: { path: string }[] }).faults[0]?.path).toMatch(/^changes/);
  });

  it('is logged with who, what, and the values before', async () => {
    const rows = (await fresh
      .database('changes')
      .where({ job_id: job, entity_id: 'drum-north' })
      .orderBy('sequence')) as { actor: string; before: { name: string }; fields: { name: string } }[];
    expect(rows[0]).toMatchObject({
      actor: 'Office',
      op: 'patch',
      before: { name: 'Drum wall, north' },
      fields: { name: 'Drum' },
    });
  });

  it('that creates again what was deleted goes on counting, so that an old edit elsewhere meets it', async () => {
    const bed = { kind: 'feature' as const, entity: 'weather-sensors' };
    const fields = (await surface('weather-sensors'))?.detail ?? {};
    await send([change({ ...bed, base: 1, fields: { note: 'green' } })]);
    await send([
      change({ entity: 'drum-north', base: 1, fields: { beside: [] } }),
      change({ ...bed, op: 'delete', base: 2 }),
    ]);
    const again = await send([change({ ...bed, op: 'create', base: 0, fields })]);
    expect(again.body).toMatchObject({ entities: [{ entity: { revision: 3 } }] });
    const old = await send([change({ ...bed, base: 2, fields: { note: 'dull' } })]);
    expect(old.body).toMatchObject({ conflicts: [{ field: 'note', yours: 'dull', theirs: '' }] });
  });

  it('and another sent at the same time are both kept', async () => {
    await Promise.all(
      Array.from({ length: 12 }, (_, i) =>
        send([
          change({
            kind: 'side',
            entity: `side-${i}`,
            op: 'create',
            base: 0,
            fields: { name: `Side ${i}`, position: 10 + i },
          }),
        ]),
      ),
    );
    const opened = await request(fresh.app).get(`/api/v1/jobs/${job}`);
    expect(
      (opened.body as { entities: VersionedEntity[] }).entities.filter((e) => e.id.startsWith('side-')),
    ).toHaveLength(12);
  });

  it('of two people that answer two questions at once holds both, and the log says from what to what', async () => {
    const mine = await fresh.demoJob('tram-halt');
    const answer = (fields: Readonly<Record<string, unknown>>, base = 1) =>
      request(fresh.app)
        .post(`/api/v1/jobs/${mine}/changes`)
        .send({ changes: [change({ kind: 'job', entity: mine, base, fields })] });
    const both = await Promise.all([
      answer({ 'answers.windows': 'shut by eight' }),
      answer({ 'answers.nest': 'empty' }),
    ]);
    expect(both.map((a) => a.status)).toEqual([200, 200]);
    expect((await answer({ 'answers.windows': 'shut by nine' }, 3)).status).toBe(200);
    expect((await answer({ 'answers.windows': 'open' }, 1)).body).toMatchObject({
      status: 409,
      conflicts: [{ field: 'answers.windows', yours: 'open', theirs: 'shut by nine' }],
    });
    const opened = (await request(fresh.app).get(`/api/v1/jobs/${mine}`)).body as { job: VersionedEntity };
    expect(opened.job.detail['answers']).toMatchObject({ windows: 'shut by nine', nest: 'empty' });
    const log = (await request(fresh.app).get(`/api/v1/jobs/${mine}/log/${mine}`)).body as {
      changes: { fields: unknown[] }[];
    };
    expect(log.changes[0]?.fields).toEqual([
      { field: 'answers.windows', from: 'shut by eight', to: 'shut by nine' },
    ]);
  });
});
