import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { expect, test } from './etappe.ts';

// Each page is looked at on its own: all workers share them.
test.describe.configure({ mode: 'parallel' });

// What a page looks like does not hang on what works offline, whose copy of the whole application costs as much as the page.
test.beforeEach(async ({ page }) => {
  await page.addInitScript(() => Reflect.deleteProperty(Navigator.prototype, 'serviceWorker'));
});

const SIZES = [
  {
    name: 'desk',
    width: 1280,
    height: 800,
    stations: [
      'walk',
      'walk/drum-north',
      'report',
      'damage',
      'treat/steps-south',
      'supply',
      'supply?part=mixes',
      'supply?part=wetness',
      'supply?part=water',
      'supply?part=load',
      'sequence',
      'order',
    ],
  },
  { name: 'tablet', width: 820, height: 1180, stations: ['walk/drum-north'] },
  // What is held in a wet hand; the rest only has to fit.
  {
    name: 'phone',
    width: 390,
    height: 844,
    stations: ['walk', 'walk/drum-north', 'report', 'order', 'supply?part=load'],
  },
];

const AWAY_FROM_JOBS = [
  '/jobs',
  '/properties',
  '/handbook/materials/limestone',
  '/handbook/products/white-14',
  '/handbook/lots/white-feb',
  '/handbook/house',
];

/** Nothing is under way any more, and a job has its plan on the page. */
async function settled(page: Page, ofJob: boolean): Promise<void> {
  if (ofJob) await page.waitForFunction(() => performance.getEntriesByName('etappe:first-plan').length > 0);
  await expect(page.getByRole('heading').first()).toBeVisible();
  await expect(
    page.locator('[aria-busy="true"], [aria-label^="Working out"], [aria-label^="Loading"]'),
  ).toHaveCount(0);
}

type Violations = Awaited<ReturnType<AxeBuilder['analyze']>>['violations'];

/** What axe finds wrong. In one page, since ours have no frames: a second one for the result costs more than the search. */
async function faults(page: Page, asked: (axe: AxeBuilder) => AxeBuilder): Promise<Violations> {
  const axe = asked(new AxeBuilder({ page }).options({ resultTypes: ['violations'] })).setLegacyMode();
  return (await axe.analyze()).violations;
}

for (const { name, stations, ...viewport } of SIZES)
  for (const path of [...AWAY_FROM_JOBS, ...stations])
    test(`${path} at ${name} size is free of serious accessibility faults and fits its width`, async ({
      page,
      sharedEtappe,
    }) => {
      await page.setViewportSize(viewport);
      const ofJob = !path.startsWith('/');
      const address = ofJob ? `/jobs/${await sharedEtappe.jobId('Hill observatory')}/${path}` : path;
      await page.goto(`${sharedEtappe.url}${address}`);
      await settled(page, ofJob);
      const violations = await faults(page, (axe) =>
        axe.withTags(['wcag2a', 'wcag2aa', 'wcag21a', 'wcag21aa']),
      );
      const serious = violations.filter((v) => v.impact === 'serious' || v.impact === 'critical');
      expect(serious.map((v) => `${v.id}: ${v.nodes[0]?.html.slice(0, 160) ?? ''}`)).toEqual([]);
      const overflow = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect(overflow).toBeLessThanOrEqual(0);
      // A job scrolls inside its parts: what were below the page would pull the head out of sight.
      if (ofJob)
        expect(
          await page.evaluate(() => document.documentElement.scrollHeight - window.innerHeight),
        ).toBeLessThanOrEqual(0);
    });

for (const station of ['treat/drum-north', 'supply', 'supply?part=wetness', 'supply?part=water', 'sequence'])
  test(`${station} fits the width of a phone`, async ({ page, sharedEtappe }) => {
    await page.setViewportSize({ width: 390, height: 844 });
    await page.goto(`${sharedEtappe.url}/jobs/${await sharedEtappe.jobId('Hill observatory')}/${station}`);
    await settled(page, true);
    expect(
      await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth),
    ).toBeLessThanOrEqual(0);
  });

test('evening colours are remembered and readable', async ({ page, etappe }) => {
  await page.goto(`${etappe.url}/jobs/${await etappe.jobId('Hill observatory')}/treat/drum-north`);
  await page.getByRole('button', { name: 'Dark colours for evening work' }).click();
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Soft wash with hypochlorite', exact: true })).toBeVisible();
  await expect(page.locator('html')).toHaveAttribute('data-evening', 'true');
  const violations = await faults(page, (axe) => axe.withRules(['color-contrast']));
  expect(violations.flatMap((v) => v.nodes.map((n) => n.html.slice(0, 120)))).toEqual([]);
});

test('US customary figures stand where metric ones did', async ({ page, etappe }) => {
  const job = await etappe.jobId('Lock keeper');
  await page.goto(`${etappe.url}/jobs/${job}/walk/cottage-front`);
  await expect(page.getByText('180 sq ft', { exact: true }).first()).toBeVisible();
  await expect(page.getByLabel('Top, above ground', { exact: true })).toHaveValue('8.86');
  await page.goto(`${etappe.url}/jobs/${job}/supply`);
  const products = page.getByRole('region', { name: 'Products to bring' });
  await expect(products.getByText(/US (gal|fl oz)/).first()).toBeVisible();
});

test('sorting and search of the jobs live in the address', async ({ page, etappe }) => {
  await page.goto(`${etappe.url}/jobs`);
  await page.getByRole('button', { name: 'Customer' }).click();
  await page.getByRole('searchbox').fill('tr');
  await expect(page.getByRole('row')).toHaveCount(3);
  await page.reload();
  await expect(page.getByRole('searchbox')).toHaveValue('tr');
  await expect(page.getByRole('columnheader', { name: /Customer/ })).toHaveAttribute(
    'aria-sort',
    'ascending',
  );
});
