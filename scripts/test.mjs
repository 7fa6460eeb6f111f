import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { privateCluster } from './cluster.mjs';
import {
  ROOT,
  needBuild,
  needChromium,
  needNode,
  needPackages,
  needPoppler,
  needPostgres,
} from './provision.mjs';
import { run, say } from './say.mjs';

// Everything that can be checked, on a fresh checkout too; its last line is the sum over all runners.

/** What failed, each by its name; how much passed. */
const failures = [];
let passed = 0;
const failed = (name) => failures.push(name);

/** Of whole phases, which go on side by side, and of the files of tests: seconds. */
const phases = [];
const files = [];
const SLOWEST_TOLD = 10;

async function phase(name, work) {
  const began = Date.now();
  await work();
  phases.push([name, (Date.now() - began) / 1000]);
}

/** Runs one check and keeps what it says to itself unless it fails. */
async function check(name, script) {
  const child = spawn('npm', ['run', script, '--loglevel=error'], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let output = '';
  for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (output += text));
  const code = await new Promise((resolve) => child.once('close', (ended) => resolve(ended ?? 1)));
  if (code === 0) {
    say(`✓ ${name}`);
    passed += 1;
  } else {
    say(`✕ ${name}; alone: npm run ${script}\n${output}`);
    failed(`check: ${name} (npm run ${script})`);
  }
}

/** Two lanes for two cores: lint takes as long as all other checks and the build together. */
const lint = () => phase('lint', () => check('lint', 'check:lint'));
async function otherChecksAndBuild() {
  await phase('types', () => check('types', 'check:types'));
  await phase('format, arrows, unused', async () => {
    await check('format', 'check:format');
    await check('arrows', 'check:arrows');
    await check('unused', 'check:unused');
  });
  await phase('build', needBuild);
}

/** Its code at the end; `onMessage` hears what a child says that was started with node. */
function command(program, args, env = {}, onMessage = null) {
  return new Promise((resolve) => {
    const child = spawn(program, args, {
      cwd: ROOT,
      stdio: ['ignore', 2, 2, ...(onMessage ? ['ipc'] : [])],
      env: { ...process.env, ...env },
    });
    if (onMessage) child.on('message', onMessage);
    child.once('exit', (code) => resolve(code ?? 1));
    child.once('error', () => resolve(1));
  });
}

function report(path) {
  try {
    return JSON.parse(readFileSync(path, 'utf8'));
  } catch {
    return null;
  }
}

const fileOf = (path) => relative(ROOT, path);

const JEST = [
  '--experimental-vm-modules',
  '--no-warnings=ExperimentalWarning',
  'node_modules/jest/bin/jest.js',
];

async function jest(folder, cluster, onFreeCore) {
  const out = join(folder, 'jest.json');
  const args = [
    ...JEST,
    '--json',
    `--outputFile=${out}`,
    '--reporters=default',
    `--reporters=${join(ROOT, 'scripts/jest-tail.mjs')}`,
  ];
  const code = await command(process.execPath, args, { TEST_CLUSTER_URL: cluster.url }, onFreeCore);
  const result = report(out);
  passed += result?.numPassedTests ?? 0;
  const before = failures.length;
  for (const { name, assertionResults, message, startTime, endTime } of result?.testResults ?? []) {
    files.push([fileOf(name), (endTime - startTime) / 1000]);
    const broken = assertionResults.filter((test) => test.status === 'failed');
    for (const test of broken) failed(`jest: ${fileOf(name)}: ${test.fullName}`);
    // A suite that does not even load has no tests that could fail.
    if (message !== '' && assertionResults.length === 0) failed(`jest: ${fileOf(name)} does not load`);
  }
  if (code !== 0 && failures.length === before) failed(`jest ended with ${String(code)}`);
}

/** The tests of a playwright report, through its nested suites. */
function specsOf({ suites = [], specs = [] }) {
  return [...specs, ...suites.flatMap(specsOf)];
}

async function playwright(folder, cluster) {
  const out = join(folder, 'playwright.json');
  const env = {
    PLAYWRIGHT_JSON_OUTPUT_FILE: out,
    TEST_CLUSTER_URL: cluster.url,
    NODE_OPTIONS: '--no-warnings',
  };
  const code = await command('npx', ['playwright', 'test', '--config', 'e2e/playwright.config.ts'], env);
  const result = report(out);
  const before = failures.length;
  const seconds = new Map();
  for (const spec of specsOf(result ?? {})) {
    if (spec.ok) passed += 1;
    else failed(`playwright: ${spec.file}:${spec.line}: ${spec.title}`);
    for (const { duration } of spec.tests.flatMap((test) => test.results))
      seconds.set(spec.file, (seconds.get(spec.file) ?? 0) + duration / 1000);
  }
  for (const [file, took] of seconds) files.push([`e2e/${file}`, took]);
  if (code !== 0 && failures.length === before) failed(`playwright ended with ${String(code)}`);
}

function tellTimes(began) {
  const whole = (seconds) => String(Math.round(seconds)).padStart(5);
  say('— seconds of the phases, some side by side');
  for (const [name, seconds] of phases) say(`${whole(seconds)}  ${name}`);
  say('— the slowest files');
  for (const [file, seconds] of files.toSorted((a, b) => b[1] - a[1]).slice(0, SLOWEST_TOLD))
    say(`${whole(seconds)}  ${file}`);
  say(`${Math.round((Date.now() - began) / 1000)} s`);
}

await run(async () => {
  const began = Date.now();
  needNode();
  const programs = needPostgres();
  needChromium();
  needPoppler();
  needPackages();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  try {
    say('— checks and build');
    await Promise.all([lint(), otherChecksAndBuild()]);
    say('— jest');
    let browsers = null;
    const startBrowsers = () => (browsers ??= phase('playwright', () => playwright(folder, cluster)));
    await phase('jest', () => jest(folder, cluster, startBrowsers));
    await startBrowsers();
  } catch (error) {
    say(error?.stack ?? String(error));
    failed(`npm test itself: ${String(error)}`);
  } finally {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
  tellTimes(began);
  for (const name of failures) process.stdout.write(`✕ ${name}\n`);
  process.stdout.write(`${passed} passed, ${failures.length} failed\n`);
  process.exitCode = failures.length === 0 && passed > 0 ? 0 : 1;
});
