import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import { EMPTY_HANDBOOK, handbookOf, inputsHash, jobFileOf, readJobFile, surveyOf } from '@etappe/core';
import type { HandbookChange, HandbookRecord } from '@etappe/core';
import request from 'supertest';
import exifr from 'exifr';
import sharp from 'sharp';
import { v7 as uuidv7 } from 'uuid';
import { demoSurvey, freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const ABOUT = { reason: 'as we do it', by: 'Ida', at: '2026-05-04T08:00:00.000Z' };
const ID = 'material.painted-render.jetLimitKilopascal';
const set = (value: number, base: number, more: Partial<HandbookChange> = {}): HandbookChange => ({
  id: uuidv7(),
  part: 'override',
  entry: ID,
  op: 'put',
  base,
  detail: {
    kind: 'material',
    entry: 'painted-render',
    path: 'jetLimitKilopascal',
    value,
    replaced: 10,
    ...ABOUT,
  },
  ...more,
});
const product = (more: object = {}, entry = uuidv7()): HandbookChange => ({
  id: uuidv7(),
  part: 'product',
  entry,
  op: 'put',
  base: 0,
  detail: {
    name: 'House white',
    agent: 'hypochlorite',
    strength: { basis: '% w/v', value: 14 },
    packs: [{ size: 25, price: 30 }],
    by: 'Ida',
    at: ABOUT.at,
    ...more,
  },
});
const send = (...changes: readonly HandbookChange[]) =>
  request(fresh.app).post('/api/v1/handbook/changes').set('Etappe-Person', 'Ida').send({ changes });
const bodyOf = ({ body }: { readonly body: unknown }) => body;
const stored = async () => {
  const body = bodyOf(await request(fresh.app).get('/api/v1/handbook').expect(200));
  return body as { revision: number; records: HandbookRecord[] };
};
const PDF = Buffer.from('%PDF-1.4\n1 0 obj <<>> endobj\ntrailer <<>>\n%%EOF\n');
const upload = (bytes: Buffer, name = 'sheet.pdf') =>
  request(fresh.app).post('/api/v1/data-sheets').attach('sheet', bytes, name);

describe('the handbook of a house', () => {
  it('is empty at first, takes a value, and gives it to every job that is opened', async () => {
    expect(await stored()).toEqual({ revision: 0, records: [] });
    const job = await fresh.demoJob();
    const body = bodyOf(await send(set(8, 0)).expect(200));
    expect(body).toMatchObject({ revision: 1, records: [{ part: 'override', id: ID, revision: 1 }] });
    const opened = await request(fresh.app).get(`/api/v1/jobs/${job}`).expect(200);
    expect(opened.body).toMatchObject({
      handbookRevision: 1,
      handbook: { overrides: [{ id: ID, value: 8 }] },
    });
    const since = await request(fresh.app).get(`/api/v1/jobs/${job}/changes?after=0`).expect(200);
    expect(since.body).toMatchObject({ handbookRevision: 1 });
  });

  it('makes a plan of before stale, and orders keep the handbook that they were made with', async () => {
    const job = await fresh.demoJob();
    const survey = surveyOf((await fresh.stores.jobs.open({ house: fresh.house, actor: 'Ida' }, job)).state);
    expect(survey.handbook.overrides).toHaveLength(1);
    expect(inputsHash(survey)).not.toBe(inputsHash({ ...survey, handbook: EMPTY_HANDBOOK }));
  });

  it('takes a repeat once, and answers an older base with what is there', async () => {
    const again = set(7, 1);
    await send(again).expect(200);
    const body = bodyOf(await send(again).expect(200));
    expect(body).toMatchObject({ revision: 2 });
    const conflict = await send(set(6, 1)).expect(409);
    expect(conflict.body).toMatchObject({
      type: 'urn:etappe:conflict',
      current: { revision: 2, detail: { value: 7 } },
    });
    expect((await stored()).records[0]?.detail['value']).toBe(7);
  });

  it('refuses what lies past a bound with the bound, and saves nothing of the batch', async () => {
    const before = await stored();
    const body = bodyOf(await send(product(), set(900, 2)).expect(422));
    expect((body as { detail: string }).detail).toMatch(
      /900 kPa lies past the bound: .*; the trade default is/,
    );
    expect(await stored()).toEqual(before);
    await send({ ...set(1, 0), part: 'potion' as 'override' }).expect(422);
    await request(fresh.app).post('/api/v1/handbook/changes').send({ changes: [] }).expect(422);
  });

  it('questions a slip of the unit', async () => {
    const body = bodyOf(await send(product({ strength: { basis: 'g/L', value: 12.5 } })).expect(422));
    expect((body as { detail: string }).detail).toContain('is 12.5 % w/v meant?');
  });

  it('has a log of who did what, the newest first', async () => {
    await send({ ...set(0, 2), op: 'remove', detail: null }).expect(200);
    const body = bodyOf(await request(fresh.app).get('/api/v1/handbook/log?from=0&size=2').expect(200));
    expect(body).toMatchObject({
      changes: [
        { by: 'Ida', part: 'override', entry: ID, op: 'remove', before: { value: 7 }, after: null },
        { op: 'put', before: { value: 8 }, after: { value: 7 } },
      ],
    });
    expect(handbookOf((await stored()).records)).toEqual(EMPTY_HANDBOOK);
  });

  it('serves two at once: one of them is told', async () => {
    const answers = await Promise.all([send(set(8, 0)), send(set(9, 0))]);
    expect(answers.map((a) => a.status).sort()).toEqual([200, 409]);
  });
});

describe('data sheets', () => {
  it('are kept as they came and shown without anything of them running', async () => {
    const body = bodyOf(await upload(PDF).expect(201));
    const { sha256 } = body as { sha256: string };
    const again = await upload(PDF, 'other.pdf').expect(201);
    expect(again.body).toEqual({ sha256 });
    const file = await request(fresh.app).get(`/api/v1/data-sheets/${sha256}`).expect(200);
    expect(Buffer.compare(file.body as Buffer, PDF)).toBe(0);
    expect(file.headers).toMatchObject({
      'content-type': 'application/pdf',
      'content-security-policy': 'sandbox',
      'x-content-type-options': 'nosniff',
    });
    await send(
      product({ dataSheet: { kind: 'file', name: 'sheet.pdf', sha256, dated: '2026-01-05' } }),
    ).expect(200);
  });

  it('may be photos', async () => {
    const photo = await sharp({
      create: {
        width: 300,
        height: 200,
        channels: 3,
        background: '#888',
        noise: { type: 'gaussian', mean: 128, sigma: 30 },
      },
    })
      .jpeg()
      .toBuffer();
    const exif = {
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '47/1 6/1 0/1',
        GPSLongitudeRef: 'E',
        GPSLongitude: '9/1 18/1 0/1',
      },
    };
    const placed = await sharp(photo).withExif(exif).jpeg().toBuffer();
    expect(await exifr.gps(placed)).toMatchObject({ latitude: 47.1 });
    const { sha256 } = bodyOf(await upload(placed, 'label.pdf').expect(201)) as { sha256: string };
    const file = await request(fresh.app).get(`/api/v1/data-sheets/${sha256}`).expect(200);
    expect([file.headers['content-type'], await exifr.parse(file.body as Buffer)]).toEqual([
      'image/jpeg',
      undefined,
    ]);
    // The same file again is the same sheet, though other bytes of it are kept.
    expect(bodyOf(await upload(placed).expect(201))).toEqual({ sha256 });
    await upload(photo.subarray(0, photo.length / 2), 'cut.jpg').expect(422);
    const wide = await sharp({ create: { width: 31_000, height: 4, channels: 3, background: '#888' } })
      .png()
      .toBuffer();
    await upload(wide, 'wide.png').expect(413);
  });

  it.each([
    ['text', Buffer.from('this is the data sheet'), 415, /neither/],
    ['a program', Buffer.from('<script>alert(1)</script>'), 415, /neither/],
    ['a drawing', Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>'), 415, /neither/],
    ['nothing', Buffer.alloc(0), 415, /neither/],
    ['a PDF that ends in the middle', PDF.subarray(0, 20), 422, /ends in the middle/],
    ['one that is too large', Buffer.concat([PDF, Buffer.alloc(16 * 1024 * 1024)]), 413, /larger than 15 MB/],
  ])('are not %s', async (_, bytes, status, words) => {
    const body = bodyOf(await upload(bytes).expect(status));
    expect((body as { detail: string }).detail).toMatch(words);
  });

  it('that never came are on no product', async () => {
    const dataSheet = { kind: 'file', name: 'lost.pdf', sha256: 'b'.repeat(64), dated: '2026-01-05' };
    const body = bodyOf(
      await send(product({ agent: 'oxalic-acid', inUse: false, strength: null, dataSheet })).expect(422),
    );
    expect((body as { detail: string }).detail).toContain('“lost.pdf” has not come yet');
    await request(fresh.app)
      .get(`/api/v1/data-sheets/${'b'.repeat(64)}`)
      .expect(404);
  });
});

describe('a job file that brings materials of its own', () => {
  const own = (more: object = {}) => ({
    id: 'own-lake-stone',
    name: 'Lake stone',
    synonyms: [],
    like: 'limestone',
    values: {},
    putAway: false,
    ...ABOUT,
    ...more,
  });
  const bring = (material: object) =>
    request(fresh.app)
      .post('/api/v1/jobs/import')
      .send({
        id: uuidv7(),
        propertyId: uuidv7(),
        file: {
          format: 'etappe-job',
          version: 1,
          surfaces: [{ id: 'wall', material: 'own-lake-stone', size: '4x3', findings: [] }],
          handbook: { materials: [material] },
        },
      });

  it('gives them to the house once; another of the same id is refused', async () => {
    const first = await bring(own()).expect(201);
    await bring(own({ by: 'Other', reason: 'the same one' })).expect(201);
    const { records } = await stored();
    expect(records.filter((r) => r.part === 'material')).toHaveLength(1);
    const body = bodyOf(await bring(own({ like: 'granite' })).expect(422));
    expect((body as { detail: string }).detail).toContain('is another material in your handbook');
    const opened = await request(fresh.app)
      .get(`/api/v1/jobs/${(first.body as { id: string }).id}`)
      .expect(200);
    expect(opened.body).toMatchObject({ handbook: { materials: [{ id: 'own-lake-stone' }] } });
  });

  it('leaves the products and values of the house as they are', async () => {
    const before = (await stored()).records.filter((r) => r.part === 'product' || r.part === 'override');
    const file = jobFileOf({
      ...(await demoSurvey()),
      handbook: {
        ...EMPTY_HANDBOOK,
        overrides: [
          {
            id: 'agent.caustic.coldestCelsius',
            kind: 'agent',
            entry: 'caustic',
            path: 'coldestCelsius',
            value: 9,
            replaced: 5,
            ...ABOUT,
          },
        ],
      },
    });
    expect(readJobFile(file).ok).toBe(true);
    await request(fresh.app)
      .post('/api/v1/jobs/import')
      .send({ id: uuidv7(), propertyId: uuidv7(), file })
      .expect(201);
    const after = (await stored()).records.filter((r) => r.part === 'product' || r.part === 'override');
    expect(after).toEqual(before);
  });
});
