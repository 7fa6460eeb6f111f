import type { Board } from './board.ts';
import { clusterNetwork } from './cluster-network.ts';
import type { ClusterNetwork } from './cluster-network.ts';
import type { CompiledCluster, CompiledOperation } from './compiled-problem.ts';
import type { Decoder } from './decode.ts';
import { removeAt } from './interval-list.ts';
import { LeastCost } from './schedule-cost.ts';

/**
 * Operations placed one after another, each as early as what is placed lets it. What ends a dwell may so come later than it could, and
 * something else fits in before it; placed whole, clusters never leave that room. Where an operation misses its time, its cluster is
 * taken out and placed whole.
 *
 * What begins as the order before did stands already: only from the first difference on is it placed again.
 */
export class OneByOneDecoder {
  private readonly decoder: Decoder;
  private readonly board: Board;
  private readonly networks: readonly ClusterNetwork[];
  private readonly leastCost: LeastCost;
  /** By cluster, how many of its operations stand, and how many others it still waits for. */
  private readonly standing: Int32Array;
  private readonly waiting: Int32Array;
  /** Clusters that wait for nothing, and are not whole yet. */
  private readonly open: CompiledCluster[] = [];

  /** The steps that stand: which cluster's turn each was, how many of its operations stood then, and up to where the board was done. */
  private readonly turns: Int32Array;
  private readonly stood: Int32Array;
  private readonly marks: Int32Array;
  private steps = 0;
  /** By whom they were wanted, and since when nobody else has cleared the board. */
  private readonly wanted: Int32Array;
  private boardTurn = -1;

  constructor(decoder: Decoder) {
    const { clusters, operations } = decoder.of;
    this.decoder = decoder;
    this.board = decoder.board;
    this.networks = clusters.map(clusterNetwork);
    this.leastCost = new LeastCost(decoder.of);
    this.standing = new Int32Array(clusters.length);
    this.waiting = new Int32Array(clusters.length);
    this.turns = new Int32Array(operations.length);
    this.stood = new Int32Array(operations.length);
    this.marks = new Int32Array(operations.length + 1);
    this.wanted = new Int32Array(operations.length);
  }

  /**
   * A schedule of all operations, those with the least key first, left on the board. Gives way to the caller again and again.
   * @param keys when each is wanted to begin, by its index
   * @param people by whom; -1 where whoever fits best does it
   * @param limit what it may cost at most, s
   * @returns when it ends; null once it is seen that it costs more than that, or cannot be put right
   * @throws NoPlace, TooManyPieces
   */
  *place(keys: Float64Array, people: Int32Array, limit: number): Generator<undefined, number | null> {
    this.begin();
    let makespan = 0;
    let isAsBefore = true;
    for (let step = 0; this.open.length > 0; step += 1) {
      const at = this.nextOf(keys);
      const cluster = this.open[at];
      if (!cluster) break;
      const from = this.standing[cluster.index] ?? 0;
      if (isAsBefore && !this.stands(step, cluster, people)) {
        isAsBefore = false;
        this.goBackTo(step, people);
      }
      if (isAsBefore) this.standing[cluster.index] = this.stood[step] ?? 0;
      else {
        if (!this.placeNext(cluster, people)) return null;
        this.turns[step] = cluster.index;
        this.stood[step] = this.standing[cluster.index] ?? 0;
        this.marks[step + 1] = this.board.mark;
        this.steps = step + 1;
      }
      if (this.costs(cluster, from) > limit) return null;
      if (this.standing[cluster.index] === cluster.operations.length) {
        makespan = Math.max(makespan, this.board.finishOf(cluster));
        this.close(at, cluster);
      }
      if (this.decoder.isPauseDue()) yield;
    }
    return makespan;
  }

  private begin(): void {
    if (this.board.turn === this.boardTurn) this.decoder.beginAgain();
    else {
      this.decoder.begin();
      this.boardTurn = this.board.turn;
      this.steps = 0;
      this.marks[0] = this.board.mark;
    }
    const { clusters } = this.decoder.of;
    this.standing.fill(0);
    this.leastCost.begin();
    this.open.length = 0;
    for (let i = 0; i < clusters.length; i += 1) {
      const cluster = clusters[i];
      this.waiting[i] = cluster?.waitsFor ?? 0;
      if (cluster?.waitsFor === 0) this.open.push(cluster);
    }
  }

  /** Whether a step stands as it would be placed now: the turn of the same, with all of it wanted by the same. */
  private stands(step: number, { index, operations }: CompiledCluster, people: Int32Array): boolean {
    if (step >= this.steps || this.turns[step] !== index) return false;
    for (const operation of operations)
      if (this.wanted[operation.index] !== people[operation.index]) return false;
    return true;
  }

  /** Nothing stands any more from a step on. */
  private goBackTo(step: number, people: Int32Array): void {
    this.board.takeBack(this.marks[step] ?? 0);
    if (this.steps > step) this.steps = step;
    this.wanted.set(people);
  }

  /** What all costs at least, s, once those of a cluster from one on stand. */
  private costs({ index, operations }: CompiledCluster, from: number): number {
    for (let i = from; i < (this.standing[index] ?? 0); i += 1) {
      const operation = operations[i];
      if (operation) this.leastCost.place(operation, this.board.start[operation.index] ?? 0);
    }
    return this.leastCost.seconds;
  }

  /** What is whole is open no more, and what waited for nothing else is. */
  private close(at: number, { before }: CompiledCluster): void {
    removeAt(this.open, at);
    for (const follower of before) {
      const count = (this.waiting[follower] ?? 0) - 1;
      this.waiting[follower] = count;
      const opened = this.decoder.of.clusters[follower];
      if (count === 0 && opened) this.open.push(opened);
    }
  }

  /** Which of the open clusters has the next operation with the least key. */
  private nextOf(keys: Float64Array): number {
    let next = 0;
    let least = Infinity;
    for (let i = 0; i < this.open.length; i += 1) {
      const cluster = this.open[i];
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
    if (!operation) return;
    const other = people[operation.watch?.to ?? -1] ?? -1;
    this.board.keepOpen(operation, other, (to) => {
      const place = operations.findIndex((own) => own.index === to);
      return Math.max(1, this.networks[index]?.[nth]?.[place] ?? 1);
    });
  }

  /** Whether all that is kept between the operations of a cluster that stands can be kept to its end. */
  private completes(cluster: CompiledCluster): boolean {
    this.letGo(cluster);
    if (this.board.obstaclesBetween(cluster) !== null) return false;
    this.board.keepBetween(cluster);
    return true;
  }

  private letGo({ operations }: CompiledCluster): void {
    for (const operation of operations) this.board.letGo(operation);
  }
}

interface Placed {
  readonly person: number;
  readonly start: number;
}
