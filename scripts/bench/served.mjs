import { fork } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { ROOT } from '../provision.mjs';

/** The built application on a database of its own. */
export async function startServer(databaseUrl) {
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: '0',
    WEB_FOLDER: join(ROOT, 'web/dist'),
    PHOTO_FOLDER: mkdtempSync(join(tmpdir(), 'etappe-photos-')),
    DEMO_FOLDER: join(ROOT, 'demo'),
    LOG_LEVEL: 'error',
  };
  const server = fork(join(ROOT, 'server/dist/main.js'), { cwd: ROOT, env });
  const port = await new Promise((resolve) => server.once('message', ({ listening }) => resolve(listening)));
  return {
    url: `http://127.0.0.1:${port}`,
    stop: () => {
      server.kill('SIGTERM');
      rmSync(env.PHOTO_FOLDER, { recursive: true, force: true });
    },
  };
}

export async function ask(url, path, body) {
  const answer = await fetch(
    `${url}/api/v1${path}`,
    body === undefined
      ? {}
      : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
  );
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  return answer.json();
}

export const demoFile = (name) => JSON.parse(readFileSync(join(ROOT, `demo/${name}.etappe.json`), 'utf8'));

/** The demo job with so many surfaces, each a repeat of one of its own that is worked on, with findings of its own. */
export function generatedFile(surfaces) {
  const file = demoFile('hill-observatory');
  const worked = file.surfaces.filter((s) => s.inScope !== false && s.findings.length > 0);
  return {
    ...file,
    name: `Generated, ${surfaces} surfaces`,
    site: { waterPoints: file.site.waterPoints, features: file.site.features },
    surfaces: Array.from({ length: surfaces }, (_, i) => {
      const { drainsOnto: _d, beside: _b, ...surface } = worked[i % worked.length];
      return { ...surface, id: `surface-${i}`, name: `${surface.name} ${i}` };
    }),
    house: { crew: file.house.crew, dayHours: 16 },
    choices: [],
  };
}

const sorted = (values) => [...values].sort((a, b) => a - b);
export const median = (values) => quantile(values, 0.5);
export const quantile = (values, share) =>
  sorted(values)[Math.min(values.length - 1, Math.floor(values.length * share))];

/** Milliseconds of each of so many runs, one after the other. */
export async function timed(count, run) {
  const times = [];
  for (let i = 0; i < count; i += 1) {
    const start = performance.now();
    await run(i);
    times.push(performance.now() - start);
  }
  return times;
}

export const ms = (value) => `${value.toFixed(value < 10 ? 1 : 0)} ms`;

/** Times as a row of the table shows them. */
export const spread = (times) =>
  `${ms(median(times))} median of ${times.length}, ${ms(Math.max(...times))} worst`;
