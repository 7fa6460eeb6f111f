import { fork } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { keepServing } from './keep-serving.mjs';
import { DATA, ROOT, needBuild, needNode, needPackages, needPostgres } from './provision.mjs';
import { Mendable, run, say } from './say.mjs';

/** One command from a fresh checkout to a running Etappe with the demo jobs. */
const PID_FILE = join(DATA, 'start.pid');

function alive(pid) {
  try {
    process.kill(pid, 0);
    return readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('start.mjs');
  } catch {
    return false;
  }
}

function claim() {
  mkdirSync(DATA, { recursive: true, mode: 0o700 });
  const other = existsSync(PID_FILE) ? Number(readFileSync(PID_FILE, 'utf8')) : 0;
  if (other && other !== process.pid && alive(other)) {
    throw new Mendable(
      `Etappe already runs from this folder (process ${other}).`,
      `use it, or stop it with: kill ${other}`,
    );
  }
  writeFileSync(PID_FILE, String(process.pid));
}

await run(async () => {
  needNode();
  claim();
  const cluster = process.env.DATABASE_URL
    ? null
    : await privateCluster({ programs: needPostgres(), folder: DATA });
  let server = null;
  const stop = () => {
    cluster?.stop();
    rmSync(PID_FILE, { force: true });
  };
  let stopping = false;
  const quit = () => {
    if (stopping) return;
    stopping = true;
    say('Stopping …');
    if (server && server.exitCode === null && server.signalCode === null) server.kill('SIGTERM');
    else {
      stop();
      process.exit(0);
    }
  };
  process.on('SIGINT', quit);
  process.on('SIGTERM', quit);
  process.on('SIGHUP', quit);
  try {
    needPackages();
    await needBuild();
    if (stopping) return;
    await keepServing({
      start: (port) => {
        server = fork(join(ROOT, 'server/dist/main.js'), {
          cwd: ROOT,
          env: {
            ...process.env,
            PORT: port === 0 ? process.env.PORT : String(port),
            DATABASE_URL: process.env.DATABASE_URL ?? cluster.url,
            WEB_FOLDER: join(ROOT, 'web/dist'),
            DEMO_FOLDER: join(ROOT, 'demo'),
            LOG_LEVEL: process.env.LOG_LEVEL ?? 'warn',
          },
        });
        return server;
      },
      stopping: () => stopping,
      say,
    });
  } finally {
    stop();
  }
});
