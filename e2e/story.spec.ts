import { choose, expect, saved, test } from './etappe.ts';

const minutes = (text: string) => {
  const [, hours = '0', rest = '0'] = /(?:(\d+) h)? ?(?:(\d+) min)?/.exec(text) ?? [];
  return 60 * Number(hours) + Number(rest);
};

test('the wall of the demo job turned to limestone: acid refused, gentler chain, smaller sections, one more visit, stale order', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  const at = (path: string) => `${etappe.url}/jobs/${job}/${path}`;

  await page.goto(at('sequence'));
  const takes = page.locator('.visit-figures dd').nth(1);
  await expect(takes).toBeVisible();
  await page.getByRole('link', { name: /^Order/ }).click();
  await page.getByRole('button', { name: 'Issue order' }).click();
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  await page.getByRole('link', { name: /^Sequence/ }).click();
  const before = minutes(await takes.innerText());
  const wall = page.locator('.fronts-table tr', { hasText: 'Drum wall' }).first().locator('td').nth(2);
  const sectionOf = async () => Number(/([\d.]+) m²/.exec(await wall.innerText())?.[1]);
  const paintedSection = await sectionOf();

  await page.goto(at('walk/drum-north'));
  await choose(page, 'Material', 'Limestone');
  await saved(page);
  await page.getByRole('link', { name: /^Treat/ }).click();
  await expect(page.getByRole('complementary', { name: 'Reasons' })).toBeVisible();
  await page.locator('.strip-tile', { hasText: 'Drum wall, north' }).click();
  await expect(page.getByText('No acid on calcareous stone: acid dissolves it.').first()).toBeVisible();
  await expect(page.getByText('acid: no')).toBeVisible();
  await expect(
    page.getByRole('heading', { name: 'Neutral biocidal cleaner, soaked', exact: true }),
  ).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Neutral citrate gel on rust', exact: true })).toBeVisible();

  await page.getByRole('link', { name: /^Sequence/ }).click();
  // What one day has no room for any more goes on the next one.
  const secondDay = page.getByRole('button', { name: /^Visit 2 .*goes on from the visit before/ });
  await expect(secondDay).toBeVisible();
  await expect.poll(sectionOf).toBeLessThan(paintedSection / 1.5);
  const firstDay = minutes(await takes.innerText());
  await secondDay.click();
  await expect(page.getByRole('heading', { name: 'Visit 2', exact: true })).toBeVisible();
  await expect(wall).toHaveCount(0);
  await expect.poll(async () => firstDay + minutes(await takes.innerText())).toBeGreaterThan(before);

  await expect(page.getByRole('link', { name: /^Order/ })).toContainText('No. 1 is stale');
  await page.goto(at('order/1'));
  await expect(page.getByText('The survey changed after this order was issued')).toBeVisible();
  await expect(page.locator('.order-sheet')).toContainText('Oxalic acid');
});

test('a rule is set aside with reason and name, and stays visible down to the order', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/treat/boards-east`);
  await page
    .getByRole('button', { name: /refused$/ })
    .first()
    .click();
  await page.getByRole('button', { name: 'Override the rule for Soft wash with hypochlorite' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: 'Override the rule' }).click();
  await expect(dialog.getByText('say why the rule does not apply here')).toBeVisible();
  await dialog.getByLabel('Reason').fill('boards are painted over next week');
  await dialog.getByLabel('Decided by').fill('Ada');
  await dialog.getByRole('button', { name: 'Override the rule' }).click();
  await expect(page.getByText('Ada overrode the rule').first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^Treat/ })).toContainText('1 rule overridden');
  await page.getByRole('link', { name: /^Order/ }).click();
  await expect(page.getByRole('heading', { name: 'Rules overridden', exact: true })).toBeVisible();

  await page.goBack();
  await page.getByRole('button', { name: 'Back to what was proposed' }).click();
  await expect(page.getByRole('heading', { name: 'Oxygen wash and brightener', exact: true })).toBeVisible();
  await saved(page);
});

test('another permitted method is picked and the floor stays refused', async ({ page, etappe }) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/treat/plinth-west`);
  const others = page.getByRole('button', { name: /refused$/ });
  await others.first().click();
  await others.last().click();
  await expect(page.getByText('stays refused').first()).toBeVisible();
  await page.getByRole('button', { name: 'Use Neutral wash without a brush against Green algae' }).click();
  await expect(page.getByText('Chosen by Office')).toBeVisible();
  await saved(page);
});

test('another way of working is looked at before it is taken; what follows later is a visit of its own, with its own order', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/treat/bicycle-stand`);
  await expect(page.getByRole('heading', { name: /^Visit 2 from 2026-05-07/ })).toBeVisible();
  await page.getByText('Working practices').click();
  await page.getByRole('button', { name: 'Change: Sand joints after washing' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByText('Sand and sealer', { exact: true }).click();
  await expect(dialog.getByRole('row', { name: /^Visits 2, .* 3, / })).toBeVisible();
  await expect(dialog.getByText(/^Bicycle stand, sand joints washed out:/)).toBeVisible();
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('heading', { name: 'Fill joints with dry sand', exact: true })).toBeVisible();

  await page.getByRole('link', { name: /^Sequence/ }).click();
  await page.getByRole('button', { name: /^Visit 2 from 2026-05-07/ }).click();
  await expect(page.getByRole('heading', { name: 'Visit 2', exact: true })).toBeVisible();
  await saved(page);
  await page.getByRole('link', { name: /^Order/ }).click();
  await page.getByRole('button', { name: 'Issue order' }).click();
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  const sheet = page.locator('.order-sheet');
  await expect(sheet).toContainText('Thursday, 7 May 2026');
  await expect(sheet).toContainText('visit 2 of 2');
  await expect(sheet).toContainText('kiln-dried jointing sand');
  await expect(sheet).not.toContainText('Sodium hypochlorite');
});
