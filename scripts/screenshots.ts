import { join } from 'node:path';
import type { Browser, BrowserContextOptions, Locator, Page, ViewportSize } from '@playwright/test';
import { withApplication } from './bench/application.ts';
import { demoJob } from './bench/served.ts';
import { ROOT } from './provision.mjs';
import { run, say } from './say.mjs';

/** Pictures of every main view, from the demo data, into docs/screenshots; each is to be looked at before it is kept. */
const DESK = { width: 1280, height: 800 };
const PHONE = { width: 390, height: 844 };
const HELD: BrowserContextOptions = { hasTouch: true, isMobile: true };
/** At 96 px an inch. */
const A4 = { width: 794, height: 1123 };
/** Fonts and textures have come by then, and better plans after the first. */
const SETTLE_MILLISECONDS = 1800;

let browser: Browser;
let url: string;
let hill: string;

/** A page of its own at an address of the demo job, or at another address. */
async function open(path: string, viewport: ViewportSize = DESK): Promise<Page> {
  const context = await browser.newContext({
    viewport,
    locale: 'en-GB',
    timezoneId: 'Europe/Zurich',
    reducedMotion: 'reduce',
    ...(viewport === PHONE ? HELD : {}),
  });
  const page = await context.newPage();
  await page.goto(`${url}${path.startsWith('/') ? path : `/jobs/${hill}/${path}`}`);
  await page.getByRole('heading').first().waitFor();
  // However slow the machine is, what is kept is the page and not what stands there until it comes.
  if (!path.startsWith('/'))
    await page.waitForFunction(() => performance.getEntriesByName('etappe:first-plan').length > 0);
  await page.waitForFunction(
    () =>
      document.querySelector('[aria-busy="true"], [aria-label^="Working out"], [aria-label^="Loading"]') ===
      null,
  );
  await page.waitForTimeout(SETTLE_MILLISECONDS);
  return page;
}

async function keep(page: Page, name: string): Promise<void> {
  await page.waitForTimeout(300);
  await page.screenshot({ path: join(ROOT, `docs/screenshots/${name}.png`) });
  await page.context().close();
  say(`✓ ${name}`);
}

const top = (locator: Locator) =>
  locator.evaluate((element) => {
    element.scrollIntoView({ block: 'start' });
  });
const decoded = (images: Locator) =>
  images.evaluate((image) => (image instanceof HTMLImageElement ? image.decode() : undefined));

const VIEWS: Record<string, () => Promise<Page>> = {
  jobs: () => open('/jobs'),
  walk: () => open('walk'),
  'walk-phone': () => open('walk', PHONE),
  sheet: async () => {
    const page = await open('walk/yard-east');
    await top(page.getByRole('heading', { name: 'How big' }));
    return page;
  },
  'walk-run-off': async () => {
    const page = await open('walk');
    await page.getByRole('button', { name: 'Run-off' }).click();
    return page;
  },
  treat: () => open('treat/drum-north'),
  'treat-what-if': async () => {
    const page = await open('treat/garage-wall');
    await page.getByText('Working practices').click();
    await page.getByRole('button', { name: 'Change: Hypochlorite for growth?' }).click();
    await page.getByText('Oxygen, alkaline or neutral', { exact: true }).click();
    await page.getByRole('row', { name: /^Harm around/ }).waitFor();
    return page;
  },
  supply: () => open('supply'),
  'supply-mixes': () => open('supply?part=mixes'),
  'supply-wet-line': () => open('supply/boards-east?part=wetness'),
  'supply-water': async () => {
    const page = await open('supply?part=water');
    await page.getByText('What if the weather, stock').click();
    await page.getByLabel('Yard tap', { exact: true }).fill('2');
    await page.getByRole('row', { name: /Water of the day/ }).waitFor();
    return page;
  },
  sequence: () => open('sequence'),
  order: () => open('order'),
  'order-phone': () => open('order', PHONE),
  'order-print': async () => {
    const page = await open('order', A4);
    await page.emulateMedia({ media: 'print' });
    return page;
  },
  photo: async () => {
    const page = await open('walk/garage-wall');
    await page.getByRole('button', { name: /^Photo 1 of Garage wall/ }).click();
    await page.getByText('Measure', { exact: true }).click();
    for (const [end, key] of [
      [/^Width, first end/, 'Shift+ArrowLeft'],
      [/^Width, second end/, 'Shift+ArrowRight'],
    ] as const) {
      await page.getByRole('button', { name: end }).focus();
      await page.keyboard.press(key);
      await page.keyboard.press(key);
    }
    await decoded(page.locator('.photo-stage img'));
    return page;
  },
  handbook: async () => {
    const page = await open('walk');
    await page.goto(`${url}/handbook/materials/limestone?with=granite&group=stone`);
    await page.getByRole('heading', { name: 'Granite' }).waitFor();
    return page;
  },
  damage: async () => {
    const page = await open('damage');
    await decoded(page.locator('.damage-photos img'));
    return page;
  },
  diagnosis: async () => {
    const page = await open('walk/plinth-west');
    await page.getByRole('button', { name: 'Red or brown tint' }).click();
    const mark = page.getByRole('region', { name: 'Red or brown tint' });
    await mark.getByRole('button', { name: 'nothing, it is wide and even' }).click();
    await top(mark);
    return page;
  },
};

await run(() =>
  withApplication(async (servedAt, started) => {
    url = servedAt;
    browser = started;
    hill = await demoJob(url);
    const wanted = process.argv.slice(2);
    for (const [name, view] of Object.entries(VIEWS))
      if (wanted.length === 0 || wanted.includes(name)) await keep(await view(), name);
  }),
);
