import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateCluster } from '../scripts/cluster.mjs';
import { needBuild, needPostgres } from '../scripts/provision.mjs';

/** One PostgreSQL for a run, and a built application; npm test hands both in. */
export default async function startCluster() {
  if (process.env.TEST_CLUSTER_URL) return undefined;
  needBuild();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs: needPostgres(), folder, forTests: true });
  process.env.TEST_CLUSTER_URL = cluster.url;
  return () => {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  };
}
