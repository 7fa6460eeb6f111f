import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { DATA, ROOT, needNode, needPackages, needPostgres } from './provision.mjs';
import { run, say } from './say.mjs';

/** Server and web that follow the sources, on the same database as npm start. */
await run(async () => {
  needNode();
  const cluster = process.env['DATABASE_URL']
    ? null
    : await privateCluster({ programs: needPostgres(), folder: DATA });
  needPackages();
  const env = {
    ...process.env,
    DATABASE_URL: process.env['DATABASE_URL'] ?? cluster?.url,
    DEMO_FOLDER: join(ROOT, 'demo'),
    PORT: process.env['PORT'] ?? '4600',
  };
  say('Web at http://127.0.0.1:4601/, server at http://127.0.0.1:4600/');
  const both = [
    spawn('npx', ['tsx', 'watch', 'server/src/main.ts'], { cwd: ROOT, env, stdio: 'inherit' }),
    spawn('npm', ['run', 'dev', '--workspace', 'web', '--loglevel=error'], {
      cwd: ROOT,
      env,
      stdio: 'inherit',
    }),
  ];
  const endBoth = () => {
    for (const child of both) child.kill('SIGTERM');
  };
  process.on('SIGINT', endBoth);
  process.on('SIGTERM', endBoth);
  // One without the other is of no use.
  await Promise.race(both.map((child) => once(child, 'exit')));
  endBoth();
  cluster?.stop();
});
