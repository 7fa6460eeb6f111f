import { CriticalWork } from './critical-work.ts';
import type { Wishes } from './wishes.ts';
import type { CompiledCluster, CompiledOperation, CompiledProblem } from './compiled-problem.ts';

/** How often one operation of several that are tied together is changed by itself, where they are placed one by one. */
const BY_ITSELF_SHARE = 0.25;
/** An operation by itself is wanted at another time within so much of its own, s. */
const ABOUT_SECONDS = 1200;

/** How often what is changed is of what the end of the visit hangs on; in small visits nearly everything is. */
const CRITICAL_SHARE = 0.4;
const SMALL_CLUSTERS = 30;

/** Schedules beside one that stands: another order, or somebody else, for a few of its operations. */
export class Neighbours {
  private readonly of: CompiledProblem;
  private readonly random: () => number;
  /** Clusters by the round that they begin with. */
  private readonly alike = new Map<number, number[]>();
  /** Operations that come after another of their cluster. */
  private readonly later: readonly CompiledOperation[];

  private readonly criticalWork: CriticalWork;

  constructor(of: CompiledProblem, random: () => number) {
    this.of = of;
    this.random = random;
    this.criticalWork = new CriticalWork(of);
    this.later = of.clusters.flatMap(({ operations }) => operations.slice(1));
    for (const { index, operations } of of.clusters) {
      const round = operations[0]?.round ?? -1;
      this.alike.set(round, [...(this.alike.get(round) ?? []), index]);
    }
  }

  /** One operation changed by itself, or clusters. @param makespan of what stands, s */
  ofOperations(from: Wishes, makespan: number): Wishes {
    if (this.later.length === 0 || this.random() >= BY_ITSELF_SHARE) return this.ofClusters(from, makespan);
    const wishes = copyOf(from);
    const { keys, people } = wishes;
    const operation = this.later[this.below(this.later.length)];
    if (!operation) return wishes;
    const { index, people: able } = operation;
    const kind = this.random();
    if (kind < 0.3) {
      people[index] = able[this.below(able.length)] ?? -1;
      return wishes;
    }
    keys[index] =
      kind < 0.6
        ? (keys[index] ?? 0) + (2 * this.random() - 1) * ABOUT_SECONDS
        : (keys[this.below(keys.length)] ?? 0) + this.beside();
    if (this.random() < 0.5) people[index] = -1;
    return wishes;
  }

  /** One cluster or two, or all about a time, changed with all that is in them. @param makespan of what stands, s */
  ofClusters(from: Wishes, makespan: number): Wishes {
    const wishes = copyOf(from);
    const { soon, clusters } = this.of;
    const one = clusters[this.anyCluster(from)];
    if (!one) return wishes;
    const wanted = soon.length > 0 && this.random() < 0.1 ? soon[this.below(soon.length)] : undefined;
    const then = wanted && clusters[wanted.cluster];
    const kind = this.random();
    if (then) {
      // Right after what it is wanted after, by whoever is at that.
      const follows = clusters[wanted.follows];
      shift(wishes, then, keyOf(wishes, follows) + 0.5, personOf(wishes, follows));
    } else if (kind < 0.25) {
      // Beside another of its round, by whoever is at that.
      const alike = this.alike.get(one.operations[0]?.round ?? -1) ?? [];
      const other = clusters[alike[this.below(alike.length)] ?? one.index];
      shift(wishes, one, keyOf(wishes, other) + this.beside(), personOf(wishes, other));
    } else if (kind < 0.45) {
      shift(wishes, one, keyOf(wishes, clusters[this.below(clusters.length)]) + this.beside(), -1);
    } else if (kind < 0.6) {
      const other = clusters[this.below(clusters.length)] ?? one;
      const [own, others] = [keyOf(wishes, one), keyOf(wishes, other)];
      shift(wishes, one, others, -1);
      shift(wishes, other, own, -1);
    } else if (kind < 0.8) {
      const able = one.operations[0]?.people ?? [];
      shift(wishes, one, keyOf(wishes, one), able[this.below(able.length)] ?? -1);
    } else this.shuffle(wishes, keyOf(wishes, one), makespan * (0.02 + 0.1 * this.random()));
    return wishes;
  }

  /** Everything about a time in any order, by whoever fits best. */
  private shuffle(wishes: Wishes, about: number, width: number): void {
    for (const cluster of this.of.clusters)
      if (Math.abs(keyOf(wishes, cluster) - about) <= width)
        shift(wishes, cluster, about + width * (2 * this.random() - 1), -1);
  }

  /** Any, or one of those that have to move for the visit to end sooner. */
  private anyCluster(from: Wishes): number {
    const { length } = this.of.clusters;
    if (length <= SMALL_CLUSTERS || this.random() >= CRITICAL_SHARE) return this.below(length);
    const critical = this.criticalWork.clusters(from);
    return critical[this.below(critical.length)] ?? 0;
  }

  private below(count: number): number {
    return Math.floor(this.random() * count);
  }

  private beside(): number {
    return this.random() < 0.5 ? -0.5 : 0.5;
  }
}

const copyOf = ({ keys, people }: Wishes): Wishes => ({ keys: keys.slice(), people: people.slice() });

const keyOf = ({ keys }: Wishes, cluster: CompiledCluster | undefined) =>
  keys[cluster?.operations[0]?.index ?? -1] ?? 0;

const personOf = ({ people }: Wishes, cluster: CompiledCluster | undefined) =>
  people[cluster?.operations[0]?.index ?? -1] ?? -1;

/** The whole cluster so much earlier or later, begun by somebody and gone on with by whoever fits best. */
function shift({ keys, people }: Wishes, cluster: CompiledCluster, to: number, person: number): void {
  const by = to - keyOf({ keys, people }, cluster);
  cluster.operations.forEach(({ index }, i) => {
    keys[index] = (keys[index] ?? 0) + by;
    people[index] = i === 0 ? person : -1;
  });
}
