import { fork } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { cpus, tmpdir, totalmem } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import { privateCluster } from './cluster.mjs';
import { ROOT, needBuild, needChromium, needNode, needPackages, needPostgres } from './provision.mjs';
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

const sorted = (values) => [...values].sort((a, b) => a - b);
const median = (values) => sorted(values)[Math.floor(values.length / 2)];

async function startServer(databaseUrl) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: '0',
    WEB_FOLDER: join(ROOT, 'web/dist'),
    DEMO_FOLDER: join(ROOT, 'demo'),
    LOG_LEVEL: 'error',
  };
  const server = fork(join(ROOT, 'server/dist/main.js'), { cwd: ROOT, env });
  const port = await new Promise((resolve) => server.once('message', ({ listening }) => resolve(listening)));
  return { url: `http://127.0.0.1:${port}`, stop: () => server.kill('SIGTERM') };
}

async function send(url, path, body) {
  const answer = await fetch(`${url}/api/v1${path}`, {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  return answer.json();
}

/** A job whose surfaces repeat those of the demo job, each with its own findings. */
async function generatedJob(url) {
  const file = JSON.parse(readFileSync(join(ROOT, 'demo/hill-observatory.etappe.json'), 'utf8'));
  const id = randomUUID();
  await send(url, '/jobs', {
    id,
    propertyId: randomUUID(),
    job: { name: 'Generated', house: { crew: file.house.crew, dayHours: 16 } },
  });
  const create = (kind, entity, fields) => ({
    id: randomUUID(),
    kind,
    entity,
    op: 'create',
    base: 0,
    fields,
  });
  const sides = file.sides.map(({ id: side, ...fields }, i) =>
    create('side', side, { ...fields, position: i }),
  );
  const surfaces = Array.from({ length: GENERATED_SURFACES }, (_, i) => {
    const {
      id: _id,
      findings,
      drainsOnto: _d,
      beside: _b,
      ...fields
    } = file.surfaces[i % file.surfaces.length];
    const finish = fields.finish ?? (fields.material.startsWith('painted') ? 'painted' : 'bare');
    return [
      create('surface', `surface-${i}`, {
        ...fields,
        finish,
        tiltDegrees: fields.band === 'floor' ? 0 : 90,
        position: i,
      }),
      ...findings.map((finding) =>
        create('finding', `surface-${i}-${finding.contaminant}`, { ...finding, surface: `surface-${i}` }),
      ),
    ];
  });
  await send(url, `/jobs/${id}/changes`, { changes: [...sides, ...surfaces.flat()] });
  return id;
}

async function demoJob(url) {
  const { jobs } = await (await fetch(`${url}/api/v1/jobs`)).json();
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

function report(rows) {
  const machine = `${cpus().length} × ${cpus()[0].model.trim()}, ${(totalmem() / 2 ** 30).toFixed(0)} GiB, Node ${process.versions.node}`;
  return [
    '# Benchmarks',
    '',
    'Written by `npm run bench`: the built application, served by its own server, in Debian’s headless Chromium. Machines are noisy; no test asserts these figures.',
    '',
    `Measured ${new Date().toISOString().slice(0, 10)} on ${machine}.`,
    '',
    '| what | target | measured |',
    '| --- | --- | --- |',
    ...rows.map((row) => `| ${row.join(' | ')} |`),
    '',
  ].join('\n');
}

await run(async () => {
  needNode();
  const programs = needPostgres();
  needChromium();
  needPackages();
  needBuild();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-bench-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  const server = await startServer(cluster.url);
  const browser = await chromium.launch(BROWSER);
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    say('Measuring the first paint …');
    const script = await firstPaintScript(page, server.url);
    say('Measuring the demo job …');
    const demo = await planTimes(page, server.url, await demoJob(server.url));
    say(`Measuring a job of ${GENERATED_SURFACES} surfaces …`);
    const generated = await planTimes(page, server.url, await generatedJob(server.url));
    const times = (t) =>
      `${ms(t.edit)} median of ${REPEATS} edits, ${ms(t.worst)} worst, ${ms(t.opening)} on opening`;
    const text = report([
      ['derivation and first valid schedule of the demo job, in the worker', '50 ms', times(demo)],
      [`the same for a generated job of ${GENERATED_SURFACES} surfaces`, '400 ms', times(generated)],
      ['script for the first paint of the jobs page, gzip', '300 kB', `${(script / 1000).toFixed(0)} kB`],
    ]);
    writeFileSync(join(ROOT, 'docs/benchmarks.md'), text);
    process.stdout.write(text);
  } finally {
    await browser.close();
    server.stop();
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
