import { mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { connect as openSocket } from 'node:net';
import type { AddressInfo } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, beforeAll, describe, expect, it } from '@jest/globals';
import sharp from 'sharp';
import request from 'supertest';
import { freshApp } from '../test/fresh-app.ts';
import type { FreshApp } from '../test/fresh-app.ts';
import { photosOnDisk } from './photo-files.ts';

let fresh: FreshApp;
beforeAll(async () => {
  fresh = await freshApp();
});
afterAll(() => fresh.close());
const plain = (width: number, height: number, grey = 120) =>
  sharp({ create: { width, height, channels: 3, background: { r: grey, g: grey, b: grey } } });

const upload = (bytes: Buffer, name = 'picture.jpg', app = fresh.app) =>
  request(app).post('/api/v1/photos').attach('photo', bytes, name);
const filesIn = async (folder: string) =>
  (await readdir(folder, { recursive: true, withFileTypes: true })).filter((e) => e.isFile()).length;

/** What a question answers once it answers as expected, or at last. */
async function eventually<T>(ask: () => Promise<T>, expected: T): Promise<T> {
  for (let i = 0; i < 40; i += 1) {
    const answer = await ask();
    if (answer === expected) return answer;
    await new Promise((resolve) => setTimeout(resolve, 50));
  }
  return ask();
}

describe('a form that is broken', () => {
  const head = '--x\r\nContent-Disposition: form-data; name="photo"; filename="a.jpg"\r\n\r\nabc';
  it.each([
    ['has no boundary', 'multipart/form-data', head],
    ['ends too early', 'multipart/form-data; boundary=x', head],
    ['has a head that is none', 'multipart/form-data; boundary=x', '--x\r\nnonsense\r\n\r\nabc\r\n--x--\r\n'],
  ])('%s: refused, nothing kept', async (_, type, body) => {
    const before = await filesIn(fresh.photoFolder);
    const answer = await request(fresh.app).post('/api/v1/photos').set('Content-Type', type).send(body);
    expect(answer.status).toBeGreaterThanOrEqual(400);
    expect(answer.status).toBeLessThan(500);
    expect(answer.type).toBe('application/problem+json');
    await expect(eventually(() => filesIn(fresh.photoFolder), before)).resolves.toBe(before);
  });
});

describe('many at once', () => {
  it('are all kept, and other pages are answered meanwhile', async () => {
    const pictures = await Promise.all(
      Array.from({ length: 40 }, (_, i) =>
        plain(1200 + i, 900)
          .jpeg()
          .toBuffer(),
      ),
    );
    const state = { waiting: true };
    const uploads = Promise.all(pictures.map((bytes) => upload(bytes))).finally(() => {
      state.waiting = false;
    });
    let pages = 0;
    while (state.waiting) {
      expect((await request(fresh.app).get('/api/v1/jobs')).status).toBe(200);
      pages += 1;
    }
    expect((await uploads).map((a) => a.status)).toEqual(Array.from({ length: 40 }, () => 201));
    expect(pages).toBeGreaterThan(5);
  });
});

describe('an upload that is cut in the middle', () => {
  it('leaves nothing behind', async () => {
    const listening = fresh.app.listen(0);
    const { port } = listening.address() as AddressInfo;
    const before = await filesIn(fresh.photoFolder);
    const body = await plain(800, 800).png({ compressionLevel: 0 }).toBuffer();
    const head = `--x\r\nContent-Disposition: form-data; name="photo"; filename="a.png"\r\nContent-Type: image/png\r\n\r\n`;
    await new Promise<void>((resolve) => {
      const socket = openSocket(port, '127.0.0.1', () => {
        socket.write(
          `POST /api/v1/photos HTTP/1.1\r\nHost: x\r\nContent-Type: multipart/form-data; boundary=x\r\nContent-Length: ${body.length + 200}\r\n\r\n${head}`,
        );
        socket.write(body.subarray(0, body.length / 2), () => setTimeout(() => socket.destroy(), 100));
      });
      socket.on('close', () => {
        resolve();
      });
    });
    await expect(eventually(() => filesIn(fresh.photoFolder), before)).resolves.toBe(before);
    expect((await request(fresh.app).get('/healthz')).status).toBe(200);
    listening.close();
  });
});

describe('a disk that is full', () => {
  it('is told as such; what was written half is gone, and all else goes on', async () => {
    const folder = await mkdtemp(join(tmpdir(), 'etappe-full-'));
    let room = 1;
    const files = await photosOnDisk(folder, async (path, bytes) => {
      room -= 1;
      if (room >= 0) return writeFile(path, bytes);
      await writeFile(path, bytes.subarray(0, 10));
      throw Object.assign(new Error('no space left on device'), { code: 'ENOSPC' });
    });
    const full = await freshApp(files);
    const bytes = await plain(300, 300).jpeg().toBuffer();
    const refused = await upload(bytes, 'a.jpg', full.app);
    expect(refused.body).toMatchObject({ status: 507, type: 'urn:etappe:storage-full' });
    expect([await filesIn(folder), await full.database('photos').count('* as n')]).toEqual([0, [{ n: '0' }]]);
    expect((await request(full.app).get('/api/v1/jobs')).status).toBe(200);
    room = 9;
    expect((await upload(bytes, 'a.jpg', full.app)).status).toBe(201);
    await full.close();
    await rm(folder, { recursive: true });
  });
});
