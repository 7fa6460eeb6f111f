import { expect, saved, test } from './etappe.ts';

test('a round is fixed to a time once its cost is told, is found again after a reload, and is let go', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  const rounds = page.getByRole('region', { name: 'Rounds' });
  const open = rounds.getByRole('button', { name: /^Fix who does it and when: Path below the drum/ }).last();
  // Opened while the search may still go on: what is typed stays, though a better day arrives meanwhile.
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

test('a round is dragged to another time and moved by keys; why it comes then is read off it; what was told is kept', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Tram halt');
  await page.goto(`${etappe.url}/jobs/${job}/sequence`);
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 30_000 });
  const bars = page.locator('.ribbon .op');
  const last = bars.filter({ hasNotText: /Set out|Clear up|Lunch/ }).last();
  const rect = last.locator('rect').first();
  await rect.scrollIntoViewIfNeeded();
  await rect.hover();
  await expect(page.locator('.ribbon-detail')).toContainText(
    / (at|by|until|from|ahead|then|time|before) .*\.$/,
  );
  const box = await rect.boundingBox();
  if (!box) throw new Error('no bar');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  await page.mouse.move(x + 60, y, { steps: 5 });
  await page.mouse.up();
  const moved = page.locator('.pin-moved');
  await expect(moved.getByLabel('Not before')).toHaveValue(/^\d\d:\d[05]$/);
  await expect(moved.getByText(/^(The visit ends .* later|It costs no time|No day was)/)).toBeVisible({
    timeout: 20_000,
  });
  await moved.getByRole('button', { name: 'Close' }).click();
  await last.focus();
  await page.keyboard.press('+');
  await expect(page.getByRole('button', { name: 'Further away' })).toBeEnabled();
  await page.keyboard.press('p');
  await expect(moved.getByText('Choose who does it or when')).toBeVisible();

  await page.getByLabel('Keep what was told, until').fill('09:30');
  await page.getByRole('button', { name: 'Keep it', exact: true }).click();
  await saved(page);
  await expect(page.getByRole('button', { name: /^Let go of all that is fixed \(\d+\)/ })).toBeVisible();
  await expect(page.locator('[aria-busy="true"]')).toHaveCount(0, { timeout: 30_000 });
  await expect(page.getByText('Shortest possible')).toBeVisible();
  await expect(page.getByText(/No sequence/)).toHaveCount(0);
});
