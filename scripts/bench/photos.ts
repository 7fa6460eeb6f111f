import sharp from 'sharp';
import { tail } from './times.ts';
import type { Row } from './times.ts';

const PHOTOS = 20;
const WIDTH = 4000;
const HEIGHT = 3000;
const GREY = '#888';

const noise = (sigma: number) => ({ type: 'gaussian' as const, mean: 128, sigma });
const picture = (width: number, height: number, sigma: number) =>
  sharp({ create: { width, height, channels: 3, background: GREY, noise: noise(sigma) } });

/** Twelve million pixels with as much detail as a wall has: some five megabytes of JPEG. */
export async function photo(seed: number): Promise<Buffer> {
  const coarse = await picture(500, 375, 24).png().toBuffer();
  const fine = await picture(WIDTH, HEIGHT, 9).png({ compressionLevel: 0 }).toBuffer();
  return sharp(coarse)
    .resize(WIDTH, HEIGHT)
    .composite([{ input: fine, blend: 'soft-light' }])
    .modulate({ brightness: 1 + seed / 100 })
    .jpeg({ quality: 92 })
    .toBuffer();
}

/** A photo as the browser sends it. */
export function photoForm(bytes: Buffer): FormData {
  const form = new FormData();
  form.set('photo', new Blob([new Uint8Array(bytes)], { type: 'image/jpeg' }), 'photo.jpg');
  return form;
}

/** Twenty photos sent at once, and what other pages take meanwhile. */
export async function photoRows(url: string): Promise<Row[]> {
  const pictures: Buffer[] = [];
  for (let i = 0; i < PHOTOS; i += 1) pictures.push(await photo(i));
  const megabytes = pictures.reduce((sum, p) => sum + p.length, 0) / PHOTOS / 1e6;
  const uploading = { done: false };
  const start = performance.now();
  const uploads = Promise.all(
    pictures.map(async (bytes) => {
      const answer = await fetch(`${url}/api/v1/photos`, { method: 'POST', body: photoForm(bytes) });
      if (!answer.ok) throw new Error(await answer.text());
    }),
  ).then(() => {
    uploading.done = true;
    return performance.now() - start;
  });
  const pages: number[] = [];
  while (!uploading.done) {
    const asked = performance.now();
    await (await fetch(`${url}/api/v1/jobs`)).arrayBuffer();
    pages.push(performance.now() - asked);
    await new Promise((resolve) => setTimeout(resolve, 20));
  }
  const stored = await uploads;
  return [
    [
      `${PHOTOS} photos of 12 megapixels (${megabytes.toFixed(1)} MB each), sent at once, until all are stored with their thumbnails`,
      '20 s',
      `${(stored / 1000).toFixed(1)} s`,
    ],
    ['a page of the API meanwhile', '100 ms at p99', tail(pages)],
  ];
}
