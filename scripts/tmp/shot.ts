import { withApplication } from '../bench/application.ts';
import { demoJob } from '../bench/served.ts';
const wanted = process.argv.slice(2);
await withApplication(async (url, browser) => {
  const job = await demoJob(url);
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  page.on('console', (m) => { if (m.type() === 'error') console.log('ERR', m.text()); });
  for (const w of wanted) {
    const [path = '', size = 'd', act = ''] = w.split('@');
    await page.setViewportSize(size === 'p' ? { width: 390, height: 844 } : { width: 1280, height: 800 });
    await page.goto(`${url}/jobs/${job}/${path}`);
    await page.waitForTimeout(3500);
    if (act) { await page.getByText(act).first().click(); await page.waitForTimeout(600); }
    const name = `${path.replace(/[^a-z]/g, '-')}-${size}${act ? '-act' : ''}`;
    await page.screenshot({ path: `/tmp/w/shot-${name}.png` });
    await page.screenshot({ path: `/tmp/w/full-${name}.png`, fullPage: true });
    console.log(name);
  }
});
