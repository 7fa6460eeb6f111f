import { spawn } from 'node:child_process';
import { join } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { DATA, ROOT, needNode, needPackages, needPostgres } from './provision.mjs';
import { run, say } from './say.mjs';

/** Server and web that follow the sources, on the same database as npm start. */
await run(async () => {
  needNode();
  const cluster = process.env.DATABASE_URL
    ? null
    : await privateCluster({ programs: needPostgres(), folder: DATA });
  needPackages();
  const env = {
    ...process.env,
    DATABASE_URL: process.env.DATABASE_URL ?? cluster.url,
    DEMO_FOLDER: join(ROOT, 'demo'),
    PORT: process.env.PORT ?? '4600',
  };
  say('Web at http://127.0.0.1:4601/, server at http://127.0.0.1:4600/');
  const both = ['npx tsx watch server/src/main.ts', 'npm run dev --workspace web --loglevel=error'];
  const child = spawn('npx', ['concurrently', '--kill-others', '--names', 'server,web', ...both], {
    cwd: ROOT,
    env,
    stdio: 'inherit',
  });
  process.on('SIGINT', () => child.kill('SIGINT'));
  process.on('SIGTERM', () => child.kill('SIGTERM'));
  await new Promise((resolve) => child.once('exit', resolve));
  cluster?.stop();
});
