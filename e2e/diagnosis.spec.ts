import { expect, saved, test } from './etappe.ts';

test('a reddish tint is told by small tests, becomes a finding and is treated', async ({ page, etappe }) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/plinth-west`);
  await page.getByRole('button', { name: 'Red or brown tint' }).click();
  const mark = page.getByRole('region', { name: 'Red or brown tint' });
  await expect(mark.getByText(/^Next test: /)).toBeVisible();
  // The plinth is limestone: acid is not even tried.
  await expect(mark).toContainText('No acid on calcareous stone');
  await mark.getByRole('button', { name: 'Wet it and smear' }).click();
  await mark.getByRole('button', { name: 'smears red, darker on worn edges' }).click();
  await mark.getByRole('button', { name: 'nothing, it is wide and even' }).click();
  // Both speak for clay, and algae are not out of the question: a dab that changes nothing decides.
  await mark.getByLabel('Spot, a fresh one').fill('behind the downpipe');
  await mark.getByRole('button', { name: 'stays as it is' }).click();
  await mark.getByRole('button', { name: 'It is iron-bearing clay: add it' }).click();
  await expect(mark).toContainText('Settled, and recorded as a finding');
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: 'Red or brown tint' })).toContainText('Settled');
  await page.getByRole('link', { name: /^Treat/ }).click();
  await page.locator('.strip-tile', { hasText: 'Terrace plinth' }).click();
  await expect(page.getByText('Iron-bearing clay').first()).toBeVisible();
});

test('a drop of water changes how long the wall stays wet', async ({ page, etappe }) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/path-north`);
  await page.getByLabel('Or seconds, typed').fill('9');
  await page.getByRole('button', { name: 'Record' }).click();
  await expect(page.getByText('open: soaks in at once')).toBeVisible();
  await saved(page);
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(page.getByText('open: soaks in at once')).toHaveCount(0);
  await saved(page);
});
