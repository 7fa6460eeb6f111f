import type { Placement, SequenceProblem } from './problem.ts';
import type { Done, Violation } from './violation.ts';

/** What dwells, and who might look after it. */
interface Kept {
  readonly of: string;
  readonly zone: string;
  readonly start: number;
  readonly finish: number;
  readonly keepers: readonly string[];
}

/** Each watch is kept from its start to its end by one of its two people, who keeps no more than may be and works nowhere else. */
export function brokenWatches(
  problem: SequenceProblem,
  at: ReadonlyMap<string, Placement>,
  done: readonly Done[],
): readonly Violation[] {
  const found: Violation[] = [];
  const watches = problem.watches.flatMap((watch): Kept[] => {
    const [from, to] = [at.get(watch.from), at.get(watch.to)];
    if (!from || !to) return [];
    const span = { of: watch.from, zone: watch.zone, start: from.start, finish: to.start };
    const both = [...new Set([from.person, to.person])];
    const away = (person: string) =>
      done.find(
        (d) =>
          d.person === person &&
          d.operation.zone !== watch.zone &&
          d.start < span.finish &&
          span.start < d.finish,
      );
    const keepers = both.filter((person) => !away(person));
    if (keepers.length > 0) return [{ ...span, keepers }];
    found.push({
      rule: 'watches',
      text: `${from.person} leaves ${watch.from} alone for ${away(from.person)?.operation.id ?? ''}`,
    });
    return [];
  });
  const unkept = firstUnkept(watches, problem.watchesPerPerson);
  if (unkept)
    found.push({
      rule: 'watches',
      text: `${unkept.keepers.join(' or ')} cannot watch ${unkept.of} besides all else at ${unkept.start} s`,
    });
  return found;
}

/** Who watches what at a moment. */
type Watching = readonly { readonly watch: Kept; readonly person: string }[];

/** The first watch, in order of start, for which nobody is left, however those before it were shared out; null where all are kept. */
function firstUnkept(watches: readonly Kept[], most: number): Kept | null {
  let ways: readonly Watching[] = [[]];
  for (const watch of [...watches].sort((a, b) => a.start - b.start)) {
    const next = new Map<string, Watching>();
    for (const way of ways) {
      const going = way.filter((other) => watch.start < other.watch.finish);
      for (const person of watch.keepers) {
        const own = going.filter((other) => other.person === person);
        if (own.length >= most || own.some((other) => other.watch.zone !== watch.zone)) continue;
        const now = [...going, { watch, person }];
        next.set(now.map((one) => `${one.watch.of} ${one.person}`).join(' '), now);
      }
    }
    if (next.size === 0) return watch;
    ways = [...next.values()];
  }
  return null;
}
