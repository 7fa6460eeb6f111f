import sharp from 'sharp';
import { tsImport } from 'tsx/esm/api';
import { demoFile, median, quantile, timed } from './served.mjs';

const PHOTOS = 20;
const [WIDTH, HEIGHT] = [4000, 3000];
const MANY_SURFACES = 300;

const seconds = (value) => `${(value / 1000).toFixed(1)} s`;
const ms = (value) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;

/** Twelve million pixels with as much detail as a wall has: some five megabytes of JPEG. */
async function photo(seed) {
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

/** Every look-alike and every unsure material of a large survey, with tests done on each. */
export async function diagnosisRow() {
  const core = await tsImport('../../core/src/index.ts', import.meta.url);
  const base = demoFile('hill-observatory');
  const groups = core.CATALOGUE.lookAlikes;
  const surfaces = Array.from({ length: MANY_SURFACES }, (_, i) => ({
    ...base.surfaces[0],
    id: `wall-${i}`,
    drainsOnto: [],
    beside: [],
    unsureBetween: ['limestone', 'concrete'],
    zones: [],
    findings: [],
  }));
  const marks = surfaces.map((s, i) => ({
    id: `mark-${i}`,
    surface: s.id,
    lookAlike: groups[i % groups.length].id,
  }));
  const tests = marks.flatMap((mark, i) => {
    const test = core.quickTestById(groups[i % groups.length].tests[0]);
    return [
      { id: `test-${i}`, surface: mark.surface, mark: mark.id, test: test.id, outcome: test.outcomes[0].id },
      { id: `drop-${i}`, surface: mark.surface, test: core.THIRST_TEST, seconds: 40 },
    ];
  });
  const reading = core.readJobFile({
    ...base,
    surfaces,
    choices: [],
    site: { features: base.site.features, waterPoints: base.site.waterPoints, marks, tests },
  });
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults).slice(0, 400));
  const { survey } = reading;
  const times = await timed(15, () => {
    for (const mark of survey.marks) core.markDiagnosis(mark, survey);
    for (const surface of survey.surfaces) core.materialDiagnosis(surface, survey);
  });
  return [
    `diagnosis of ${MANY_SURFACES} surfaces, each with a mark and an unsure material, in the core`,
    '50 ms',
    `${ms(median(times))} median of ${times.length}, ${ms(Math.max(...times))} worst`,
  ];
}
