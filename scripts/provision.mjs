import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { once } from 'node:events';
import { existsSync, mkdirSync, readFileSync, readdirSync, statSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Mendable, say } from './say.mjs';

export const ROOT = fileURLToPath(new URL('..', import.meta.url));
export const DATA = join(ROOT, '.data');
/** What the dependencies run on, as package.json says: the first minor of each major, and all that come later. */
const NODES = { 20: 19, 22: 13, 24: 0 };
const NEWEST_NODE = Math.max(...Object.keys(NODES));

/** Where Debian puts PostgreSQL's own programs: the newest version's folder; null when it is not installed. */
export function postgresPrograms() {
  const base = '/usr/lib/postgresql';
  if (!existsSync(base)) return null;
  const versions = readdirSync(base)
    .filter((v) => existsSync(join(base, v, 'bin', 'initdb')))
    .sort((a, b) => Number(b) - Number(a));
  return versions.length > 0 ? join(base, versions[0], 'bin') : null;
}

function install(what, packages) {
  const command = `apt-get install -y --no-install-recommends ${packages.join(' ')}`;
  if (process.getuid?.() !== 0 || !existsSync('/usr/bin/apt-get')) {
    throw new Mendable(`${what} is not installed and this user may not install it.`, `sudo ${command}`);
  }
  say(`Installing ${what} from Debian's packages …`);
  const env = { ...process.env, DEBIAN_FRONTEND: 'noninteractive' };
  for (const args of [['update', '-qq'], command.split(' ').slice(1)]) {
    const done = spawnSync('apt-get', args, { stdio: ['ignore', 'ignore', 'inherit'], env });
    if (done.status !== 0)
      throw new Mendable(`apt-get ${args[0]} failed.`, `look at the lines above, then run: ${command}`);
  }
}

export function needNode() {
  const [major, minor] = process.versions.node.split('.').map(Number);
  if (major > NEWEST_NODE || minor >= NODES[major]) return;
  throw new Mendable(
    `Node ${process.versions.node} does not run everything that Etappe uses.`,
    'install Node 20.19 or newer, 22.13 or newer, or 24',
  );
}

export function needPostgres() {
  if (!postgresPrograms()) install('PostgreSQL', ['postgresql']);
  const programs = postgresPrograms();
  if (!programs)
    throw new Mendable(
      'PostgreSQL was installed, but its programs are not below /usr/lib/postgresql.',
      'apt-get install --reinstall postgresql',
    );
  return programs;
}

export function needChromium() {
  if (!existsSync('/usr/bin/chromium')) install('Chromium', ['chromium', 'fonts-liberation']);
}

/** What tests read printed pages with. */
export function needPoppler() {
  if (!existsSync('/usr/bin/pdftotext')) install('pdftotext', ['poppler-utils']);
}

/** `npm ci` when the packages are not those of the lock file. */
export function needPackages() {
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  const stamp = join(ROOT, 'node_modules', '.etappe-lock');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('Installing packages (npm ci) …');
  const env = { ...process.env, PLAYWRIGHT_SKIP_BROWSER_DOWNLOAD: '1' };
  const done = spawnSync('npm', ['ci', '--ignore-scripts', '--no-audit', '--no-fund', '--loglevel=error'], {
    cwd: ROOT,
    stdio: ['ignore', 2, 2],
    env,
  });
  if (done.status !== 0)
    throw new Mendable('npm ci failed.', 'look at the lines above; is the npm registry reachable?');
  writeFileSync(stamp, lock);
}

function hashOfTree(hash, path) {
  if (statSync(path).isDirectory()) {
    for (const name of readdirSync(path).sort())
      if (name !== 'node_modules' && name !== 'dist') hashOfTree(hash, join(path, name));
  } else {
    hash.update(path).update(readFileSync(path));
  }
}

/** Builds server and web when their sources are not those of the last build. */
export async function needBuild() {
  const hash = createHash('sha256');
  for (const path of ['core/src', 'server/src', 'server/build.mjs', 'web', 'package-lock.json'])
    hashOfTree(hash, join(ROOT, path));
  const digest = hash.digest('hex');
  mkdirSync(DATA, { recursive: true });
  const stamp = join(DATA, 'built');
  const built =
    existsSync(join(ROOT, 'server/dist/main.js')) && existsSync(join(ROOT, 'web/dist/index.html'));
  if (built && existsSync(stamp) && readFileSync(stamp, 'utf8') === digest) return;
  say('Building …');
  const build = spawn('npm', ['run', 'build', '--loglevel=error'], { cwd: ROOT, stdio: ['ignore', 2, 2] });
  const [code] = await once(build, 'exit');
  if (code !== 0)
    throw new Mendable('The build failed.', 'look at the lines above; npm run check:types says more');
  writeFileSync(stamp, digest);
}
