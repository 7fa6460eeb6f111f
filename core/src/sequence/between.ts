import type { Cluster } from './cluster-order.ts';
import type { Hold, Placement } from './problem.ts';
import type { ProblemIndex } from './problem-index.ts';
import type { Timelines } from './timelines.ts';

/** What goes on between two operations of a cluster: something dwells and is watched, a machine is held. */
interface Between {
  readonly watched: { readonly people: readonly [string, string]; readonly span: WatchedSpan } | null;
  readonly held: readonly { readonly hold: Hold; readonly start: number; readonly finish: number }[];
}

interface WatchedSpan {
  readonly start: number;
  readonly finish: number;
  readonly zone: string;
}

function* betweenOf(
  index: ProblemIndex,
  cluster: Cluster,
  placed: ReadonlyMap<string, Placement>,
): Generator<Between, void> {
  for (const { id } of cluster.operations) {
    const watch = index.watchFrom.get(id);
    const [from, to] = [placed.get(watch?.from ?? ''), placed.get(watch?.to ?? '')];
    const watched =
      watch && from && to
        ? {
            people: [from.person, to.person] as const,
            span: { start: from.start, finish: to.start, zone: watch.zone },
          }
        : null;
    const held = (index.holdsFrom.get(id) ?? []).flatMap((hold) => {
      const [begun, ended] = [placed.get(hold.from), placed.get(hold.to)];
      return begun && ended ? [{ hold, start: begun.finish, finish: ended.start }] : [];
    });
    yield { watched, held };
  }
}

/** What dwells in a cluster that stands has somebody who watches it, and what is held is held. */
export function keepBetween(
  index: ProblemIndex,
  cluster: Cluster,
  placed: ReadonlyMap<string, Placement>,
  timelines: Timelines,
): void {
  for (const { watched, held } of betweenOf(index, cluster, placed)) {
    if (watched) {
      const [first, second] = watched.people;
      const isKept = timelines.watchObstacle(first, watched.span) === null;
      const [keeper, other] = isKept ? [first, second] : [second, first];
      timelines.addWatch(keeper, { ...watched.span, other });
    }
    for (const { hold, start, finish } of held) timelines.addHold(hold.machine, { start, finish });
  }
}

/** When the watches of a cluster could be kept and its machines held; null when all can now. */
export function obstaclesBetween(
  index: ProblemIndex,
  cluster: Cluster,
  own: ReadonlyMap<string, Placement>,
  timelines: Timelines,
): number | null {
  for (const { watched, held } of betweenOf(index, cluster, own)) {
    if (watched) {
      const blocked = watched.people.map((person) => timelines.watchObstacle(person, watched.span));
      if (blocked.every((until) => until !== null)) return Math.min(...blocked);
    }
    for (const { hold, start, finish } of held) {
      const until = timelines.holdObstacle(hold.machine, start, finish);
      if (until !== null) return until;
    }
  }
  return null;
}
