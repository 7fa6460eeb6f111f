import type { Board } from './board.ts';
import type { CompiledCluster, CompiledProblem } from './compiled-problem.ts';
import type { Preferred } from './decode.ts';
import { lowerBound } from './lower-bound.ts';
import { byPriority } from './priority-order.ts';

/** What a second of the mean finish counts beside a second of the finish of the visit. */
const MEAN_FINISH_WEIGHT = 0.02;

/**
 * Moves of one cooling, each next one twice as long, and how warm it is at its begin and end, as a share of the finish: the fewer the
 * clusters, the more one of them out of place costs.
 */
const FIRST_COOLING = 250;
const WARM = 0.006;
const WARM_PER_CLUSTER = 0.2;
const COLD = 0.0003;
/** So many of the first schedules are each cooled once before the best goes on: what one of them cannot leave, another never was in. */
const STARTS = 4;
/** Once a cooling of so many moves has found nothing better, nothing is looked for any more; sooner where next to nothing can be gained. */
const SETTLED_COOLING = 4000;
const SETTLED_COOLING_NEAR = 500;
const NEAR_BOUND = 1.02;

/** What found no place comes earlier by so much of the visit, each time. */
const EARLIER_SHARE = 0.1;

/** What is tried next. */
export interface Move {
  readonly order: readonly CompiledCluster[];
  readonly preferred: Preferred | null;
  /** A schedule that ends later is of no use. */
  readonly limit: number;
}

/** A schedule as the search remembers it: by cluster, when it begins and who begins it. */
interface Found {
  readonly keys: Float64Array;
  readonly people: Preferred;
  readonly makespan: number;
  /** What it is judged by: its finish, its rounds, and what is wanted sooner. */
  readonly total: number;
  /** The same with a little of the mean finish, which leads on where many are equal. */
  readonly cost: number;
}

/** Which order of clusters, and who begins them, is tried next; knows what was best so far and where the search stands. */
export class Annealing {
  /** Nothing better is to be expected. */
  isSettled = false;
  private best: Found | null = null;
  private now: Found | null = null;
  private tried: { readonly limit: number } = { limit: Infinity };
  private cooling = FIRST_COOLING;
  private cooled = 0;
  /** The first schedules, the best first, and how many of them a cooling began with. */
  private readonly firsts: Found[] = [];
  private starts = 1;
  private bestBefore = Infinity;
  private bound: number | null = null;
  private readonly of: CompiledProblem;
  private readonly random: () => number;
  /** Clusters that found no place, and how often. */
  private readonly missed = new Map<number, number>();
  /** Clusters by the round that they begin with. */
  private readonly alike = new Map<number, number[]>();

  constructor(of: CompiledProblem, random: () => number) {
    this.of = of;
    this.random = random;
    for (const { index, operations } of of.clusters) {
      const round = operations[0]?.round ?? -1;
      this.alike.set(round, [...(this.alike.get(round) ?? []), index]);
    }
  }

  get hasAny(): boolean {
    return this.best !== null;
  }

  get makespan(): number {
    return this.best?.makespan ?? Infinity;
  }

  /** What the best is judged by, s. */
  get total(): number {
    return this.best?.total ?? Infinity;
  }

  get hasCooled(): boolean {
    return this.cooling > FIRST_COOLING;
  }

  /** One of the first schedules: by the longest way to the end, by what waits for what, and others of the first, varied. */
  firstMove(nth: number): Move {
    const { clusters } = this.of;
    const keys = Float64Array.from(clusters, ({ urgency, index }) => {
      if (nth === 0 || (this.missed.size > 0 && !this.best)) return -urgency;
      return nth === 1 ? index : -urgency * (0.75 + 0.5 * this.random());
    });
    for (const { follows, cluster } of this.of.soon)
      keys[cluster] = Math.min(keys[cluster] ?? 0, keys[follows] ?? 0);
    this.putMissedEarlier(keys);
    this.tried = { limit: Infinity };
    return { order: byPriority(clusters, keys), preferred: null, limit: Infinity };
  }

  /** What found no place comes earlier from now on, the more so the more often that happened, with all that it waits for. */
  urge(cluster: number): void {
    this.missed.set(cluster, (this.missed.get(cluster) ?? 0) + 1);
  }

  private putMissedEarlier(keys: Float64Array): void {
    if (this.missed.size === 0) return;
    const earlier = new Set<number>();
    for (const { index, urgency, before } of this.of.clusters.toReversed()) {
      const times = this.missed.get(index) ?? 0;
      const keysBefore = before.flatMap((later) => (earlier.has(later) ? (keys[later] ?? 0) - 1 : []));
      if (times > 0) keysBefore.push(-urgency - times * EARLIER_SHARE * this.of.horizon);
      if (keysBefore.length === 0) continue;
      earlier.add(index);
      keys[index] = Math.min(keys[index] ?? 0, ...keysBefore);
    }
  }

  /** What stands now, changed a little. */
  nextMove(): Move {
    const { now } = this;
    if (!now) return this.firstMove(2);
    const warm = WARM + WARM_PER_CLUSTER / this.of.clusters.length;
    const heat = now.makespan * warm * (COLD / warm) ** (this.cooled / this.cooling);
    const keys = Float64Array.from(now.keys);
    const preferred = Int32Array.from(now.people);
    this.change(keys, preferred, now.makespan);
    const limit = now.cost - heat * Math.log(Math.max(1e-9, this.random()));
    this.tried = { limit };
    return { order: byPriority(this.of.clusters, keys), preferred, limit };
  }

  /** @param board what came of the move; null where it came to no end @returns whether it is the best so far */
  judge(board: Board | null): boolean {
    const found = board && this.foundOn(board);
    const isBest = found !== null && this.takeIn(found);
    const { limit } = this.tried;
    if (found && limit === Infinity) this.firsts.push(found);
    if (found && limit < Infinity && found.cost <= limit) this.now = found;
    if (limit < Infinity) this.cool();
    return isBest;
  }

  /** @param board what stands by another way than a move @returns whether it is the best so far */
  judgeOther(board: Board): boolean {
    return this.takeIn(this.foundOn(board));
  }

  private takeIn(found: Found): boolean {
    if (this.best && !isBetter(found, this.best)) return false;
    this.best = found;
    this.now = found;
    return true;
  }

  private cool(): void {
    this.cooled += 1;
    if (this.cooled < this.cooling || !this.best) return;
    if (this.beginsAnew()) return;
    this.bound ??= lowerBound(this.of.problem).seconds;
    const isNear = this.best.makespan <= this.bound * NEAR_BOUND;
    const enough = isNear ? SETTLED_COOLING_NEAR : SETTLED_COOLING;
    this.isSettled = this.cooling >= enough && this.best.total >= this.bestBefore;
    this.bestBefore = this.best.total;
    this.cooled = 0;
    this.cooling *= 2;
    this.now = this.best;
  }

  /** Whether another of the first schedules is cooled now. */
  private beginsAnew(): boolean {
    if (this.starts === 1) this.firsts.sort((a, b) => a.cost - b.cost);
    const next = this.starts < STARTS ? this.firsts[this.starts] : undefined;
    if (!next) return false;
    this.starts += 1;
    this.now = next;
    this.cooled = 0;
    return true;
  }

  private foundOn(board: Board): Found {
    const { clusters, operations, problem } = this.of;
    const keys = new Float64Array(clusters.length);
    const people = new Int32Array(clusters.length);
    for (const { index, operations: own } of clusters) {
      const first = own[0]?.index ?? 0;
      keys[index] = board.start[first] ?? 0;
      people[index] = board.person[first] ?? -1;
    }
    let makespan = 0;
    let sum = 0;
    for (const { index, seconds } of operations) {
      const finish = (board.start[index] ?? 0) + seconds;
      sum += finish;
      makespan = Math.max(makespan, finish);
    }
    const rounds = board.days.reduce((all, day) => all + day.rounds(problem.roundPauseSeconds), 0);
    const mean = sum / Math.max(1, operations.length);
    const total = makespan + problem.roundWorthSeconds * rounds + this.late(board);
    return { keys, people, makespan, total, cost: total + MEAN_FINISH_WEIGHT * mean };
  }

  /** By how much what is wanted soon comes later than that, s. */
  private late({ start }: Board): number {
    let seconds = 0;
    for (const { after, then, within } of this.of.soon) {
      let from = 0;
      for (const index of after)
        from = Math.max(from, (start[index] ?? 0) + (this.of.operations[index]?.seconds ?? 0));
      seconds += Math.max(0, (start[then] ?? 0) - from - within);
    }
    return seconds;
  }

  private change(keys: Float64Array, preferred: Preferred, makespan: number): void {
    const { clusters } = this.of;
    const below = (count: number) => Math.floor(this.random() * count);
    const beside = () => (this.random() < 0.5 ? -0.5 : 0.5);
    const one = below(clusters.length);
    const first = clusters[one]?.operations[0];
    const alike = this.alike.get(first?.round ?? -1) ?? [];
    const { soon } = this.of;
    const wanted = soon.length > 0 && this.random() < 0.1 ? soon[below(soon.length)] : undefined;
    if (wanted) {
      // Right after what it is wanted after, by whoever is at that.
      keys[wanted.cluster] = (keys[wanted.follows] ?? 0) + 0.5;
      preferred[wanted.cluster] = preferred[wanted.follows] ?? -1;
      return;
    }
    const kind = this.random();
    if (kind < 0.25 && alike.length > 1) {
      // Beside its like, by whoever is at that.
      const other = alike[below(alike.length)] ?? one;
      keys[one] = (keys[other] ?? 0) + beside();
      preferred[one] = preferred[other] ?? -1;
    } else if (kind < 0.45) {
      keys[one] = (keys[below(clusters.length)] ?? 0) + beside();
      preferred[one] = -1;
    } else if (kind < 0.6) {
      const other = below(clusters.length);
      [keys[one], keys[other]] = [keys[other] ?? 0, keys[one] ?? 0];
      [preferred[one], preferred[other]] = [-1, -1];
    } else if (kind < 0.8) {
      const able = first?.people ?? [];
      preferred[one] = able[below(able.length)] ?? -1;
    } else this.shuffle(keys, preferred, keys[one] ?? 0, makespan * (0.02 + 0.1 * this.random()));
  }

  /** Everything about a time in any order, by whoever fits best. */
  private shuffle(keys: Float64Array, preferred: Preferred, about: number, width: number): void {
    for (let i = 0; i < keys.length; i += 1) {
      if (Math.abs((keys[i] ?? 0) - about) > width) continue;
      keys[i] = about + width * (2 * this.random() - 1);
      preferred[i] = -1;
    }
  }
}

const isBetter = (one: Found, other: Found) =>
  one.total < other.total || (one.total === other.total && one.cost < other.cost - 1e-6);
