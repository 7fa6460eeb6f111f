import type { Page } from '@playwright/test';
import { expect, saved, test } from './etappe.ts';

const sides = (page: Page) => page.locator('.side-handle').allInnerTexts();
const column = (page: Page, side: string) =>
  page.locator('.walk-column', { has: page.locator('.side-handle', { hasText: side }) });

test('sides and surfaces are rearranged by keyboard and by mouse, and taken back', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk`);
  await page.locator('.side-handle', { hasText: 'North' }).focus();
  for (const key of ['Space', 'ArrowRight', 'Space']) {
    await page.keyboard.press(key);
    // Each step is measured before the next, as somebody who looks would wait.
    await page.waitForTimeout(150);
  }
  await expect.poll(() => sides(page)).toEqual(['East', 'North', 'South', 'West']);

  const plinth = page.locator('.walk-tile', { hasText: 'Terrace plinth' });
  const from = await plinth.boundingBox();
  const to = await page.locator('.walk-tile', { hasText: 'Visitor centre boards' }).boundingBox();
  if (!from || !to) throw new Error('both tiles are drawn');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x - 20, from.y + 20, { steps: 4 });
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
  await page.mouse.up();
  await expect(column(page, 'East').locator('.walk-tile', { hasText: 'Terrace plinth' })).toBeVisible();
  expect(page.url()).toMatch(/\/walk$/);

  await page.keyboard.press('Control+z');
  await expect(column(page, 'West').locator('.walk-tile', { hasText: 'Terrace plinth' })).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => sides(page)).toEqual(['North', 'East', 'South', 'West']);
  await saved(page);
});

test('a surface is copied to other sides; run-off is drawn on demand; keys lead everywhere', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk`);
  await page.getByRole('button', { name: 'Run-off' }).click();
  // Six surfaces drain onto something that is drawn, the drum wall onto two.
  await expect(page.locator('.run-off-arrows > path')).toHaveCount(7);
  await page.getByRole('button', { name: 'Hide run-off' }).click();
  await expect(page.locator('.run-off-arrows')).toHaveCount(0);

  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: 'Surface, side or station' })).toBeFocused();
  await page.keyboard.type('plinth');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Terrace plinth' })).toBeVisible();
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: 'Entrance steps' })).toBeVisible();
  await page.keyboard.press('j');
  await page.getByRole('button', { name: 'Copy Terrace plinth to other sides' }).click();
  await page.getByRole('checkbox', { name: 'North' }).uncheck();
  await page.getByRole('button', { name: 'Add 2 surfaces' }).click();
  await expect(page.locator('.walk-tile', { hasText: 'Terrace plinth, east' })).toContainText('10.8 m²');
  await expect(page.locator('.walk-tile', { hasText: 'Terrace plinth, south' })).toContainText(
    'surface rust 1',
  );
  await saved(page);

  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Quick line on Walk');
});
