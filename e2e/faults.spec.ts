import { expect, saved, test } from './etappe.ts';

test('a size that cannot be read is shown at its character, with a way out, and nothing is lost', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  const size = page.getByLabel('Size', { exact: true });
  await size.fill('7.5x4 + 6');
  await expect(page.getByText('At character 9')).toBeVisible();
  await page.getByRole('button', { name: 'Use 6m2' }).click();
  await expect(size).toHaveValue('7.5x4 + 6m2');
  await expect(page.getByText('36 m²', { exact: true }).first()).toBeVisible();
  await saved(page);
});

test('a value that is not sound stays in its field with the reason and is not saved', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await page.getByLabel('Tilt, 0 floor to 90 wall', { exact: true }).fill('900');
  await expect(page.getByText('tiltDegrees must be less than or equal to 180')).toBeVisible();
  await page.getByLabel('Top, above ground', { exact: true }).fill('many');
  await expect(
    page
      .getByText('“many” is not a unit', { exact: false })
      .or(page.getByText('"many" is not a unit', { exact: false })),
  ).toBeVisible();
  await page.getByLabel('Name', { exact: true }).fill('');
  await expect(page.getByText('name is not allowed to be empty')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Tilt, 0 floor to 90 wall', { exact: true })).toHaveValue('90');
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Drum wall, north');
});

test('run-off in a loop is refused by the server, kept on screen, and can be given up', async ({
  page,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/path-north`);
  await page.getByLabel('Drains onto').fill('Drum');
  await page.locator('.ant-select-dropdown:visible').getByText('Drum wall, north').click();
  await expect(page.getByText('not saved')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'See why' }).click();
  await expect(page.getByRole('dialog')).toContainText('goes round in a loop');
  await page.getByRole('button', { name: 'Discard this edit' }).click();
  await saved(page);
  expect(complaints.splice(0).every((c) => c.includes('422'))).toBe(true);
});

test('while the database is away the page says so, keeps what was typed, and recovers by itself', async ({
  page,
  etappe,
  complaints,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk/drum-north`);
  await expect(page.getByLabel('Name', { exact: true })).toBeVisible();
  await etappe.databaseAway(true);
  await page.getByLabel('Name', { exact: true }).fill('Typed while away');
  await expect(page.locator('.save-mark')).toContainText('1 change waiting');
  const list = await page.context().newPage();
  await list.goto(`${etappe.url}/jobs`);
  await expect(list.getByText('Jobs cannot be loaded right now')).toBeVisible();
  await etappe.databaseAway(false);
  await saved(page);
  await expect(list.getByRole('link', { name: 'Hill observatory, spring clean' })).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue('Typed while away');
  expect(complaints.splice(0).every((c) => c.includes('503'))).toBe(true);
});

test('a job that is not there says so and leads back', async ({ page, etappe, complaints }) => {
  await page.goto(`${etappe.url}/jobs/01900000-0000-7000-8000-0000000000ff/walk`);
  await expect(page.getByText('Job not found')).toBeVisible();
  await page.getByRole('link', { name: 'All jobs' }).click();
  await expect(page.getByRole('heading', { name: 'Jobs' })).toBeVisible();
  await page.goto(`${etappe.url}/nowhere`);
  await expect(page.getByText('Page not found')).toBeVisible();
  expect(complaints.splice(0).every((c) => c.includes('404'))).toBe(true);
});
