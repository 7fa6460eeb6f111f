import { expect, saved, test } from './etappe.ts';

test('a round is fixed to a time once its cost is told, is found again after a reload, and is let go', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  const rounds = page.getByRole('region', { name: 'Rounds' });
  const open = rounds.getByRole('button', { name: /^Fix who does it and when: Path below the drum/ }).last();
  // While the search goes on rounds come and go.
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 30_000 });
  await open.click();
  await rounds.getByLabel('Not before').fill('14:30');
  await expect(rounds.getByText(/^(The visit ends|It costs no time)/)).toBeVisible({ timeout: 20_000 });
  await rounds.getByRole('button', { name: 'Fix it' }).click();
  await saved(page);
  await page.reload();
  const fixed = rounds.getByText('not before 14:30').first();
  await expect(fixed).toBeVisible({ timeout: 20_000 });
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 30_000 });
  await rounds
    .getByRole('listitem')
    .filter({ hasText: 'not before 14:30' })
    .first()
    .getByRole('button')
    .click();
  await rounds.getByRole('button', { name: 'Let it go' }).click();
  await expect(fixed).toHaveCount(0);
});

test('what other crews and hours would take stands side by side, and how sure the day is below it', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Tram halt');
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  const risk = page.getByRole('region', { name: 'How sure is the day' });
  await expect(risk.getByRole('img', { name: /^When such days end: planned by / })).toBeVisible({
    timeout: 20_000,
  });
  await page.getByText('Compare: other crew, machines and hours').click();
  const table = page.getByRole('table', { name: /^Compare/ });
  await expect(table.getByText('Planning its days …')).toHaveCount(0, { timeout: 30_000 });
  await table.getByRole('button', { name: 'Take it: Three people' }).click();
  await saved(page);
  await expect(page.getByText('(3 people)')).toBeVisible({ timeout: 20_000 });
});
