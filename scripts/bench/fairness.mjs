import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { photo } from './photos.mjs';
import { generatedFile, median, ms, quantile } from './served.mjs';

const IMPORT_SURFACES = 4900;
const FOUND = ['green-algae', 'surface-rust', 'mineral-oil', 'lichen', 'moss', 'spray-paint'];
const IMPORTS = 2;
const UPLOADS = 10;
const CLIENTS = 50;
const ROUNDS = 10;

async function post(url, path, body, headers = { 'Content-Type': 'application/json' }) {
  const began = performance.now();
  const answer = await fetch(`${url}/api/v1${path}`, { method: 'POST', headers, body });
  const text = await answer.text();
  return { status: answer.status, text: text.slice(0, 300), milliseconds: performance.now() - began };
}

/** What a page of the API takes, for somebody else, while something goes on. */
async function pagesWhile(url, work) {
  const asker = new Worker(new URL('asker.mjs', import.meta.url), {
    workerData: { url: `${url}/api/v1/jobs` },
  });
  await once(asker, 'message');
  const done = await work();
  asker.postMessage('enough');
  const [pages] = await once(asker, 'message');
  return { pages, done };
}

const told = (pages) =>
  `${ms(median(pages))} p50, ${ms(quantile(pages, 0.99))} p99, ${ms(Math.max(...pages))} worst of ${pages.length}`;

/** Small reads beside large imports and pictures, beside a hostile body, and many clients at once. */
export async function fairnessRows(url) {
  const file = generatedFile(IMPORT_SURFACES);
  const note = 'As seen from the path. '.repeat(20).trim();
  for (const surface of file.surfaces) {
    surface.note = note;
    surface.findings = FOUND.map((contaminant) => ({ contaminant, severity: 2, note }));
  }
  const bodies = Array.from({ length: IMPORTS }, () =>
    JSON.stringify({ id: randomUUID(), propertyId: randomUUID(), file }),
  );
  const pictures = [];
  for (let i = 0; i < UPLOADS; i += 1) pictures.push(await photo(20 + i));
  const heavy = await pagesWhile(url, () =>
    Promise.all([
      ...bodies.map((body) => post(url, '/jobs/import', body)),
      ...pictures.map((bytes) => {
        const form = new FormData();
        form.set('photo', new Blob([bytes], { type: 'image/jpeg' }), 'photo.jpg');
        return post(url, '/photos', form, {});
      }),
    ]),
  );
  const refused = heavy.done.filter(({ status }) => status !== 201);
  if (refused.length > 0) throw new Error(`not taken: ${JSON.stringify(refused)}`);
  const imports = heavy.done.slice(0, IMPORTS).map(({ milliseconds }) => milliseconds);
  const ones = `{"changes":[${'1,'.repeat(999_999)}1]}`;
  const hostile = await pagesWhile(url, () => post(url, `/jobs/${randomUUID()}/changes`, ones));
  const statuses = [];
  const times = [];
  const { jobs } = await (await fetch(`${url}/api/v1/jobs?size=100`)).json();
  const id = jobs.find((job) => job.name.startsWith('Hill observatory')).id;
  await Promise.all(
    Array.from({ length: CLIENTS }, async () => {
      for (let i = 0; i < ROUNDS; i += 1) {
        const began = performance.now();
        const answer = await fetch(`${url}/api/v1/jobs/${id}`);
        await answer.arrayBuffer();
        statuses.push(answer.status);
        times.push(performance.now() - began);
      }
    }),
  );
  const megabytes = (bodies[0].length / 1e6).toFixed(0);
  return [
    [
      `a page of the API while ${IMPORTS} imports of ${megabytes} MB (${IMPORT_SURFACES} surfaces) and ${UPLOADS} pictures run`,
      '200 ms at worst',
      told(heavy.pages),
    ],
    ['the imports meanwhile', '–', imports.map(ms).join(' and ')],
    [
      `a body of a million ones (2 MB) refused, and a page of the API meanwhile`,
      '200 ms',
      `${ms(hostile.done.milliseconds)} (${hostile.done.status}), pages ${ms(Math.max(...hostile.pages))} worst of ${hostile.pages.length}`,
    ],
    [
      `a job opened by ${CLIENTS} clients at once, ${ROUNDS} times each`,
      'none refused',
      `${ms(median(times))} p50, ${ms(quantile(times, 0.99))} p99, ${statuses.filter((s) => s !== 200).length} of ${statuses.length} refused`,
    ],
  ];
}
