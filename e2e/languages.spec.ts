import { spawnSync } from 'node:child_process';
import { expect, test } from './etappe.ts';

/** What stands in a PDF. */
function textOf(pdf: Buffer): string {
  const read = spawnSync('pdftotext', ['-layout', '-', '-'], { input: pdf, encoding: 'utf8' });
  expect(read.status).toBe(0);
  return read.stdout;
}

test('a crew of two languages gets one order, each their sheets in theirs, and a device reads in its own', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Lock keeper');
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  await page
    .getByText('whole day, no tickets entered')
    .or(page.locator('.member-fields summary'))
    .first()
    .click();
  await page.getByRole('combobox', { name: 'Reads the order in' }).first().click();
  await page.getByTitle('Español (crew order and safety)').click();
  await page.goto(`${etappe.url}/jobs/${job}/order`);
  const issue = page.getByRole('button', { name: 'Issue order' });
  await expect(issue).toHaveAttribute('aria-disabled', 'false', { timeout: 60_000 });
  await issue.click();
  const link = page.getByRole('link', { name: /PDF, \d+ kB/ });
  await expect(link).toBeVisible({ timeout: 60_000 });
  const href = (await link.getAttribute('href')) ?? '';
  const whole = textOf(await (await page.request.get(`${etappe.url}${href}`)).body());
  expect(whole).toContain('Order No.');
  expect(whole).toMatch(/Orden n\.º \d+/);
  expect(whole).toContain('Usar: ');
  expect(whole).toContain('careta');

  // The device of the one who reads Spanish: the order of the very same hours, in their words.
  const days = async () => (await page.locator('.order-sheet table').allInnerTexts()).join('\n');
  const english = await days();
  await page.evaluate(() => {
    localStorage.setItem('etappe.language', 'es');
  });
  await page.reload();
  await expect(page.locator('.order-sheet')).toContainText('Siempre', { timeout: 60_000 });
  // Also what was kept on the device in English before.
  await expect(page.locator('.order-sheet table').first()).toContainText('Usar: ', { timeout: 60_000 });
  await expect(page.locator('.order-sheet')).not.toContainText('Wear:');
  const spanish = await days();
  const times = (text: string) => text.match(/\b\d\d:\d\d\b/g) ?? [];
  expect(times(english).length).toBeGreaterThan(5);
  expect(times(spanish)).toEqual(times(english));
});

test('the interface speaks German, chosen on the device: pages, plan and what the engine says', async ({
  page,
  etappe,
}) => {
  await page.goto(`${etappe.url}/jobs`);
  await page.getByRole('combobox', { name: 'Language' }).selectOption('de');
  await expect(page.getByRole('button', { name: 'Auftrag anlegen' })).toBeVisible({ timeout: 30_000 });
  expect(await page.locator('html').getAttribute('lang')).toBe('de');
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/treat`);
  await expect(page.getByText('Sanfte Wäsche mit Hypochlorit').first()).toBeVisible({ timeout: 30_000 });
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  await expect(page.getByText('Kürzestmöglich')).toBeVisible({ timeout: 60_000 });
  await expect(page.getByText('Aufbauen', { exact: false }).first()).toBeVisible({ timeout: 60_000 });
});
