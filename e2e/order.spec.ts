import { expect, test } from './etappe.ts';

/** What paper there is for three people; it depends a little on how long the day was searched. */
const MOST_SHEETS = 11;

test('the order is read for one person and printed on few sheets; nothing points back to another row', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/order`);
  const sheet = page.locator('.order-sheet');
  await expect(sheet).toBeVisible({ timeout: 30_000 });
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 30_000 });
  await expect(sheet).not.toContainText(/As at \d/);
  const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
  expect(pdf.match(/\/Type \/Page\b/g)?.length).toBeLessThanOrEqual(MOST_SHEETS);

  await page.setViewportSize({ width: 390, height: 844 });
  await page.getByRole('radiogroup', { name: 'Whose day' }).getByText('Bo', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Ada', exact: true })).toHaveCount(0);
  const day = page.getByRole('navigation', { name: 'The day of Bo' });
  await day.getByRole('link').last().click();
  await expect(sheet.getByRole('row', { name: /Clear up/ }).first()).toBeInViewport();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Bo', exact: true })).toBeVisible({ timeout: 30_000 });
  await expect(page.getByRole('heading', { name: 'Ada', exact: true })).toHaveCount(0);
});
