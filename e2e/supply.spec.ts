import { expect, saved, test } from './etappe.ts';

test('a weaker tap and a hotter day are looked at before they are taken; then the tank runs dry and says what helps', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/supply?part=water`);
  await expect(page.getByRole('img', { name: /Tank line: it lasts/ })).toBeVisible();
  await page.getByText('What if the weather, stock').click();
  await page.getByLabel('Yard tap', { exact: true }).fill('2');
  const row = page.getByRole('row', { name: /Water of the day/ });
  await expect(row).toContainText('lasts');
  await expect(row).toContainText(/dry at \d\d:\d\d/);
  await page.getByRole('button', { name: 'Discard' }).click();
  await expect(page.getByRole('img', { name: /Tank line: it lasts/ })).toBeVisible();

  await page.getByLabel('Yard tap', { exact: true }).fill('2');
  await page.getByRole('button', { name: 'Apply' }).click();
  await saved(page);
  await expect(page.getByRole('img', { name: /Tank line: dry from \d\d:\d\d/ })).toBeVisible();
  const ways = page.getByRole('region', { name: 'Water of the day' });
  await expect(ways.getByText(/L\/min from taps would be enough/)).toBeVisible();
  await expect(ways.getByText(/A tank of \d+ L, full when work begins/)).toBeVisible();
});

test('a lot is read by strip, the mixes follow it, and an order reserves it for others to see', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/handbook/lots/white-feb`);
  await page.getByLabel('Left of it').fill('30');
  await page.getByLabel('Expires on').fill('');
  await page.getByLabel('Strength, typed').fill('60');
  await page.getByRole('button', { name: 'Record' }).click();
  await page.getByRole('button', { name: 'Save lot' }).click();
  await expect(page.getByText(/Today: 60 g\/L, measured/)).toBeVisible();

  await page.goto(`${etappe.url}/jobs/${job}/supply?part=products`);
  const row = page.getByRole('row', { name: /White, 14 %/ });
  // What was read in November says nothing of a day in May: the reading before that day holds.
  await row.getByText(/Lot W-2602/).click();
  await expect(row.getByText(/measured 118 g\/L by strip on 2026-04-20/)).toBeVisible();

  await page.getByRole('link', { name: /^Order/ }).click();
  await page.getByRole('button', { name: 'Issue order' }).click();
  await expect(page.getByRole('heading', { name: 'Order No. 1', exact: true })).toBeVisible();
  // What expires is used before what does not.
  await expect(page.getByText(/from lot W-2604/).first()).toBeVisible();
  await page.goto(`${etappe.url}/handbook/lots/white-apr`);
  await expect(page.getByText(/reserved by order 1 of Hill observatory/)).toBeVisible();
  const before = Number(await page.getByLabel('Left of it').inputValue());

  // The work is done: what was really used comes off the shelf, and nothing is reserved any more.
  await page.goto(`${etappe.url}/jobs/${job}/supply?part=products`);
  await row.getByText(/Lot W-2604/).click();
  await row.getByLabel('Used, after the work').first().fill('2.5');
  await row.getByRole('button', { name: 'Record' }).click();
  await expect(row.getByText(/2.5 L used, recorded/)).toBeVisible();
  await expect(page.getByText('No. 1 issued')).toBeVisible();
  await page.reload();
  await expect(page.getByText('No. 1 issued')).toBeVisible();
  await page.goto(`${etappe.url}/handbook/lots/white-apr`);
  await expect(page.getByLabel('Left of it')).toHaveValue(String(before - 2.5));
  await expect(page.getByText(/reserved by order 1 of Hill observatory/)).toHaveCount(0);
});

test('the load list is ticked off on a phone without a network, and nothing of it is lost', async ({
  page,
  etappe,
  complaints,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/supply?part=load`);
  await expect(page.getByText(/^0 of \d+ loaded/)).toBeVisible();
  const order = page.getByRole('checkbox', { name: /Crew order, printed/ });
  await order.check();
  await saved(page);
  await page.context().setOffline(true);
  await page.getByRole('checkbox', { name: /Goggles/ }).check();
  await expect(page.getByText(/^2 of \d+ loaded/)).toBeVisible();
  await page.context().setOffline(false);
  await saved(page);
  await page.reload();
  await expect(page.getByText(/^2 of \d+ loaded/)).toBeVisible();
  expect(complaints.splice(0).every((c) => /ERR_INTERNET_DISCONNECTED|Failed to (load|fetch)/.test(c))).toBe(
    true,
  );
});
