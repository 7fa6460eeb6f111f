import { spawn, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { randomProperty } from '../core/src/test/random-property.ts';

/**
 * `npm run same-plans -- REF [COUNT] [--words]`: whether the plans and orders of the demo jobs and of COUNT random properties
 * (500) are the same at REF and in the working tree, in all but prose, or in their words too. Ends with 1 and the first
 * differences where they are not.
 */
const PROSE_KEYS = [
  ...[
    'text',
    'checks',
    'how',
    'title',
    'stopWhen',
    'ifNotEnough',
    'why',
    'what',
    'expectation',
    'whatCanHappen',
  ],
  ...[
    'cautions',
    'protection',
    'task',
    'safetyFloor',
    'before',
    'after',
    'during',
    'until',
    'where',
    'because',
  ],
  // An area is a figure as text: halves round as people round them.
  ...['area', 'reading', 'sum', 'source', 'follows', 'fromSolid', 'note', 'reason', 'questions'],
];
/** Ids and facts of what is said: their words stand beside them. */
const MESSAGE_KEYS = ['params', 'said'];
const ROOT = fileURLToPath(new URL('..', import.meta.url));
const FOLDER = join(ROOT, '.data/same-plans');
const USUAL_COUNT = 500;
const MOST_TOLD = 5;

const options = process.argv.slice(2);
const [ref, count = String(USUAL_COUNT)] = options.filter((option) => option !== '--words');
const leftOut = options.includes('--words') ? MESSAGE_KEYS : [...PROSE_KEYS, ...MESSAGE_KEYS];
if (ref === undefined || !/^\d+$/.test(count)) {
  process.stderr.write('Same as what? npm run same-plans -- REF [COUNT], for instance -- HEAD 100\n');
  process.exit(2);
}

function git(...args: string[]): void {
  const { status, stderr } = spawnSync('git', args, { cwd: ROOT, encoding: 'utf8' });
  if (status !== 0) throw new Error(`git ${args.join(' ')}: ${stderr.trim()}`);
}

function inputs(): readonly unknown[] {
  const demo = join(ROOT, 'demo');
  const shipped = readdirSync(demo)
    .filter((name) => name.endsWith('.etappe.json'))
    .map((name): unknown => JSON.parse(readFileSync(join(demo, name), 'utf8')));
  return [...shipped, ...Array.from({ length: Number(count) }, (_, i) => randomProperty(i + 1))];
}

function plansOf(tree: string, output: string): Promise<readonly string[]> {
  const args = [
    'tsx',
    join(ROOT, 'scripts/same-plans/plans-of.ts'),
    tree,
    join(FOLDER, 'inputs.json'),
    output,
    leftOut.join(','),
  ];
  return new Promise((resolve, reject) => {
    spawn('npx', args, { cwd: ROOT, stdio: ['ignore', 'ignore', 'inherit'] }).once('exit', (code) => {
      if (code === 0) resolve(readFileSync(output, 'utf8').split('\n'));
      else reject(new Error(`the plans of ${tree} were not made`));
    });
  });
}

/** The first path on which two values differ, with both. */
function difference(there: unknown, here: unknown, path = ''): string | null {
  if (typeof there === 'object' && typeof here === 'object' && there !== null && here !== null) {
    const [a, b] = [there as Record<string, unknown>, here as Record<string, unknown>];
    for (const key of new Set([...Object.keys(a), ...Object.keys(b)])) {
      const found = difference(a[key], b[key], `${path}.${key}`);
      if (found !== null) return found;
    }
    return null;
  }
  const told = (value: unknown) => (value === undefined ? 'nothing' : JSON.stringify(value).slice(0, 200));
  return there === here ? null : `${path}: ${told(there)} → ${told(here)}`;
}

rmSync(FOLDER, { recursive: true, force: true });
mkdirSync(FOLDER, { recursive: true });
writeFileSync(join(FOLDER, 'inputs.json'), JSON.stringify(inputs()));
const tree = join(FOLDER, 'tree');
git('worktree', 'prune');
git('worktree', 'add', '--detach', tree, ref);
try {
  const [there, here] = await Promise.all([
    plansOf(tree, join(FOLDER, 'there')),
    plansOf(ROOT, join(FOLDER, 'here')),
  ]);
  const different = there.flatMap((line, i) => (line === here[i] ? [] : [i]));
  for (const i of different.slice(0, MOST_TOLD)) {
    const first = difference(JSON.parse(there[i] ?? ''), JSON.parse(here[i] ?? ''));
    process.stdout.write(`input ${i} ${first ?? 'has the same values in another order'}\n`);
  }
  const same = there.length - different.length;
  process.stdout.write(`${same} of ${there.length} plans are the same as at ${ref}\n`);
  process.exitCode = different.length === 0 && there.length === here.length ? 0 : 1;
} finally {
  git('worktree', 'remove', '--force', tree);
}
