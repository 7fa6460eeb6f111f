import type { Board } from './board.ts';
import type { CompiledProblem } from './compiled-problem.ts';
import { lowerBound } from './lower-bound.ts';
import { Neighbours } from './neighbours.ts';
import { scheduleCost } from './schedule-cost.ts';
import type { ScheduleCost } from './schedule-cost.ts';
import type { Wishes } from './wishes.ts';

/**
 * Moves of one cooling, each next one twice as long up to the longest, and how warm it is at its begin and end, as a share of the finish:
 * the fewer the clusters, the more one of them out of place costs.
 */
const FIRST_COOLING = 250;
const LONGEST_COOLING = 4000;
const WARM = 0.006;
const WARM_PER_CLUSTER = 0.2;
const COLD = 0.0003;
/**
 * So many of the first schedules are each cooled, then the better half of what they have become, twice as long, until one is left: what one
 * of them cannot leave, another never was in.
 */
const STARTS = 6;
/** How many moves place operations one by one, in every second cooling; in the others all do. Some visits are found by one way alone. */
const ONE_BY_ONE_SHARE = 0.7;
/**
 * Once so many coolings one after another have found nothing better, each of so many moves at least, nothing is looked for any more;
 * fewer moves count where next to nothing can be gained.
 */
const COOLINGS_IN_VAIN = 3;
const SETTLED_COOLING_NEAR = 500;
const NEAR_BOUND = 1.02;

/** What found no place comes earlier by so much of the visit, each time. */
const EARLIER_SHARE = 0.1;

/** What is tried next. */
export interface Move extends Wishes {
  /** Whether operations are placed one by one, or clusters whole, in the order of their first. */
  readonly isOneByOne: boolean;
  /** A schedule that ends later is of no use. */
  readonly limit: number;
}

/** A schedule as the search remembers it: when each operation begins and who does it. */
interface Found extends Wishes, ScheduleCost {}

/** Which order, and who does what, is tried next; knows what was best so far and where the search stands. */
export class Annealing {
  /** Nothing better is to be expected. */
  isSettled = false;
  private best: Found | null = null;
  private now: Found | null = null;
  private tried: { readonly limit: number } = { limit: Infinity };
  private cooling = FIRST_COOLING;
  private cooled = 0;
  private coolings = 0;
  private coolingsInVain = 0;
  private readonly firsts: Found[] = [];
  /** What is still to be cooled in this round, and the best of each cooling of it so far; null before the first. */
  private round: { readonly left: Found[]; readonly cooled: Found[] } | null = null;
  /** Of this cooling. */
  private bestOfCooling: Found | null = null;
  private bestBefore = Infinity;
  private bound: number | null = null;
  private readonly of: CompiledProblem;
  private readonly random: () => number;
  private readonly neighbours: Neighbours;
  /** Clusters that found no place, and how often. */
  private readonly missed = new Map<number, number>();

  constructor(of: CompiledProblem, random: () => number) {
    this.of = of;
    this.random = random;
    this.neighbours = new Neighbours(of, random);
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
    const { clusters, operations } = this.of;
    const byCluster = Float64Array.from(clusters, ({ urgency, index }) => {
      if (nth === 0 || (this.missed.size > 0 && !this.best)) return -urgency;
      return nth === 1 ? index : -urgency * (0.75 + 0.5 * this.random());
    });
    for (const { follows, cluster } of this.of.soon)
      byCluster[cluster] = Math.min(byCluster[cluster] ?? 0, byCluster[follows] ?? 0);
    this.putMissedEarlier(byCluster);
    const keys = new Float64Array(operations.length);
    for (const { index, operations: own } of clusters)
      for (const operation of own) keys[operation.index] = byCluster[index] ?? 0;
    this.tried = { limit: Infinity };
    const people = new Int32Array(operations.length).fill(-1);
    return { keys, people, isOneByOne: false, limit: Infinity };
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
    const limit = now.cost - heat * Math.log(Math.max(1e-9, this.random()));
    this.tried = { limit };
    const isOneByOne = this.coolings % 2 === 0 || this.random() < ONE_BY_ONE_SHARE;
    const wishes = isOneByOne
      ? this.neighbours.ofOperations(now, now.makespan)
      : this.neighbours.ofClusters(now, now.makespan);
    return { ...wishes, isOneByOne, limit };
  }

  /** @param board what came of the move; null where it came to no end @returns whether it is the best so far */
  judge(board: Board | null): boolean {
    const { limit } = this.tried;
    const cost = board && scheduleCost(this.of, board);
    const isBest = cost !== null && (!this.best || isBetter(cost, this.best));
    const isBestOfCooling = cost !== null && (!this.bestOfCooling || isBetter(cost, this.bestOfCooling));
    if (board && cost && (isBest || isBestOfCooling || cost.cost <= limit)) {
      const found = withWishes(cost, board);
      if (isBest) this.takeIn(found);
      if (limit === Infinity) this.firsts.push(found);
      else {
        if (cost.cost <= limit) this.now = found;
        if (isBestOfCooling) this.bestOfCooling = found;
      }
    }
    if (limit < Infinity) this.cool();
    return isBest;
  }

  /** @param board what stands by another way than a move @returns whether it is the best so far */
  judgeOther(board: Board): boolean {
    const cost = scheduleCost(this.of, board);
    if (this.best && !isBetter(cost, this.best)) return false;
    this.takeIn(withWishes(cost, board));
    return true;
  }

  private takeIn(found: Found): void {
    this.best = found;
    // What is tried next goes on from the cooling that it came of.
    if (this.round === null || this.tried.limit < Infinity) this.now = found;
  }

  private cool(): void {
    this.cooled += 1;
    if (this.cooled < this.cooling || !this.best) return;
    this.coolings += 1;
    this.cooled = 0;
    if (this.goesOnWithOthers()) return;
    this.bound ??= lowerBound(this.of.problem).seconds;
    const isNear = this.best.makespan <= this.bound * NEAR_BOUND;
    const isLong = this.cooling >= (isNear ? SETTLED_COOLING_NEAR : LONGEST_COOLING);
    if (this.best.total < this.bestBefore) this.coolingsInVain = 0;
    else if (isLong) this.coolingsInVain += 1;
    this.isSettled = this.coolingsInVain >= COOLINGS_IN_VAIN;
    this.bestBefore = this.best.total;
    this.cooling = Math.min(2 * this.cooling, LONGEST_COOLING);
    const other = this.coolingsInVain % 2 === 1 ? this.anyFirst() : undefined;
    this.now = other ?? this.best;
  }

  /** Whether another is cooled now: of the first schedules, or of those that were best of theirs. */
  private goesOnWithOthers(): boolean {
    const cooled = this.bestOfCooling ?? this.now;
    this.bestOfCooling = null;
    if (!this.round) {
      this.firsts.sort(byCost);
      this.round = { left: this.firsts.slice(1, STARTS), cooled: [] };
    }
    if (cooled) this.round.cooled.push(cooled);
    const next = this.round.left.shift();
    if (next) {
      this.now = next;
      return true;
    }
    if (this.round.cooled.length <= 1) {
      this.round.cooled.length = 0;
      return false;
    }
    this.cooling = Math.min(2 * this.cooling, LONGEST_COOLING);
    const [first, ...left] = this.round.cooled.sort(byCost).slice(0, Math.ceil(this.round.cooled.length / 2));
    if (!first) return false;
    this.round = { left, cooled: [] };
    this.now = first;
    return true;
  }

  private anyFirst(): Found | undefined {
    return this.firsts[Math.floor(this.random() * this.firsts.length)];
  }
}

const withWishes = (cost: ScheduleCost, { start, person }: Board): Found => ({
  ...cost,
  keys: new Float64Array(start),
  people: person.slice(),
});

const byCost = (one: Found, other: Found) => one.cost - other.cost;

const isBetter = (one: ScheduleCost, other: ScheduleCost) =>
  one.total < other.total || (one.total === other.total && one.cost < other.cost - 1e-6);
