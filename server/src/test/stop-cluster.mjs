import { rmSync } from 'node:fs';

export default function stopCluster() {
  const cluster = globalThis.testCluster;
  if (!cluster) return;
  cluster.stop();
  rmSync(cluster.folder, { recursive: true, force: true });
}
