import type { Page } from '@playwright/test';
import { expect, saved, test } from './etappe.ts';

/** Tabs on until the wanted thing has the focus, as somebody without a mouse does. */
async function tabTo(page: Page, name: RegExp): Promise<void> {
  for (let presses = 0; presses < 120; presses += 1) {
    await page.keyboard.press('Tab');
    const label = await page.evaluate(() => {
      const element = document.activeElement;
      if (!element || element === document.body || element.tagName === 'MAIN') return '';
      const labelled = element instanceof HTMLInputElement ? (element.labels?.[0]?.textContent ?? '') : '';
      return `${element.getAttribute('aria-label') ?? ''} ${labelled} ${element.textContent}`.trim();
    });
    if (name.test(label)) return;
  }
  throw new Error(`nothing named ${name} takes the focus`);
}

async function pick(page: Page, name: RegExp, option: string): Promise<void> {
  await tabTo(page, name);
  await page.keyboard.type(option);
  await expect(page.locator('.ant-select-dropdown:visible').getByText(option, { exact: true })).toBeVisible();
  await page.keyboard.press('Enter');
}

async function addSurface(page: Page, name: string, material: string, size: string): Promise<void> {
  await page.keyboard.press('n');
  await expect(page.getByRole('dialog')).toBeVisible();
  await expect(page.getByLabel('Name', { exact: true }).last()).toBeFocused();
  await page.keyboard.type(name);
  await pick(page, /^Material/, material);
  await tabTo(page, /^Size/);
  await page.keyboard.type(size);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('dialog')).toBeHidden();
  await expect(page.getByRole('heading', { name })).toBeVisible();
}

test('a job is made and two surfaces are surveyed by keyboard only', async ({ page, emptyEtappe }) => {
  await page.goto(`${emptyEtappe.url}/jobs`);
  await tabTo(page, /Create job/);
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Name')).toBeFocused();
  await page.keyboard.type('Ferry hut');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Ferry hut' })).toBeVisible();

  await addSurface(page, 'Hut wall', 'Larch boards', '5x2.5');
  await pick(page, /Add what is on it/, 'Green algae');
  await expect(page.getByText('an even green film')).toBeVisible();
  await saved(page);
  await page.evaluate(() => {
    (document.activeElement as HTMLElement | null)?.blur();
  });
  await addSurface(page, 'Landing', 'Granite', '4x2');
  await pick(page, /Add what is on it/, 'Lichen');
  await saved(page);
});

test('a surface said in a line, an answer, the day and its order, by keyboard only', async ({
  page,
  emptyEtappe,
}) => {
  const findings = [{ contaminant: 'green-algae', severity: 2 }];
  const id = await emptyEtappe.importJob({
    name: 'Ferry hut',
    surfaces: [
      { id: 'hut', name: 'Hut wall', material: 'larch-boards', size: '5x2.5', findings },
      { id: 'landing', name: 'Landing', material: 'granite', band: 'floor', size: '4x2', findings },
    ],
  });
  await page.goto(`${emptyEtappe.url}/jobs/${id}/walk/hut`);
  await expect(page.locator('.walk-tile', { hasText: 'Landing' })).toBeVisible();
  await page.keyboard.press('q');
  await page.keyboard.type('west fence, larch boards, six by 1.8, light algae');
  await expect(page.getByText('Adds Fence, west')).toBeVisible();
  await page.keyboard.press('Enter');
  await expect(page.locator('.walk-tile', { hasText: 'Fence, west' })).toContainText('10.8 m²');
  await page.keyboard.press('Escape');
  await saved(page);

  await page.evaluate(() => {
    (document.activeElement as HTMLElement | null)?.blur();
  });
  await tabTo(page, /Property and site/);
  await page.keyboard.press('Enter');
  await tabTo(page, /^Answer/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: /^Answer to: Where do we take water/ })).toBeFocused();
  await page.keyboard.type('The tap of the hut, 12 litres a minute');
  await page.keyboard.press('Enter');
  await saved(page);

  await page.evaluate(() => {
    (document.activeElement as HTMLElement | null)?.blur();
  });
  await page.keyboard.press('4');
  await expect(page.getByRole('group', { name: 'Day ribbon by person' })).toBeVisible();
  await tabTo(page, /Set out/);
  await page.keyboard.press('Enter');
  await page.keyboard.press('ArrowRight');
  await expect(page.locator('.ribbon-detail')).toContainText(/Hut wall: A on, rinse/);

  await page.keyboard.press('5');
  await expect(page.getByRole('button', { name: 'Issue order' })).toBeEnabled();
  await tabTo(page, /^Issue order/);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Order No. 1' })).toBeVisible();
});
