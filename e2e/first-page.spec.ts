import { gzipSync } from 'node:zlib';
import { expect, test } from './etappe.ts';

/** What a phone on a thin signal waits for before it sees its jobs. */
const MOST_BYTES = 300_000;
/** No other script is as large as the engine. */
const ENGINE_BYTES = 500_000;

test('the list of jobs waits neither for the engine nor for the schemas of answers', async ({
  page,
  sharedEtappe,
}) => {
  let withheld = 0;
  let bytes = 0;
  await page.route('**/*.js', async (route) => {
    const response = await route.fetch({ maxRetries: 3 });
    const script = await response.body();
    if (script.length >= ENGINE_BYTES) {
      withheld += 1;
      return;
    }
    bytes += gzipSync(script).length;
    await route.fulfill({ response });
  });
  await page.goto(`${sharedEtappe.url}/jobs`);
  await expect(page.getByRole('link', { name: 'Hill observatory' })).toBeVisible();
  // Asked for beside the list, for what waits on this device: it is there, and it is what was withheld.
  await expect.poll(() => withheld).toBeGreaterThan(0);
  expect(bytes).toBeGreaterThan(50_000);
  expect(bytes).toBeLessThan(MOST_BYTES);
  await page.unrouteAll({ behavior: 'ignoreErrors' });
});
