import { spawn } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join, relative } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { ROOT, needBuild, needChromium, needNode, needPackages, needPostgres } from './provision.mjs';
import { run, say } from './say.mjs';

/** Everything that can be checked, on a fresh checkout too; its last line is the sum over all runners. */
const CHECKS = [
  // Two lanes side by side, for the two cores: lint takes as long as all others together.
  [['lint', 'check:lint']],
  [
    ['format', 'check:format'],
    ['types', 'check:types'],
    ['arrows', 'check:arrows'],
    ['unused', 'check:unused'],
  ],
];

/** Runs one check and keeps what it says to itself unless it fails. */
function check(name, script) {
  const done = new Promise((resolve) => {
    const child = spawn('npm', ['run', script, '--loglevel=error'], {
      cwd: ROOT,
      stdio: ['ignore', 'pipe', 'pipe'],
    });
    let output = '';
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (output += text));
    child.once('close', (code) => resolve({ code: code ?? 1, output }));
  });
  return done.then(({ code, output }) => {
    if (code === 0) {
      say(`✓ ${name}`);
      passed += 1;
    } else {
      say(`✕ ${name}; alone: npm run ${script}\n${output}`);
      failed(`check: ${name} (npm run ${script})`);
    }
  });
}

async function lane(checks) {
  for (const [name, script] of checks) await check(name, script);
}

function command(program, args, env = {}) {
  return new Promise((resolve) => {
    const child = spawn(program, args, {
      cwd: ROOT,
      stdio: ['ignore', 2, 2],
      env: { ...process.env, ...env },
    });
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

/** What failed, each by its name; how much passed. */
const failures = [];
let passed = 0;
const failed = (name) => failures.push(name);

const fileOf = (path) => relative(ROOT, path);

async function jest(folder, cluster) {
  const out = join(folder, 'jest.json');
  const code = await command(
    'npm',
    ['run', 'jest', '--loglevel=error', '--', '--json', `--outputFile=${out}`],
    { TEST_CLUSTER_URL: cluster.url },
  );
  const result = report(out);
  passed += result?.numPassedTests ?? 0;
  const before = failures.length;
  for (const { name, assertionResults, message } of result?.testResults ?? []) {
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
  for (const spec of specsOf(result ?? {}))
    if (spec.ok) passed += 1;
    else failed(`playwright: ${spec.file}:${spec.line}: ${spec.title}`);
  if (code !== 0 && failures.length === before) failed(`playwright ended with ${String(code)}`);
}

await run(async () => {
  needNode();
  const programs = needPostgres();
  needChromium();
  needPackages();
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  const began = Date.now();
  try {
    say('— checks');
    await Promise.all(CHECKS.map(lane));
    say('— jest');
    await jest(folder, cluster);
    say('— playwright');
    needBuild();
    await playwright(folder, cluster);
  } catch (error) {
    say(error?.stack ?? String(error));
    failed(`npm test itself: ${String(error)}`);
  } finally {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
  say(`${Math.round((Date.now() - began) / 1000)} s`);
  for (const name of failures) process.stdout.write(`✕ ${name}\n`);
  process.stdout.write(`${passed} passed, ${failures.length} failed\n`);
  process.exitCode = failures.length === 0 && passed > 0 ? 0 : 1;
});
