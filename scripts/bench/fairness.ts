import { randomUUID } from 'node:crypto';
import { once } from 'node:events';
import { Worker } from 'node:worker_threads';
import { crewOrder, orderPaper, plan } from '@etappe/core';
import { photo, photoForm } from './photos.ts';
import { demoFile, generatedFile, soundSurvey } from './properties.ts';
import { demoJob } from './served.ts';
import { median, ms, quantile, tail } from './times.ts';
import type { Row } from './times.ts';

const IMPORT_SURFACES = 4900;
const FOUND = ['green-algae', 'surface-rust', 'mineral-oil', 'lichen', 'moss', 'spray-paint'];
const IMPORTS = 2;
const UPLOADS = 10;
const PAPERS = 20;
const CLIENTS = 50;
const ROUNDS = 10;

interface Posted {
  readonly status: number;
  readonly text: string;
  readonly milliseconds: number;
}

async function post(
  url: string,
  path: string,
  body: string | FormData,
  headers: Record<string, string> = { 'Content-Type': 'application/json' },
): Promise<Posted> {
  const began = performance.now();
  const answer = await fetch(`${url}/api/v1${path}`, { method: 'POST', headers, body });
  const text = await answer.text();
  return { status: answer.status, text: text.slice(0, 300), milliseconds: performance.now() - began };
}

/** What a page of the API takes, for somebody else, while something goes on. */
async function pagesWhile<T>(
  url: string,
  work: () => Promise<T>,
): Promise<{ readonly pages: readonly number[]; readonly done: T }> {
  const asker = new Worker(new URL('asker.mjs', import.meta.url), {
    workerData: { url: `${url}/api/v1/jobs` },
  });
  await once(asker, 'message');
  const done = await work();
  asker.postMessage('enough');
  const [pages] = (await once(asker, 'message')) as [number[]];
  return { pages, done };
}

/** A page of the API while the order of the demo is made twenty times as a file, all asked for at once; and each of those. */
export async function paperRow(url: string): Promise<Row> {
  const survey = soundSurvey(demoFile('hill-observatory'));
  const made = plan(survey, { asOf: '2026-05-04', seed: 1, budget: 50 });
  const paper = JSON.stringify(orderPaper(crewOrder(made, survey), 1));
  const { pages, done } = await pagesWhile(url, () =>
    Promise.all(Array.from({ length: PAPERS }, () => post(url, '/papers/A4', paper))),
  );
  const refused = done.filter(({ status }) => status !== 200);
  if (refused.length > 0) throw new Error(`not made: ${JSON.stringify(refused)}`);
  const times = done.map(({ milliseconds }) => milliseconds);
  return [
    `a page of the API while ${PAPERS} PDFs of the demo order, asked for at once, are made`,
    '100 ms at p99; a PDF 2 s',
    `${tail(pages)}; a PDF each ${ms(Math.max(...times) / PAPERS)}`,
  ];
}

/** Small reads beside large imports and pictures, beside a hostile body, and many clients at once. */
export async function fairnessRows(url: string): Promise<Row[]> {
  const note = 'As seen from the path. '.repeat(20).trim();
  const findings = FOUND.map((contaminant) => ({ contaminant, severity: 2, note }));
  const generated = generatedFile(IMPORT_SURFACES);
  const file = { ...generated, surfaces: generated.surfaces.map((s) => ({ ...s, note, findings })) };
  const bodies = Array.from({ length: IMPORTS }, () =>
    JSON.stringify({ id: randomUUID(), propertyId: randomUUID(), file }),
  );
  const pictures: Buffer[] = [];
  for (let i = 0; i < UPLOADS; i += 1) pictures.push(await photo(20 + i));
  const heavy = await pagesWhile(url, () =>
    Promise.all([
      ...bodies.map((body) => post(url, '/jobs/import', body)),
      ...pictures.map((bytes) => post(url, '/photos', photoForm(bytes), {})),
    ]),
  );
  const refused = heavy.done.filter(({ status }) => status !== 201);
  if (refused.length > 0) throw new Error(`not taken: ${JSON.stringify(refused)}`);
  const imports = heavy.done.slice(0, IMPORTS).map(({ milliseconds }) => milliseconds);
  const ones = `{"changes":[${'1,'.repeat(999_999)}1]}`;
  const hostile = await pagesWhile(url, () => post(url, `/jobs/${randomUUID()}/changes`, ones));
  const statuses: number[] = [];
  const times: number[] = [];
  const id = await demoJob(url);
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
  const megabytes = (Math.max(...bodies.map(({ length }) => length)) / 1e6).toFixed(0);
  return [
    [
      `a page of the API while ${IMPORTS} imports of ${megabytes} MB (${IMPORT_SURFACES} surfaces) and ${UPLOADS} pictures run`,
      '200 ms at worst',
      tail(heavy.pages),
    ],
    ['the imports meanwhile', '–', imports.map(ms).join(' and ')],
    [
      'a body of a million ones (2 MB) refused, and a page of the API meanwhile',
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
