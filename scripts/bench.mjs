import { randomUUID } from 'node:crypto';
import { existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { importRows, largeWalkRows, manyJobsRows, quickLineRow, tapeRow } from './bench/record.mjs';
import { catalogueRows, diagnosisRow } from './bench/judgement.mjs';
import { referenceTimes } from './bench/reference.mjs';
import { fairnessRows } from './bench/fairness.mjs';
import { supplyRows } from './bench/supply.mjs';
import { judgeRow, treatmentRows } from './bench/treatment.mjs';
import { photoRows } from './bench/photos.mjs';
import { ask, generatedFile, median, startServer } from './bench/served.mjs';
import { privateCluster } from './cluster.mjs';
import { DATA, ROOT, needBuild, needChromium, needNode, needPackages, needPostgres } from './provision.mjs';
import { run, say } from './say.mjs';

/** Measures what has a target, in the real application in Chromium, and writes docs/benchmarks.md. */
const REPEATS = 9;
const GENERATED_SURFACES = 60;
const FIRST_PLAN = 'etappe:first-plan';
const BROWSER = {
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-sync',
  ],
};

async function generatedJob(url) {
  const id = randomUUID();
  await ask(url, '/jobs/import', { id, propertyId: randomUUID(), file: generatedFile(GENERATED_SURFACES) });
  return id;
}

async function demoJob(url) {
  const { jobs } = await ask(url, '/jobs');
  return jobs.find((job) => job.name.startsWith('Hill observatory')).id;
}

const measures = (page) =>
  page.evaluate((name) => performance.getEntriesByName(name).map((entry) => entry.duration), FIRST_PLAN);

/** First plan after opening, then after each of several edits, in ms. */
async function planTimes(page, url, job) {
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
      ([name, count]) => performance.getEntriesByName(name).length > count,
      [FIRST_PLAN, before],
      { timeout: 120_000 },
    );
  }
  const [opening, ...edits] = await measures(page);
  return { opening, edit: median(edits), worst: Math.max(...edits) };
}

async function firstPaintScript(page, url) {
  await page.goto(`${url}/jobs`);
  await page.getByRole('link', { name: 'Hill observatory' }).waitFor();
  return page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter((r) => r.name.endsWith('.js'))
      .reduce((sum, r) => sum + r.encodedBodySize, 0),
  );
}

const ms = (value) => `${value.toFixed(0)} ms`;

const MILLISECONDS = { µs: 0.001, ms: 1, s: 1000 };

/** The first time that a cell names, as a multiple of what the reference took; nothing where it names none. */
function multiple(measured, reference) {
  const found = /(?:^|, )([\d.]+) (µs|ms|s)\b/.exec(measured);
  if (!found) return '–';
  const times = (Number(found[1]) * MILLISECONDS[found[2]]) / reference;
  return `${times < 10 ? times.toPrecision(2) : times.toFixed(0)} ×`;
}

/** @param rows what, target, measured, and `paint` where a page is painted */
function report(rows, references) {
  const machine = `${cpus().length} × ${cpus()[0].model.trim()}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.versions.node}`;
  const both = ({ core, paint }) => `${ms(core)} of work, ${ms(paint)} of paint`;
  const [first, last] = references;
  return [
    '# Benchmarks',
    '',
    'Written by `npm run bench`: the built application, served by its own server, in Debian’s headless Chromium. Machines are noisy; no test asserts these figures.',
    '',
    `Measured ${new Date().toISOString().slice(0, 10)} on ${machine}.`,
    '',
    `Reference: a fixed piece of work and of paint that are not ours (\`scripts/bench/reference.mjs\`) took ${both(first)} at the beginning, ${both(last)} at the end. The last column gives each figure as a multiple of the first, of paint where a page is painted; it can be compared between machines.`,
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
function fuzzRow() {
  const path = join(DATA, 'fuzz.json');
  if (!existsSync(path)) return [];
  const { count, seed, addresses, errors, slowestMilliseconds } = JSON.parse(readFileSync(path, 'utf8'));
  return [
    [
      `${count} fuzzed requests to ${addresses} addresses (seed ${seed})`,
      'no 5xx, none above 2 s',
      `${errors} of 5xx, slowest ${ms(slowestMilliseconds)}`,
    ],
  ];
}

await run(async () => {
  needNode();
  const programs = needPostgres();
  needChromium();
  needPackages();
  await needBuild();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-bench-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  const server = await startServer(cluster.url);
  const browser = await chromium.launch(BROWSER);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    say('Measuring the machine …');
    const before = await referenceTimes(browser);
    say('Measuring the first paint …');
    const script = await firstPaintScript(page, server.url);
    say('Measuring photos …');
    const photos = await photoRows(server.url);
    say('Measuring who waits for whom …');
    const fairness = await fairnessRows(server.url);
    say('Measuring the demo job …');
    const demo = await planTimes(page, server.url, await demoJob(server.url));
    say(`Measuring a job of ${GENERATED_SURFACES} surfaces …`);
    const generated = await planTimes(page, server.url, await generatedJob(server.url));
    say('Measuring the import of a job file …');
    const imported = await importRows(page, server.url);
    const walk = await largeWalkRows(page);
    say('Measuring with ten thousand jobs …');
    const many = await manyJobsRows(server.url);
    const tape = await tapeRow();
    const times = (t) =>
      `${ms(t.edit)} median of ${REPEATS} edits, ${ms(t.worst)} worst, ${ms(t.opening)} on opening`;
    const rows = [
      ['derivation and first valid schedule of the demo job, in the worker', '50 ms', times(demo)],
      [`the same for a generated job of ${GENERATED_SURFACES} surfaces`, '400 ms', times(generated)],
      ...imported,
      ...walk,
      ...many,
      tape,
      await quickLineRow(),
      ...photos,
      ...fairness,
      ...fuzzRow(),
      await diagnosisRow(),
      ...(await treatmentRows()),
      await judgeRow(),
      ...(await supplyRows()),
      ...(await catalogueRows()),
      ['script for the first paint of the jobs page, gzip', '300 kB', `${(script / 1000).toFixed(0)} kB`],
    ];
    const text = report(rows, [before, await referenceTimes(browser)]);
    writeFileSync(join(ROOT, 'docs/benchmarks.md'), text);
    process.stdout.write(text);
  } finally {
    await browser.close();
    server.stop();
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
