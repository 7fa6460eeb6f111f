import { readFileSync } from 'node:fs';
import type { BrowserContext, Page } from '@playwright/test';
import { expect, keptOnDevice, saved, test } from './etappe.ts';
import type { Etappe } from './etappe.ts';

const PHONE = { width: 390, height: 844 };

async function network(context: BrowserContext, on: boolean): Promise<void> {
  await context.setOffline(!on);
}

test('on a phone the walk goes on without a network, over a reload and a closed tab, and nothing is lost', async ({
  page,
  context,
  etappe,
  complaints,
}) => {
  test.setTimeout(120_000);
  await page.setViewportSize(PHONE);
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await expect(page.getByLabel('Name', { exact: true })).toBeVisible();
  await keptOnDevice(page);
  await expect(page.getByLabel('Name', { exact: true })).toBeVisible();

  await network(context, false);
  await page.getByLabel('Name', { exact: true }).fill('Typed offline');
  await page.getByLabel('Size', { exact: true }).fill('9x4');
  await expect(page.locator('.save-mark')).toContainText('offline, 2 changes waiting');
  await page.reload();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Typed offline');
  await expect(page.locator('.save-mark')).toContainText('offline, 2 changes waiting');
  await page.getByText('a thick mat that a fingernail lifts').first().click();
  await expect(page.locator('.save-mark')).toContainText('offline, 3 changes waiting');
  await page.close();

  const later = await context.newPage();
  await later.setViewportSize(PHONE);
  await later.goto(`${etappe.url}/jobs`);
  await expect(later.getByText('3 changes waiting')).toBeVisible();
  await network(context, true);
  await expect(later.getByText('3 changes waiting')).toBeHidden({ timeout: 20_000 });
  await later.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await saved(later);
  await expect(later.getByLabel('Size', { exact: true })).toHaveValue('9x4');
  const answer = (await (await fetch(`${etappe.url}/api/v1/jobs/${job}`)).json()) as {
    entities: { id: string; detail: { name?: string; severity?: number } }[];
  };
  expect(answer.entities.find((e) => e.id === 'drum-north')?.detail.name).toBe('Typed offline');
  expect(answer.entities.find((e) => e.id === 'drum-north-green-algae')?.detail.severity).toBe(4);
  // What the browser says of calls without a network.
  expect(complaints.splice(0).every((c) => /ERR_INTERNET_DISCONNECTED|Failed to (load|fetch)/.test(c))).toBe(
    true,
  );
});

for (const [how, away] of [
  ['is closed', (etappe: Etappe) => etappe.stop()],
  ['swallows every word', (etappe: Etappe) => etappe.fallSilent()],
] as const) {
  test(`where the server’s port ${how} the device is offline, though it says that it has a network`, async ({
    page,
    etappe,
    complaints,
  }) => {
    await page.setViewportSize(PHONE);
    const job = await etappe.jobId('Hill observatory');
    const name = page.getByLabel('Name', { exact: true });
    const mark = page.locator('.save-mark');
    await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
    await expect(name).toBeVisible();
    await keptOnDevice(page);
    await expect(name).toBeVisible();

    await away(etappe);
    await name.fill('Typed without a signal');
    await expect(mark).toContainText('offline, 1 change waiting');
    expect(await page.evaluate(() => navigator.onLine)).toBe(true);
    await page.getByLabel('Add photos of Typed without a signal').setInputFiles({
      name: 'drum.jpg',
      mimeType: 'image/jpeg',
      buffer: readFileSync(new URL('../demo/photos/drum-north.jpg', import.meta.url)),
    });
    await expect(mark).toContainText('1 photo to send');
    await page.reload();
    await expect(name).toHaveValue('Typed without a signal');
    await expect(mark).toContainText('offline, 2 changes waiting');
    const list = await page.context().newPage();
    await list.goto(`${etappe.url}/jobs`);
    await expect(list.getByText('2 changes waiting')).toBeVisible();

    await etappe.start();
    await saved(page);
    await expect(mark).not.toContainText('to send');
    await expect(list.getByText('2 changes waiting')).toBeHidden();
    const answer = (await (await fetch(`${etappe.url}/api/v1/jobs/${job}`)).json()) as {
      entities: { id: string; detail: { name?: string } }[];
    };
    expect(answer.entities.find((e) => e.id === 'drum-north')?.detail.name).toBe('Typed without a signal');
    expect(complaints.splice(0).every((c) => /ERR_|Failed to (load|fetch)/.test(c))).toBe(true);
  });
}

test('two devices on different surfaces merge without a question; on the same field a person chooses', async ({
  page,
  context,
  browser,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  const elsewhere = await browser.newContext({ reducedMotion: 'reduce' });
  const other = await elsewhere.newPage();
  const name = (on: Page) => on.getByLabel('Name', { exact: true });
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await other.goto(`${etappe.url}/jobs/${job}/walk/path-north`);
  await Promise.all([expect(name(page)).toBeVisible(), expect(name(other)).toBeVisible()]);
  await network(context, false);

  await name(page).fill('Mine');
  await page.getByLabel('Relief factor', { exact: true }).fill('1.2');
  await name(other).fill('Their path');
  await saved(other);
  await other.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await name(other).fill('Theirs');
  await expect(other.locator('.save-mark')).toContainText(/saved \d\d:\d\d/);

  await network(context, true);
  await page.getByRole('button', { name: 'See why' }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByText('Theirs', { exact: true })).toHaveCount(2);
  await dialog.getByText('Mine', { exact: true }).first().click();
  await dialog.getByRole('button', { name: 'Save choices' }).click();
  await saved(page);
  await other.reload();
  await expect(name(other)).toHaveValue('Mine');
  await expect(other.getByLabel('Relief factor', { exact: true })).toHaveValue('1.2');
  await expect(page.locator('.walk-tile', { hasText: 'Their path' })).toBeVisible({ timeout: 20_000 });
  await elsewhere.close();
  expect(
    complaints.splice(0).every((c) => /409|ERR_INTERNET_DISCONNECTED|Failed to (load|fetch)/.test(c)),
  ).toBe(true);
});

test('one’s own edits are undone and redone by key and button, over a reload; a text field keeps its own undo', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  const name = page.getByLabel('Name', { exact: true });
  await name.fill('First');
  await saved(page);
  await page
    .getByRole('button', { name: 'Delete Drum wall' })
    .or(page.getByRole('button', { name: 'Delete First' }))
    .click();
  await page.getByRole('button', { name: 'Delete surface' }).click();
  await expect(page.getByRole('heading', { name: 'Property and site' })).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Property and site' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.locator('.walk-tile', { hasText: 'First' })).toBeVisible();
  await page.getByRole('button', { name: 'Undo the last edit' }).click();
  await expect(page.locator('.walk-tile', { hasText: 'Drum wall, north' })).toBeVisible();
  await page.keyboard.press('Control+Shift+z');
  await expect(page.locator('.walk-tile', { hasText: 'First' })).toBeVisible();
  await saved(page);
  await page.locator('.walk-tile', { hasText: 'First' }).click();
  await expect(page.getByText('Green algae', { exact: true }).first()).toBeVisible();
  await page.getByRole('button', { name: 'Who changed what' }).click();
  await expect(page.locator('.log-list')).toContainText('Name: Drum wall, north → First');
});
