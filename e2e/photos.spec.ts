import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, keptOnDevice, saved, test } from './etappe.ts';

const demoPhoto = (name: string) =>
  readFileSync(fileURLToPath(new URL(`../demo/photos/${name}.jpg`, import.meta.url)));
const photosOf = (page: Page, what: string) =>
  page.getByRole('group', { name: `Photos of ${what}`, exact: true });
const input = (page: Page, what: string) => page.getByLabel(`Add photos of ${what}`);

test('photos are added, wrong files refused with advice, and one is marked with a ring and an arrow', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/boards-east`);
  const strip = photosOf(page, 'Visitor centre boards');
  await input(page, 'Visitor centre boards').setInputFiles([
    // What it shows counts, not what it is called.
    { name: 'east.png', mimeType: 'image/png', buffer: demoPhoto('drum-north') },
    { name: 'notes.jpg', mimeType: 'image/jpeg', buffer: Buffer.from('no picture at all') },
    { name: 'cut.jpg', mimeType: 'image/jpeg', buffer: demoPhoto('crack-drum').subarray(0, 300) },
    { name: 'phone.heic', mimeType: 'image/heic', buffer: Buffer.from('\0\0\0\x18ftypheic', 'latin1') },
  ]);
  await expect(strip.getByRole('alert')).toHaveText([
    /notes.jpg is no JPEG, PNG or WebP picture/,
    /cut.jpg is broken or cut off/,
    /phone.heic is a HEIC or AVIF picture.*most compatible/,
  ]);
  await strip.getByRole('button', { name: /^Photo 1 of/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText('2026-04-20, 10:12:40');

  await dialog.getByText('Mark', { exact: true }).click();
  const pad = dialog.getByTestId('photo-pad');
  const box = await pad.boundingBox();
  if (!box) throw new Error('the photo is there');
  const at = (x: number, y: number) => [box.x + x * box.width, box.y + y * box.height] as const;
  await page.mouse.click(...at(0.3, 0.4));
  await page.mouse.move(...at(0.5, 0.8));
  await page.mouse.down();
  await page.mouse.move(...at(0.7, 0.6), { steps: 5 });
  await page.mouse.up();
  await dialog.getByLabel('Note 1').fill('flaking');
  await dialog.getByLabel('Note 2').fill('drips from here');
  await page.keyboard.press('Tab');
  await saved(page);
  await page.reload();
  await strip.getByRole('button', { name: /^Photo 1 of/ }).click();
  await expect(dialog.locator('.photo-notes li')).toHaveText(['flaking', 'drips from here']);
  await expect(dialog.locator('circle.photo-mark')).toHaveCount(1);
  await expect(dialog.locator('path.photo-mark')).toHaveCount(1);
});

test('a wall is measured by its door, and the size says where it comes from', async ({ page, etappe }) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/garage-wall`);
  await photosOf(page, 'Garage wall')
    .getByRole('button', { name: /^Photo 1 of/ })
    .click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('Measure', { exact: true }).click();
  const { violations } = await new AxeBuilder({ page }).include('.photo-dialog').analyze();
  expect(violations.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160) ?? ''}`)).toEqual([]);
  const end = dialog.getByRole('button', { name: /^Width, second end/ });
  const before = await dialog.locator('.photo-size').textContent();
  await end.focus();
  await page.keyboard.press('Shift+ArrowRight');
  await expect(dialog.locator('.photo-size')).not.toHaveText(before ?? '');
  const [size = '', off] = ((await dialog.locator('.photo-size').textContent()) ?? '').split(', ');
  expect(off).toMatch(/^± [\d.]+ %$/);
  await dialog.getByRole('button', { name: 'Use it as the size' }).click();
  await expect(page.getByLabel('Size', { exact: true })).toHaveValue(size);
  await expect(page.getByText('from a photo, by the side door, 2 m high')).toBeVisible();
  await saved(page);
  // Whoever measures by tape afterwards has measured by tape.
  await page.getByLabel('Size', { exact: true }).fill('8x2.8');
  await expect(page.getByText('from a photo, by the side door')).toHaveCount(0);
});

/** A picture larger than one that waits on a device is kept. */
async function largePhoto(page: Page): Promise<Buffer> {
  const bytes = await page.evaluate(async () => {
    const canvas = new OffscreenCanvas(3200, 2400);
    const pen = canvas.getContext('2d');
    for (let i = 0; pen && i < 200; i += 1) {
      pen.fillStyle = `hsl(${(i * 37) % 360} 40% 60%)`;
      pen.fillRect((i * 613) % 3200, (i * 331) % 2400, 700, 500);
    }
    const blob = await canvas.convertToBlob({ type: 'image/jpeg', quality: 0.9 });
    return [...new Uint8Array(await blob.arrayBuffer())];
  });
  return Buffer.from(bytes);
}

test('a photo taken without a network is kept over a reload and sent when there is one', async ({
  page,
  context,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/yard-east`);
  await keptOnDevice(page);
  await context.setOffline(true);
  await expect(page.locator('.save-mark')).toContainText('offline');
  await input(page, 'Service yard').setInputFiles({
    name: 'yard.jpg',
    mimeType: 'image/jpeg',
    buffer: await largePhoto(page),
  });
  const strip = photosOf(page, 'Service yard');
  await expect(strip).toContainText('waiting');
  await page.reload();
  await expect(strip).toContainText('waiting');
  await expect(strip.getByRole('button', { name: /^Photo 1 of/ }).locator('img')).toHaveJSProperty(
    'naturalWidth',
    2560,
  );
  await expect(page.locator('.save-mark')).toContainText('1 photo to send');
  await context.setOffline(false);
  await expect(strip).not.toContainText('waiting', { timeout: 20_000 });
  await saved(page);
  await page.reload();
  await expect(strip.getByRole('button', { name: /^Photo 1 of/ }).locator('img')).toHaveJSProperty(
    'naturalWidth',
    320,
  );
  // The browser notes every request that found no network.
  complaints.splice(0);
});

test('the customer is shown the damage and signs for it; what is added later is not signed for', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk`);
  await page.getByRole('link', { name: 'Show the sheet to the customer' }).click();
  await expect(
    page.getByRole('heading', { name: 'Hairline crack in the render, a metre long' }),
  ).toBeVisible();
  await page.getByLabel('Name').fill('Mara Lund');
  await page.getByRole('button', { name: 'Signed' }).click();
  await expect(page.getByText(/^Sign in the field/)).toBeVisible();
  const canvas = page.getByLabel('Sign here');
  await canvas.scrollIntoViewIfNeeded();
  const box = await canvas.boundingBox();
  if (!box) throw new Error('there is a field to sign on');
  await page.mouse.move(box.x + 40, box.y + 60);
  await page.mouse.down();
  for (let i = 1; i <= 20; i += 1) await page.mouse.move(box.x + 40 + 9 * i, box.y + 60 + 20 * Math.sin(i));
  await page.mouse.up();
  await page.getByRole('button', { name: 'Signed' }).click();
  const signature = page.getByRole('img', { name: 'Signature of Mara Lund' });
  await expect(signature).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(signature.locator('path')).toHaveAttribute('d', /^M[\d.]+ [\d.]+L/);

  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-west`);
  await page.getByRole('button', { name: 'Add damage' }).click();
  await saved(page);
  await page.goto(`${etappe.url}/jobs/${job}/damage`);
  await expect(page.getByText('The sheet has changed since: show it again.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Signed' })).toBeVisible();
});

test('a historic face is not ordered before a patch has passed or somebody answers for it', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/garage-wall`);
  await page.getByText('a plaque, an old date, or the owner says so').click();
  await saved(page);
  await page.goto(`${etappe.url}/jobs/${job}/treat/garage-wall`);
  const patches = page.getByRole('region', { name: 'Test patches' });
  await expect(patches).toContainText('It is historic or listed');
  await page.getByRole('link', { name: /^Order/ }).click();
  await expect(page.getByText(/Garage wall: try .* on a test patch first/)).toBeVisible();
  await page.goto(`${etappe.url}/jobs/${job}/treat/garage-wall`);
  await patches.getByRole('button', { name: 'Record a test patch' }).click();
  await patches.getByText(/not checked dry yet/).click();
  await patches.getByText('go', { exact: true }).click();
  await expect(patches).toContainText('passed');
  await page.getByRole('link', { name: /^Order/ }).click();
  await expect(page.getByText(/on a test patch first/)).toHaveCount(0);
  await saved(page);
});
