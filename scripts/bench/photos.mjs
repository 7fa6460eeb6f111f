import sharp from 'sharp';
import { median, quantile } from './served.mjs';

const PHOTOS = 20;
const [WIDTH, HEIGHT] = [4000, 3000];

const seconds = (value) => `${(value / 1000).toFixed(1)} s`;
const ms = (value) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;

/** Twelve million pixels with as much detail as a wall has: some five megabytes of JPEG. */
export async function photo(seed) {
  const noise = { type: 'gaussian', mean: 128, sigma: 24 };
  const coarse = await sharp({
    create: { width: 500, height: 375, channels: 3, background: '#888', noise },
  })
    .png()
    .toBuffer();
  const fine = await sharp({
    create: { width: WIDTH, height: HEIGHT, channels: 3, background: '#888', noise: { ...noise, sigma: 9 } },
  })
    .png({ compressionLevel: 0 })
    .toBuffer();
  return sharp(coarse)
    .resize(WIDTH, HEIGHT)
    .composite([{ input: fine, blend: 'soft-light' }])
    .modulate({ brightness: 1 + seed / 100 })
    .jpeg({ quality: 92 })
    .toBuffer();
}

/** Twenty photos sent at once, and what other pages take meanwhile. */
export async function photoRows(url) {
  const pictures = [];
  for (let i = 0; i < PHOTOS; i += 1) pictures.push(await photo(i));
  const megabytes = pictures.reduce((sum, p) => sum + p.length, 0) / PHOTOS / 1e6;
  let waiting = true;
  const start = performance.now();
  const uploads = Promise.all(
    pictures.map(async (bytes) => {
      const form = new FormData();
      form.set('photo', new Blob([bytes], { type: 'image/jpeg' }), 'photo.jpg');
      const answer = await fetch(`${url}/api/v1/photos`, { method: 'POST', body: form });
      if (!answer.ok) throw new Error(await answer.text());
    }),
  ).then(() => {
    waiting = false;
    return performance.now() - start;
  });
  const pages = [];
  while (waiting) {
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
      seconds(stored),
    ],
    [
      'a page of the API meanwhile',
      '100 ms at p99',
      `${ms(median(pages))} p50, ${ms(quantile(pages, 0.99))} p99, ${ms(Math.max(...pages))} worst of ${pages.length}`,
    ],
  ];
}
