import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { chromium } from '@playwright/test';
import type { Browser } from '@playwright/test';
import { privateCluster } from '../cluster.mjs';
import { needBuild, needChromium, needNode, needPackages, needPostgres } from '../provision.mjs';
import { BROWSER } from './browser.ts';
import { startServer } from './served.ts';

/** Brings what is missing, serves the built application with the demo jobs, and takes all of it down again after the work. */
export async function withApplication(work: (url: string, browser: Browser) => Promise<void>): Promise<void> {
  needNode();
  const programs = needPostgres();
  needChromium();
  needPackages();
  await needBuild();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-served-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  const server = await startServer(cluster.url);
  const browser = await chromium.launch(BROWSER);
  try {
    await work(server.url, browser);
  } finally {
    await browser.close();
    server.stop();
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
}
