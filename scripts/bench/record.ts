import { randomUUID } from 'node:crypto';
import { readQuickLine, takeOffArea } from '@etappe/core';
import type { Page } from '@playwright/test';
import { MANY_SURFACES, demoFile, generatedFile, soundSurvey } from './properties.ts';
import { ask } from './served.ts';
import { median, ms, quantile, spread, timed } from './times.ts';
import type { Row } from './times.ts';

const MANY_JOBS = 10_000;
const LANES = 6;
const TAPE_CHARACTERS = 215;
const TAPE_TERMS = [
  '7.5m x 4m',
  'tri(4, 2.5)',
  '2(1.2m x 1.4m)',
  'gable(8, 5, 7.5)',
  '(12.25m - 40cm) x 2.6m @ 30deg',
];

/** The middle and the slow ones: what many people wait for. */
const shares = (times: readonly number[]) =>
  `${ms(median(times))} p50, ${ms(quantile(times, 0.99))} p99 of ${times.length}`;

/** From the choice of the file in the browser until it is read, checked and stored, and until its walk is drawn. */
export async function importRows(page: Page, url: string): Promise<Row[]> {
  const buffer = Buffer.from(JSON.stringify(generatedFile(MANY_SURFACES)));
  const stored: number[] = [];
  const drawn: number[] = [];
  for (let i = 0; i < 5; i += 1) {
    await page.goto(`${url}/jobs`);
    await page.getByRole('button', { name: 'Import' }).click();
    const input = page.getByRole('dialog').locator('input[type=file]');
    const start = performance.now();
    await input.setInputFiles({ name: 'large.etappe.json', mimeType: 'application/json', buffer });
    await page.getByRole('button', { name: `Import ${MANY_SURFACES} surfaces` }).click();
    await page.waitForURL(/\/walk$/);
    stored.push(performance.now() - start);
    await page
      .locator('.walk-tile')
      .nth(MANY_SURFACES - 1)
      .waitFor();
    drawn.push(performance.now() - start);
  }
  return [
    [
      `a job file of ${MANY_SURFACES} surfaces, from its choice in the browser until it is stored`,
      '2 s',
      spread(stored),
    ],
    ['the same, until its walk is drawn', '–', spread(drawn)],
  ];
}

/** The walk of the large job that was imported last: its opening, and from a key to the next painted frame. */
export async function largeWalkRows(page: Page): Promise<Row[]> {
  const address = page.url();
  const openings = await timed(5, async () => {
    await page.goto(address);
    await page
      .locator('.walk-tile')
      .nth(MANY_SURFACES - 1)
      .waitFor();
  });
  await page.locator('.walk-tile').first().click();
  const name = page.getByLabel('Name', { exact: true });
  await name.waitFor();
  const paints = await name.evaluate(async (field) => {
    const value = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
    const times: number[] = [];
    for (let i = 0; i < 15; i += 1) {
      const start = performance.now();
      value?.set?.call(field, `Wall ${i}`);
      field.dispatchEvent(new Event('input', { bubbles: true }));
      await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
      times.push(performance.now() - start);
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
    return times;
  });
  return [
    [`a job of ${MANY_SURFACES} surfaces opened, address to last tile`, '1 s', spread(openings), 'paint'],
    [`input to paint on the walk of ${MANY_SURFACES} surfaces`, '50 ms', spread(paints), 'paint'],
  ];
}

/** Ten thousand jobs, brought in as a person would, several at a time. */
async function fill(url: string): Promise<readonly string[]> {
  const file = demoFile('tram-halt');
  const ids = Array.from({ length: MANY_JOBS }, () => randomUUID());
  const next = ids.entries();
  await Promise.all(
    Array.from({ length: LANES }, async () => {
      for (const [i, id] of next)
        await ask(url, '/jobs/import', {
          id,
          propertyId: randomUUID(),
          file: { ...file, name: `Halt ${i}`, customer: `Customer ${i % 2000}` },
        });
    }),
  );
  return ids;
}

/** List, open and change while there are ten thousand jobs. */
export async function manyJobsRows(url: string): Promise<Row[]> {
  const ids = await fill(url);
  const some = (i: number) => ids[(i * 7919) % ids.length] ?? '';
  const list = await timed(200, (i) =>
    ask(
      url,
      `/jobs?${['sort=name', 'sort=updatedAt', `find=halt ${i}`, `from=${i * 25}`][i % 4] ?? ''}&size=25`,
    ),
  );
  const open = await timed(200, (i) => ask(url, `/jobs/${some(i)}`));
  const change = await timed(500, (i) =>
    ask(url, `/jobs/${some(i)}/changes`, {
      deviceAt: new Date().toISOString(),
      changes: [
        {
          id: randomUUID(),
          kind: 'surface',
          entity: 'canopy',
          op: 'patch',
          base: 1,
          fields: { name: `Canopy ${i}` },
        },
      ],
    }),
  );
  const count = MANY_JOBS.toLocaleString('en');
  return [
    [`an edit acknowledged, on loopback, ${count} jobs in the database`, '100 ms', shares(change)],
    [`a page of the list of ${count} jobs: found, sorted, turned`, '–', shares(list)],
    [`a job opened among ${count}`, '–', shares(open)],
  ];
}

/** A size as long as people never write it. */
export async function tapeRow(): Promise<Row> {
  const size = Array.from({ length: 20 }, (_, i) => TAPE_TERMS[i % TAPE_TERMS.length])
    .join(' + ')
    .slice(0, TAPE_CHARACTERS)
    .replace(/ \+[^+]*$/, '');
  const times = await timed(2000, () => takeOffArea(size, 'metric'));
  const measured = takeOffArea(size, 'metric');
  if (!measured.ok) throw new Error(`${size}: ${measured.fault.message}`);
  return [
    `tape expression of ${size.length} characters`,
    '1 ms',
    `${(median(times) * 1000).toFixed(0)} µs p50, ${(quantile(times, 0.99) * 1000).toFixed(0)} µs p99 of ${times.length}`,
  ];
}

/** A line as estimators type it, read on the demo job. */
export async function quickLineRow(): Promise<Row> {
  const survey = soundSurvey(demoFile('hill-observatory'));
  const line =
    'north wall, painted render, 12x6 - 4(1.2x1.4), algae 3 on half, heavy rust, above pond, next to sockets';
  const times = await timed(1000, () => readQuickLine(line, survey, { selected: null, makeId: randomUUID }));
  return [
    `quick line of ${line.length} characters`,
    '5 ms',
    `${median(times).toFixed(2)} ms p50, ${quantile(times, 0.99).toFixed(2)} ms p99 of ${times.length}`,
  ];
}
