import { expect, test } from './etappe.ts';

/** What a phone on a thin signal waits for before it sees its jobs, as it comes over the wire. */
const MOST_BYTES = 300_000;

test('the list of jobs waits neither for the engine nor for the schemas of answers', async ({
  page,
  sharedEtappe,
}) => {
  await page.goto(`${sharedEtappe.url}/jobs`);
  await expect(page.getByRole('link', { name: 'Hill observatory' })).toBeVisible();
  const bytes = await page.evaluate(() =>
    performance
      .getEntriesByType('resource')
      .filter(({ name }) => name.endsWith('.js'))
      .reduce((sum, script) => sum + (script as PerformanceResourceTiming).encodedBodySize, 0),
  );
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(MOST_BYTES);
});
