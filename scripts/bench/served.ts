import { fork } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { JobsPage } from '@etappe/core';
import { ROOT } from '../provision.mjs';

export interface Running {
  readonly url: string;
  stop(): void;
}

/** The built application on a database of its own. */
export async function startServer(databaseUrl: string): Promise<Running> {
  const photoFolder = mkdtempSync(join(tmpdir(), 'etappe-photos-'));
  const env = {
    ...process.env,
    DATABASE_URL: databaseUrl,
    PORT: '0',
    WEB_FOLDER: join(ROOT, 'web/dist'),
    PHOTO_FOLDER: photoFolder,
    DEMO_FOLDER: join(ROOT, 'demo'),
    LOG_LEVEL: 'error',
  };
  // Without the loader that this script runs with: it is the built application that is measured.
  const server = fork(join(ROOT, 'server/dist/main.js'), { cwd: ROOT, env, execArgv: [] });
  const port = await new Promise<number>((resolve, reject) => {
    server.once('message', ({ listening }: { listening: number }) => {
      resolve(listening);
    });
    server.once('exit', (code) => {
      reject(new Error(`the server ended with ${code}`));
    });
  });
  return {
    url: `http://127.0.0.1:${port}`,
    stop: () => {
      server.kill('SIGTERM');
      rmSync(photoFolder, { recursive: true, force: true });
    },
  };
}

/** What an address of the API answers, to a GET or, with a body, to a POST. */
export async function ask<T>(url: string, path: string, body?: unknown): Promise<T> {
  const answer = await fetch(
    `${url}/api/v1${path}`,
    body === undefined
      ? {}
      : { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify(body) },
  );
  if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  return (await answer.json()) as T;
}

/** The id of the job that most is measured on. */
export async function demoJob(url: string): Promise<string> {
  const { jobs } = await ask<JobsPage>(url, '/jobs?size=100');
  const job = jobs.find(({ name }) => name.startsWith('Hill observatory'));
  if (!job) throw new Error('the demo job is not there');
  return job.id;
}
