import type { ChildProcess } from 'node:child_process';
import { randomBytes, randomUUID } from 'node:crypto';
import { cp, rm } from 'node:fs/promises';
import { createServer } from 'node:net';
import type { Server, Socket } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { test as base } from '@playwright/test';
import type { Locator, Page } from '@playwright/test';
import { admin, ended, served, templateOf } from './served.ts';
import type { Filling } from './served.ts';

/** A server of the test's own on a database of its own, that can be stopped, started and cut off. */
export class Etappe {
  url = '';
  private server: ChildProcess | null = null;
  private silent: { readonly server: Server; readonly sockets: Set<Socket> } | null = null;
  private port = 0;
  private readonly database = `e2e_${randomBytes(6).toString('hex')}`;
  private readonly photoFolder = join(tmpdir(), `etappe-photos-${this.database}`);

  /** A copy of what was filled once for the run. */
  static async filledWith(filling: Filling): Promise<Etappe> {
    const etappe = new Etappe();
    const template = templateOf(filling);
    await cp(template.photoFolder, etappe.photoFolder, { recursive: true });
    await admin(`CREATE DATABASE ${etappe.database} TEMPLATE ${template.database}`);
    await etappe.start();
    return etappe;
  }

  async start(): Promise<void> {
    await this.endSilence();
    ({ server: this.server, port: this.port } = await served(this.database, this.photoFolder, this.port));
    this.url = `http://127.0.0.1:${this.port}`;
  }

  /** In the server's place something that takes every connection and never says a word, as a dead signal does. */
  async fallSilent(): Promise<void> {
    await this.stop();
    const sockets = new Set<Socket>();
    const server = createServer((socket) => {
      sockets.add(socket);
      socket.on('error', () => sockets.delete(socket));
      socket.resume();
    });
    await new Promise<void>((resolve) => server.listen(this.port, '127.0.0.1', resolve));
    this.silent = { server, sockets };
  }

  private async endSilence(): Promise<void> {
    const { silent } = this;
    if (!silent) return;
    this.silent = null;
    for (const socket of silent.sockets) socket.destroy();
    await new Promise((resolve) => silent.server.close(resolve));
  }

  async stop(signal: NodeJS.Signals = 'SIGTERM'): Promise<void> {
    await this.endSilence();
    await ended(this.server, signal);
  }

  /** For good: nobody asks for it again. */
  async end(): Promise<void> {
    await this.stop();
    await admin(`DROP DATABASE ${this.database} WITH (FORCE)`);
    await rm(this.photoFolder, { recursive: true, force: true });
  }

  /** Takes the database away from the running server, and gives it back. */
  async databaseAway(away: boolean): Promise<void> {
    await admin(`ALTER DATABASE ${this.database} ALLOW_CONNECTIONS ${!away}`);
    if (away)
      await admin(
        `SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = '${this.database}'`,
      );
  }

  /** Brings in a job as a file does. @returns its id */
  async importJob(file: object): Promise<string> {
    const id = randomUUID();
    const answer = await fetch(`${this.url}/api/v1/jobs/import`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json' },
      body: JSON.stringify({
        id,
        propertyId: randomUUID(),
        file: { format: 'etappe-job', version: 2, ...file },
      }),
    });
    if (!answer.ok) throw new Error(await answer.text());
    return id;
  }

  async jobId(name: string): Promise<string> {
    const answer = (await (await fetch(`${this.url}/api/v1/jobs`)).json()) as {
      jobs: { id: string; name: string }[];
    };
    const job = answer.jobs.find((j) => j.name.includes(name));
    if (!job) throw new Error(`there is no job "${name}"`);
    return job.id;
  }
}

/** The server of the next test, started while this one runs. */
class Ahead {
  private readonly next = new Map<Filling, Promise<Etappe>>();

  async take(filling: Filling): Promise<Etappe> {
    const etappe = await (this.next.get(filling) ?? Etappe.filledWith(filling));
    const following = Etappe.filledWith(filling);
    // Told where it is taken.
    following.catch(() => undefined);
    this.next.set(filling, following);
    return etappe;
  }

  async end(): Promise<void> {
    for (const etappe of this.next.values()) await (await etappe).end();
  }
}

interface WorkerFixtures {
  /** With the demo jobs in it, for tests that only look: one for all of a worker. */
  readonly sharedEtappe: Etappe;
  readonly ahead: Ahead;
}

interface Fixtures {
  /** With the demo jobs in it. */
  readonly etappe: Etappe;
  /** A company that has nothing yet. */
  readonly emptyEtappe: Etappe;
  /** What the browser complained of; a test may take out what it provoked. */
  readonly complaints: string[];
  /** Pages as on a machine so many times slower: `SLOW_CPU=4 npm test`. */
  readonly slowCpu: number;
}

export const test = base.extend<Fixtures, WorkerFixtures>({
  sharedEtappe: [
    // eslint-disable-next-line no-empty-pattern -- playwright reads from the pattern what a fixture needs
    async ({}, use) => {
      const etappe = await Etappe.filledWith('demo');
      await use(etappe);
      await etappe.end();
    },
    { scope: 'worker' },
  ],
  ahead: [
    // eslint-disable-next-line no-empty-pattern -- as above
    async ({}, use) => {
      const ahead = new Ahead();
      await use(ahead);
      await ahead.end();
    },
    { scope: 'worker' },
  ],
  etappe: async ({ page, ahead }, use) => {
    await lent(await ahead.take('demo'), page, use);
  },
  emptyEtappe: async ({ page, ahead }, use) => {
    await lent(await ahead.take('empty'), page, use);
  },
  slowCpu: [
    async ({ context }, use) => {
      const rate = Number(process.env['SLOW_CPU'] ?? 1);
      const slow = async (page: Page) => {
        const session = await context.newCDPSession(page);
        await session.send('Emulation.setCPUThrottlingRate', { rate });
      };
      // A page that is closed at once needs no slowing.
      if (rate > 1) context.on('page', (page) => void slow(page).catch(() => undefined));
      await use(rate);
    },
    { auto: true },
  ],
  complaints: [
    async ({ page }, use) => {
      const complaints: string[] = [];
      page.on('console', (message) => {
        if (message.type() === 'error' || message.type() === 'warning') complaints.push(message.text());
      });
      page.on('pageerror', (error) => complaints.push(error.message));
      await use(complaints);
      base.expect(complaints).toEqual([]);
    },
    { auto: true },
  ],
});

async function lent(etappe: Etappe, page: Page, use: (etappe: Etappe) => Promise<void>): Promise<void> {
  await use(etappe);
  // Pages first: one that still asks a server that is gone would complain of it.
  for (const open of page.context().pages()) await open.close();
  await etappe.end();
}

export const { expect } = base;

/** Waits until what was typed is on the server. */
export async function saved(page: Page): Promise<void> {
  await expect(page.locator('.save-mark')).toHaveClass(/ saved/);
}

/** Waits until the application is on the device and answers for this page. */
export async function keptOnDevice(page: Page): Promise<void> {
  await page.evaluate(() => navigator.serviceWorker.ready);
  await page.reload();
  await expect.poll(() => page.evaluate(() => navigator.serviceWorker.controller !== null)).toBe(true);
}

/** Picks an option of a search field by its visible label. */
export async function choose(within: Page | Locator, label: string, option: string): Promise<void> {
  const page = 'page' in within ? within.page() : within;
  const field = within.getByRole('combobox', { name: label, exact: true });
  // A list that closes because something new was drawn below it is opened once more, as somebody would.
  await expect(async () => {
    await field.click();
    await field.fill(option);
    await page
      .locator('.ant-select-dropdown:visible')
      .getByText(option, { exact: true })
      .click({ timeout: 5000 });
  }).toPass();
}
