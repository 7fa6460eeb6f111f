import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateCluster } from '../scripts/cluster.mjs';
import { needBuild, needPostgres } from '../scripts/provision.mjs';
import { fillTemplates, templateOf } from './served.ts';

/** One PostgreSQL for a run, a built application (npm test hands both in), and what each test's server starts with. */
export default async function startCluster(): Promise<() => void> {
  const end = process.env['TEST_CLUSTER_URL'] ? () => undefined : await ownCluster();
  await fillTemplates();
  const folders = (['demo', 'empty'] as const).map((filling) => templateOf(filling).photoFolder);
  return () => {
    for (const folder of folders) rmSync(folder, { recursive: true, force: true });
    end();
  };
}

async function ownCluster(): Promise<() => void> {
  await needBuild();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs: needPostgres(), folder, forTests: true });
  process.env['TEST_CLUSTER_URL'] = cluster.url;
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
