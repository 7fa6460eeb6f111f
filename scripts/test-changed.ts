import { spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { privateCluster } from './cluster.mjs';
import { ROOT, needBuild, needChromium, needNode, needPackages, needPostgres } from './provision.mjs';
import { run, say } from './say.mjs';

/** What a change reaches, for daily work: `npm run test:changed [-- REF]`, since the last commit or since REF. */
const JOURNEYS = ['e2e/journey.spec.ts', 'e2e/story.spec.ts'];

function gitLines(...args: readonly string[]): readonly string[] {
  const { status, stdout, stderr } = spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' });
  if (status !== 0) throw new Error(`git ${args.join(' ')}: ${stderr.trim()}`);
  return stdout.split('\n').filter(Boolean);
}

function passes(program: string, args: readonly string[], env: Record<string, string> = {}): boolean {
  return (
    spawnSync(program, args, { cwd: ROOT, stdio: 'inherit', env: { ...process.env, ...env } }).status === 0
  );
}

await run(async () => {
  const since = process.argv[2] ?? 'HEAD';
  const changed = [
    ...gitLines('diff', '--name-only', '--diff-filter=d', since),
    ...gitLines('ls-files', '--others', '--exclude-standard'),
  ];
  if (changed.length === 0) {
    say(`Nothing has changed since ${since}.`);
    return;
  }
  needNode();
  const programs = needPostgres();
  needChromium();
  needPackages();
  const ofApplication = changed.some((path) => /^(core|server|web)\/src\/(?!.*\.test\.tsx?$)/.test(path));
  const specs = changed.filter((path) => /^e2e\/.*\.spec\.ts$/.test(path));
  const helpers = changed.some((path) => /^e2e\/(?!.*\.spec\.ts$)/.test(path));
  const journeys = [...new Set([...(ofApplication || helpers ? JOURNEYS : []), ...specs])];
  const linted = changed.filter((path) => /\.(ts|tsx|mjs|cjs)$/.test(path) && !path.endsWith('.d.mts'));
  const folder = mkdtempSync(join(tmpdir(), 'etappe-test-'));
  const cluster = await privateCluster({ programs, folder, forTests: true });
  try {
    const env = { TEST_CLUSTER_URL: cluster.url };
    const jest = ['run', 'jest', '--loglevel=error', '--', '--changedSince', since, '--passWithNoTests'];
    const steps: [name: string, step: () => boolean | Promise<boolean>][] = [
      ['types', () => passes('npm', ['run', 'check:types', '--loglevel=error'])],
      ['format', () => passes('npx', ['prettier', '--check', '--ignore-unknown', ...changed])],
      ['lint', () => linted.length === 0 || passes('npx', ['eslint', ...linted])],
      ['jest', () => passes('npm', jest, env)],
    ];
    if (journeys.length > 0)
      steps.push([
        'journeys',
        async () => {
          await needBuild();
          return passes(
            'npx',
            ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...journeys],
            env,
          );
        },
      ]);
    const failed: string[] = [];
    for (const [name, step] of steps) {
      say(`— ${name}`);
      if (!(await step())) failed.push(name);
    }
    say(failed.length === 0 ? 'All that the change reaches passes.' : `Failed: ${failed.join(', ')}.`);
    process.exitCode = failed.length === 0 ? 0 : 1;
  } finally {
    cluster.stop();
    rmSync(folder, { recursive: true, force: true });
  }
});
