import { fork } from 'node:child_process';
import type { ChildProcess } from 'node:child_process';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import pg from 'pg';

const ROOT = fileURLToPath(new URL('..', import.meta.url));

export interface Served {
  readonly server: ChildProcess;
  readonly port: number;
}

/** The built server on a database and a folder of photos; a port of 0 is any that is free. */
export async function served(database: string, photoFolder: string, port = 0, more = {}): Promise<Served> {
  const address = new URL(clusterUrl());
  address.pathname = `/${database}`;
  const server = fork(`${ROOT}server/dist/main.js`, {
    cwd: ROOT,
    env: {
      ...process.env,
      NODE_OPTIONS: '',
      DATABASE_URL: address.href,
      PORT: String(port),
      WEB_FOLDER: `${ROOT}web/dist`,
      PHOTO_FOLDER: photoFolder,
      LOG_LEVEL: 'error',
      ...more,
    },
  });
  return new Promise((resolve, reject) => {
    server.once('message', ({ listening }: { listening: number }) => {
      resolve({ server, port: listening });
    });
    server.once('exit', (code) => {
      reject(new Error(`the server ended with ${code}`));
    });
  });
}

export async function ended(server: ChildProcess | null, signal: NodeJS.Signals): Promise<void> {
  if (server?.exitCode !== null || server.signalCode !== null) return;
  const exit = new Promise((resolve) => server.once('exit', resolve));
  server.kill(signal);
  await exit;
}

/** What a server starts with: the demo jobs, or a company that has nothing yet. */
export type Filling = 'demo' | 'empty';

/** Where a filling was made for this run, to be copied for each test. */
export function templateOf(filling: Filling): { readonly database: string; readonly photoFolder: string } {
  const run = new URL(clusterUrl()).port;
  return { database: `template_${filling}`, photoFolder: join(tmpdir(), `etappe-photos-${run}-${filling}`) };
}

/** Makes both, each as its first start makes it. */
export async function fillTemplates(): Promise<void> {
  for (const filling of ['demo', 'empty'] as const) {
    const { database, photoFolder } = templateOf(filling);
    await admin(`CREATE DATABASE ${database}`);
    const demo = filling === 'demo' ? { DEMO_FOLDER: `${ROOT}demo` } : {};
    const { server } = await served(database, photoFolder, 0, demo);
    await ended(server, 'SIGTERM');
  }
}

function clusterUrl(): string {
  const url = process.env['TEST_CLUSTER_URL'];
  if (!url) throw new Error('TEST_CLUSTER_URL is not set: run through playwright.config.ts');
  return url;
}

export async function admin(statement: string): Promise<void> {
  const client = new pg.Client(clusterUrl());
  await client.connect();
  await client.query(statement);
  await client.end();
}
