import type { Browser } from '@playwright/test';
import { median, timed } from './times.ts';

const ROUNDS = 15;
const ENTRIES = 20_000;
const TILES = 2000;
const CHANGED = 300;

export interface Reference {
  readonly core: number;
  readonly paint: number;
}

/** What a machine takes for work that is not ours and never changes, in milliseconds: figures are told as multiples of it. */
export async function referenceTimes(browser: Browser): Promise<Reference> {
  return { core: median(await timed(ROUNDS, coreWork)), paint: await paintWork(browser) };
}

/** Objects made, written, read, sorted and grouped, as the engine does all day. */
function coreWork(): void {
  let state = 1;
  const next = () => (state = (state * 48271) % 2147483647);
  const entries = Array.from({ length: ENTRIES }, (_, i) => ({
    id: `entry-${i}`,
    group: next() % 500,
    value: next() / 7,
  }));
  const copy = (JSON.parse(JSON.stringify(entries)) as typeof entries).sort((a, b) => a.value - b.value);
  const groups = new Map<number, number>();
  for (const { group, value } of copy) groups.set(group, (groups.get(group) ?? 0) + Math.sqrt(value));
  if (groups.size !== 500) throw new Error(`${groups.size} groups`);
}

/** Some of many tiles written anew, until the next frame is painted. */
async function paintWork(browser: Browser): Promise<number> {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const tiles = '<div style="display:inline-block;width:8em;border:1px solid;margin:2px">0</div>'.repeat(
    TILES,
  );
  await page.setContent(tiles);
  const times = await page.evaluate(
    async ({ rounds, changed }) => {
      const all = [...document.querySelectorAll('div')];
      const took: number[] = [];
      for (let i = 0; i < rounds; i += 1) {
        const began = performance.now();
        for (let k = 0; k < changed; k += 1) {
          const tile = all[(k * 7) % all.length];
          if (tile) tile.textContent = `tile ${i * k}`;
        }
        await new Promise((resolve) => requestAnimationFrame(() => setTimeout(resolve, 0)));
        took.push(performance.now() - began);
        await new Promise((resolve) => setTimeout(resolve, 50));
      }
      return took;
    },
    { rounds: ROUNDS, changed: CHANGED },
  );
  await page.close();
  return median(times);
}
