import { randomUUID } from 'node:crypto';
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { cpus, totalmem } from 'node:os';
import { join } from 'node:path';
import type { Page } from '@playwright/test';
import { withApplication } from './bench/application.ts';
import { bundled } from './bench/bundled.ts';
import { fairnessRows, paperRow } from './bench/fairness.ts';
import { photoRows } from './bench/photos.ts';
import { generatedFile } from './bench/properties.ts';
import { importRows, largeWalkRows, manyJobsRows, quickLineRow, tapeRow } from './bench/record.ts';
import { referenceTimes } from './bench/reference.ts';
import type { Reference } from './bench/reference.ts';
import { ask, demoJob } from './bench/served.ts';
import { median, ms } from './bench/times.ts';
import type { Row } from './bench/times.ts';
import { DATA, ROOT } from './provision.mjs';
import { run, say } from './say.mjs';

/** Measures what has a target, in the real application in Chromium, and writes docs/benchmarks.md. */
const REPEATS = 9;
const GENERATED_SURFACES = 60;
const FIRST_PLAN = 'etappe:first-plan';

async function generatedJob(url: string): Promise<string> {
  const id = randomUUID();
  await ask(url, '/jobs/import', { id, propertyId: randomUUID(), file: generatedFile(GENERATED_SURFACES) });
  return id;
}

const measures = (page: Page) =>
  page.evaluate((name) => performance.getEntriesByName(name).map((entry) => entry.duration), FIRST_PLAN);

interface PlanTimes {
  readonly opening: number;
  readonly edit: number;
  readonly worst: number;
}

/** First plan after opening, then after each of several edits, in ms. */
async function planTimes(page: Page, url: string, job: string): Promise<PlanTimes> {
  await page.goto(`${url}/jobs/${job}/sequence`);
  const humidity = page.getByLabel('Humidity');
  await humidity.waitFor();
  await page.waitForFunction((name) => performance.getEntriesByName(name).length > 0, FIRST_PLAN, {
    timeout: 120_000,
  });
  for (let i = 0; i < REPEATS; i += 1) {
    const before = (await measures(page)).length;
    await humidity.fill(String(60 + i));
    await page.waitForFunction(
      ({ name, count }) => performance.getEntriesByName(name).length > count,
      { name: FIRST_PLAN, count: before },
      { timeout: 120_000 },
    );
  }
  const [opening = Number.NaN, ...edits] = await measures(page);
  return { opening, edit: median(edits), worst: Math.max(...edits) };
}

async function firstPaintScript(page: Page, url: string): Promise<number> {
  await page.goto(`${url}/jobs`);
  await page.getByRole('link', { name: 'Hill observatory' }).waitFor();
  return page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((r) => r.name.endsWith('.js'))
      .reduce((sum, r) => sum + (r as PerformanceResourceTiming).encodedBodySize, 0),
  );
}

const MILLISECONDS = { µs: 0.001, ms: 1, s: 1000 };
type Unit = keyof typeof MILLISECONDS;

/** The first time that a cell names, as a multiple of what the reference took; nothing where it names none. */
function multiple(measured: string, reference: number): string {
  const found = /(?:^|, )([\d.]+) (µs|ms|s)\b/.exec(measured);
  if (!found) return '–';
  const times = (Number(found[1]) * MILLISECONDS[found[2] as Unit]) / reference;
  return `${times < 10 ? times.toPrecision(2) : times.toFixed(0)} ×`;
}

function report(rows: readonly Row[], first: Reference, last: Reference): string {
  const machine = `${cpus().length} × ${cpus()[0]?.model.trim() ?? 'a processor'}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.versions.node}`;
  const both = ({ core, paint }: Reference) => `${ms(core)} of work, ${ms(paint)} of paint`;
  return [
    '# Benchmarks',
    '',
    'Written by `npm run bench`: the built application, served by its own server, in Debian’s headless Chromium. Machines are noisy; no test asserts these figures.',
    '',
    `Measured ${new Date().toISOString().slice(0, 10)} on ${machine}.`,
    '',
    `Reference: a fixed piece of work and of paint that are not ours (\`scripts/bench/reference.ts\`) took ${both(first)} at the beginning, ${both(last)} at the end. The last column gives each figure as a multiple of the first, of paint where a page is painted; it can be compared between machines.`,
    '',
    '| what | target | measured | × reference |',
    '| --- | --- | --- | --- |',
    ...rows.map(
      ([what, target, measured, by = 'core']) =>
        `| ${what} | ${target} | ${measured} | ${multiple(measured, first[by])} |`,
    ),
    '',
  ].join('\n');
}

/** What `npm run fuzz` saw last on this machine; nothing where it was not run. */
function fuzzRow(): Row[] {
  const path = join(DATA, 'fuzz.json');
  if (!existsSync(path)) return [];
  const { count, seed, addresses, errors, slowestMilliseconds } = JSON.parse(
    readFileSync(path, 'utf8'),
  ) as Record<'count' | 'seed' | 'addresses' | 'errors' | 'slowestMilliseconds', number>;
  return [
    [
      `${count} fuzzed requests to ${addresses} addresses (seed ${seed})`,
      'no 5xx, none above 2 s',
      `${errors} of 5xx, slowest ${ms(slowestMilliseconds)}`,
    ],
  ];
}

await run(() =>
  withApplication(async (url, browser) => {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    say('Measuring the machine …');
    const before = await referenceTimes(browser);
    say('Measuring the first paint …');
    const script = await firstPaintScript(page, url);
    say('Measuring photos …');
    const photos = await photoRows(url);
    say('Measuring who waits for whom …');
    const fairness = await fairnessRows(url);
    const papers = await paperRow(url);
    say('Measuring the demo job …');
    const demo = await planTimes(page, url, await demoJob(url));
    say(`Measuring a job of ${GENERATED_SURFACES} surfaces …`);
    const generated = await planTimes(page, url, await generatedJob(url));
    say('Measuring the import of a job file …');
    const imported = await importRows(page, url);
    const walk = await largeWalkRows(page);
    say('Measuring with ten thousand jobs …');
    const many = await manyJobsRows(url);
    const tape = await tapeRow();
    say('Measuring the core …');
    const { coreRows } = await bundled<{ coreRows: () => Promise<readonly Row[]> }>('core-rows');
    const core = await coreRows();
    const times = (t: PlanTimes) =>
      `${ms(t.edit)} median of ${REPEATS} edits, ${ms(t.worst)} worst, ${ms(t.opening)} on opening`;
    const rows: Row[] = [
      ['derivation and first valid schedule of the demo job, in the worker', '50 ms', times(demo)],
      [`the same for a generated job of ${GENERATED_SURFACES} surfaces`, '400 ms', times(generated)],
      ...imported,
      ...walk,
      ...many,
      tape,
      await quickLineRow(),
      ...photos,
      ...fairness,
      papers,
      ...fuzzRow(),
      ...core,
      ['script for the first paint of the jobs page, gzip', '300 kB', `${(script / 1000).toFixed(0)} kB`],
    ];
    const text = report(rows, before, await referenceTimes(browser));
    writeFileSync(join(ROOT, 'docs/benchmarks.md'), text);
    process.stdout.write(text);
  }),
);
