import { clustersOf } from './cluster-order.ts';
import type { Cluster } from './cluster-order.ts';
import { Indexes } from './indexes.ts';
import { roughBound } from './lower-bound.ts';
import { SET_UP_KINDS } from './problem.ts';
import type { Lag, Operation, SequenceProblem, SetUp, SetUpKind, TimeSpan } from './problem.ts';

/** A problem in whole numbers, as the search works on it: operations, people, places and all else by their index. */
export interface CompiledProblem {
  readonly problem: SequenceProblem;
  readonly operations: readonly CompiledOperation[];
  /** Each after those that it waits for. */
  readonly clusters: readonly CompiledCluster[];
  readonly people: number;
  /** By person, when they are there. */
  readonly hours: readonly TimeSpan[];
  /** How many there are of each kind of machine that may run short. */
  readonly machines: readonly number[];
  /** What each kind of change takes, of those that occur. */
  readonly changes: readonly ChangeTable[];
  readonly soon: readonly CompiledSoon[];
  /** About how long the visit is, s. */
  readonly horizon: number;
}

/** What it takes to change from one class of a kind to another, s: row by row, by what was and what is. */
export interface ChangeTable {
  readonly classes: number;
  readonly seconds: Int32Array;
}

export interface CompiledOperation {
  readonly index: number;
  readonly id: string;
  readonly seconds: number;
  readonly zone: number;
  readonly place: number;
  /** Who may do it, in the order of the crew. */
  readonly people: readonly number[];
  /** Only those that may run short. */
  readonly machines: readonly number[];
  /** Kinds of machines that it needs and nobody has brought. */
  readonly absent: readonly string[];
  readonly starts: readonly TimeSpan[] | null;
  /** When somebody has fixed it to start. */
  readonly fixedStart: number | null;
  /** By kind of change; -1 where it does not matter. */
  readonly begins: readonly number[];
  readonly ends: readonly number[];
  readonly round: number;
  readonly lags: readonly CompiledLag[];
  /** From its start on to that of another something dwells that is watched. */
  readonly watch: { readonly to: number; readonly zone: number } | null;
  /** From its finish on to the start of another a machine stays occupied. */
  readonly holds: readonly { readonly to: number; readonly machine: number }[];
  /** Places at which nobody else may be at work meanwhile. */
  readonly apart: ReadonlySet<number> | null;
}

/** Start to start. */
export interface CompiledLag {
  readonly from: number;
  readonly least: number;
  readonly most: number;
}

/** Wanted within so long after the last of some operations. */
export interface CompiledSoon {
  readonly after: readonly number[];
  readonly then: number;
  readonly within: number;
  /** The clusters: of what it comes after, the last, and its own. */
  readonly follows: number;
  readonly cluster: number;
}

export interface CompiledCluster {
  readonly index: number;
  readonly id: string;
  readonly operations: readonly CompiledOperation[];
  /** How many clusters it waits for, and which wait for it. */
  readonly waitsFor: number;
  readonly before: readonly number[];
  readonly length: number;
  readonly tail: number;
  /** Its tail, or how far before the end the last hour in which it or what waits for it may start lies, where that is more. */
  readonly urgency: number;
}

/** @throws CircularWait when clusters wait for each other */
export function compiled(problem: SequenceProblem): CompiledProblem {
  const clusters = clustersOf(problem);
  const scarce = scarceMachines(problem);
  const kinds = SET_UP_KINDS.filter((kind) => isChanged(problem, kind));
  const compiler = new Compiler(problem, scarce, kinds);
  const operations = compiler.operations();
  const byId = new Map(operations.map((operation) => [operation.id, operation]));
  const place = new Map(clusters.map(({ id }, i) => [id, i]));
  const before = clusters.map((): number[] => []);
  clusters.forEach(({ after }, i) => {
    for (const id of after) before[place.get(id) ?? -1]?.push(i);
  });
  const horizon = roughBound(problem);
  const urgency = urgencies(clusters, before, horizon);
  return {
    problem,
    operations,
    horizon,
    soon: compiledSoon(problem, clusters, byId),
    clusters: clusters.map(({ id, operations: own, after, length, tail }, index) => ({
      index,
      id,
      operations: own.flatMap((operation) => byId.get(operation.id) ?? []),
      waitsFor: after.size,
      before: before[index] ?? [],
      length,
      tail,
      urgency: urgency[index] ?? tail,
    })),
    people: problem.people.length,
    hours: problem.people.map(
      (person) => problem.hours.find((own) => own.person === person) ?? { from: 0, to: Infinity },
    ),
    machines: scarce.map((machine) => problem.machines[machine] ?? 0),
    changes: compiler.changes(),
  };
}

function compiledSoon(
  { soon, operations }: SequenceProblem,
  clusters: readonly Cluster[],
  byId: ReadonlyMap<string, CompiledOperation>,
): readonly CompiledSoon[] {
  const clusterIndex = new Map(clusters.map(({ id }, i) => [id, i]));
  const clusterOf = new Map(operations.map(({ id, cluster }) => [id, clusterIndex.get(cluster) ?? -1]));
  return soon.flatMap(({ after, then, withinSeconds }): CompiledSoon[] => {
    const own = byId.get(then);
    if (!own) return [];
    return [
      {
        after: after.flatMap((id) => byId.get(id)?.index ?? []),
        then: own.index,
        within: withinSeconds,
        follows: Math.max(-1, ...after.map((id) => clusterOf.get(id) ?? -1)),
        cluster: clusterOf.get(then) ?? -1,
      },
    ];
  });
}

function urgencies(
  clusters: readonly Cluster[],
  before: readonly (readonly number[])[],
  horizon: number,
): readonly number[] {
  const urgency = clusters.map(({ tail }) => tail);
  for (let i = clusters.length - 1; i >= 0; i -= 1) {
    const { operations = [], length = 0 } = clusters[i] ?? {};
    const lastStarts = operations.map(({ starts }) => starts?.at(-1)?.to ?? Infinity);
    const followers = (before[i] ?? []).map((later) => (urgency[later] ?? 0) + length);
    urgency[i] = Math.max(urgency[i] ?? 0, horizon - Math.min(...lastStarts), ...followers);
  }
  return urgency;
}

/** Machines of which everybody may have one, and which nothing holds, never run short. */
function scarceMachines({ machines, holds, people }: SequenceProblem): readonly string[] {
  const held = new Set(holds.map(({ machine }) => machine));
  return Object.entries(machines).flatMap(([machine, count]) =>
    count > 0 && (count < people.length || held.has(machine)) ? [machine] : [],
  );
}

/** What never differs is never looked for. */
function isChanged({ operations, setUpSeconds, ways }: SequenceProblem, kind: SetUpKind): boolean {
  if (setUpSeconds[kind] === 0 && (kind !== 'place' || ways.length === 0)) return false;
  const seen = new Set<string>();
  for (const { begins, ends } of operations)
    for (const set of [begins[kind], ends[kind]]) if (set !== null) seen.add(set);
  return seen.size > 1;
}

class Compiler {
  private readonly places = new Indexes();
  private readonly zones = new Indexes();
  private readonly rounds = new Indexes();
  private readonly problem: SequenceProblem;
  private readonly scarce: readonly string[];
  private readonly kinds: readonly SetUpKind[];
  private readonly sets: readonly Indexes[];
  private readonly index: ReadonlyMap<string, number>;
  private readonly apart = new Map<number, Set<number>>();
  private readonly lagsTo = new Map<string, Lag[]>();

  constructor(problem: SequenceProblem, scarce: readonly string[], kinds: readonly SetUpKind[]) {
    this.problem = problem;
    this.scarce = scarce;
    this.kinds = kinds;
    this.sets = kinds.map(() => new Indexes());
    this.index = new Map(problem.operations.map(({ id }, i) => [id, i]));
    for (const [a, b] of problem.apart) {
      this.keepApart(this.places.of(a), this.places.of(b));
      this.keepApart(this.places.of(b), this.places.of(a));
    }
    for (const lag of problem.lags) this.lagsTo.set(lag.to, [...(this.lagsTo.get(lag.to) ?? []), lag]);
  }

  operations(): readonly CompiledOperation[] {
    const { operations, watches, holds, pins, machines } = this.problem;
    const watchFrom = new Map(watches.map((watch) => [watch.from, watch]));
    const pinOf = new Map(pins.map((pin) => [pin.operation, pin]));
    return operations.map((operation, index): CompiledOperation => {
      const { id, seconds, zone, place, starts } = operation;
      const watch = watchFrom.get(id);
      const to = watch && this.index.get(watch.to);
      const pin = pinOf.get(id);
      return {
        index,
        id,
        seconds,
        zone: this.zones.of(zone),
        place: this.places.of(place),
        people: this.able(operation, pin?.person ?? null),
        machines: operation.machines.flatMap((machine) => this.scarceOf(machine)),
        absent: [...new Set(operation.machines.filter((machine) => (machines[machine] ?? 0) === 0))],
        starts,
        fixedStart: pin?.start ?? null,
        begins: this.setUpOf(operation.begins),
        ends: this.setUpOf(operation.ends),
        round: this.rounds.of(operation.round),
        lags: (this.lagsTo.get(id) ?? []).flatMap((lag) => this.lagOf(lag)),
        watch: watch && to !== undefined ? { to, zone: this.zones.of(watch.zone) } : null,
        holds: holds.flatMap((hold) => {
          const until = this.index.get(hold.to);
          const [machine] = this.scarceOf(hold.machine);
          return hold.from === id && until !== undefined && machine !== undefined
            ? [{ to: until, machine }]
            : [];
        }),
        apart: this.apart.get(this.places.of(place)) ?? null,
      };
    });
  }

  /** Once all operations are compiled, of the classes that occur. */
  changes(): readonly ChangeTable[] {
    const { setUpSeconds, ways } = this.problem;
    return this.kinds.map((kind, k): ChangeTable => {
      const { sets } = this;
      const classes = sets[k]?.count ?? 0;
      const seconds = new Int32Array(classes * classes).fill(setUpSeconds[kind]);
      for (let i = 0; i < classes; i += 1) seconds[i * classes + i] = 0;
      for (const { between, seconds: own } of kind === 'place' ? ways : []) {
        const [a, b] = between.map((place) => sets[k]?.find(place) ?? -1);
        if (a === undefined || b === undefined || a < 0 || b < 0) continue;
        seconds[a * classes + b] = own;
        seconds[b * classes + a] = own;
      }
      return { classes, seconds };
    });
  }

  private able({ people: own }: Operation, fixed: string | null): readonly number[] {
    return this.problem.people.flatMap((person, i) =>
      (fixed === null || person === fixed) && (own === null || own.includes(person)) ? [i] : [],
    );
  }

  private scarceOf(machine: string): readonly number[] {
    const index = this.scarce.indexOf(machine);
    return index < 0 ? [] : [index];
  }

  private keepApart(one: number, other: number): void {
    this.apart.set(one, (this.apart.get(one) ?? new Set()).add(other));
  }

  private setUpOf(setUp: SetUp): readonly number[] {
    return this.kinds.map((kind, i) => {
      const set = setUp[kind];
      return set === null ? -1 : (this.sets[i]?.of(set) ?? -1);
    });
  }

  private lagOf({ from, anchor, minSeconds, maxSeconds }: Lag): readonly CompiledLag[] {
    const index = this.index.get(from);
    if (index === undefined) return [];
    const offset = anchor === 'finish' ? (this.problem.operations[index]?.seconds ?? 0) : 0;
    return [
      { from: index, least: minSeconds + offset, most: maxSeconds === null ? Infinity : maxSeconds + offset },
    ];
  }
}
