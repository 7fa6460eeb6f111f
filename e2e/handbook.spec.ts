import { choose, expect, saved, test } from './etappe.ts';

const SHEET = new URL('../demo/data-sheets/white-14.pdf', import.meta.url).pathname;

test('a product without its data sheet stops the order, a text file is refused, the PDF lets it go', async ({
  page,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/handbook/products/new`);
  await page.getByLabel('Name on the label').fill('White, new drum');
  await page.getByLabel('Strength on the label, available chlorine').fill('12.5');
  await expect(page.getByText('is 12.5 % w/v meant?')).toBeVisible();
  await page.getByRole('button', { name: 'Yes: 12.5 % w/v' }).click();
  await expect(page.getByText('in place of “White, 14 %”')).toBeVisible();
  await page.getByRole('button', { name: 'Save product' }).click();
  await expect(page.getByRole('heading', { name: 'White, new drum' })).toBeVisible();

  await page.goto(`${etappe.url}/jobs/${job}/order`);
  const stop = page.getByText('“White, new drum” (sodium hypochlorite) has no data sheet');
  await expect(stop.first()).toBeVisible();
  await expect(page.getByRole('button', { name: 'Issue order' })).toHaveAttribute('aria-disabled', 'true');

  await page.goto(`${etappe.url}/handbook/products`);
  await page.getByRole('link', { name: /^White, new drum/ }).click();
  const file = page.getByLabel('File of the data sheet');
  await file.setInputFiles({ name: 'sheet.pdf', mimeType: 'application/pdf', buffer: Buffer.from('hello') });
  await expect(page.getByText('A data sheet is a PDF or a picture')).toBeVisible();
  expect(complaints.splice(0).every((c) => c.includes('415'))).toBe(true);
  await file.setInputFiles(SHEET);
  await expect(page.getByRole('link', { name: 'white-14.pdf' })).toBeVisible();
  await page.getByRole('button', { name: 'Save product' }).click();
  await expect(page.locator('.handbook-list').getByText('no data sheet')).toHaveCount(1);

  await page.goto(`${etappe.url}/jobs/${job}/order`);
  await page.getByRole('button', { name: 'Issue order' }).click();
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  await expect(page.locator('.order-sheet')).toContainText('White, new drum, data sheet white-14.pdf');
});

test('a value of the house holds for a job that is open elsewhere, and goes back to the default', async ({
  page,
  etappe,
  context,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/treat/drum-north`);
  const gauge = page.getByRole('img', { name: /^Force: allowed/ });
  await expect(gauge).toHaveAccessibleName(/up to 2.5 kPa/);

  const desk = await context.newPage();
  await desk.goto(`${etappe.url}/handbook/materials/painted-render`);
  await desk.getByRole('button', { name: 'Set Highest jet force' }).click();
  const dialog = desk.getByRole('dialog');
  await dialog.getByLabel('Highest jet force').fill('50');
  await dialog.getByLabel('Reason').fill('a trial');
  await dialog.getByRole('button', { name: 'Set' }).click();
  await expect(dialog.getByText(/50 kPa lies past the bound/)).toBeVisible();
  await dialog.getByLabel('Highest jet force').fill('1.5');
  await dialog.getByRole('button', { name: 'Set' }).click();
  await expect(desk.getByText('1.5 kPa ▲ stricter')).toBeVisible();

  await expect(gauge).toHaveAccessibleName(/up to 1.5 kPa/, { timeout: 30_000 });
  await desk.getByRole('button', { name: 'Back to the default of Highest jet force' }).click();
  await expect(gauge).toHaveAccessibleName(/up to 2.5 kPa/, { timeout: 30_000 });
  await desk.goto(`${etappe.url}/handbook/house`);
  await expect(desk.getByText(/took out our value of Painted render/)).toBeVisible();
});

test('a material of the house is chosen on the walk and judged as the one that it is like', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await choose(page, 'Material', 'Lake stone');
  await saved(page);
  await page.goto(`${etappe.url}/jobs/${job}/treat/drum-north`);
  await expect(page.getByText('No acid on calcareous stone: acid dissolves it.').first()).toBeVisible();
  await expect(page.locator('.treat-head')).toContainText('Lake stone');
});
