import { spawnSync } from 'node:child_process';
import { expect, keptOnDevice, test } from './etappe.ts';

/** What paper there is for three people; it depends a little on how long the day was searched. */
const MOST_SHEETS = 11;

/** What stands on each sheet of a PDF. */
function textOf(pdf: Buffer): readonly string[] {
  const read = spawnSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  expect(read.status).toBe(0);
  return read.stdout.split('\f').slice(0, -1);
}

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
  const sheets = textOf(await page.pdf({ format: 'A4' }));
  expect(sheets.length).toBeLessThanOrEqual(MOST_SHEETS);
  expect(textOf(await page.pdf({ format: 'Letter' })).length).toBeLessThanOrEqual(MOST_SHEETS);
  sheets.forEach((text, i) => {
    expect(text).toContain('Hill observatory, spring clean · Draft');
    expect(text).toContain(`Page ${i + 1} of ${sheets.length}`);
  });
  // Whose sheet it is stands on each of theirs, and the name comes first on it.
  for (const name of ['Ada', 'Bo', 'Cleo'])
    expect(sheets.filter((text) => new RegExp(`Draft.*${name}\\n`).test(text)).length).toBeLessThanOrEqual(2);
  expect(sheets.filter((text) => /Draft.*(?:Ada|Bo|Cleo)\n/.test(text)).length).toBeGreaterThanOrEqual(3);

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

test('an issued order is a file after a moment, and the papers around it are printed and mailed', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Lock keeper');
  await page.goto(`${etappe.url}/jobs/${job}/order`);
  const issue = page.getByRole('button', { name: 'Issue order' });
  await expect(issue).toHaveAttribute('aria-disabled', 'false', { timeout: 60_000 });
  await issue.click();
  const link = page.getByRole('link', { name: /PDF, \d+ kB/ });
  await expect(link).toBeVisible({ timeout: 30_000 });
  const file = await page.request.get(`${etappe.url}${(await link.getAttribute('href')) ?? ''}`);
  const sheets = textOf(await file.body());
  expect(sheets.length).toBeLessThanOrEqual(4);
  for (const sheet of sheets) expect(sheet).toMatch(/Lock keeper's cottage · Order No\. \d+/);

  await page.getByRole('link', { name: /^Papers/ }).click();
  await page.getByRole('link', { name: 'Toolbox talk' }).click();
  await expect(page.getByRole('heading', { name: 'What is in the jugs' })).toBeVisible({ timeout: 30_000 });
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: /PDF$/ }).click();
  expect((await download).suggestedFilename()).toBe("Lock keeper's cottage, Toolbox talk.pdf");
});

/** Whether what the device keeps of the server's answers has an order in it by now. */
function isOrderKept(): Promise<boolean> {
  return new Promise((resolve) => {
    const opening = indexedDB.open('etappe-answers');
    opening.onsuccess = () => {
      const all = opening.result.transaction('answers').objectStore('answers').getAll();
      all.onsuccess = () => {
        resolve(JSON.stringify(all.result).includes('safetyFloor'));
        opening.result.close();
      };
    };
  });
}

test('on a phone an issued order is read without a network: whose day, the next round, a mix', async ({
  page,
  context,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/order`);
  const issue = page.getByRole('button', { name: 'Issue order' });
  await expect(issue).toHaveAttribute('aria-disabled', 'false', { timeout: 60_000 });
  await issue.click();
  await expect(page).toHaveURL(/order\/\d+$/, { timeout: 30_000 });
  await page.setViewportSize({ width: 390, height: 844 });
  await keptOnDevice(page);
  await expect(page.getByRole('radiogroup', { name: 'Whose day' })).toBeVisible({ timeout: 30_000 });
  await expect.poll(() => page.evaluate(isOrderKept)).toBe(true);

  await context.setOffline(true);
  await page.reload();
  await page.getByRole('radiogroup', { name: 'Whose day' }).getByText('Cleo', { exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Cleo', exact: true })).toBeVisible();
  const day = page.getByRole('navigation', { name: 'The day of Cleo' });
  const rounds = await day.getByRole('link').count();
  expect(rounds).toBeGreaterThan(5);
  await day
    .getByRole('link')
    .nth(rounds - 2)
    .click();
  await expect(page.getByRole('heading', { name: 'Mixes' })).toBeAttached();
  expect(await page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth)).toBe(true);
  expect(complaints.splice(0).every((c) => /ERR_INTERNET_DISCONNECTED|Failed to (load|fetch)/.test(c))).toBe(
    true,
  );
});
