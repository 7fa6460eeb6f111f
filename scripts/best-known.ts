import { existsSync, readFileSync } from 'node:fs';
import { writeFile } from 'node:fs/promises';
import { lowerBound } from '../core/src/sequence/lower-bound.ts';
import { proved } from './bench/lazy-clause.ts';
import { BEST_KNOWN, searched, sequenceGroups } from './bench/sequence.ts';
import type { BestKnown, Instance } from './bench/sequence.ts';
import { run, say } from './say.mjs';

/**
 * `npm run best-known -- [SECONDS]`: what the search is measured by, for the visits of the bench. Of those of up to 60 operations a
 * lazy-clause solver is asked for a proof; then long runs of the search, five seeds each. What was found before stays where nothing
 * better is.
 */
const SEEDS = [11, 12, 13, 14, 15];
const MOST_TO_PROVE = 60;
const milliseconds = 1000 * Number(process.argv[2] ?? 60);

async function bestOf(
  { name, problem, hidden }: Instance,
  before: BestKnown | undefined,
): Promise<BestKnown> {
  if (hidden !== null) return { seconds: hidden, how: 'hidden answer' };
  if (before?.how === 'proved by a lazy-clause solver') return before;
  const bound = lowerBound(problem).seconds;
  let best = before?.seconds ?? searched(problem, SEEDS[0] ?? 0, 1000).seconds;
  if (problem.operations.length <= MOST_TO_PROVE) {
    const { seconds, atLeast } = await proved(problem, best, milliseconds);
    best = Math.min(best, seconds ?? Infinity);
    say(`${name}: ${best} s, proved at least ${atLeast ?? '–'} s`);
    if (atLeast !== null && best <= atLeast) return { seconds: best, how: 'proved by a lazy-clause solver' };
  }
  for (const seed of SEEDS) {
    if (best <= bound) break;
    best = Math.min(best, searched(problem, seed, milliseconds / SEEDS.length, true).seconds);
  }
  say(`${name}: ${best} s, at least ${bound} s`);
  return { seconds: best, how: best <= bound ? 'meets its bound' : 'long run' };
}

await run(async () => {
  const before = existsSync(BEST_KNOWN)
    ? (JSON.parse(readFileSync(BEST_KNOWN, 'utf8')) as Readonly<Record<string, BestKnown>>)
    : {};
  const found: Record<string, BestKnown> = {};
  for (const instance of sequenceGroups().flatMap(({ instances }) => instances)) {
    found[instance.name] = await bestOf(instance, before[instance.name]);
    await writeFile(BEST_KNOWN, `${JSON.stringify({ ...before, ...found }, null, 2)}\n`);
  }
});
