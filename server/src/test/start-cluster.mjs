import { mkdtempSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateCluster } from '../../../scripts/cluster.mjs';
import { needPostgres } from '../../../scripts/provision.mjs';

/** One real PostgreSQL for all server tests of a run; each test file makes databases of its own in it. */
export default async function startCluster() {
  if (process.env.TEST_CLUSTER_URL) return;
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs: needPostgres(), folder, forTests: true });
  process.env.TEST_CLUSTER_URL = cluster.url;
  globalThis.testCluster = { ...cluster, folder };
}
