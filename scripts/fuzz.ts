import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { DATA, needPostgres } from './provision.mjs';

/** `npm run fuzz -- N [--seed S]`: sends N requests, sound and hostile, to every address of a server of its own. */
const [count = '', flag, seedText = '1'] = process.argv.slice(2);
const seed = flag === '--seed' ? Number(seedText) : 1;
if (!(Number(count) > 0) || !Number.isInteger(seed)) {
  process.stderr.write('How many requests? npm run fuzz -- 50000 [--seed S]\n');
  process.exit(2);
}
const folder = mkdtempSync(join(tmpdir(), 'etappe-fuzz-'));
const cluster = await privateCluster({ programs: needPostgres(), folder, forTests: true });
process.env['TEST_CLUSTER_URL'] = cluster.url;
const { fuzz } = await import('../server/src/test/fuzz/fuzz.ts');
const { fuzzGround } = await import('../server/src/test/fuzz/fuzz-ground.ts');
const { fresh, addresses, known } = await fuzzGround();
try {
  const began = performance.now();
  const { statuses, faults, slow, slowestMilliseconds } = await fuzz(fresh.app, addresses, known, {
    count: Number(count),
    seed,
  });
  const told = Object.entries(statuses).map(([status, n]) => `${status} ${n}`);
  mkdirSync(DATA, { recursive: true });
  const errors = Object.entries(statuses).reduce(
    (sum, [status, n]) => sum + (Number(status) >= 500 ? n : 0),
    0,
  );
  const kept = { count: Number(count), seed, addresses: addresses.length, errors, slowestMilliseconds };
  // npm run bench puts it with the other figures.
  writeFileSync(join(DATA, 'fuzz.json'), JSON.stringify(kept));
  process.stdout.write(
    `${count} requests to ${addresses.length} addresses, seed ${seed}, in ${((performance.now() - began) / 1000).toFixed(0)} s; slowest ${slowestMilliseconds.toFixed(0)} ms\n${told.join(' · ')}\n`,
  );
  for (const fault of [...faults, ...slow].slice(0, 40)) process.stdout.write(`${fault}\n`);
  process.exitCode = faults.length + slow.length > 0 ? 1 : 0;
} finally {
  await fresh.close();
  cluster.stop();
  rmSync(folder, { recursive: true, force: true });
}
