import type { Page } from '@playwright/test';
import { expect, saved, test } from './etappe.ts';

const sides = (page: Page) => page.locator('.side-handle').allInnerTexts();
/** What a screen reader is told of a drag. */
const dragSaid = (page: Page) => page.locator('[id^="DndLiveRegion"]');
const column = (page: Page, side: string) =>
  page.locator('.walk-column', { has: page.locator('.side-handle', { hasText: side }) });

test('sides and surfaces are rearranged by keyboard and by mouse, and taken back', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk`);
  await page.locator('.side-handle', { hasText: 'North' }).focus();
  // Each step has been said before the next, as somebody who listens would wait.
  for (const [key, said] of [
    ['Space', 'North over place 1'],
    ['ArrowRight', 'North over place 2'],
    ['Space', 'North set down on place 2'],
  ] as const) {
    await page.keyboard.press(key);
    await expect(dragSaid(page)).toContainText(said);
    // A drag listens for its next key only from a later turn of the event loop on.
    await page.evaluate(() => new Promise((turn) => setTimeout(turn)));
  }
  await expect.poll(() => sides(page)).toEqual(['East', 'North', 'South', 'West', 'Lane']);

  // In the middle of the page: near its edge the grid would begin to scroll along.
  const parapet = page.locator('.walk-tile', { hasText: 'Gallery parapet, west' });
  const windows = page.locator('.walk-tile', { hasText: 'Gallery windows' });
  // The columns still glide to their new places: where a tile is counts once it stands still.
  for (const tile of [parapet, windows]) await tile.click({ trial: true });
  const from = await parapet.boundingBox();
  const to = await windows.boundingBox();
  if (!from || !to) throw new Error('both tiles are drawn');
  await page.mouse.move(from.x + 20, from.y + 20);
  await page.mouse.down();
  await page.mouse.move(from.x - 20, from.y + 20, { steps: 4 });
  await expect(dragSaid(page)).toContainText('Gallery parapet, west over');
  await page.mouse.move(to.x + to.width / 2, to.y + to.height / 2, { steps: 6 });
  await expect(dragSaid(page)).toContainText(/Gallery parapet, west over .*East/);
  await page.mouse.up();
  await expect(
    column(page, 'East').locator('.walk-tile', { hasText: 'Gallery parapet, west' }),
  ).toBeVisible();
  expect(page.url()).toMatch(/\/walk$/);

  await page.keyboard.press('Control+z');
  await expect(
    column(page, 'West').locator('.walk-tile', { hasText: 'Gallery parapet, west' }),
  ).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect.poll(() => sides(page)).toEqual(['North', 'East', 'South', 'West', 'Lane']);
  await saved(page);
});

test('a surface is copied to other sides; run-off is drawn on demand; keys lead everywhere', async ({
  page,
  etappe,
}) => {
  const job = await etappe.jobId('Hill observatory');
  await page.goto(`${etappe.url}/jobs/${job}/walk`);
  await page.getByRole('button', { name: 'Run-off' }).click();
  // Twenty-two surfaces drain onto something, the drum wall onto two.
  await expect(page.locator('.run-off-arrows > path')).toHaveCount(23);
  await expect(page.getByText('Yard drain ✕ kept apart here')).toBeVisible();
  await expect(page.getByText(/Forecourt \(sodium hypochlorite\) takes turns/)).toBeVisible();
  await page.getByRole('button', { name: 'Hide run-off' }).click();
  await expect(page.locator('.run-off-arrows')).toHaveCount(0);

  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: 'Surface, side or station' })).toBeFocused();
  await page.keyboard.type('plinth');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'Terrace plinth' })).toBeVisible();
  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: 'Drum wall, west' })).toBeVisible();
  await page.keyboard.press('j');
  await page.getByRole('button', { name: 'Copy Terrace plinth to other sides' }).click();
  await page.getByRole('checkbox', { name: 'North' }).uncheck();
  await page.getByRole('checkbox', { name: 'Lane' }).uncheck();
  await page.getByRole('button', { name: 'Add 2 surfaces' }).click();
  await expect(page.locator('.walk-tile', { hasText: 'Terrace plinth, east' })).toContainText('10.8 m²');
  await expect(page.locator('.walk-tile', { hasText: 'Terrace plinth, south' })).toContainText(
    'surface rust 1',
  );
  await saved(page);

  await page.keyboard.press('Escape');
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Quick line on Walk');
  await page.getByRole('button', { name: 'Close' }).click();

  // From another station the jump stays at that station.
  await page.keyboard.press('2');
  await expect(page.getByRole('complementary', { name: 'Reasons' })).toBeVisible();
  await page.keyboard.press('/');
  await expect(page.getByRole('combobox', { name: 'Surface, side or station' })).toBeFocused();
  await page.keyboard.type('canopy');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/\/treat\/canopy-south$/);
});

test.describe('on a tablet in one hand', () => {
  test.use({ viewport: { width: 820, height: 1180 }, hasTouch: true });

  test('what one does all the time is at the thumb, and a long press moves a surface', async ({
    page,
    etappe,
  }) => {
    const job = await etappe.jobId('Hill observatory');
    await page.goto(`${etappe.url}/jobs/${job}/walk`);
    const boards = page.locator('.walk-tile', { hasText: 'Visitor centre boards' });
    await boards.tap({ trial: true });
    const from = await boards.boundingBox();
    const to = await page.locator('.walk-tile', { hasText: 'Entrance wall' }).boundingBox();
    if (!from || !to) throw new Error('both tiles are drawn');
    await touchDrag(
      page,
      { x: from.x + 40, y: from.y + 40 },
      { x: to.x + to.width / 2, y: to.y + to.height / 2 },
    );
    await expect(
      column(page, 'South').locator('.walk-tile', { hasText: 'Visitor centre boards' }),
    ).toBeVisible();
    const atHand = page.getByRole('toolbar', { name: 'At hand' });
    await atHand.getByRole('button', { name: 'Undo' }).tap();
    await expect(
      column(page, 'East').locator('.walk-tile', { hasText: 'Visitor centre boards' }),
    ).toBeVisible();

    await page.locator('.walk-tile', { hasText: 'Drum wall, north' }).tap();
    await expect(page.getByRole('heading', { name: 'Drum wall, north' })).toBeVisible();
    await atHand.getByRole('button', { name: 'Next surface, Cellar wall' }).tap();
    await expect(page.getByRole('heading', { name: 'Cellar wall' })).toBeVisible();
    await atHand.getByRole('button', { name: 'Say it' }).tap();
    await expect(page.getByRole('textbox', { name: 'Quick line' })).toBeFocused();
    // As the device's own dictation writes it.
    await page.keyboard.insertText('limescale a trace, no moss');
    await page.getByRole('button', { name: 'Change Cellar wall' }).tap();
    await expect(page.locator('.finding')).toHaveCount(1);
    await expect(page.locator('.finding')).toContainText('Hard-water scale');

    await page.getByRole('button', { name: 'Top, above ground: more' }).tap();
    await expect(page.getByLabel('Top, above ground', { exact: true })).toHaveValue('1.5');
    await page.getByRole('region', { name: 'Cellar wall' }).getByText('Floor', { exact: true }).tap();
    await expect(page.getByRole('radio', { name: 'Floor' })).toBeChecked();
    await saved(page);
  });
});

interface Point {
  readonly x: number;
  readonly y: number;
}

/** A finger that is held, moved in steps and lifted. */
async function touchDrag(page: Page, from: Point, to: Point): Promise<void> {
  const device = await page.context().newCDPSession(page);
  const touch = (type: 'touchStart' | 'touchMove' | 'touchEnd', at?: Point) =>
    device.send('Input.dispatchTouchEvent', { type, touchPoints: at ? [{ ...at }] : [] });
  await touch('touchStart', from);
  await expect(dragSaid(page)).not.toBeEmpty();
  const STEPS = 8;
  for (let i = 1; i <= STEPS; i += 1) {
    await touch('touchMove', {
      x: from.x + ((to.x - from.x) * i) / STEPS,
      y: from.y + ((to.y - from.y) * i) / STEPS,
    });
    await page.evaluate(() => new Promise(requestAnimationFrame));
  }
  await touch('touchEnd');
}
