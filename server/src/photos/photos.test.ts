import { createHash } from 'node:crypto';
import { readdir } from 'node:fs/promises';
import { crc32, deflateSync } from 'node:zlib';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import exifr from 'exifr';
import sharp from 'sharp';
import request from 'supertest';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { LARGEST_FILE_BYTES, PHOTO_SIZES } from './picture.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());

const sha256 = (bytes: Buffer) => createHash('sha256').update(bytes).digest('hex');
const plain = (width: number, height: number, grey = 120) =>
  sharp({ create: { width, height, channels: 3, background: { r: grey, g: grey, b: grey } } });
/** The left half red, the right half blue, lying on its side as cameras write it. */
const sideways = async () =>
  sharp(await plain(600, 400).png().toBuffer())
    .composite([
      {
        input: await sharp({ create: { width: 300, height: 400, channels: 3, background: '#ff0000' } })
          .png()
          .toBuffer(),
        left: 0,
        top: 0,
      },
      {
        input: await sharp({ create: { width: 300, height: 400, channels: 3, background: '#0000ff' } })
          .png()
          .toBuffer(),
        left: 300,
        top: 0,
      },
    ])
    .withExif({
      IFD0: { Make: 'Camera' },
      IFD2: { DateTimeOriginal: '2026:04:20 10:15:00' },
      IFD3: {
        GPSLatitudeRef: 'N',
        GPSLatitude: '47/1 6/1 0/1',
        GPSLongitudeRef: 'E',
        GPSLongitude: '9/1 18/1 0/1',
      },
    })
    .withMetadata({ orientation: 6 })
    .jpeg()
    .toBuffer();

const upload = (bytes: Buffer, name = 'picture.jpg', app = fresh.app) =>
  request(app).post('/api/v1/photos').attach('photo', bytes, name);
const file = (hash: string, size: string) => request(fresh.app).get(`/api/v1/photos/${hash}/${size}`);
const kept = async () => (await fresh.database('photos').count('* as n').first())?.['n'];
const filesIn = async (folder: string) =>
  (await readdir(folder, { recursive: true, withFileTypes: true })).filter((e) => e.isFile()).length;

describe('a photo', () => {
  it('is kept under the hash of what was sent, upright, with its time and without its place', async () => {
    const bytes = await sideways();
    expect(await exifr.gps(bytes)).toMatchObject({ latitude: 47.1 });
    const answer = await upload(bytes);
    expect([answer.status, answer.body]).toMatchObject([
      201,
      { sha256: sha256(bytes), widthPixels: 400, heightPixels: 600, takenAt: '2026-04-20T10:15:00' },
    ]);
    const full = (await file(sha256(bytes), 'full')).body as Buffer;
    expect(await exifr.parse(full)).toBeUndefined();
    // Turned by a quarter: what was left is above.
    const { data } = await sharp(full)
      .resize(1, 2, { fit: 'fill' })
      .raw()
      .toBuffer({ resolveWithObject: true });
    expect([data[0], data[5]].map((v) => (v ?? 0) > 180)).toEqual([true, true]);
  });

  it('is sent in three sizes that a browser may keep for good', async () => {
    const bytes = await plain(5000, 2500).jpeg().toBuffer();
    await upload(bytes);
    const widths = await Promise.all(
      PHOTO_SIZES.map(async (size) => {
        const answer = await file(sha256(bytes), size);
        expect(answer.headers).toMatchObject({ 'content-type': 'image/jpeg' });
        expect(answer.headers['cache-control']).toContain('immutable');
        return (await sharp(answer.body as Buffer).metadata()).width;
      }),
    );
    expect(widths).toEqual([4096, 1600, 320]);
    expect((await file(sha256(bytes), 'huge')).status).toBe(422);
    expect((await file('0'.repeat(64), 'thumb')).status).toBe(404);
    expect((await file('..%2f..%2fetc', 'thumb')).status).toBe(422);
  });

  it('sent twice is one', async () => {
    const bytes = await plain(64, 64, 77).jpeg().toBuffer();
    const [first, again] = await Promise.all([upload(bytes), upload(bytes)]);
    expect([first.status, again.status]).toEqual([201, 201]);
    expect(
      await fresh
        .database('photos')
        .where({ sha256: sha256(bytes) })
        .count('* as n'),
    ).toEqual([{ n: '1' }]);
  });

  it('is what it shows, not what it is called', async () => {
    const png = await plain(50, 40, 10).png().toBuffer();
    const webp = await plain(50, 40, 20).webp().toBuffer();
    expect((await upload(png, 'really.jpg')).body).toMatchObject({ widthPixels: 50, takenAt: null });
    expect((await upload(webp, 'photo')).status).toBe(201);
    expect((await file(sha256(png), 'full')).headers['content-type']).toBe('image/jpeg');
  });

  it('that is a document as well loses the document', async () => {
    const payload = Buffer.from('<script>alert(1)</script>PK\u0003\u0004');
    const bytes = Buffer.concat([await plain(60, 60, 30).jpeg().toBuffer(), payload]);
    expect((await upload(bytes, 'page.html')).status).toBe(201);
    for (const size of PHOTO_SIZES) {
      const answer = await file(sha256(bytes), size);
      expect((answer.body as Buffer).includes('script')).toBe(false);
      expect(answer.headers['x-content-type-options']).toBe('nosniff');
    }
  });
});

describe('a file that is no good picture', () => {
  const noise = () =>
    sharp({
      create: {
        width: 900,
        height: 900,
        channels: 3,
        background: '#777',
        noise: { type: 'gaussian', mean: 128, sigma: 60 },
      },
    });
  /** 400 million black pixels in fifty kilobytes. */
  const bomb = () => {
    const side = 20_000;
    const header = Buffer.alloc(13);
    header.writeUInt32BE(side, 0);
    header.writeUInt32BE(side, 4);
    header[8] = 1;
    const rows = deflateSync(Buffer.alloc(side * (1 + Math.ceil(side / 8))));
    const chunk = (name: string, data: Buffer) => {
      const body = Buffer.concat([Buffer.from(name), data]);
      const [length, check] = [Buffer.alloc(4), Buffer.alloc(4)];
      length.writeUInt32BE(data.length);
      check.writeUInt32BE(crc32(body));
      return Buffer.concat([length, body, check]);
    };
    const signature = Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]);
    return Promise.resolve(
      Buffer.concat([signature, chunk('IHDR', header), chunk('IDAT', rows), chunk('IEND', Buffer.alloc(0))]),
    );
  };
  const cases: readonly [string, () => Promise<Buffer>, number, string, string][] = [
    [
      'is cut off',
      async () => (await noise().jpeg().toBuffer()).subarray(0, 60_000),
      422,
      'broken-picture',
      'ends too early',
    ],
    [
      'is a damaged PNG',
      async () => (await noise().png().toBuffer()).fill(0, 4000, 90_000),
      422,
      'broken-picture',
      'damaged inside',
    ],
    [
      'is text',
      () => Promise.resolve(Buffer.from('hello')),
      415,
      'unsupported-picture',
      'JPEG, PNG and WebP',
    ],
    ['is empty', () => Promise.resolve(Buffer.alloc(0)), 415, 'unsupported-picture', 'JPEG, PNG and WebP'],
    [
      'is a drawing with script',
      () =>
        Promise.resolve(
          Buffer.from('<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script/></svg>'),
        ),
      415,
      'unsupported-picture',
      'SVG',
    ],
    ['is a moving picture', () => plain(20, 20).gif().toBuffer(), 415, 'unsupported-picture', 'GIF'],
    [
      'is of a kind that phones write',
      () => plain(64, 64).avif().toBuffer(),
      415,
      'unsupported-picture',
      'most compatible',
    ],
    ['is a bomb', bomb, 413, 'too-large', '400 million pixels; up to 64 million'],
    [
      'is larger than is taken',
      () => Promise.resolve(Buffer.alloc(LARGEST_FILE_BYTES + 1)),
      413,
      'too-large',
      '40 MB',
    ],
  ];
  it.each(cases)('%s: refused with the way out, nothing kept', async (_, make, status, type, words) => {
    const [before, files] = [await kept(), await filesIn(fresh.photoFolder)];
    const answer = await upload(await make());
    expect([answer.status, (answer.body as { type: string }).type]).toEqual([status, `urn:etappe:${type}`]);
    expect((answer.body as { detail: string }).detail).toContain(words);
    expect([await kept(), await filesIn(fresh.photoFolder)]).toEqual([before, files]);
  });

  it.each<[string, () => request.Test]>([
    ['no file', () => request(fresh.app).post('/api/v1/photos').field('photo', 'text')],
    [
      'another field',
      () => request(fresh.app).post('/api/v1/photos').attach('image', Buffer.from('x'), 'x.jpg'),
    ],
    ['JSON', () => request(fresh.app).post('/api/v1/photos').send({ photo: 'x' })],
  ])('that comes as %s is refused', async (as, send) => {
    const { status } = await send();
    expect(status).toBe(as === 'JSON' ? 415 : 422);
  });
});
