import { withApplication } from '../bench/application.ts';
import { demoJob } from '../bench/served.ts';
const want = process.argv.slice(2);
await withApplication(async (url, browser) => {
  const hill = await demoJob(url, 'Hill observatory');
  for (const spec of want) {
    const [name, path, phone] = spec.split('=');
    const context = await browser.newContext({ viewport: phone ? { width: 390, height: 844 } : { width: 1280, height: 800 }, locale: 'en-GB', timezoneId: 'Europe/Zurich', reducedMotion: 'reduce' });
    const page = await context.newPage();
    page.on('console', (m) => { if (m.type() === 'error') console.log('console', m.text()); });
    await page.goto(`${url}/jobs/${hill}/${path}`);
    await page.waitForTimeout(6000);
    await page.screenshot({ path: `/tmp/w/${name}.png` });
    await context.close();
  }
});
