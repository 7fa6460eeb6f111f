import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';

import { choose, expect, saved, test } from './etappe.ts';

const demo = (name: string): string =>
  readFileSync(new URL(`../demo/${name}.etappe.json`, import.meta.url), 'utf8');

test('every acknowledged change is there after the server was killed in the middle of 200 batches', async ({
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  const batch = (n: number) => ({
    deviceAt: new Date().toISOString(),
    changes: [
      {
        id: randomUUID(),
        kind: 'surface',
        entity: `wall-${n}`,
        base: 0,
        op: 'create',
        fields: { name: `Wall ${n}`, material: 'concrete', finish: 'bare', size: '3x2' },
      },
      {
        id: randomUUID(),
        kind: 'finding',
        entity: `wall-${n}-algae`,
        base: 0,
        op: 'create',
        fields: { surface: `wall-${n}`, contaminant: 'green-algae', severity: 2 },
      },
    ],
  });
  const acknowledged: number[] = [];
  const killed = new Set<number>();
  const send = async (n: number) => {
    try {
      const answer = await fetch(`${etappe.url}/api/v1/jobs/${job}/changes`, {
        method: 'POST',
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(batch(n)),
      });
      if (answer.ok) acknowledged.push(n);
      else throw new Error(`${answer.status} ${await answer.text()}`);
    } catch (error) {
      // A connection that broke with the server; any answer of it is a fault.
      if (!(error instanceof TypeError)) throw error;
      killed.add(n);
    }
    if (acknowledged.length === 80) await etappe.stop('SIGKILL');
  };
  // Four lanes, as four devices would.
  await Promise.all(
    [0, 1, 2, 3].map(async (lane) => {
      for (let n = lane; n < 200; n += 4) await send(n);
    }),
  );
  expect(acknowledged.length).toBeGreaterThanOrEqual(80);
  expect(killed.size).toBeGreaterThan(0);
  expect(acknowledged.length + killed.size).toBe(200);

  await etappe.start();
  const { entities } = (await (await fetch(`${etappe.url}/api/v1/jobs/${job}`)).json()) as {
    entities: { id: string }[];
  };
  const there = new Set(entities.map((e) => e.id));
  expect(acknowledged.filter((n) => !there.has(`wall-${n}`))).toEqual([]);
  // A batch is all there or not at all.
  expect([...killed].filter((n) => there.has(`wall-${n}`) !== there.has(`wall-${n}-algae`))).toEqual([]);
});

test('a job file comes in whole or not at all, with every fault; surfaces come and go as CSV', async ({
  page,
  emptyEtappe: etappe,
}) => {
  await page.goto(`${etappe.url}/jobs`);
  await page.getByRole('button', { name: 'Import' }).click();
  const dialog = page.getByRole('dialog');
  const bring = (name: string, text: string) =>
    dialog
      .locator('input[type=file]')
      .setInputFiles({ name, mimeType: 'text/plain', buffer: Buffer.from(text, 'latin1') });

  await bring('newer.etappe.json', demo('tram-halt').replace('"version": 2', '"version": 3'));
  await expect(dialog.getByRole('alert')).toContainText('newer');
  await bring(
    'faulty.etappe.json',
    demo('tram-halt')
      .replace('18x2.6', '18x')
      .replace('"granite"', '"cheese"')
      .replace('painted-aluminium', 'tinfoil'),
  );
  await expect(dialog.getByRole('alert')).toContainText('2 faults, nothing imported');
  await bring('good.etappe.json', demo('tram-halt'));
  await dialog.getByRole('button', { name: 'Import 2 surfaces' }).click();
  await expect(page.getByRole('heading', { name: 'Tram halt Birch Lane' })).toBeVisible();

  await page.getByRole('button', { name: 'More for this job' }).click();
  await page.getByText('Import surfaces (CSV)').click();
  await bring(
    'list.csv',
    'Bauteil;Substrate;Area;Dirt\nStra\xdfenwand;concrete;12,5 m2;green-algae 2\nRampe;granite;4,2 x 3;\n',
  );
  await expect(dialog.getByText('2 rows, separated by semicolons, Windows-1252')).toBeVisible();
  await expect(dialog.getByRole('checkbox', { name: 'Numbers have a decimal comma' })).toBeChecked();
  await expect(dialog.getByRole('alert')).toContainText('name');
  await choose(dialog, 'name (needed)', 'Bauteil');
  await dialog.getByRole('button', { name: 'Add 2, change 0' }).click();
  await expect(page.locator('.walk-tile', { hasText: 'Straßenwand' })).toContainText('12.5 m²');
  await saved(page);

  await page.getByRole('button', { name: 'More for this job' }).click();
  const leaving = page.waitForEvent('download');
  await page.getByText('Export surfaces (CSV)').click();
  const text = readFileSync(await (await leaving).path(), 'utf8');
  expect(text.split('\r\n')).toHaveLength(5);
  expect(text).toContain('Rampe');
});
