import { choose, expect, saved, test } from './etappe.ts';

interface PageSize {
  readonly width: number;
  readonly height: number;
}

/** Sizes of the pages of a PDF in points. */
function pageSizes(pdf: Buffer): readonly PageSize[] {
  return [...pdf.toString('latin1').matchAll(/\/MediaBox \[0 0 ([\d.]+) ([\d.]+)\]/g)].map((m) => ({
    width: Math.round(Number(m[1])),
    height: Math.round(Number(m[2])),
  }));
}

test('a new user creates a job with two surfaces, and is asked for the water before anything is ordered', async ({
  page,
  emptyEtappe,
}) => {
  await page.goto(`${emptyEtappe.url}/`);
  await expect(page.getByText('No jobs yet')).toBeVisible();

  await page.getByRole('button', { name: 'Create job' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Create job' }).click();
  await expect(dialog.getByText('name is not allowed to be empty')).toBeVisible();
  await dialog.getByLabel('Name').fill('Boat house');
  await dialog.getByLabel('Customer').fill('Reed Bay Rowing Club');
  await dialog.getByLabel('Latitude, degrees north').fill('47.2');
  await dialog.getByRole('button', { name: 'Create job' }).click();

  await expect(page.getByRole('heading', { name: 'Boat house', exact: true })).toBeVisible();
  await page.getByRole('button', { name: 'Add side' }).click();
  await page.getByLabel('Side', { exact: true }).fill('Lake side');
  await page.getByLabel('Faces').fill('10');
  await saved(page);

  await page.getByRole('button', { name: 'Add surface' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Front wall');
  await choose(page.getByRole('dialog'), 'Side', 'Lake side');
  await choose(page.getByRole('dialog'), 'Material', 'Painted render');
  await page.getByRole('dialog').getByLabel('Size', { exact: true }).fill('8x3 - 2(1.2x1.4)');
  await expect(page.getByRole('dialog').getByText('20.6 m²', { exact: true })).toBeVisible();
  await page.getByRole('dialog').getByRole('button', { name: 'Add surface' }).click();
  await choose(page, 'Add what is on it', 'Green algae');
  await page.getByText('the surface is green, slippery when wet').click();

  await page.getByRole('button', { name: 'Add surface' }).click();
  await page.getByRole('dialog').getByLabel('Name', { exact: true }).fill('Slipway');
  await choose(page.getByRole('dialog'), 'Height band', 'Floor');
  await choose(page.getByRole('dialog'), 'Material', 'Concrete');
  await page.getByRole('dialog').getByLabel('Size', { exact: true }).fill('6 x 4');
  await page.getByRole('dialog').getByRole('button', { name: 'Add surface' }).click();
  await choose(page, 'Add what is on it', 'Green algae');
  await choose(page, 'Add what is on it', 'Surface rust');
  await saved(page);

  // Nothing is ordered while nobody knows where the water comes from.
  await page.getByRole('link', { name: /^Order/ }).click();
  await expect(page.getByText(/Still open: Where do we take water/)).toBeVisible();
  await page.getByRole('link', { name: /^Walk/ }).click();
  const water = page.locator('.questions > li', { hasText: 'Where do we take water' });
  await water.getByRole('button', { name: 'Answer' }).click();
  await water.getByRole('textbox').fill('Tap by the boat hoist, 16 litres a minute');
  await water.getByRole('button', { name: 'Keep' }).click();
  await saved(page);
  await page.getByRole('link', { name: /^Order/ }).click();
  await expect(page.getByRole('button', { name: 'Issue order' })).toBeEnabled();
});

test('a surveyed job is looked through, ordered, printed, found after a restart and deleted', async ({
  page,
  emptyEtappe,
}) => {
  const algae = { contaminant: 'green-algae', severity: 3 };
  const id = await emptyEtappe.importJob({
    name: 'Boat house',
    customer: 'Reed Bay Rowing Club',
    place: { latitude: 47.2, longitude: 8.5, timeZone: 'Europe/Zurich' },
    site: { waterPoints: [{ id: 'tap', name: 'Tap by the boat hoist', flowLitresPerMinute: 16 }] },
    sides: [{ id: 'lake', name: 'Lake side', aspectDegrees: 10 }],
    surfaces: [
      {
        id: 'front',
        name: 'Front wall',
        side: 'lake',
        material: 'painted-render',
        size: '8x3 - 2(1.2x1.4)',
        findings: [algae],
      },
      {
        id: 'slipway',
        name: 'Slipway',
        band: 'floor',
        material: 'concrete',
        size: '6 x 4',
        findings: [
          { contaminant: 'green-algae', severity: 2 },
          { contaminant: 'surface-rust', severity: 2 },
        ],
      },
    ],
  });
  await page.goto(`${emptyEtappe.url}/jobs/${id}/treat`);
  await expect(page.getByRole('complementary', { name: 'Reasons' })).toBeVisible();
  await page.locator('.strip-tile', { hasText: 'Slipway' }).click();
  await expect(
    page.getByRole('heading', { name: 'Hypochlorite pre-treatment and surface cleaner', exact: true }),
  ).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Oxalic acid on rust', exact: true })).toBeVisible();
  await expect(page.locator('.stage-kind', { hasText: 'Reading' }).first()).toBeVisible();

  await page.getByRole('link', { name: /^Supply/ }).click();
  await expect(page.getByRole('cell', { name: 'Sodium hypochlorite' })).toBeVisible();
  await page.getByRole('link', { name: /^Sequence/ }).click();
  await expect(page.getByRole('group', { name: 'Day ribbon by person' })).toBeVisible();
  await expect(page.getByText('Shortest possible')).toBeVisible();

  await page.getByRole('link', { name: /^Order/ }).click();
  await page.getByRole('button', { name: 'Issue order' }).click();
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  await expect(page.getByText('Water first, then acid or caustic')).toBeVisible();
  await expect(page.locator('.order-sheet')).toContainText(/Never more than \d+ wet|start finishing \d+ min/);

  const a4 = pageSizes(await page.pdf({ format: 'A4' }));
  const letter = pageSizes(await page.pdf({ format: 'Letter' }));
  expect(a4.length).toBeGreaterThanOrEqual(2);
  // Chromium rounds A4 up by a point.
  for (const size of a4)
    expect([Math.abs(size.width - 595) < 2, Math.abs(size.height - 842) < 2]).toEqual([true, true]);
  for (const size of letter) expect(size).toEqual({ width: 612, height: 792 });

  const address = page.url();
  // Away from the page first: one that asks the killed server in between would complain of it.
  await page.goto('about:blank');
  await emptyEtappe.stop('SIGKILL');
  await emptyEtappe.start();
  await page.goto(address);
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  await page.getByRole('link', { name: 'All jobs' }).click();
  await expect(page.getByRole('row', { name: /Boat house.*No\. 1/ })).toBeVisible();

  await page.getByRole('button', { name: 'Delete Boat house' }).click();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await page.getByRole('button', { name: 'Delete Boat house' }).click();
  await page.getByRole('button', { name: 'Delete job' }).click();
  await expect(page.getByText('No jobs yet')).toBeVisible();
});
