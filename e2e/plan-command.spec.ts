import { spawnSync } from 'node:child_process';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { expect, test } from '@playwright/test';

const ROOT = fileURLToPath(new URL('..', import.meta.url));
const runPlan = (file: string) =>
  spawnSync('npm', ['run', 'plan', '--', file], {
    cwd: ROOT,
    encoding: 'utf8',
    env: { ...process.env, NODE_OPTIONS: '', DATABASE_URL: '' },
  });
const fileWith = (text: string) => {
  const path = join(mkdtempSync(join(tmpdir(), 'etappe-plan-')), 'job.etappe.json');
  writeFileSync(path, text);
  return path;
};

test('the plan command prints nothing but the plan', () => {
  const done = runPlan('demo/tram-halt.etappe.json');
  expect(done.status).toBe(0);
  expect(JSON.parse(done.stdout)).toMatchObject({
    format: 'etappe-plan',
    version: 2,
    surfaces: [{ surface: 'canopy' }, { surface: 'platform-slab' }],
  });
});

test('the plan command refuses a faulty file with every fault and its path', () => {
  const done = runPlan(
    fileWith(
      '{"format":"etappe-job","version":1,"surfaces":[{"id":"a","material":"cheese","size":"3 by 2","findings":[]}],"units":"cubits"}',
    ),
  );
  expect(done.status).toBe(2);
  expect(done.stdout).toBe('');
  expect(done.stderr).toContain('units');
  expect(done.stderr).toContain('surfaces[0].material');
});

for (const [what, text, message] of [
  ['is not JSON', '{', 'is not JSON'],
  [
    'has a newer version',
    '{"format":"etappe-job","version":9,"surfaces":[{"id":"a","material":"concrete","size":"3x2","findings":[]}]}',
    'version',
  ],
] as const) {
  test(`the plan command refuses a file that ${what}`, () => {
    const done = runPlan(fileWith(text));
    expect([done.status, done.stdout]).toEqual([2, '']);
    expect(done.stderr).toContain(message);
  });
}

test('the plan command says which file it cannot read', () => {
  expect(runPlan('no-such-file.json').stderr).toContain('no-such-file.json cannot be read');
});
