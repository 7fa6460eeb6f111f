import type { Board, Span, Watching } from './board.ts';
import { clusterNetwork } from './cluster-network.ts';
import type { ClusterNetwork } from './cluster-network.ts';
import type { CompiledCluster, CompiledOperation } from './compiled-problem.ts';
import type { Decoder } from './decode.ts';

/** What is kept for a cluster of which not all stands yet: who watches, and what is held. */
interface Kept {
  readonly watches: Watching[];
  readonly holds: { readonly machine: number; readonly span: Span }[];
}

/**
 * Operations placed one after another, each as early as what is placed lets it. What ends a dwell may so come later than it could, and
 * something else fits in before it; placed whole, clusters never leave that room. Where an operation misses its time, its cluster is
 * taken out and placed whole.
 */
export class OneByOneDecoder {
  private readonly decoder: Decoder;
  private readonly board: Board;
  private readonly networks: readonly ClusterNetwork[];
  private readonly kept = new Map<number, Kept>();
  /** By cluster, how many of its operations stand. */
  private readonly standing: Int32Array;

  constructor(decoder: Decoder) {
    this.decoder = decoder;
    this.board = decoder.board;
    this.networks = decoder.of.clusters.map(clusterNetwork);
    this.standing = new Int32Array(decoder.of.clusters.length);
  }

  /**
   * A schedule of all operations, those with the least key first, left on the board. Gives way to the caller again and again.
   * @param keys when each is wanted to begin, by its index
   * @param people by whom; -1 where whoever fits best does it
   * @returns when it ends; null once it is seen that it ends after `limit`, or cannot be put right
   * @throws NoPlace, TooManyPieces
   */
  *place(keys: Float64Array, people: Int32Array, limit: number): Generator<undefined, number | null> {
    const { clusters } = this.decoder.of;
    this.decoder.begin();
    this.kept.clear();
    this.standing.fill(0);
    const waiting = Int32Array.from(clusters, ({ waitsFor }) => waitsFor);
    const open = clusters.filter(({ waitsFor }) => waitsFor === 0);
    let makespan = 0;
    while (open.length > 0) {
      const at = this.nextOf(open, keys);
      const cluster = open[at];
      const first = cluster?.operations[0];
      if (!cluster || !first) break;
      if (!this.placeNext(cluster, people)) return null;
      if ((this.board.start[first.index] ?? 0) + cluster.tail > limit) return null;
      if (this.standing[cluster.index] === cluster.operations.length) {
        open.splice(at, 1);
        makespan = Math.max(makespan, this.board.finishOf(cluster));
        for (const follower of cluster.before) {
          const count = (waiting[follower] ?? 0) - 1;
          waiting[follower] = count;
          const opened = clusters[follower];
          if (count === 0 && opened) open.push(opened);
        }
      }
      if (this.decoder.isPauseDue()) yield;
    }
    return makespan;
  }

  /** Which of the open clusters has the next operation with the least key. */
  private nextOf(open: readonly CompiledCluster[], keys: Float64Array): number {
    let next = 0;
    let least = Infinity;
    for (let i = 0; i < open.length; i += 1) {
      const cluster = open[i];
      const operation = cluster?.operations[this.standing[cluster.index] ?? 0];
      const key = keys[operation?.index ?? -1] ?? Infinity;
      if (key >= least) continue;
      least = key;
      next = i;
    }
    return next;
  }

  /** Whether the next of a cluster, or all of it, stands now; not where taking it out leaves others no time to change. */
  private placeNext(cluster: CompiledCluster, people: Int32Array): boolean {
    const nth = this.standing[cluster.index] ?? 0;
    const isLast = nth === cluster.operations.length - 1;
    const isPlaced = this.placeOne(cluster, nth, people) && (!isLast || this.completes(cluster));
    if (!isPlaced) {
      this.letGo(cluster);
      for (const operation of cluster.operations) if (!this.board.takeOut(operation)) return false;
      this.decoder.placeWhole(cluster, people);
    }
    this.standing[cluster.index] = isPlaced ? nth + 1 : cluster.operations.length;
    return true;
  }

  /** Whether one found its place. */
  private placeOne(cluster: CompiledCluster, nth: number, people: Int32Array): boolean {
    const operation = cluster.operations[nth];
    if (!operation) return false;
    this.board.release(operation);
    const [from, until] = this.window(cluster, operation, nth);
    if (from > until) return false;
    const owner = nth === 0 ? -1 : (this.board.person[cluster.operations[0]?.index ?? -1] ?? -1);
    const wanted = people[operation.index] ?? -1;
    const placed =
      (operation.people.includes(wanted) ? this.placeBy(operation, wanted, from, until) : null) ??
      this.placeByAnyone(operation, owner, from, until);
    if (!placed) return false;
    this.board.add(operation, placed.person, placed.start);
    this.keepOpen(cluster, nth, people);
    return true;
  }

  /** Its earliest and latest start by what stands, and by what is tied to it and does not stand yet. */
  private window(
    cluster: CompiledCluster,
    operation: CompiledOperation,
    nth: number,
  ): readonly [number, number] {
    let [from, until] = this.board.window(operation);
    const network = this.networks[cluster.index];
    for (let i = 0; i < nth; i += 1) {
      const start = this.board.start[cluster.operations[i]?.index ?? -1] ?? 0;
      from = Math.max(from, start + (network?.[i]?.[nth] ?? -Infinity));
      until = Math.min(until, start - (network?.[nth]?.[i] ?? -Infinity));
    }
    return [from, until];
  }

  private placeBy(operation: CompiledOperation, person: number, from: number, until: number): Placed | null {
    this.decoder.countTrial();
    const start = this.board.firstStart(person, operation, from);
    return start === null || start > until ? null : { person, start };
  }

  /** By who can soonest; who is there already may be so much later, and of equals who has just finished. */
  private placeByAnyone(
    operation: CompiledOperation,
    owner: number,
    from: number,
    until: number,
  ): Placed | null {
    let best: Placed | null = null;
    let score = Infinity;
    let idle = Infinity;
    for (const person of operation.people) {
      const placed = this.placeBy(operation, person, from, until);
      if (!placed) continue;
      const last = this.board.days[person]?.lastBefore(placed.start) ?? null;
      const stays = person === owner || last?.operation.place === operation.place;
      const own = placed.start + (stays ? 0 : this.decoder.of.problem.stayingSeconds);
      const ownIdle = placed.start - (last?.finish ?? 0);
      if (own > score || (own === score && ownIdle >= idle)) continue;
      [best, score, idle] = [placed, own, ownIdle];
    }
    return best;
  }

  /** What dwells from here on is watched, and what is held is held, for as long as it must be at least. */
  private keepOpen({ index, operations }: CompiledCluster, nth: number, people: Int32Array): void {
    const operation = operations[nth];
    if (!operation || (!operation.watch && operation.holds.length === 0)) return;
    const kept = this.kept.get(index) ?? { watches: [], holds: [] };
    this.kept.set(index, kept);
    const start = this.board.start[operation.index] ?? 0;
    const leastTo = (to: number) => {
      const place = operations.findIndex((own) => own.index === to);
      return start + Math.max(1, this.networks[index]?.[nth]?.[place] ?? 1);
    };
    const { watch, holds } = operation;
    if (watch) {
      const span = { start, finish: leastTo(watch.to), zone: watch.zone };
      const owner = this.board.person[operation.index] ?? -1;
      const other = people[watch.to] ?? -1;
      const opened =
        this.board.openWatch(owner, span) ?? (other < 0 ? null : this.board.openWatch(other, span));
      if (opened) kept.watches.push(opened);
    }
    for (const { to, machine } of holds) {
      const span = { start: start + operation.seconds, finish: leastTo(to) };
      if (span.finish <= span.start) continue;
      this.board.openHold(machine, span);
      kept.holds.push({ machine, span });
    }
  }

  /** Whether all that is kept between the operations of a cluster that stands can be kept to its end. */
  private completes(cluster: CompiledCluster): boolean {
    this.letGo(cluster);
    if (this.board.obstaclesBetween(cluster) !== null) return false;
    this.board.keepBetween(cluster);
    return true;
  }

  private letGo({ index }: CompiledCluster): void {
    const kept = this.kept.get(index);
    if (!kept) return;
    for (const watching of kept.watches) this.board.closeWatch(watching);
    for (const { machine, span } of kept.holds) this.board.closeHold(machine, span);
    this.kept.delete(index);
  }
}

interface Placed {
  readonly person: number;
  readonly start: number;
}
